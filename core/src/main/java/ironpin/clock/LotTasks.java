package ironpin.clock;

import ironpin.batch.Batch;
import ironpin.batch.Lot;
import ironpin.batch.Station;
import ironpin.batch.balance.Balance;
import ironpin.cook.CookCard;
import ironpin.cook.CookStep;
import ironpin.cook.HeatUp;
import ironpin.cook.Rounds;
import ironpin.cook.Spell;
import ironpin.cook.Start;
import ironpin.cook.Vessel;
import ironpin.cook.VesselKind;
import ironpin.filling.SafeCore;
import ironpin.quantity.Quantity;
import ironpin.quantity.Sentence;
import ironpin.wording.Name;
import ironpin.wording.Span;
import ironpin.wrapper.Outline;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;

/** The tasks of one lot: shaped tray by tray, cooked round by round, each round after the trays that are its own. */
final class LotTasks {
    /** Rounds that are listed one by one. */
    static final int MOST_ROUNDS = 24;

    /** A tray that takes longer to fill is two. */
    private static final Duration TRAY = Duration.ofMinutes(15);

    /** More trays are not listed: they are fuller instead. */
    private static final int MOST_TRAYS = 16;

    private static final Duration PUT_IN = Duration.ofSeconds(30);
    private static final Duration INTO_THE_FREEZER = Duration.ofMinutes(1);
    private static final Duration BAGGING = Duration.ofMinutes(2);
    private static final double BAGGING_A_PIECE_SECONDS = 2;
    private static final Duration TEND = Duration.ofSeconds(30);

    /** Nothing else is taken up for less: hands are wiped and floury again by then. */
    private static final Duration TOO_SHORT = Duration.ofSeconds(90);

    private final Batch batch;
    private final Balance.OfLot share;
    private final Lot lot;
    private final Rounds rounds;
    private final List<Task> tasks = new ArrayList<>();
    /** The trays of each round, then those for the freezer. */
    private final List<List<TaskKey>> trays = new ArrayList<>();
    /** Trays that go into the freezer. */
    private final List<TaskKey> frozen = new ArrayList<>();

    private final List<Task> afterwards = new ArrayList<>();

    private LotTasks(Batch batch, Balance.OfLot share, Lot lot, Rounds rounds) {
        this.batch = batch;
        this.share = share;
        this.lot = lot;
        this.rounds = rounds;
    }

    /**
     * All of a lot.
     *
     * @param tasks shaping first
     * @param trays of each round, and after the last round those for the freezer
     * @param rounds it is cooked in, listed or not
     * @param afterwards what nobody at the table waits for: pieces become hard, and are bagged
     */
    record OfLot(List<Task> tasks, List<List<TaskKey>> trays, int rounds, List<Task> afterwards) {
        /** The tray that is shaped first; none where nothing is. */
        List<TaskKey> first() {
            return trays.stream().flatMap(List::stream).limit(1).toList();
        }
    }

    /** @param after what must be done before the first tray */
    static OfLot of(Batch batch, Balance.OfLot share, Lot lot, Rounds rounds, List<TaskKey> after) {
        LotTasks made = new LotTasks(batch, share, lot, rounds);
        if (share.pieces() > 0 && !lot.stashed()) {
            made.shape(after);
            made.freeze();
        }
        made.cook();
        return new OfLot(made.tasks, made.trays, rounds.sizes().size(), made.afterwards);
    }

    /** Whether what is cooked today is frozen before, although it does not come out of a bag. */
    private boolean frozenFirst() {
        return lot.cooking().from() == Start.FREEZER && !lot.stashed() && share.toTable() > 0;
    }

    /** Trays go in as they are full, become hard, and what is kept is bagged; each is a task of the day. */
    private void freeze() {
        int groups = trays.size();
        for (int group = 0; group < groups; group++) {
            boolean kept = share.toFreezer() > 0 && group == groups - 1;
            if (kept || frozenFirst()) {
                trays.get(group).forEach(this::intoTheFreezer);
            }
        }
        if (frozen.isEmpty()) {
            return;
        }
        String name = Name.within(lot.name());
        Hardening hard = Hardening.of(lot, share);
        Task hardens = Task.waiting(
                        new TaskKey.Hardened(lot.no()),
                        Station.COOK,
                        "The " + name + " become hard in the freezer.",
                        Pace.minutes(hard.most().toSeconds() / 60.0),
                        frozen)
                .withDetail(Sentence.of("Apart on their trays, " + Span.inMinutes(hard.least()) + " to "
                        + Span.inMinutes(hard.most()) + " (est.): until a finger leaves no mark."));
        if (frozenFirst()) {
            tasks.add(hardens);
        } else {
            afterwards.add(hardens);
        }
        if (share.toFreezer() > 0) {
            Duration time = BAGGING.plusSeconds(Math.round(BAGGING_A_PIECE_SECONDS * share.toFreezer()));
            afterwards.add(
                    Task.hands(
                                    new TaskKey.Bagged(lot.no()),
                                    Craft.TABLE,
                                    Station.COOK,
                                    "Bag and label " + share.toFreezer() + " " + name + ".",
                                    time,
                                    List.of(hardens.of()))
                            .withDetail(
                                    Sentence.of(
                                            "Kind, day, raw or not, what is in it and how it is cooked: the freezer's page prints labels.")));
        }
    }

