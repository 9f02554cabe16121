package ironpin.web.page;

import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.IntStream;

/**
 * Some of the day's steps, as somebody at the counter looks for them.
 *
 * @param name what they have in common
 * @param folded whether they are out of the way until they are asked for
 */
public record RunGroup(String name, boolean folded, List<RunStep> steps) {
    private static final int JUST_DONE = 2;
    private static final int NEXT = 6;

    /** All steps, each once. @param people how many work */
    static List<RunGroup> of(Run run, int people) {
        List<RunStep> done = run.steps().stream().filter(RunStep::done).toList();
        List<RunStep> open = run.steps().stream().filter(step -> !step.done()).toList();
        Set<RunStep> now = new LinkedHashSet<>();
        run.now().ifPresent(now::add);
        IntStream.range(0, people).mapToObj(run::now).flatMap(Optional::stream).forEach(now::add);
        List<RunStep> alone =
                open.stream().filter(RunStep::underWay).filter(not(now)).toList();
        List<RunStep> coming = open.stream().filter(not(now)).filter(not(alone)).toList();
        int next = Math.min(NEXT, coming.size());
        int before = Math.max(0, done.size() - JUST_DONE);
        List<RunGroup> all = new ArrayList<>();
        all.add(new RunGroup("Just done", false, done.subList(before, done.size())));
        all.add(new RunGroup("Now", false, open.stream().filter(now::contains).toList()));
        all.add(new RunGroup("By itself", false, alone));
        all.add(new RunGroup("Next", false, coming.subList(0, next)));
        all.add(new RunGroup("Later", true, coming.subList(next, coming.size())));
        all.add(new RunGroup("Done before", true, done.subList(0, before)));
        return all.stream().filter(group -> !group.steps().isEmpty()).toList();
    }

    private static Predicate<RunStep> not(Collection<RunStep> those) {
        return step -> !those.contains(step);
    }
}
