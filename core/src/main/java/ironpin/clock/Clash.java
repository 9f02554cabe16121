package ironpin.clock;

import ironpin.schedule.Problem;
import ironpin.schedule.Wrong;
import java.util.HashSet;
import java.util.Set;

/**
 * Something in a day that cannot be as it is laid out, because of what was put somewhere or who is not there.
 *
 * @param said in a few words, without a full stop
 * @param about keys of the tasks that would have to be elsewhere
 */
public record Clash(String said, Set<String> about) {
    public Clash {
        about = Set.copyOf(about);
    }

    static Clash of(DayPlan day, Problem problem, Wrong wrong) {
        Set<String> about = new HashSet<>();
        for (int task : new int[] {wrong.kind() == Wrong.Kind.TOO_SOON ? -1 : wrong.job(), wrong.other()}) {
            if (task >= 0) {
                about.add(day.tasks().get(task).key());
            }
        }
        return new Clash(said(day, problem, wrong), about);
    }

    private static String said(DayPlan day, Problem problem, Wrong wrong) {
        return switch (wrong.kind()) {
            case TOO_SOON -> title(day, wrong.other()) + " would come too soon after " + title(day, wrong.job());
            case MISPLACED -> title(day, wrong.job()) + " cannot be where it was put";
            case AWAY -> name(problem, wrong) + " would not be there for " + title(day, wrong.job());
            case AT_ONCE ->
                name(problem, wrong) + " would do " + title(day, wrong.job()) + " and " + title(day, wrong.other())
                        + " at once";
            case FULL ->
                "there would not be enough room: "
                        + problem.rooms().get(wrong.of()).key();
        };
    }

    private static String name(Problem problem, Wrong wrong) {
        return problem.workers().get(wrong.of()).key();
    }

    private static String title(DayPlan day, int task) {
        return "“" + day.tasks().get(task).name() + "”";
    }
}
