package ironpin.web.away;

import ironpin.hands.SharedWork;
import ironpin.plan.BatchPlan;
import ironpin.plan.LotPlan;
import ironpin.quantity.CupStandard;
import ironpin.quantity.Dimension;
import ironpin.quantity.Mass;
import ironpin.refusal.Refused;
import ironpin.store.BatchStore;
import ironpin.store.MeanwhileStore;
import ironpin.store.RunStore;
import ironpin.store.RunningTimer;
import ironpin.store.StoredBatch;
import ironpin.store.WorkStore;
import ironpin.web.page.Press;
import ironpin.web.page.Run;
import ironpin.web.page.RunStep;
import ironpin.web.page.TypedValue;
import ironpin.web.portion.Weighing;
import ironpin.web.run.Moves;
import ironpin.wording.Name;
import java.time.Clock;
import java.time.Instant;
import java.util.Optional;
import org.springframework.stereotype.Component;

/**
 * Takes what was pressed while the kitchen was not reached: at the moment it was pressed, once, and only where it still means what it
 * meant. What is not taken is said.
 */
@Component
class Meanwhile {
    private static final String GONE = "is no longer in the plan";
    private static final String MOVED_ON = "had moved on meanwhile, so this press was not taken";

    private final MeanwhileStore store;
    private final BatchStore batches;
    private final RunStore runs;
    private final WorkStore work;
    private final Moves moves;
    private final Clock clock;

    Meanwhile(MeanwhileStore store, BatchStore batches, RunStore runs, WorkStore work, Moves moves, Clock clock) {
        this.store = store;
        this.batches = batches;
        this.runs = runs;
        this.work = work;
        this.moves = moves;
        this.clock = clock;
    }

    /** @return why it was not taken; empty where it was */
    String take(long id, Made made) {
        StoredBatch stored = batches.load(id);
        return store.once(made.press(), id, clock.instant(), () -> {
            try {
                return taken(stored, made, made.when(clock.instant()));
            } catch (Refused refused) {
                return refused.getMessage();
            }
        });
    }

    private String taken(StoredBatch stored, Made made, Instant at) {
        long id = stored.id();
        return switch (made.kind()) {
            case MOVE -> move(stored, made, at);
            case LINE -> {
                if (!moves.run(id, at).weighs(made.key())) {
                    yield GONE;
                }
                moves.weighed(id, made.key(), Boolean.parseBoolean(made.value()), at);
                yield "";
            }
            case MINUTE -> {
                Optional<Long> timer = runs.timers(id).stream()
                        .filter(one ->
                                one.taskKey().equals(made.key()) && one.spell().equals(made.value()))
                        .map(RunningTimer::id)
                        .findFirst();
                timer.ifPresent(no -> runs.addMinute(id, no, at));
                yield timer.isPresent() ? "" : MOVED_ON;
            }
            case TAP -> {
                LotPlan lot = lot(stored, made);
                work.tap(of(id, made), lot.lot().fold(), new WorkStore.Tapped("me", SharedWork.ALL, at));
                yield "";
            }
            case WEIGHED -> {
                LotPlan lot = lot(stored, made);
                Weighing.keep(work, of(id, made), lot, WorkStore.What.FILLING, mass(made), at);
                yield "";
            }
        };
    }

    private String move(StoredBatch stored, Made made, Instant at) {
        Run run = moves.run(stored.id(), at);
        Optional<RunStep> found = run.step(made.key());
        if (found.isEmpty()) {
            return GONE;
        }
        RunStep step = found.get();
        if (step.done()) {
            if (made.value().equals(Press.OVER) && !step.timers().isEmpty()) {
                moves.seenTo(stored.id(), step, at);
            }
            return "";
        }
        if (!step.ready()) {
            return "still waits: " + Name.first(step.after());
        }
        if (made.value().equals(Press.OVER)) {
            moves.over(stored.id(), run, step, made.who(), at);
            return "";
        }
        boolean begun = made.value().equals(Press.START) && !step.timers().isEmpty();
        if (!begun && !step.press().sent().equals(made.value())) {
            return MOVED_ON;
        }
        if (!begun) {
            moves.make(stored.id(), run, step, made.who(), at);
        }
        return "";
    }

    private static WorkStore.Of of(long id, Made made) {
        return new WorkStore.Of(id, made.lot());
    }

    private static LotPlan lot(StoredBatch stored, Made made) {
        return BatchPlan.of(stored.batch()).lot(made.lot());
    }

    private static Mass mass(Made made) {
        return TypedValue.read(
                        made.value(), "g", Optional.of(Dimension.MASS), made.units(), Optional.empty(), CupStandard.US)
                .map(value -> Mass.ofGrams(value.metric()))
                .orElseThrow(() -> new Refused("“" + made.value() + "” is no mass"));
    }
}
