package ironpin.clock;

import ironpin.batch.Balance;
import ironpin.batch.Batch;
import ironpin.batch.Dough;
import ironpin.batch.DoughMixing;
import ironpin.batch.Filling;
import ironpin.batch.Lot;
import ironpin.batch.Station;
import ironpin.cook.CookStep;
import ironpin.cook.Rounds;
import ironpin.cook.VesselKind;
import ironpin.dough.Cue;
import ironpin.dough.DoughAddition;
import ironpin.dough.Kneading;
import ironpin.dough.Mixing;
import ironpin.dough.RestPlan;
import ironpin.filling.Aspic;
import ironpin.filling.OrderCard;
import ironpin.quantity.Mass;
import ironpin.quantity.Quoted;
import java.time.Duration;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;

/** Turns a solved batch into the tasks of the day, each after those it depends on. */
public final class DayPlan {
    private static final String MACHINE = "machine";
    private static final Duration WATCHED = Duration.ofMinutes(2);
    private static final Duration HEAT_UP = Duration.ofMinutes(12);
    private static final Duration BETWEEN_ROUNDS = Duration.ofMinutes(1);
    private static final Duration DIP = Duration.ofMinutes(6);
    private static final Duration STOCK = Duration.ofMinutes(12);
    private static final Duration TO_TABLE = Duration.ofMinutes(4);

    private final Batch batch;
    private final Balance balance;
    private final Map<Integer, Rounds> rounds;
    private final List<Task> tasks = new ArrayList<>();

    /** Key of the last task of each dough. */
    private final Map<Integer, String> ready = new HashMap<>();

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
        Balance.OfDough share = balance.dough(dough.no());
        if (share.made().flour().isZero()) {
            return;
        }
        String key = "dough-" + dough.no();
        String name = lower(dough.name());
        String weighed = Quoted.mass(share.made().flour().grams(), 0) + " flour, "
                + Quoted.mass(share.made().of(DoughAddition.WATER).grams(), 0) + " water at "
                + Quoted.temperature(dough.water().celsius()) + ".";
        add(
                key + ".mix",
                Station.DOUGH,
                "Weigh and mix the " + name + ".",
                weighed,
                Pace.mixing(share.made().total()),
                Set.of(Task.HANDS),
                List.of());
        String last = cool(dough, key, key + ".mix");
        for (RestPlan.Step step : dough.restPlan().steps()) {
            String stem = key + (step.kind().work() ? ".knead" : ".rest");
            String own = numbered(stem);
            add(
                    own,
                    step.kind().work()
                            ? new Said(step.text(), "The " + name + ". " + cue(step))
                            : new Said("The " + name + " rests, covered.", step.text() + " " + cue(step)),
                    step.time(),
                    needs(dough, step),
                    last,
                    step.kind().work() ? List.of(new CookStep(step.text(), step.time())) : List.of());
            last = own;
        }
        ready.put(dough.no(), last);
    }

    /** The wait until hands may go into a scalded dough. */
    private String cool(Dough dough, String key, String after) {
        Mixing mixing = DoughMixing.of(batch, balance, dough.no());
        Duration wait = mixing.untilHands(mixing.mixed(dough.water()));
        if (wait.toMinutes() < 1) {
            return after;
        }
        add(
                key + ".cool",
                new Said(
                        "The " + lower(dough.name()) + " cools until hands may go in.",
                        "Covered, to " + Quoted.temperature(Mixing.HANDS.celsius()) + " (est.)."),
                Pace.minutes(wait.toSeconds() / 60.0),
                Set.of(),
                after,
                List.of());
        return key + ".cool";
    }

    private static Set<String> needs(Dough dough, RestPlan.Step step) {
        if (!step.kind().work()) {
            return Set.of();
        }
        boolean machine = dough.kneading().by() == Kneading.By.MACHINE && step.kind() == RestPlan.Kind.KNEAD;
        return Set.of(machine ? MACHINE : Task.HANDS);
    }

    private static String cue(RestPlan.Step step) {
        return step.cue().map(Cue::text).orElse("");
    }

    private String numbered(String stem) {
        long before = tasks.stream()
                .filter(task -> task.key().equals(stem) || task.key().startsWith(stem + "-"))
                .count();
        return before == 0 ? stem : stem + "-" + (before + 1);
    }

    private record Said(String title, String detail) {}

    private void add(String key, Said said, Duration time, Set<String> needs, String after, List<CookStep> spells) {
        tasks.add(new Task(key, Station.DOUGH, said.title(), said.detail(), time, needs, List.of(after), spells));
    }

    private void filling(Filling filling) {
        Balance.OfFilling share = balance.filling(filling.no());
        String patty = share.patty().isZero()
                ? ""
                : " Fry a " + Quoted.mass(share.patty().grams(), 0) + " patty and taste that, never the raw filling.";
        // The steps that want watching the clock are its timers.
        List<CookStep> spells = OrderCard.of(filling.formula(), share.made(), filling.school()).steps().stream()
                .filter(step -> step.time().compareTo(WATCHED) > 0)
                .map(step -> new CookStep(step.text(), step.time()))
                .toList();
        List<String> first = filling.formula()
                .aspic()
                .map(aspic -> soup(filling, aspic.of(share.made())))
                .orElse(List.of());
        tasks.add(new Task(
                "filling-" + filling.no() + ".make",
                Station.FILLING,
                "Make the " + lower(filling.name()) + " filling.",
                Quoted.mass(share.made().grams(), 0) + " in all." + patty,
                Pace.filling(share.made()),
                Set.of(Task.HANDS),
                first,
                spells));
    }

    /** Slow things first: the stock for the soup has to set before it is cut into the filling. */
    private List<String> soup(Filling filling, Mass stock) {
        String key = "filling-" + filling.no();
        add(
                key + ".stock",
                Station.FILLING,
                "Warm stock and gelatin for the soup, pour it on a tray.",
                Quoted.mass(stock.grams(), 0) + " of stock, "
                        + Quoted.length(Aspic.TRAY.depth().millimetres(), 0) + " deep.",
                STOCK,
                Set.of(Task.HANDS),
                List.of());
        add(
                key + ".set",
                Station.FILLING,
                "The stock sets in the fridge.",
                "Shallow, uncovered until it is cold.",
                Pace.minutes(Aspic.TRAY.sets().toSeconds() / 60.0),
                Set.of(),
                List.of(key + ".stock"));
        return List.of(key + ".set");
    }

    private void shaping(Lot lot) {
        Balance.OfLot share = balance.lot(lot.no());
        if (share.pieces() == 0) {
            return;
        }
        boolean bought = lot.bought().isPresent();
        List<String> after = new ArrayList<>(List.of("filling-" + lot.fillingNo() + ".make"));
        if (!bought) {
            after.add(0, ready.get(lot.doughNo()));
        }
        String skin = Quoted.mass(share.doughEach().grams(), 1) + (bought ? " of wrapper and " : " of dough and ");
        add(
                "lot-" + lot.no() + ".shape",
                Station.PORTION,
                (bought ? "Fill, wet the rim and fold " : "Cut, roll, fill and fold ") + share.pieces() + " "
                        + lower(lot.name()) + ".",
                skin + Quoted.mass(share.fillingEach().grams(), 1) + " of filling each; keep them covered.",
                bought ? Pace.folding(lot.fold(), share.pieces()) : Pace.shaping(lot.fold(), share.pieces()),
                Set.of(Task.HANDS),
                after);
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
                            + Quoted.temperature(batch.filling(lot.fillingNo())
                                    .kind()
                                    .safeCore()
                                    .celsius())
                            + ".",
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
}
