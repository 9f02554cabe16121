package ironpin.clock;

import ironpin.batch.Balance;
import ironpin.batch.Batch;
import ironpin.batch.Dough;
import ironpin.batch.Filling;
import ironpin.batch.Lot;
import ironpin.batch.Station;
import ironpin.cook.CookStep;
import ironpin.cook.Rounds;
import ironpin.cook.VesselKind;
import ironpin.dough.DoughAddition;
import ironpin.quantity.Decimal;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;

/** Turns a solved batch into the tasks of the day, each after those it depends on. */
public final class DayPlan {
    private static final Duration HEAT_UP = Duration.ofMinutes(12);
    private static final Duration BETWEEN_ROUNDS = Duration.ofMinutes(1);
    private static final Duration DIP = Duration.ofMinutes(6);
    private static final Duration TO_TABLE = Duration.ofMinutes(4);

    private final Batch batch;
    private final Balance balance;
    private final Map<Integer, Rounds> rounds;
    private final List<Task> tasks = new ArrayList<>();

    private DayPlan(Batch batch, Balance balance, Map<Integer, Rounds> rounds) {
        this.batch = batch;
        this.balance = balance;
        this.rounds = rounds;
    }

    /** @param rounds of each lot, by its number, for the pieces that are cooked today */
    public static List<Task> tasks(Batch batch, Balance balance, Map<Integer, Rounds> rounds) {
        DayPlan day = new DayPlan(batch, balance, rounds);
        batch.doughs().forEach(day::dough);
        batch.fillings().forEach(day::filling);
        batch.lots().forEach(day::shaping);
        day.add("table.dip", Station.TABLE, "Stir the dips.", "", DIP, Set.of(Task.HANDS), List.of());
        batch.lots().forEach(day::cooking);
        day.toTable();
        return List.copyOf(day.tasks);
    }

    private void dough(Dough dough) {
        String key = "dough-" + dough.no();
        Balance.OfDough share = balance.dough(dough.no());
        String weighed = grams(share.made().flour().grams()) + " flour, "
                + grams(share.made().of(DoughAddition.WATER).grams()) + " water at "
                + Math.round(dough.water().celsius()) + " °C.";
        add(
                key + ".mix",
                Station.DOUGH,
                "Weigh, mix and knead the " + lower(dough.name()) + ".",
                weighed,
                Pace.mixing(share.made().total()),
                Set.of(Task.HANDS),
                List.of());
        if (!dough.rest().isZero()) {
            add(
                    key + ".rest",
                    Station.DOUGH,
                    "The " + lower(dough.name()) + " rests, covered.",
                    "Rest does the work of kneading.",
                    dough.rest(),
                    Set.of(),
                    List.of(key + ".mix"));
        }
    }

    private void filling(Filling filling) {
        Balance.OfFilling share = balance.filling(filling.no());
        String patty = share.patty().isZero()
                ? ""
                : " Fry a " + grams(share.patty().grams()) + " patty and taste that, never the raw filling.";
        add(
                "filling-" + filling.no() + ".make",
                Station.FILLING,
                "Make the " + lower(filling.name()) + " filling.",
                grams(share.made().grams()) + " in all." + patty,
                Pace.filling(share.made()),
                Set.of(Task.HANDS),
                List.of());
    }

    private void shaping(Lot lot) {
        Balance.OfLot share = balance.lot(lot.no());
        if (share.pieces() == 0) {
            return;
        }
        Dough dough = batch.dough(lot.doughNo());
        String ready = "dough-" + dough.no() + (dough.rest().isZero() ? ".mix" : ".rest");
        add(
                "lot-" + lot.no() + ".shape",
                Station.PORTION,
                "Cut, roll, fill and fold " + share.pieces() + " " + lower(lot.name()) + ".",
                oneDecimal(share.doughEach().grams()) + " g dough and "
                        + oneDecimal(share.fillingEach().grams()) + " g filling each; keep them covered.",
                Pace.shaping(lot.fold(), share.pieces()),
                Set.of(Task.HANDS),
                List.of(ready, "filling-" + lot.fillingNo() + ".make"));
    }

    private void cooking(Lot lot) {
        Rounds of = rounds.get(lot.no());
        if (of.sizes().isEmpty()) {
            return;
        }
        String vessel = lot.vessel().kind() + "-" + lot.no();
        List<CookStep> spells = lot.method().round(balance.lot(lot.no()).piece(), lot.vessel());
        Duration each = spells.stream().map(CookStep::time).reduce(BETWEEN_ROUNDS, Duration::plus);
        // Over a steamer hands are free; every other round wants to be watched.
        Set<String> needs = lot.vessel().kind() == VesselKind.BASKET ? Set.of(vessel) : Set.of(vessel, Task.HANDS);
        String heat = "lot-" + lot.no() + ".heat";
        add(
                heat,
                Station.COOK,
                "Heat the " + lot.vessel().kind().label() + ".",
                "",
                HEAT_UP,
                Set.of(vessel),
                List.of());
        List<String> before = new ArrayList<>(List.of(heat, "lot-" + lot.no() + ".shape"));
        for (int i = 0; i < of.sizes().size(); i++) {
            String key = "lot-" + lot.no() + ".cook-" + (i + 1);
            tasks.add(new Task(
                    key,
                    Station.COOK,
                    "Round " + (i + 1) + " of " + of.sizes().size() + ": "
                            + of.sizes().get(i) + " " + lower(lot.name()) + ".",
                    "Check the core: "
                            + Math.round(batch.filling(lot.fillingNo())
                                    .kind()
                                    .safeCore()
                                    .celsius())
                            + " °C.",
                    each,
                    needs,
                    List.copyOf(before),
                    spells));
            before.add(key);
        }
    }

    private void toTable() {
        List<String> all = tasks.stream().map(Task::key).toList();
        add(
                "table.serve",
                Station.TABLE,
                "To the table, hot.",
                "Soup and steam scald: bite small.",
                TO_TABLE,
                Set.of(Task.HANDS),
                all);
    }

    private void add(
            String key,
            Station station,
            String title,
            String detail,
            Duration time,
            Set<String> needs,
            List<String> after) {
        tasks.add(new Task(key, station, title, detail, time, needs, after, List.of()));
    }

    private static String lower(String name) {
        return name.substring(0, 1).toLowerCase(Locale.ROOT) + name.substring(1);
    }

    private static String grams(double grams) {
        return Decimal.grouped(grams, 0) + " g";
    }

    private static String oneDecimal(double grams) {
        return Decimal.fixed(grams, 1);
    }
}
