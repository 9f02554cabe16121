package ironpin.web.api;

import ironpin.schedule.Answer;
import ironpin.schedule.Draft;
import ironpin.schedule.Hold;
import ironpin.schedule.Job;
import ironpin.schedule.Lag;
import ironpin.schedule.Mode;
import ironpin.schedule.Moment;
import ironpin.schedule.Problem;
import ironpin.schedule.Room;
import ironpin.schedule.Solved;
import ironpin.schedule.Touch;
import ironpin.schedule.Worker;
import ironpin.web.kitchen.SolverDesk;
import java.time.Duration;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Tasks, people and gaps in, slots out. Times are minutes from an origin of the caller's, laid out in half minutes. */
@RestController
@RequestMapping("/api/v1/calculate")
class ScheduleApi {
    private static final int MOST_TASKS = 80;
    private static final int MOST_PEOPLE = 4;
    private static final int MOST_GAPS = 400;
    private static final double MOST_MINUTES = 10_000;
    private static final double TICKS = 2;
    private static final Duration EFFORT = Duration.ofSeconds(1);

    private final SolverDesk desk;

    ScheduleApi(SolverDesk desk) {
        this.desk = desk;
    }

    /**
     * What is to be laid out.
     *
     * @param tasks each under a key of its own
     * @param people who is there
     * @param gaps between tasks
     * @param rooms how much there is of what tasks take up, by name
     * @param last key of the task everything is done for
     * @param dueMinutes when that is to be over
     */
    record ScheduleAsk(
            List<TaskAsk> tasks,
            List<PersonAsk> people,
            List<GapAsk> gaps,
            Map<String, Integer> rooms,
            String last,
            Double dueMinutes) {}

    /**
     * A task.
     *
     * @param people names of those who can do it; nobody where it gets on by itself
     * @param shared whether two of them do it in half the time
     * @param yields whether it may be left for a moment
     * @param touches when it wants somebody, where that is not throughout
     * @param takes name of the room it takes a place of, from its start to its end
     * @param at where it has been put, if it has
     */
    record TaskAsk(
            String key,
            Double minutes,
            List<String> people,
            Boolean shared,
            Boolean yields,
            List<TouchAsk> touches,
            String takes,
            Double at) {}

    record TouchAsk(Double afterMinutes, Double minutes) {}

    record PersonAsk(String name, Double fromMinutes, Double untilMinutes) {}

    /** From the end of one task to the start of another. @param shelter name of the room where it may last longer */
    record GapAsk(String from, String to, Double leastMinutes, Double mostMinutes, String shelter) {}

    /**
     * What follows.
     *
     * @param kept whether every gap is kept
     * @param latestStart whether no plan that keeps as much starts later
     * @param beyondMinutes how much later another might start, or null where that is not known
     * @param tooLong gaps that cannot be kept, with by how many minutes
     */
    record ScheduleAnswer(
            List<SlotAnswer> slots,
            boolean kept,
            double startMinutes,
            double lateMinutes,
            boolean latestStart,
            Double beyondMinutes,
            Map<String, Double> tooLong,
            List<String> wrong) {}

    record SlotAnswer(String key, double startMinutes, double endMinutes, List<String> people) {}

    @PostMapping("/schedule")
    ScheduleAnswer schedule(@RequestBody ScheduleAsk ask) {
        Problem problem = problem(ask);
        Solved solved = desk.solver().improve(problem, Draft.backwards(problem, Draft.AT_ONCE), EFFORT);
        Map<String, Double> tooLong = new LinkedHashMap<>();
        solved.checked()
                .longer()
                .forEach((lag, by) -> tooLong.put(problem.lags().get(lag).key(), by / TICKS));
        List<SlotAnswer> slots = new ArrayList<>();
        for (int i = 0; i < problem.jobs().size(); i++) {
            Answer.Slot slot = solved.answer().slots().get(i);
            List<String> people = slot.mode() < 0
                    ? List.of()
                    : problem.jobs().get(i).modes().get(slot.mode()).workers().stream()
                            .map(worker -> problem.workers().get(worker).key())
                            .toList();
            slots.add(new SlotAnswer(problem.jobs().get(i).key(), slot.start() / TICKS, slot.end() / TICKS, people));
        }
        int beyond = solved.proof().start();
        return new ScheduleAnswer(
                slots,
                solved.checked().score().kept(),
                solved.checked().score().start() / TICKS,
                solved.checked().score().late() / TICKS,
                solved.proof().latestStart(),
                beyond < 0 ? null : beyond / TICKS,
                tooLong,
                solved.checked().wrong().stream()
                        .map(wrong -> wrong.text(problem))
                        .toList());
    }

