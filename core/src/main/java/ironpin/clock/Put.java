package ironpin.clock;

import ironpin.schedule.Answer;
import ironpin.schedule.Checked;
import ironpin.schedule.Draft;
import ironpin.schedule.Problem;
import ironpin.schedule.Score;
import ironpin.schedule.Solver;
import java.time.Duration;
import java.util.Comparator;
import java.util.Map;
import java.util.Optional;

/** Whether a task can stay where the cook put it. */
public final class Put {
    /** How often the day is laid out around it before it is called impossible. */
    private static final int TRIES = 160;

    private static final Duration EFFORT = Duration.ofMillis(600);

    private Put() {}

    /**
     * Why not, in a few words; nothing where it can.
     *
     * @param before the day as it was
     * @param with the same with the task put somewhere
     * @param solver who is asked before it is called impossible
     */
    public static Optional<String> refusal(DayPlan before, DayPlan with, Solver solver) {
        Problem problem = Layout.problem(with);
        Checked found = Layout.first(with).checked();
        Checked usual = Layout.first(before).checked();
        if (worse(usual, found)) {
            Answer more = Draft.backwards(problem, TRIES);
            found = Checked.of(problem, more);
            found = worse(usual, found) ? solver.improve(problem, more, EFFORT).checked() : found;
        }
        return worse(usual, found) ? Optional.of(why(with, problem, found)) : Optional.empty();
    }

    private static boolean worse(Checked usual, Checked found) {
        Score before = usual.score();
        Score after = found.score();
        return after.broken() > 0 || after.excess() > before.excess() || after.late() > before.late();
    }

    private static String why(DayPlan day, Problem problem, Checked found) {
        if (!found.wrong().isEmpty()) {
            return Clash.of(day, problem, found.wrong().get(0)).said();
        }
        if (found.longer().isEmpty()) {
            return "the table would be " + minutes(found.score().late()) + " min late";
        }
        Map.Entry<Integer, Integer> longest = found.longer().entrySet().stream()
                .max(Comparator.comparing(Map.Entry::getValue))
                .orElseThrow();
        Gap.Kind kind = Gap.Kind.valueOf(problem.lags().get(longest.getKey()).key());
        long minutes = minutes(longest.getValue());
        return switch (kind) {
            case DOUGH_RESTS -> "a dough would stand " + minutes + " min too long";
            case GREENS_WEEP -> "salted greens would weep " + minutes + " min too long";
            case FILLING_IS_OUT -> "a filling would be out of the fridge " + minutes + " min too long";
            case PIECES_WAIT -> "wrapped pieces would wait " + minutes + " min too long, and the fridge is full";
            case PLATES_COOL -> "plates would wait " + minutes + " min too long";
            case TABLE_WAITS -> "the last plates would come " + minutes + " min too late";
        };
    }

    private static long minutes(int ticks) {
        return Math.max(1, Layout.TICK.multipliedBy(ticks).toMinutes());
    }
}
