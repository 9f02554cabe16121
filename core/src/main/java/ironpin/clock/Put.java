package ironpin.clock;

import ironpin.schedule.Answer;
import ironpin.schedule.Checked;
import ironpin.schedule.Draft;
import ironpin.schedule.Problem;
import ironpin.schedule.Score;
import ironpin.schedule.Solved;
import ironpin.schedule.Solver;
import java.time.Duration;
import java.util.Comparator;
import java.util.Map;
import java.util.Optional;

/**
 * A task that the cook put somewhere, and the day around it.
 *
 * @param refusal why it cannot stay there, in a few words; nothing where it can
 * @param laid the day around it, as much like before as could be
 */
public record Put(Optional<String> refusal, Solved laid) {
    /** How often the day is laid out around it before it is called impossible. */
    private static final int TRIES = 160;

    /** How often it is laid out in the order it had. */
    private static final int LIKE = 3;

    private static final Duration EFFORT = Duration.ofMillis(600);

    /**
     * @param before the day as it was
     * @param shown how it was laid out
     * @param with the same day with the task put somewhere
     * @param solver who is asked before it is called impossible
     */
    public static Put of(DayPlan before, Timetable shown, DayPlan with, Solver solver) {
        Problem was = Layout.problem(before);
        Score usual = better(was, Layout.first(before).answer(), Layout.like(before, was, shown))
                .checked()
                .score();
        Problem problem = Layout.problem(with);
        Answer same = Layout.like(with, problem, shown);
        Solved found = Solved.unproven(problem, same);
        if (worse(usual, found)) {
            found = better(problem, same, Draft.backwards(problem, same, LIKE));
        }
        if (worse(usual, found)) {
            found = better(problem, found.answer(), Layout.first(with).answer());
        }
        if (worse(usual, found)) {
            found = better(problem, found.answer(), Draft.backwards(problem, TRIES));
        }
        if (worse(usual, found)) {
            Solved improved = solver.improve(problem, found.answer(), EFFORT);
            found = better(problem, found.answer(), improved.answer());
        }
        return new Put(
                worse(usual, found) ? Optional.of(why(with, problem, found.checked())) : Optional.empty(), found);
    }

    private static Solved better(Problem problem, Answer one, Answer other) {
        Solved first = Solved.unproven(problem, one);
        Solved second = Solved.unproven(problem, other);
        return second.checked().score().compareTo(first.checked().score()) < 0 ? second : first;
    }

    private static boolean worse(Score before, Solved found) {
        Score after = found.checked().score();
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
        String key = problem.lags().get(longest.getKey()).key();
        if (key.equals(DayProblem.AT_ONCE)) {
            return "a rest begins by itself when the work before it ends: move that";
        }
        Gap.Kind kind = Gap.Kind.valueOf(key);
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