    private static Problem problem(ScheduleAsk ask) {
        List<TaskAsk> tasks = some("tasks", ask.tasks(), MOST_TASKS);
        List<PersonAsk> people = some("people", ask.people(), MOST_PEOPLE);
        List<GapAsk> gaps = ask.gaps() == null ? List.of() : ask.gaps();
        if (gaps.size() > MOST_GAPS) {
            throw new BadField("gaps", "up to " + MOST_GAPS + " gaps", gaps.size());
        }
        Map<String, Integer> names = new LinkedHashMap<>();
        List<Worker> workers = new ArrayList<>();
        for (int i = 0; i < people.size(); i++) {
            PersonAsk one = people.get(i);
            String at = "people[" + i + "].";
            String name = Given.there(at + "name", one.name(), "a name");
            if (names.put(name, i) != null) {
                throw new BadField(at + "name", "a name of its own", name);
            }
            workers.add(new Worker(
                    name,
                    one.fromMinutes() == null
                            ? Job.ANY_TIME
                            : ticks(at + "fromMinutes", one.fromMinutes(), -MOST_MINUTES),
                    one.untilMinutes() == null
                            ? -Job.ANY_TIME
                            : ticks(at + "untilMinutes", one.untilMinutes(), -MOST_MINUTES)));
        }
        List<Room> rooms = new ArrayList<>();
        Map<String, Integer> roomNames = new LinkedHashMap<>();
        (ask.rooms() == null ? Map.<String, Integer>of() : ask.rooms()).forEach((name, units) -> {
            Given.there("rooms." + name, units, "how many there are");
            roomNames.put(name, rooms.size());
            rooms.add(new Room(name, (int) Given.number("rooms." + name, (double) units, 0, 100, "")));
        });
        Map<String, Integer> keys = new LinkedHashMap<>();
        List<Job> jobs = new ArrayList<>();
        List<Hold> holds = new ArrayList<>();
        for (int i = 0; i < tasks.size(); i++) {
            TaskAsk task = tasks.get(i);
            String at = "tasks[" + i + "].";
            if (keys.put(Given.there(at + "key", task.key(), "a key"), i) != null) {
                throw new BadField(at + "key", "a key of its own", task.key());
            }
            jobs.add(job(at, task, names));
            if (task.takes() != null) {
                holds.add(Hold.during(named(at + "takes", task.takes(), roomNames), 1, i));
            }
        }
        List<Lag> lags = new ArrayList<>();
        for (int i = 0; i < gaps.size(); i++) {
            GapAsk gap = Given.there("gaps[" + i + "]", gaps.get(i), "from and to");
            lags.add(lag("gaps[" + i + "].", gap, keys, roomNames));
        }
        int last = named("last", Given.there("last", ask.last(), "the key of a task"), keys);
        return new Problem(
                jobs, lags, holds, rooms, workers, last, ticks("dueMinutes", ask.dueMinutes(), -MOST_MINUTES));
    }

    private static Job job(String at, TaskAsk task, Map<String, Integer> names) {
        int time = ticks(at + "minutes", task.minutes(), 0);
        List<Integer> able = new ArrayList<>();
        for (String name : task.people() == null ? List.<String>of() : task.people()) {
            able.add(named(at + "people", name, names));
        }
        Job job;
        if (able.isEmpty()) {
            job = Job.alone(task.key(), time);
        } else if (task.touches() != null && !task.touches().isEmpty()) {
            List<Touch> touches = new ArrayList<>();
            for (TouchAsk one : task.touches()) {
                TouchAsk touch = Given.there(at + "touches", one, "afterMinutes and minutes");
                int after = ticks(at + "touches.afterMinutes", touch.afterMinutes(), 0);
                int length = Math.max(1, ticks(at + "touches.minutes", touch.minutes(), 0));
                if (after + length > time) {
                    throw new BadField(at + "touches", "moments within the task", touch);
                }
                touches.add(new Touch(after, length));
            }
            job = Job.touched(task.key(), task.key(), time, able, touches);
        } else {
            List<Mode> modes = new ArrayList<>();
            able.forEach(one -> modes.add(new Mode(List.of(one), Math.max(1, time))));
            for (int a = 0; Boolean.TRUE.equals(task.shared()) && a < able.size(); a++) {
                for (int b = a + 1; b < able.size(); b++) {
                    modes.add(new Mode(List.of(able.get(a), able.get(b)), Math.max(1, (time + 1) / 2)));
                }
            }
            job = Job.manned(task.key(), task.key(), Boolean.TRUE.equals(task.yields()), modes);
        }
        return task.at() == null ? job : job.at(ticks(at + "at", task.at(), -MOST_MINUTES));
    }

    private static Lag lag(String at, GapAsk gap, Map<String, Integer> keys, Map<String, Integer> rooms) {
        int from = named(at + "from", Given.there(at + "from", gap.from(), "the key of a task"), keys);
        int to = named(at + "to", Given.there(at + "to", gap.to(), "the key of a task"), keys);
        int least = gap.leastMinutes() == null ? 0 : ticks(at + "leastMinutes", gap.leastMinutes(), 0);
        OptionalInt most = gap.mostMinutes() == null
                ? OptionalInt.empty()
                : OptionalInt.of(whole(at + "mostMinutes", gap.mostMinutes(), least / TICKS));
        Optional<Lag.Shelter> shelter = gap.shelter() == null
                ? Optional.empty()
                : Optional.of(new Lag.Shelter(named(at + "shelter", gap.shelter(), rooms), 1, OptionalInt.empty()));
        String key = gap.from() + " → " + gap.to();
        return new Lag(key, Moment.end(from), Moment.start(to), least, most, shelter, 1);
    }

    private static int named(String field, String name, Map<String, Integer> names) {
        Integer at = names.get(name);
        if (at == null) {
            throw new BadField(field, "one of " + String.join(", ", names.keySet()), name);
        }
        return at;
    }

    private static <T> List<T> some(String field, List<T> given, int most) {
        String allowed = "1 to " + most + " " + field;
        List<T> there = Given.there(field, given, allowed);
        if (there.isEmpty() || there.size() > most || there.contains(null)) {
            throw new BadField(field, allowed, there.size());
        }
        return there;
    }

    /** Half minutes, up: nothing takes less than it was said to. */
    private static int ticks(String field, Double minutes, double least) {
        return (int) Math.ceil(Given.number(field, minutes, least, MOST_MINUTES, "min") * TICKS);
    }

    /** Half minutes, down: nothing waits longer than it was said to. */
    private static int whole(String field, Double minutes, double least) {
        return (int) Math.floor(Given.number(field, minutes, least, MOST_MINUTES, "min") * TICKS);
    }
}
