package ironpin.clock;

import ironpin.batch.Batch;
import ironpin.batch.Dough;
import ironpin.batch.Filling;
import ironpin.batch.Lot;
import ironpin.batch.balance.Balance;
import ironpin.crew.Plates;
import ironpin.dough.RestPlan;
import java.time.Duration;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** Everything of a day that must not wait too long. */
final class Waits {
    private final Batch batch;
    private final Balance balance;
    private final List<Task> tasks;
    private final Map<Integer, LotTasks.OfLot> lots;
    private final List<Wait> all = new ArrayList<>();

    private Waits(Batch batch, Balance balance, List<Task> tasks, Map<Integer, LotTasks.OfLot> lots) {
        this.batch = batch;
        this.balance = balance;
        this.tasks = tasks;
        this.lots = lots;
    }

    static List<Wait> of(Batch batch, Balance balance, List<Task> tasks, Map<Integer, LotTasks.OfLot> lots) {
        Waits waits = new Waits(batch, balance, tasks, lots);
        batch.doughs().forEach(waits::dough);
        batch.fillings().forEach(waits::filling);
        batch.lots().forEach(waits::lot);
        if (tasks.stream().anyMatch(task -> task.of().equals(DayPlan.LAST))) {
            waits.all.add(Wait.between(
                            Gap.Kind.TABLE_WAITS,
                            0,
                            DayPlan.SERVED,
                            DayPlan.LAST,
                            batch.crew().plates().span())
                    .toItsEnd());
        }
        return List.copyOf(waits.all);
    }

    /** How long a dough has stood in the room when it has rested. */
    static Duration inTheRoom(Dough dough) {
        return dough.restPlan().steps().stream()
                .filter(step -> !step.kind().work() && step.kind() != RestPlan.Kind.FRIDGE)
                .map(RestPlan.Step::time)
                .reduce(Duration.ZERO, Duration::plus);
    }

    /** How long it may. */
    static Duration stands(Dough dough) {
        Duration most = Limits.DOUGH_STANDS;
        for (Duration other : List.of(dough.family().rest().high(), inTheRoom(dough))) {
            most = other.compareTo(most) > 0 ? other : most;
        }
        return most;
    }

    private void dough(Dough dough) {
        List<TaskKey> own = tasks.stream()
                .map(Task::of)
                .filter(key -> key instanceof TaskKey.OfDough one && one.no() == dough.no())
                .toList();
        for (Lot lot : batch.lots()) {
            if (lot.doughNo() == dough.no() && lot.bought().isEmpty() && !own.isEmpty()) {
                Wait.Place place = dough.family().wheat() ? Wait.Place.FRIDGE : Wait.Place.NOWHERE;
                TaskKey rested = own.get(own.size() - 1);
                shaping(lot).stream()
                        .limit(1)
                        .forEach(tray ->
                                all.add(Wait.between(Gap.Kind.DOUGH_RESTS, dough.no(), rested, tray, stands(dough))
                                        .waited(inTheRoom(dough))
                                        .or(place)));
            }
        }
    }

    private List<TaskKey> shaping(Lot lot) {
        return lots.get(lot.no()).first();
    }

    private void filling(Filling filling) {
        List<Lot> filled = batch.lots().stream()
                .filter(lot -> lot.fillingNo() == filling.no() && !shaping(lot).isEmpty())
                .toList();
        if (filled.isEmpty()) {
            return;
        }
        for (TaskKey squeezed : FillingTasks.weeping(filling, balance.filling(filling.no()))) {
            all.add(Wait.between(
                    Gap.Kind.GREENS_WEEP,
                    filling.no(),
                    squeezed,
                    shaping(filled.get(0)).get(0),
                    Limits.SALTED_GREENS));
        }
        TaskKey mixed = FillingTasks.mixing(filling.no());
        Duration mixing = tasks.stream()
                .filter(task -> task.of().equals(mixed))
                .map(Task::time)
                .findFirst()
                .orElse(Duration.ZERO);
        for (Lot lot : filled) {
            TaskKey tray = shaping(lot).get(0);
            for (TaskKey last : ends(lot)) {
                boolean cooked = last instanceof TaskKey.Cooked;
                Wait bowl = Wait.between(Gap.Kind.FILLING_IS_OUT, filling.no(), mixed, last, Limits.OUT_OF_THE_FRIDGE)
                        .fromStart()
                        .or(Wait.Place.FRIDGE);
                // In the fridge until its first piece: out while it is made, and from then on.
                Wait used = Wait.between(Gap.Kind.FILLING_IS_OUT, filling.no(), tray, last, Limits.OUT_OF_THE_FRIDGE)
                        .fromStart()
                        .waited(mixing);
                all.add(cooked ? bowl : bowl.toItsEnd());
                all.add(cooked ? used : used.toItsEnd());
            }
        }
    }

    /** Where the last pieces of a lot come into the heat or the cold: its last round, and its last tray in the freezer. */
    private List<TaskKey> ends(Lot lot) {
        List<TaskKey> keys = lots.get(lot.no()).tasks().stream().map(Task::of).toList();
        List<TaskKey> ends = new ArrayList<>();
        boolean frozenFirst = keys.stream().anyMatch(TaskKey.Hardened.class::isInstance);
        if (!frozenFirst) {
            last(keys, TaskKey.Cooked.class).ifPresent(ends::add);
        }
        last(keys, TaskKey.Frozen.class).ifPresent(ends::add);
        return ends;
    }

    private static Optional<TaskKey> last(List<TaskKey> keys, Class<? extends TaskKey> kind) {
        return keys.stream().filter(kind::isInstance).reduce((first, second) -> second);
    }

    private void lot(Lot lot) {
        LotTasks.OfLot own = lots.get(lot.no());
        List<TaskKey> rounds = own.tasks().stream()
                .map(Task::of)
                .filter(TaskKey.Cooked.class::isInstance)
                .toList();
        Set<TaskKey> frozen = new HashSet<>();
        for (Task task : own.tasks()) {
            if (task.of() instanceof TaskKey.Frozen tray) {
                TaskKey shaped = new TaskKey.Shaped(lot.no(), tray.tray());
                frozen.add(shaped);
                all.add(Wait.between(Gap.Kind.PIECES_WAIT, lot.no(), shaped, tray, Limits.WRAPPED)
                        .fromStart()
                        .or(Wait.Place.FRIDGE));
            }
        }
        for (int i = 0; i < rounds.size(); i++) {
            TaskKey round = rounds.get(i);
            for (TaskKey tray : i < own.trays().size() ? own.trays().get(i) : List.<TaskKey>of()) {
                if (frozen.contains(tray)) {
                    continue;
                }
                all.add(Wait.between(Gap.Kind.PIECES_WAIT, lot.no(), tray, round, Limits.WRAPPED)
                        .fromStart()
                        // More rounds than are listed have more pieces than one tray holds.
                        .or(rounds.size() < own.rounds() ? Wait.Place.NOWHERE : Wait.Place.FRIDGE));
            }
            plates(lot, round);
        }
    }

    private void plates(Lot lot, TaskKey round) {
        Plates plates = batch.crew().plates();
        Wait hot = Wait.between(Gap.Kind.PLATES_COOL, lot.no(), round, DayPlan.SERVED, Limits.HOT)
                .toItsEnd();
        if (plates.asReady()) {
            // A round that comes out after the first plates goes to the table at once.
            all.add(hot.inEitherOrder());
        } else {
            all.add(hot.or(plates.warm().isZero() ? Wait.Place.NOWHERE : Wait.Place.KEPT_WARM));
        }
    }
}
