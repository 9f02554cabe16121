package ironpin.clock;

import ironpin.batch.Batch;
import ironpin.batch.Dough;
import ironpin.batch.Filling;
import ironpin.batch.Lot;
import ironpin.batch.balance.Balance;
import ironpin.cook.Rounds;
import ironpin.dough.RestPlan;
import java.time.Duration;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;

/** Every wait of a day that must not grow too long, as the timetable stands. */
public final class Gaps {
    private final Batch batch;
    private final Balance balance;
    private final Map<Integer, Rounds> rounds;
    private final Timetable table;

    private Gaps(Batch batch, Balance balance, Map<Integer, Rounds> rounds, Timetable table) {
        this.batch = batch;
        this.balance = balance;
        this.rounds = rounds;
        this.table = table;
    }

    /** All of them, doughs first. @param rounds of each lot, by its number */
    public static List<Gap> of(Batch batch, Balance balance, Map<Integer, Rounds> rounds, Timetable table) {
        Gaps gaps = new Gaps(batch, balance, rounds, table);
        List<Gap> all = new ArrayList<>();
        batch.doughs().forEach(dough -> gaps.dough(dough, all));
        batch.fillings().forEach(filling -> gaps.filling(filling, all));
        batch.lots().forEach(lot -> gaps.lot(lot, all));
        return List.copyOf(all);
    }

    private void dough(Dough dough, List<Gap> all) {
        List<Timetable.Slot> shaped =
                shaping(lot -> lot.doughNo() == dough.no() && lot.bought().isEmpty());
        List<Timetable.Slot> own = starting("dough-" + dough.no() + ".");
        if (shaped.isEmpty() || own.isEmpty()) {
            return;
        }
        // What stands in the fridge does not stand in the room.
        Duration cold = dough.restPlan().steps().stream()
                .filter(step -> step.kind() == RestPlan.Kind.FRIDGE)
                .map(RestPlan.Step::time)
                .reduce(Duration.ZERO, Duration::plus);
        LocalDateTime kneaded = own.stream()
                .filter(slot -> !slot.task().waits())
                .map(Timetable.Slot::end)
                .max(Comparator.naturalOrder())
                .orElseThrow();
        Duration first = Duration.between(kneaded, first(shaped)).minus(cold);
        Duration last = Duration.between(kneaded, last(shaped)).minus(cold);
        Duration most = longer(
                Limits.DOUGH_STANDS,
                longer(dough.family().rest().high(), dough.rest().minus(cold)));
        all.add(new Gap(Gap.Kind.DOUGH_RESTS, dough.no(), first, most, last));
    }

    private void filling(Filling filling, List<Gap> all) {
        List<Timetable.Slot> shaped = shaping(lot -> lot.fillingNo() == filling.no());
        List<Timetable.Slot> own = starting("filling-" + filling.no() + ".");
        if (shaped.isEmpty() || own.isEmpty()) {
            return;
        }
        for (String key : FillingTasks.weeping(filling, balance.filling(filling.no()))) {
            LocalDateTime squeezed = table.slot(key).end();
            all.add(new Gap(
                    Gap.Kind.GREENS_WEEP,
                    filling.no(),
                    Duration.between(squeezed, first(shaped)),
                    Limits.SALTED_GREENS,
                    Duration.between(squeezed, last(shaped))));
        }
        LocalDateTime mixed = table.slot(FillingTasks.mixing(filling.no())).start();
        LocalDateTime used = last(shaped);
        for (Lot lot : batch.lots()) {
            int count = lot.fillingNo() == filling.no() && !lot.stashed()
                    ? rounds.get(lot.no()).sizes().size()
                    : 0;
            if (count > 0) {
                LocalDateTime in = LotTasks.spell(table, lot.no(), count, count).from();
                used = in.isAfter(used) ? in : used;
            }
        }
        Duration out = Duration.between(mixed, used);
        all.add(new Gap(Gap.Kind.FILLING_IS_OUT, filling.no(), out, Limits.OUT_OF_THE_FRIDGE, out));
    }

    private void lot(Lot lot, List<Gap> all) {
        List<Integer> sizes = rounds.get(lot.no()).sizes();
        int pieces = balance.lot(lot.no()).pieces();
        if (sizes.isEmpty() || pieces == 0) {
            return;
        }
        if (lot.stashed()) {
            LocalDateTime out = LotTasks.spell(table, lot.no(), 1, sizes.size()).until();
            Duration cools = Duration.between(out, table.slot(DayPlan.SERVE).end());
            all.add(new Gap(Gap.Kind.PLATES_COOL, lot.no(), cools, Limits.HOT, cools));
            return;
        }
        Timetable.Slot shape = table.slot(LotTasks.shape(lot.no()));
        double secondsEach = (double) shape.task().time().toSeconds() / pieces;
        LocalDateTime served = table.slot(DayPlan.SERVE).end();
        Duration waits = Duration.ZERO;
        Duration cools = Duration.ZERO;
        int before = 0;
        for (int i = 0; i < sizes.size(); i++) {
            LotTasks.Spell round = LotTasks.spell(table, lot.no(), i + 1, sizes.size());
            // The pieces folded first are cooked first.
            LocalDateTime folded = shape.start().plusSeconds(Math.round(secondsEach * (before + 1)));
            waits = longer(waits, Duration.between(folded, round.from()));
            cools = longer(cools, Duration.between(round.until(), served));
            before += sizes.get(i);
        }
        all.add(new Gap(Gap.Kind.PIECES_WAIT, lot.no(), waits, Limits.WRAPPED, waits));
        all.add(new Gap(Gap.Kind.PLATES_COOL, lot.no(), cools, Limits.HOT, cools));
    }

    private interface Which {
        boolean of(Lot lot);
    }

    private List<Timetable.Slot> shaping(Which which) {
        return batch.lots().stream()
                .filter(which::of)
                .filter(lot -> balance.lot(lot.no()).pieces() > 0 && !lot.stashed())
                .map(lot -> table.slot(LotTasks.shape(lot.no())))
                .toList();
    }

    private List<Timetable.Slot> starting(String stem) {
        return table.slots().stream()
                .filter(slot -> slot.task().key().startsWith(stem))
                .toList();
    }

    private static LocalDateTime first(List<Timetable.Slot> slots) {
        return slots.stream()
                .map(Timetable.Slot::start)
                .min(Comparator.naturalOrder())
                .orElseThrow();
    }

    private static LocalDateTime last(List<Timetable.Slot> slots) {
        return slots.stream()
                .map(Timetable.Slot::end)
                .max(Comparator.naturalOrder())
                .orElseThrow();
    }

    private static Duration longer(Duration a, Duration b) {
        return a.compareTo(b) >= 0 ? a : b;
    }
}
