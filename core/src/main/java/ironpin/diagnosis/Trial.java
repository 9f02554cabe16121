package ironpin.diagnosis;

import ironpin.book.Outcome;
import ironpin.wording.Count;
import java.util.List;

/**
 * Whether a change helped: what went wrong before it against what went wrong after. Each share is a Beta belief,
 * {@code Beta(1 + bad, 1 + good)}; how sure it is that the later one is lower follows exactly,
 * {@code P = Σᵢ B(a₂+i, b₁+b₂) / ((b₁+i)·B(1+i, b₁)·B(a₂, b₂))}. Pieces are counted where pieces were lost, batches where a whole lot was
 * judged.
 *
 * @param badBefore of so many
 * @param allBefore before the change
 * @param badAfter of so many
 * @param allAfter after it; 0 as long as nothing was judged
 * @param pieces whether pieces are counted, and not batches
 */
public record Trial(int badBefore, int allBefore, int badAfter, int allAfter, boolean pieces) {
    /** As sure as that it is said; with nothing behind it up to one pair in twelve is. */
    private static final double SURE = 0.94;

    /** So near to even, with this many seen, nothing was done. */
    private static final double EVEN = 0.3;

    private static final long MOST_SAID = 99;

    private static final int ENOUGH_PIECES = 60;
    private static final int ENOUGH_BATCHES = 3;

    /** What came of a change. */
    public enum Result {
        HELPED("helped"),
        NOTHING("did nothing"),
        WORSE("made it worse"),
        OPEN("not enough to tell yet");

        private final String label;

        Result(String label) {
            this.label = label;
        }

        /** In words. */
        public String label() {
            return label;
        }
    }

    /** A cause before and after. @param cause its key @throws IllegalArgumentException if there is no such cause */
    public static Trial of(String cause, Outcome before, List<Outcome> after) {
        Cause of = Cause.named(cause).orElseThrow(() -> new IllegalArgumentException("no cause is called " + cause));
        boolean pieces = lost(of, before) > 0 && Symptom.of(before).stream().anyMatch(Symptom.COUNTED::contains);
        if (pieces) {
            return new Trial(
                    lost(of, before),
                    before.made(),
                    after.stream().mapToInt(one -> lost(of, one)).sum(),
                    after.stream().mapToInt(Outcome::made).sum(),
                    true);
        }
        return new Trial(
                shows(of, before) ? 1 : 0,
                1,
                (int) after.stream().filter(one -> shows(of, one)).count(),
                after.size(),
                false);
    }

    private static int lost(Cause cause, Outcome outcome) {
        int lost = (cause.explains("burst") ? outcome.burst() : 0)
                + (cause.explains("leaked") ? outcome.leaked() : 0)
                + (cause.explains("stuck") ? outcome.stuck() : 0);
        return Math.min(lost, outcome.made());
    }

    private static boolean shows(Cause cause, Outcome outcome) {
        return Symptom.of(outcome).stream().anyMatch(cause::explains);
    }

    /** How sure it is that less goes wrong after the change, 0 to 1. */
    public double sure() {
        int a1 = 1 + badBefore;
        int b1 = 1 + allBefore - badBefore;
        int a2 = 1 + badAfter;
        int b2 = 1 + allAfter - badAfter;
        double sum = 0;
        for (int i = 0; i < a1; i++) {
            sum += Math.exp(logBeta(a2 + i, b1 + b2) - Math.log(b1 + i) - logBeta(1 + i, b1) - logBeta(a2, b2));
        }
        return Math.min(1, Math.max(0, sum));
    }

    private static double logBeta(int a, int b) {
        return logFactorial(a - 1) + logFactorial(b - 1) - logFactorial(a + b - 1);
    }

    private static double logFactorial(int n) {
        double sum = 0;
        for (int i = 2; i <= n; i++) {
            sum += Math.log(i);
        }
        return sum;
    }

    /** What came of it so far. */
    public Result result() {
        if (allAfter == 0) {
            return Result.OPEN;
        }
        double sure = sure();
        if (sure >= SURE) {
            return Result.HELPED;
        }
        if (sure <= 1 - SURE) {
            return Result.WORSE;
        }
        boolean enough = allAfter >= (pieces ? ENOUGH_PIECES : ENOUGH_BATCHES);
        return enough && sure > EVEN && sure < 1 - EVEN ? Result.NOTHING : Result.OPEN;
    }

    /** With its counts and how sure that is. */
    public String said() {
        if (allAfter == 0) {
            return "not judged yet";
        }
        String what = pieces ? "pieces" : "batches";
        double sure = sure();
        long rounded = Math.round(100 * Math.max(sure, 1 - sure));
        // Nothing that was counted makes anybody wholly sure.
        String percent = rounded > MOST_SAID ? "over " + MOST_SAID : String.valueOf(rounded);
        return result().label() + ": " + badBefore + " of " + allBefore + " " + what + " before, " + badAfter + " of "
                + Count.of(allAfter, pieces ? "piece" : "batch", what) + " after (" + percent + " % sure it is "
                + (sure >= 0.5 ? "less" : "more") + ")";
    }
}
