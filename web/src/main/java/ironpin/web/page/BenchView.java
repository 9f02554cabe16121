package ironpin.web.page;

import ironpin.batch.Station;
import ironpin.clock.TaskKey;
import ironpin.crew.Person;
import ironpin.plan.LotPlan;
import ironpin.quantity.Sentence;
import ironpin.store.Status;
import ironpin.web.picture.Drawings;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * What stands on the bench.
 *
 * @param screen of the batch
 * @param who number of the person, from 0; less than that for everybody
 * @param step that is looked at: the one to do now, or one that was leafed to
 * @param now whether it is the one to do now
 * @param before key of the step before it in the line; empty for the first
 * @param after key of the step after it; empty for the last
 */
public record BenchView(Screen screen, int who, Optional<RunStep> step, boolean now, String before, String after) {
    /**
     * A bench that can be gone to.
     *
     * @param no in its address: 0 for everybody, 1 for the first
     * @param here whether it is this one
     */
    public record Of(int no, String name, boolean here) {}

    /** @param at key of a step that is leafed to; anything else is the one to do now */
    public static BenchView of(Screen screen, int who, String at) {
        List<RunStep> line = screen.run().line(who);
        Optional<RunStep> now = screen.run().now(who);
        Optional<RunStep> leafed =
                line.stream().filter(step -> step.key().equals(at)).findFirst();
        Optional<RunStep> step = leafed.or(() -> now);
        int place = step.map(line::indexOf).orElse(-1);
        return new BenchView(
                screen,
                who,
                step,
                step.equals(now),
                place > 0 ? line.get(place - 1).key() : "",
                place >= 0 && place + 1 < line.size() ? line.get(place + 1).key() : "");
    }

    /** Whether work has not begun, and would by the next press. */
    public boolean begins() {
        return screen.stored().status() == Status.PLANNED && now && step.isPresent();
    }

    /** Whose bench it is, in a word. */
    public String name() {
        List<Person> people = screen.batch().crew().people();
        return who >= 0 && who < people.size() ? people.get(who).name() : "Everybody";
    }

    /** Everybody, and each by name: what is in the address for them, and how they are called. */
    public List<Of> benches() {
        List<Of> all = new ArrayList<>(List.of(new Of(0, "Everybody", who < 0)));
        List<Person> people = screen.batch().crew().people();
        for (int i = 0; i < people.size(); i++) {
            all.add(new Of(i + 1, people.get(i).name(), who == i));
        }
        return all;
    }

    /** All steps of the day, as somebody at the counter looks for them. */
    public List<RunGroup> groups() {
        return RunGroup.of(screen.run(), screen.batch().crew().people().size());
    }

    /** Who does a step, by name, where there is more than one. */
    public String who(RunStep one) {
        return screen.batch().crew().people().size() > 1 ? screen.plan().day().who(one.slot()) : "";
    }

    /** Who does a step, by name. */
    public List<String> names(RunStep one) {
        return screen.plan().day().names(one.slot());
    }

    /** What comes after the step in the line. */
    public Optional<RunStep> then() {
        return now ? screen.run().then(who) : Optional.empty();
    }

    /** Timers that belong to other steps. */
    public List<Ringing> others() {
        String key = step.map(RunStep::key).orElse("");
        return screen.run().timers().stream()
                .filter(timer -> !timer.taskKey().equals(key))
                .toList();
    }

    /** The step's own pictures. */
    public List<Sentence> pictures(Drawings draw) {
        return step.map(one -> pictures(draw, one)).orElse(List.of());
    }

    /** Pictures of any step. */
    public List<Sentence> pictures(Drawings draw, RunStep one) {
        TaskKey of = one.slot().task().of();
        if (of instanceof TaskKey.Shaped tray) {
            LotPlan lot = screen.plan().lot(tray.lot());
            return lot.lot().bought().isPresent() ? List.of(draw.fold(lot)) : List.of(draw.rope(lot), draw.fold(lot));
        }
        if (of instanceof TaskKey.Cooked round) {
            LotPlan lot = screen.plan().lot(round.lot());
            List<Integer> sizes = lot.rounds().sizes();
            return List.of(draw.vessel(lot, sizes.get(Math.min(round.round(), sizes.size()) - 1)));
        }
        if (of instanceof TaskKey.Heated heat) {
            return List.of(draw.vessel(screen.plan().lot(heat.lot()), 0));
        }
        if (of instanceof TaskKey.OfDough dough) {
            return of(dough.no(), Station.DOUGH)
                    .map(lot ->
                            dough.step() == TaskKey.OfDough.Step.MIX ? draw.water(screen.plan(), lot) : draw.knead(lot))
                    .stream()
                    .toList();
        }
        if (of instanceof TaskKey.OfFilling filling) {
            return of(filling.no(), Station.FILLING).map(lot -> draw.filling(screen.plan(), lot)).stream()
                    .toList();
        }
        return List.of(draw.table(screen.plan()));
    }

    private Optional<LotPlan> of(int no, Station station) {
        return screen.plan().lots().stream()
                .filter(lot -> (station == Station.DOUGH
                                ? lot.lot().doughNo()
                                : lot.lot().fillingNo())
                        == no)
                .findFirst();
    }

    /** As it is read aloud. */
    public Sentence aloud() {
        return step.map(one -> Sentence.of(
                        one.slot().task().title(),
                        " ",
                        one.press().text(),
                        " ",
                        one.slot().task().detail()))
                .orElse(Sentence.of("Everything is on the table."));
    }
}