    private void intoTheFreezer(TaskKey tray) {
        int no = ((TaskKey.Shaped) tray).tray();
        TaskKey key = new TaskKey.Frozen(lot.no(), no);
        frozen.add(key);
        tasks.add(Task.hands(
                        key,
                        Craft.TABLE,
                        Station.COOK,
                        "Tray " + no + " of the " + Name.within(lot.name()) + " into the freezer.",
                        INTO_THE_FREEZER,
                        List.of(tray))
                .withDetail(Sentence.of("Raw, apart on a dusted tray, nothing on top.")));
    }

    /** Whether every round is a task of its own. */
    static boolean listed(Rounds rounds) {
        return DayPlan.listed(rounds.sizes().size());
    }

    private record Tray(int pieces, int round) {}

    private void shape(List<TaskKey> after) {
        List<Tray> all = divided();
        int freezer = all.stream().anyMatch(tray -> tray.round > rounds.sizes().size()) ? 1 : 0;
        int groups = (listed(rounds) ? rounds.sizes().size() : 1) + freezer;
        for (int i = 0; i < groups; i++) {
            trays.add(new ArrayList<>());
        }
        int done = 0;
        for (int i = 0; i < all.size(); i++) {
            Tray tray = all.get(i);
            TaskKey key = new TaskKey.Shaped(lot.no(), i + 1);
            trays.get(Math.min(tray.round, groups) - 1).add(key);
            tasks.add(tray(key, tray, i + 1, all.size(), done, after));
            done += tray.pieces;
        }
    }

    /** The pieces of each round on trays that are not too long in filling; then what goes to the freezer. */
    private List<Tray> divided() {
        List<Integer> loads = new ArrayList<>();
        if (listed(rounds)) {
            loads.addAll(rounds.sizes());
        } else if (share.toTable() > 0) {
            loads.add(share.toTable());
        }
        int tabled = loads.size();
        if (share.toFreezer() > 0) {
            loads.add(share.toFreezer());
        }
        Duration limit = TRAY;
        List<Tray> all = split(loads, tabled, limit);
        while (all.size() > Math.max(MOST_TRAYS, loads.size())) {
            limit = limit.multipliedBy(2);
            all = split(loads, tabled, limit);
        }
        return all;
    }

    private List<Tray> split(List<Integer> loads, int tabled, Duration limit) {
        List<Tray> all = new ArrayList<>();
        for (int i = 0; i < loads.size(); i++) {
            int pieces = loads.get(i);
            // Rounds that are not listed are cooked off one long tray.
            boolean whole = !listed(rounds) && i < tabled;
            long parts =
                    whole ? 1 : Math.max(1, (time(pieces).toSeconds() + limit.toSeconds() - 1) / limit.toSeconds());
            for (int part = 0; part < Math.min(parts, pieces); part++) {
                int size = (int) (pieces * (part + 1) / parts - pieces * part / parts);
                all.add(new Tray(size, i < tabled ? i + 1 : rounds.sizes().size() + 1));
            }
        }
        return all;
    }

    private Duration time(int pieces) {
        return Pace.shaping(lot.handiwork(), pieces, lot.bought().isPresent());
    }

    private Task tray(TaskKey key, Tray tray, int no, int count, int done, List<TaskKey> after) {
        boolean bought = lot.bought().isPresent();
        boolean freezes = tray.round > rounds.sizes().size();
        String which = count == 1 ? "" : "Tray " + no + " of " + count + ": ";
        String verbs = count == 1 ? verbs(lot) : Name.within(verbs(lot));
        String title = which + verbs + " " + tray.pieces + " " + Name.within(lot.name()) + ".";
        String so = count == 1 ? "" : " " + (done + tray.pieces) + " of " + share.pieces() + " then.";
        String detail = freezes || frozenFirst() ? "To the freezer as soon as the tray is full." : "Keep them covered.";
        return Task.hands(
                        key, bought ? Craft.WRAPPING : Craft.SHAPING, Station.PORTION, title, time(tray.pieces), after)
                .withWork(new Work.Throughout(bought ? Craft.WRAPPING : Craft.SHAPING, true))
                .withDetail(Sentence.of(detail + so))
                .withParts(List.of(
                        new Task.Part(
                                key.text() + ".skin",
                                bought ? Sentence.of("a wrapper") : Sentence.of("of dough each"),
                                Quantity.mass(share.doughEach().grams(), 1)),
                        new Task.Part(
                                key.text() + ".filling",
                                Sentence.of(batch.filling(lot.fillingNo()).called() + " each"),
                                Quantity.mass(share.fillingEach().grams(), 1))));
    }

