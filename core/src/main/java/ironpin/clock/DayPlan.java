package ironpin.clock;

import ironpin.batch.Batch;
import ironpin.batch.Dough;
import ironpin.batch.Filling;
import ironpin.batch.Lot;
import ironpin.batch.Station;
import ironpin.batch.balance.Balance;
import ironpin.cook.Rounds;
import ironpin.dip.Dip;
import ironpin.filling.RawNeed;
import ironpin.quantity.Quoted;
import java.time.Duration;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** Turns a solved batch into the tasks of the day, each after those it depends on. */
public final class DayPlan {
    /** Key of the last task of all. */
    public static final String SERVE = "table.serve";

    private static final Duration DIP = Duration.ofMinutes(6);
    private static final Duration TO_TABLE = Duration.ofMinutes(4);

    private DayPlan() {}

    /**
     * @param rounds of each lot, by its number, for the pieces that are cooked today
     * @param need of what is raw
     */
    public static List<Task> tasks(Batch batch, Balance balance, Map<Integer, Rounds> rounds, RawNeed need) {
        List<Task> tasks = new ArrayList<>();
        Map<Integer, String> doughReady = new HashMap<>();
        for (Dough dough : batch.doughs()) {
            List<Task> own = DoughTasks.of(batch, balance, dough);
            tasks.addAll(own);
            if (!own.isEmpty()) {
                doughReady.put(dough.no(), own.get(own.size() - 1).key());
            }
        }
        for (Filling filling : batch.fillings()) {
            tasks.addAll(FillingTasks.of(filling, balance.filling(filling.no()), need));
        }
        for (Lot lot : batch.lots()) {
            LotTasks.shaping(batch, balance.lot(lot.no()), lot, doughReady.get(lot.doughNo()))
                    .ifPresent(tasks::add);
        }
        dips(batch, tasks);
        for (Lot lot : batch.lots()) {
            tasks.addAll(LotTasks.cooking(batch, balance.lot(lot.no()), lot, rounds.get(lot.no())));
        }
        List<String> all = tasks.stream().map(Task::key).toList();
        tasks.add(Task.hands(SERVE, Station.TABLE, "Everything to the table.", TO_TABLE, all)
                .withDetail("Soup and steam scald: bite small."));
        return List.copyOf(tasks);
    }

    /** Key of the task in which a round is cooked. @param round from 1; of very many rounds only the first has one */
    public static String round(int lotNo, int round) {
        return LotTasks.round(lotNo, round);
    }

    private static void dips(Batch batch, List<Task> tasks) {
        List<Task.Part> parts = new ArrayList<>();
        List<Dip> dips = batch.lots().stream().map(Lot::dip).distinct().toList();
        for (Dip dip : dips) {
            for (Dip.Measure measure : dip.forEaters(batch.eaters())) {
                parts.add(new Task.Part(
                        "dip-" + dips.indexOf(dip) + "." + parts.size(),
                        measure.ingredient() + (dips.size() > 1 ? " (" + dip.name() + ")" : ""),
                        Quoted.volume(measure.millilitres())));
            }
        }
        if (!parts.isEmpty()) {
            String title = dips.stream().filter(dip -> !dip.parts().isEmpty()).count() > 1
                    ? "Stir the dips."
                    : "Stir the dip.";
            tasks.add(Task.hands("table.dip", Station.TABLE, title, DIP, List.of())
                    .withParts(parts));
        }
    }
}
