package ironpin.clock;

import ironpin.batch.Batch;
import ironpin.batch.Lot;
import ironpin.batch.Station;
import ironpin.batch.balance.Balance;
import ironpin.cook.CookCard;
import ironpin.cook.CookStep;
import ironpin.cook.Rounds;
import ironpin.cook.VesselKind;
import ironpin.filling.SafeCore;
import ironpin.quantity.Quoted;
import ironpin.wording.Name;
import ironpin.wrapper.Outline;
import java.time.Duration;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** The tasks of one lot: shaped in one go, then cooked round by round. */
final class LotTasks {
    /** Rounds that are listed one by one. */
    static final int MOST_ROUNDS = 24;

    private static final Duration HEAT_UP = Duration.ofMinutes(12);

    private LotTasks() {}

    /** Key of the task in which a lot is shaped. */
    static String shape(int lotNo) {
        return "lot-" + lotNo + ".shape";
    }

    /** What the keys of a lot's rounds begin with. */
    static String rounds(int lotNo) {
        return "lot-" + lotNo + ".cook-";
    }

    /** Key of a round. @param round from 1 */
    static String round(int lotNo, int round) {
        return rounds(lotNo) + round;
    }

    /** @param doughReady key of the last task of its dough; unused for wrappers out of a pack */
    static Optional<Task> shaping(Batch batch, Balance.OfLot share, Lot lot, String doughReady) {
        if (share.pieces() == 0 || lot.stashed()) {
            return Optional.empty();
        }
        boolean bought = lot.bought().isPresent();
        List<String> after = new ArrayList<>(List.of(FillingTasks.mixing(lot.fillingNo())));
        if (!bought) {
            after.add(0, doughReady);
        }
        String title = verbs(lot) + " " + share.pieces() + " " + Name.within(lot.name()) + ".";
        String frozen = share.toFreezer() == 0
                ? ""
                : " " + share.toFreezer() + " of them go to the freezer: a full tray at a time.";
        return Optional.of(Task.hands(
                        shape(lot.no()),
                        Station.PORTION,
                        title,
                        Pace.shaping(lot.handiwork(), share.pieces(), bought),
                        after)
                .withDetail("Keep them covered." + frozen)
                .withParts(List.of(
                        new Task.Part(
                                shape(lot.no()) + ".skin",
                                bought ? "a wrapper" : "of dough each",
                                Quoted.mass(share.doughEach().grams(), 1)),
                        new Task.Part(
                                shape(lot.no()) + ".filling",
                                batch.filling(lot.fillingNo()).called() + " each",
                                Quoted.mass(share.fillingEach().grams(), 1)))));
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

    /**
     * When a round goes in and comes out.
     *
     * @param from in
     * @param until out
     */
    record Spell(LocalDateTime from, LocalDateTime until) {}

    /** One round of a lot. @param round from 1 @param count how many there are */
    static Spell spell(Timetable table, int lotNo, int round, int count) {
        if (count <= MOST_ROUNDS) {
            Timetable.Slot slot = table.slot(round(lotNo, round));
            return new Spell(slot.start(), slot.end());
        }
        Timetable.Slot all = table.slot(round(lotNo, 1));
        Duration each = all.task().time().dividedBy(count);
        return new Spell(
                all.start().plus(each.multipliedBy(round - 1)), all.start().plus(each.multipliedBy(round)));
    }

    /** More rounds than a page shows are one task that repeats. */
    private static Task repeated(Lot lot, Rounds rounds, Duration each, List<String> before) {
        int count = rounds.sizes().size();
        String title = count + " rounds of at most " + rounds.sizes().get(0) + " " + Name.within(lot.name())
                + ", one after another.";
        return Task.waiting(round(lot.no(), 1), Station.COOK, title, each.multipliedBy(count), before);
    }

    /** Heating the vessel, and every round in it. */
    static List<Task> cooking(Batch batch, Balance.OfLot share, Lot lot, Rounds rounds) {
        List<Task> tasks = new ArrayList<>();
        if (rounds.sizes().isEmpty()) {
            return tasks;
        }
        String vessel = lot.vessel().kind() + "-" + lot.no();
        List<CookStep> spells = CookCard.of(lot.spells(share.piece()), lot.method());
        Duration each = spells.stream().map(CookStep::time).reduce(Pace.BETWEEN_ROUNDS, Duration::plus);
        // Over a steamer hands are free; every other round wants to be watched.
        Set<String> needs = lot.vessel().kind() == VesselKind.BASKET ? Set.of(vessel) : Set.of(vessel, Task.HANDS);
        String heat = "lot-" + lot.no() + ".heat";
        tasks.add(Task.waiting(
                        heat, Station.COOK, "Heat the " + lot.vessel().kind().label() + ".", HEAT_UP, List.of())
                .withNeeds(Set.of(vessel)));
        List<String> before = lot.stashed() ? List.of(heat) : List.of(heat, shape(lot.no()));
        String core = "In the middle at least "
                + Quoted.temperature(SafeCore.of(batch.filling(lot.fillingNo()).formula())
                        .core()
                        .celsius())
                + ": probe one.";
        int count = rounds.sizes().size();
        if (count > MOST_ROUNDS) {
            tasks.add(repeated(lot, rounds, each, before)
                    .withDetail(core)
                    .withNeeds(needs)
                    .withSpells(spells));
            return tasks;
        }
        for (int i = 0; i < count; i++) {
            String key = round(lot.no(), i + 1);
            String which = count == 1 ? "Cook " : "Round " + (i + 1) + " of " + count + ": ";
            tasks.add(Task.waiting(
                            key,
                            Station.COOK,
                            which + rounds.sizes().get(i) + " " + Name.within(lot.name()) + ".",
                            each,
                            before)
                    .withDetail(core)
                    .withNeeds(needs)
                    .withSpells(spells));
            before = List.of(key);
        }
        return tasks;
    }
}
