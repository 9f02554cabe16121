package ironpin.web.run;

import ironpin.batch.Batch;
import ironpin.clock.Task;
import ironpin.clock.TaskKey;
import ironpin.clock.Work;
import ironpin.crew.Person;
import ironpin.store.BatchStore;
import ironpin.store.Cupboard;
import ironpin.store.FireStore;
import ironpin.store.PaceStore;
import ironpin.store.RunStore;
import ironpin.store.StoredBatch;
import ironpin.store.WorkStore.Of;
import ironpin.web.cook.RoundsInAndOut;
import ironpin.web.kitchen.FireDesk;
import ironpin.web.page.Plans;
import ironpin.web.page.Press;
import ironpin.web.page.Run;
import ironpin.web.page.RunStep;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZonedDateTime;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.springframework.stereotype.Component;

/** What a press in the middle of the work does: everything that belongs to it happens at one moment, and is taken back with it. */
@Component
public class Moves {
    /** Shorter or longer by more than this is no pace but a press too early or too late. */
    private static final double QUICKEST = 0.3;

    private static final double SLOWEST = 3;

    private final Cupboard cupboard;
    private final BatchStore batches;
    private final RunStore runs;
    private final Plans plans;
    private final FireStore fire;
    private final FireDesk desk;
    private final PaceStore paces;
    private final RoundsInAndOut rounds;
    private final Clock clock;

    Moves(
            Cupboard cupboard,
            BatchStore batches,
            RunStore runs,
            Plans plans,
            FireStore fire,
            FireDesk desk,
            PaceStore paces,
            RoundsInAndOut rounds,
            Clock clock) {
        this.cupboard = cupboard;
        this.batches = batches;
        this.runs = runs;
        this.plans = plans;
        this.fire = fire;
        this.desk = desk;
        this.paces = paces;
        this.rounds = rounds;
        this.clock = clock;
    }

    /** How far a batch has come, as it stood at a moment. */
    public Run run(long id, Instant at) {
        StoredBatch stored = batches.load(id);
        return Run.of(plans.of(stored), stored.startedAt(), runs.done(id), runs.timers(id), at.atZone(clock.getZone()));
    }

    /**
     * The next move in a step that may begin.
     *
     * @param who number of the person, from 0; less than that where nobody said
     * @param now when it is, or was, made
     */
    public void make(long id, Run run, RunStep step, int who, Instant now) {
        switch (step.press().sent()) {
            case Press.START -> start(id, step.slot().task(), now);
            case Press.ANSWER -> answer(id, step, now);
            default -> over(id, run, step, who, now);
        }
    }

    private void start(long id, Task task, Instant now) {
        if (task.of() instanceof TaskKey.Cooked round
                && fire.rounds(new Of(id, round.lot())).size() + 1 == round.round()) {
            rounds.in(id, round.lot(), now);
            return;
        }
        cupboard.together(() -> {
            if (task.spells().isEmpty()) {
                runs.startTimer(id, task.key(), "", task.time(), now);
            }
            Duration end = Duration.ZERO;
            for (var spell : task.spells()) {
                end = end.plus(spell.time());
                runs.startTimer(id, task.key(), spell.key(), end, now);
            }
            return batches.start(id, now);
        });
    }

    private void answer(long id, RunStep step, Instant now) {
        step.timers().stream()
                .filter(timer -> !timer.endsAt().isAfter(now))
                .forEach(timer -> runs.stopTimer(id, timer.id(), now));
    }

    /** A step is over: what only waits for it begins. A step that must wait for another is not begun. */
    public void over(long id, Run run, RunStep step, int who, Instant now) {
        if (!step.ready()) {
            return;
        }
        Task task = step.slot().task();
        cupboard.together(() -> {
            Batch batch = batches.start(id, now).batch();
            Optional<String> person = person(batch, who);
            runs.tick(id, task.key(), person.orElse(null), now);
            // A step that is done needs no timer any more.
            step.timers().forEach(timer -> runs.stopTimer(id, timer.id(), now));
            if (task.of() instanceof TaskKey.Cooked round
                    && desk.shown(new Of(id, round.lot())).isPresent()) {
                rounds.out(id, round.lot(), now);
            }
            begin(id, run, task, now);
            person.ifPresent(name -> learn(id, step, name, now));
            return batch;
        });
    }

    /** What rang is seen to: a wait whose time is over is over, and its timers are quiet. */
    public void seenTo(long id, RunStep step, Instant now) {
        cupboard.together(() -> {
            runs.tick(id, step.key(), now);
            step.timers().forEach(timer -> runs.stopTimer(id, timer.id(), now));
            return step;
        });
    }

    /** Something that is weighed for a step is, or is not after all. */
    public void weighed(long id, String key, boolean done, Instant now) {
        if (!done) {
            runs.untick(id, key);
            return;
        }
        cupboard.together(() -> {
            runs.tick(id, key, now);
            return batches.start(id, now);
        });
    }

    /** A step is not over after all: what began only because it was has not begun, and nothing was learned of it. */
    void notOver(long id, Run run, RunStep step) {
        Instant now = clock.instant();
        cupboard.together(() -> {
            runs.untick(id, step.key());
            paces.forget(id, step.key());
            run.steps().stream()
                    .filter(next -> next.slot().task().waits())
                    .filter(next -> next.slot().task().after().contains(step.key()))
                    .flatMap(next -> next.timers().stream())
                    .forEach(timer -> runs.stopTimer(id, timer.id(), now));
            return step;
        });
    }

    private static Optional<String> person(Batch batch, int who) {
        List<Person> people = batch.crew().people();
        return who >= 0 && who < people.size() ? Optional.of(people.get(who).name()) : Optional.empty();
    }

    /** Whatever gets on by itself and waited for this only: its timer runs. */
    private void begin(long id, Run run, Task over, Instant now) {
        Set<String> done = new HashSet<>(run.progress().done());
        done.add(over.key());
        for (RunStep next : run.steps()) {
            Task task = next.slot().task();
            boolean begins = task.waits()
                    && task.after().contains(over.key())
                    && done.containsAll(task.after())
                    && !done.contains(task.key());
            if (begins && next.timers().isEmpty()) {
                runs.startTimer(id, task.key(), "", task.time(), now);
            }
        }
    }

    private void learn(long id, RunStep step, String name, Instant now) {
        Task task = step.slot().task();
        if (!(task.work() instanceof Work.Throughout) || step.slot().people().size() != 1) {
            return;
        }
        step.standing().begun(task).map(ZonedDateTime::toInstant).ifPresent(begun -> {
            double seen = (double) Duration.between(begun, now).toMillis()
                    / task.time().toMillis();
            if (seen >= QUICKEST && seen <= SLOWEST) {
                paces.took(id, task.key(), name, seen, now);
            }
        });
    }

    /** Takes the last move back. */
    void takeBack(long id) {
        Set<Integer> burning = new HashSet<>();
        cupboard.together(() -> {
            Optional<Instant> at = runs.takeBack(id);
            at.ifPresent(moment -> {
                paces.takeBack(id, moment);
                fire.takeBack(id, moment).forEach(burning::add);
            });
            return at;
        });
        burning.forEach(lot -> {
            desk.out(new Of(id, lot));
            fire.onTheFire().stream()
                    .filter(round -> round.of().equals(new Of(id, lot)))
                    .forEach(desk::in);
        });
    }
}
