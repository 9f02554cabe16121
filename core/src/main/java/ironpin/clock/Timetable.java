package ironpin.clock;

import ironpin.refusal.NotThere;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * Tasks with their times, in the order they start.
 *
 * @param serving when everything is done, kitchen time
 * @param slots in the order of their starts
 */
public record Timetable(LocalDateTime serving, List<Slot> slots) {
    /**
     * A task at its time.
     *
     * @param task what
     * @param start from
     * @param end until
     */
    public record Slot(Task task, LocalDateTime start, LocalDateTime end) {}

    public Timetable {
        slots = List.copyOf(slots);
    }

    /**
     * Lays tasks out backwards from the serving time, each as late as its followers and what it needs allow.
     *
     * @param tasks every task after those it depends on
     * @throws IllegalArgumentException if a task names one that does not stand before it
     */
    public static Timetable backwards(List<Task> tasks, LocalDateTime serving) {
        demandOrder(tasks);
        Map<String, LocalDateTime> due = new HashMap<>();
        List<Slot> placed = new ArrayList<>();
        for (int i = tasks.size() - 1; i >= 0; i--) {
            Task task = tasks.get(i);
            LocalDateTime end = latestEnd(task, due.getOrDefault(task.key(), serving), placed);
            Slot slot = new Slot(task, end.minus(task.time()), end);
            placed.add(slot);
            for (String before : task.after()) {
                due.merge(before, slot.start(), (a, b) -> a.isBefore(b) ? a : b);
            }
        }
        placed.sort(Comparator.comparing(Slot::start).thenComparing(slot -> tasks.indexOf(slot.task())));
        return new Timetable(serving, placed);
    }

    /** The tasks, each after those it depends on. */
    List<Task> tasks() {
        List<Task> tasks = new ArrayList<>();
        Map<String, Task> open = new LinkedHashMap<>();
        slots.forEach(slot -> open.put(slot.task().key(), slot.task()));
        while (!open.isEmpty()) {
            Task next = open.values().stream()
                    .filter(task -> task.after().stream().noneMatch(open::containsKey))
                    .findFirst()
                    .orElseThrow();
            tasks.add(open.remove(next.key()));
        }
        return tasks;
    }

    /** The latest moment to begin. */
    public LocalDateTime latestStart() {
        return slots.get(0).start();
    }

    /** The slot of this task. @throws IllegalArgumentException if it is not in the table */
    public Slot slot(String key) {
        return slots.stream()
                .filter(slot -> slot.task().key().equals(key))
                .findFirst()
                .orElseThrow(() -> new NotThere("there is no task " + key));
    }

    private static LocalDateTime latestEnd(Task task, LocalDateTime due, List<Slot> placed) {
        LocalDateTime end = due;
        boolean moved = true;
        while (moved) {
            moved = false;
            for (Slot other : placed) {
                LocalDateTime start = end.minus(task.time());
                boolean overlaps = start.isBefore(other.end()) && end.isAfter(other.start());
                if (overlaps && other.task().needs().stream().anyMatch(task.needs()::contains)) {
                    end = other.start();
                    moved = true;
                }
            }
        }
        return end;
    }

    private static void demandOrder(List<Task> tasks) {
        List<String> known = new ArrayList<>();
        for (Task task : tasks) {
            if (!known.containsAll(task.after())) {
                throw new IllegalArgumentException(task.key() + " depends on a task that does not stand before it");
            }
            known.add(task.key());
        }
        if (tasks.isEmpty()) {
            throw new IllegalArgumentException("nothing to do takes no clock");
        }
    }
}
