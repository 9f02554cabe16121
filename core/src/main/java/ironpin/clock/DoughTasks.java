package ironpin.clock;

import ironpin.batch.Batch;
import ironpin.batch.Dough;
import ironpin.batch.Station;
import ironpin.batch.balance.Balance;
import ironpin.batch.balance.WeighedDough;
import ironpin.batch.edit.DoughMixing;
import ironpin.clock.TaskKey.OfDough.Step;
import ironpin.cook.CookStep;
import ironpin.dough.Cue;
import ironpin.dough.Kneading;
import ironpin.dough.Mixing;
import ironpin.dough.RestPlan;
import ironpin.quantity.Quantity;
import ironpin.quantity.Sentence;
import ironpin.wording.Name;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;

/** The tasks of one dough: mixed, cooled until hands may go in, kneaded and rested. */
final class DoughTasks {
    private final Dough dough;
    private final Balance.OfDough share;
    private final String key;
    private final String name;
    private final List<Task> tasks = new ArrayList<>();

    private DoughTasks(Dough dough, Balance.OfDough share) {
        this.dough = dough;
        this.share = share;
        this.key = "dough-" + dough.no();
        this.name = Name.within(dough.name());
    }

    /** In order; none where nothing is made of it. */
    static List<Task> of(Batch batch, Balance balance, Dough dough) {
        Balance.OfDough share = balance.dough(dough.no());
        if (share.made().flour().isZero()) {
            return List.of();
        }
        DoughTasks made = new DoughTasks(dough, share);
        made.mix();
        made.cool(DoughMixing.of(batch, balance, dough.no()));
        dough.restPlan().steps().forEach(made::step);
        return made.tasks;
    }

    private void mix() {
        String title = "Weigh and mix the " + name + ".";
        tasks.add(Task.hands(
                        next(Step.MIX),
                        Craft.DOUGH,
                        Station.DOUGH,
                        title,
                        Pace.mixing(share.made().total()),
                        List.of())
                .withDetail(Sentence.of(Quantity.mass(share.made().total().grams(), 0), " in all."))
                .withParts(weighed()));
    }

    /** Every line of it, flours first. */
    private List<Task.Part> weighed() {
        return WeighedDough.of(dough, share.made()).lines().stream()
                .map(line -> new Task.Part(key + "." + line.key(), line.said(), line.amount()))
                .toList();
    }

    /** The wait until hands may go into a scalded dough. */
    private void cool(Mixing mixing) {
        Duration wait = mixing.untilHands(mixing.mixed(dough.water()));
        if (wait.toMinutes() >= 1) {
            String title = "The " + name + " cools until hands may go in.";
            tasks.add(Task.waiting(next(Step.COOL), Station.DOUGH, title, Pace.minutes(wait.toSeconds() / 60.0), last())
                    .withDetail(Sentence.of("Covered, to ", Quantity.celsius(Mixing.HANDS.celsius()), " (est.).")));
        }
    }

    private void step(RestPlan.Step step) {
        boolean work = step.kind().work();
        TaskKey own = next(work ? Step.KNEAD : Step.REST);
        String title = work
                ? "The " + name + ": " + Name.within(step.text())
                : switch (step.kind()) {
                    case FRIDGE -> "The " + name + " rests in the fridge, wrapped.";
                    case WARM_UP -> "The " + name + " warms up, still wrapped.";
                    default -> "The " + name + " rests, covered.";
                };
        String detail =
                (work ? "" : step.text() + " ") + step.cue().map(Cue::text).orElse("");
        tasks.add(Task.waiting(own, Station.DOUGH, title, step.time(), last())
                .withDetail(Sentence.of(detail.strip()))
                .withWork(hands(step))
                .withMeans(step.kind() == RestPlan.Kind.KNEAD && byMachine() ? Set.of(new Means.Machine()) : Set.of())
                .withSpells(work ? List.of(CookStep.of("knead", step.text(), step.time())) : List.of()));
    }

    private Work hands(RestPlan.Step step) {
        boolean alone = !step.kind().work() || (byMachine() && step.kind() == RestPlan.Kind.KNEAD);
        return alone ? Work.ALONE : new Work.Throughout(Craft.DOUGH, false);
    }

    private boolean byMachine() {
        return dough.kneading().by() == Kneading.By.MACHINE;
    }

    private List<TaskKey> last() {
        return List.of(tasks.get(tasks.size() - 1).of());
    }

    /** The next step of its kind. */
    private TaskKey next(Step step) {
        long before = tasks.stream()
                .filter(task -> task.of() instanceof TaskKey.OfDough one && one.step() == step)
                .count();
        return new TaskKey.OfDough(dough.no(), step, (int) before + 1);
    }
}