    /** What the hands do, one thing after another, by the school. */
    private static String verbs(Lot lot) {
        if (lot.bought().isPresent()) {
            return "Fill, wet the rim and fold";
        }
        if (lot.outline() == Outline.STRIP) {
            return "Roll out a sheet, spread, roll up and slice";
        }
        String cut = lot.cutting().school().verb();
        return cut + (lot.fromSheet() ? " out of a sheet" : ", roll") + ", fill and fold";
    }

    private void cook() {
        int count = rounds.sizes().size();
        if (count == 0) {
            return;
        }
        Set<Means> vessel = Set.of(new Means.OfVessel(lot.vessel().kind(), lot.no()));
        List<CookStep> spells = CookCard.of(lot.spells(share.piece()), lot.method());
        TaskKey heat = new TaskKey.Heated(lot.no());
        tasks.add(heating(heat, lot.spells(share.piece()).get(0)).withMeans(vessel));
        Sentence core = Sentence.of(
                "In the middle at least ",
                Quantity.celsius(SafeCore.of(batch.filling(lot.fillingNo()).formula())
                        .core()
                        .celsius()),
                ": probe one.");
        Duration each = spells.stream().map(CookStep::time).reduce(Pace.BETWEEN_ROUNDS, Duration::plus);
        TaskKey before = heat;
        for (int i = 0; i < (listed(rounds) ? count : 1); i++) {
            TaskKey key = new TaskKey.Cooked(lot.no(), i + 1);
            List<TaskKey> after = new ArrayList<>(List.of(before));
            after.addAll(i < trays.size() ? trays.get(i) : List.of());
            if (frozenFirst()) {
                after.add(new TaskKey.Hardened(lot.no()));
            }
            String name = Name.within(lot.name());
            int size = rounds.sizes().get(i);
            String title = !listed(rounds)
                    ? count + " rounds of at most " + size + " " + name + ", one after another."
                    : (count == 1 ? "Cook " : "Round " + (i + 1) + " of " + count + ": ") + size + " " + name + ".";
            Duration time = listed(rounds) ? each : each.multipliedBy(count);
            tasks.add(Task.waiting(key, Station.COOK, title, time, after)
                    .withDetail(core)
                    .withMeans(vessel)
                    .withWork(
                            listed(rounds)
                                    ? new Work.Touched(Craft.COOKING, touches(spells))
                                    : new Work.Throughout(Craft.COOKING, true))
                    .withSpells(spells));
            before = key;
        }
    }

    private Task heating(TaskKey heat, Spell first) {
        Vessel vessel = lot.vessel();
        String what = vessel.kind().label();
        String title = first.cold() ? "Set out the " + what + ", cold." : "Heat the " + what + ".";
        Task task = Task.waiting(heat, Station.COOK, title, HeatUp.of(vessel, first), List.of())
                .withDetail(Sentence.of(how(vessel.kind())));
        return vessel.water().micrograms() == 0
                ? task
                : task.withParts(List.of(new Task.Part(
                        heat.text() + ".water",
                        Sentence.of("of water"),
                        Quantity.ml(vessel.water().grams()))));
    }

    private static String how(VesselKind kind) {
        return switch (kind) {
            case POT, BASKET -> "The lid on, all the way up.";
            case DISH -> "The oven on.";
            case PAN, GRIDDLE -> "";
        };
    }

    /** Hands put them in, do what each further spell begins with, and take them out. */
    private static List<Work.Touch> touches(List<CookStep> spells) {
        List<Work.Touch> touches = new ArrayList<>();
        Duration at = Duration.ZERO;
        for (CookStep spell : spells) {
            touch(touches, new Work.Touch(at, at.isZero() ? PUT_IN : TEND));
            at = at.plus(spell.time());
        }
        touch(touches, new Work.Touch(at, Pace.BETWEEN_ROUNDS));
        return touches;
    }

    /** Whoever has only a moment until the next stays where they are. */
    private static void touch(List<Work.Touch> touches, Work.Touch next) {
        int last = touches.size() - 1;
        if (last >= 0 && next.after().minus(touches.get(last).over()).compareTo(TOO_SHORT) < 0) {
            Duration from = touches.get(last).after();
            touches.set(last, new Work.Touch(from, next.over().minus(from)));
        } else {
            touches.add(next);
        }
    }
}
