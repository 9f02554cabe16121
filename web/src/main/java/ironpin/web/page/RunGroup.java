package ironpin.web.page;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;

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
        Set<String> now = Stream.concat(
                        run.now().stream(),
                        IntStream.range(0, people).mapToObj(run::now).flatMap(Optional::stream))
                .map(RunStep::key)
                .collect(Collectors.toSet());
        List<RunStep> waiting =
                open.stream().filter(step -> !now.contains(step.key())).toList();
        List<RunStep> alone = waiting.stream().filter(RunStep::underWay).toList();
        List<RunStep> coming = waiting.stream().filter(step -> !step.underWay()).toList();
        int next = Math.min(NEXT, coming.size());
        int before = Math.max(0, done.size() - JUST_DONE);
        List<RunGroup> all = new ArrayList<>();
        all.add(new RunGroup("Just done", false, done.subList(before, done.size())));
        all.add(new RunGroup(
                "Now",
                false,
                open.stream().filter(step -> now.contains(step.key())).toList()));
        all.add(new RunGroup("By itself", false, alone));
        all.add(new RunGroup("Next", false, coming.subList(0, next)));
        all.add(new RunGroup("Later", true, coming.subList(next, coming.size())));
        all.add(new RunGroup("Done before", true, done.subList(0, before)));
        return all.stream().filter(group -> !group.steps().isEmpty()).toList();
    }

    /** For its element, so that what was opened stays open. */
    public String id() {
        return "steps-" + name.toLowerCase(Locale.ROOT).replace(' ', '-');
    }
}
