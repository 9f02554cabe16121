package ironpin.clock;

import ironpin.batch.Batch;
import ironpin.batch.Dough;
import ironpin.batch.Filling;
import ironpin.batch.Lot;
import ironpin.batch.Station;
import ironpin.batch.balance.Balance;
import ironpin.cook.Rounds;
import ironpin.crew.Cook;
import ironpin.crew.Crew;
import ironpin.crew.Held;
import ironpin.dip.Dip;
import ironpin.quantity.Quantity;
import ironpin.quantity.Sentence;
import java.time.Duration;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * What has to be done on a day, what of it must not wait too long, and who and what there is for it; not yet when.
 *
 * @param tasks each after those it depends on
 * @param waits that must not grow too long
 * @param crew who is there and what there is
 * @param held tasks the cook put somewhere; of those that are not there nothing is known
 * @param serving when the first plates are on the table
 */
public record DayPlan(List<Task> tasks, List<Wait> waits, Crew crew, List<Held> held, ZonedDateTime serving) {
    /** The task everything is done for. */
    static final TaskKey SERVED = new TaskKey.AtTable(TaskKey.AtTable.Step.SERVE);

    /** Where plates go out as they are ready: the last of them. */
    static final TaskKey LAST = new TaskKey.AtTable(TaskKey.AtTable.Step.LAST);

    /** Key of the task everything is done for. */
    public static final String SERVE = SERVED.text();

    private static final Duration DIP = Duration.ofMinutes(6);
    private static final Duration TO_TABLE = Duration.ofMinutes(4);
    private static final Duration LAST_PLATES = Duration.ofMinutes(2);

    public DayPlan {
        tasks = List.copyOf(tasks);
        waits = List.copyOf(waits);
        held = List.copyOf(held);
    }

    /**
     * Of a solved batch.
     *
     * @param rounds of each lot, by its number, for the pieces that are cooked today
     * @param cook who does it
     * @param zone of the kitchen's clock
     */
    public static DayPlan of(Batch batch, Balance balance, Map<Integer, Rounds> rounds, Cook cook, ZoneId zone) {
        List<Task> tasks = new ArrayList<>();
        Map<Integer, TaskKey> doughReady = new HashMap<>();
        for (Dough dough : batch.doughs()) {
            List<Task> own = DoughTasks.of(batch, balance, dough);
            tasks.addAll(own);
            if (!own.isEmpty()) {
                doughReady.put(dough.no(), own.get(own.size() - 1).of());
            }
        }
        for (Filling filling : batch.fillings()) {
            tasks.addAll(FillingTasks.of(filling, balance.filling(filling.no()), cook));
        }
        dips(batch, tasks);
        Map<Integer, LotTasks.OfLot> lots = new HashMap<>();
        for (Lot lot : batch.lots()) {
            List<TaskKey> after = new ArrayList<>(List.of(FillingTasks.mixing(lot.fillingNo())));
            if (lot.bought().isEmpty() && doughReady.containsKey(lot.doughNo())) {
                after.add(0, doughReady.get(lot.doughNo()));
            }
            LotTasks.OfLot own = LotTasks.of(batch, balance.lot(lot.no()), lot, rounds.get(lot.no()), after);
            lots.put(lot.no(), own);
            tasks.addAll(own.tasks());
        }
        serve(batch, tasks);
        afterwards(batch, tasks, lots);
        Minded minded = new Minded(batch.guests().avoided());
        tasks.replaceAll(minded::task);
        tasks.replaceAll(task -> OwnTime.of(task, cook.minutes()));
        List<Wait> waits = Waits.of(batch, balance, tasks, lots);
        return new DayPlan(
                tasks, waits, batch.crew(), batch.held(), batch.serving().atZone(zone));
    }

    /** Key of the task in which a round is cooked. @param round from 1; of very many rounds only the first has one */
    public static String round(int lotNo, int round) {
        return new TaskKey.Cooked(lotNo, round).text();
    }

    /** Whether every round is a task of its own, and not all of them one. @param rounds of a lot */
    public static boolean listed(int rounds) {
        return rounds <= LotTasks.MOST_ROUNDS;
    }

    private static void serve(Batch batch, List<Task> tasks) {
        List<TaskKey> all = tasks.stream().map(Task::of).toList();
        List<TaskKey> cooked =
                all.stream().filter(TaskKey.Cooked.class::isInstance).toList();
        if (!batch.crew().plates().asReady() || cooked.isEmpty()) {
            tasks.add(Task.hands(SERVED, Craft.TABLE, Station.TABLE, "Everything to the table.", TO_TABLE, all)
                    .withDetail(Sentence.of("Soup and steam scald: bite small.")));
            return;
        }
        List<TaskKey> first = new ArrayList<>(
                all.stream().filter(key -> key instanceof TaskKey.AtTable).toList());
        first.add(cooked.get(0));
        tasks.add(Task.hands(SERVED, Craft.TABLE, Station.TABLE, "The first plates to the table.", TO_TABLE, first)
                .withDetail(Sentence.of("Each round follows as it is ready. Soup and steam scald: bite small.")));
        List<TaskKey> rest = new ArrayList<>(all);
        rest.add(SERVED);
        tasks.add(Task.hands(LAST, Craft.TABLE, Station.TABLE, "The last plates to the table.", LAST_PLATES, rest));
    }

    /** Nobody at the table waits for it: it goes on beside the meal, and is done after it. */
    private static void afterwards(Batch batch, List<Task> tasks, Map<Integer, LotTasks.OfLot> lots) {
        TaskKey meal = tasks.get(tasks.size() - 1).of();
        for (Lot lot : batch.lots()) {
            for (Task task : lots.get(lot.no()).afterwards()) {
                List<TaskKey> prior = new ArrayList<>(task.prior());
                if (task.busy()) {
                    prior.add(meal);
                }
                tasks.add(task.withPrior(prior));
            }
        }
    }

    private static void dips(Batch batch, List<Task> tasks) {
        List<Task.Part> parts = new ArrayList<>();
        List<Dip> dips = batch.lots().stream().map(Lot::dip).distinct().toList();
        for (Dip dip : dips) {
            for (Dip.Measure measure : dip.forEaters(batch.eaters())) {
                parts.add(new Task.Part(
                        "dip-" + dips.indexOf(dip) + "." + parts.size(),
                        Sentence.of(measure.ingredient() + (dips.size() > 1 ? " (" + dip.name() + ")" : "")),
                        Quantity.ml(measure.millilitres())));
            }
        }
        if (!parts.isEmpty()) {
            String title = dips.stream().filter(dip -> !dip.parts().isEmpty()).count() > 1
                    ? "Stir the dips."
                    : "Stir the dip.";
            tasks.add(Task.hands(
                            new TaskKey.AtTable(TaskKey.AtTable.Step.DIP),
                            Craft.TABLE,
                            Station.TABLE,
                            title,
                            DIP,
                            List.of())
                    .withParts(parts));
        }
    }

    /** Who does a task, by name; nobody where it gets on by itself. */
    public List<String> names(Timetable.Slot slot) {
        return slot.people().stream()
                .filter(one -> one < crew.people().size())
                .map(one -> crew.people().get(one).name())
                .toList();
    }

    /** Who does it, in words, as in "Juniper and Moss"; empty for what gets on by itself. */
    public String who(Timetable.Slot slot) {
        return String.join(" and ", names(slot));
    }

    /** The task of this key, if there is one. */
    Optional<Task> task(String key) {
        return tasks.stream().filter(task -> task.key().equals(key)).findFirst();
    }
}
