package ironpin.rehearsal;

import ironpin.quantity.Sentence;
import ironpin.rehearsal.Sign.Kind;
import java.util.SplittableRandom;

/** A question to the eye: of two things that are drawn one is meant. The better a card is known, the nearer the two are to each other. */
public enum Card {
    WATER("Which of these wants water?", Kind.DOUGH, -0.7, -2.2, 0, "Its edge splits, and crumbs stay behind."),
    FLOUR("Which of these wants flour?", Kind.DOUGH, 0.7, 2.2, 0, "It spreads, and hangs on the thumb in strings."),
    REST(
            "Which of these should rest longer?",
            Kind.DISC,
            0.95,
            0.85,
            1,
            "It has drawn back from the ring it was rolled to: the gluten is tired."),
    LONG("Which of these was cut too long?", Kind.PIECE, 1.07, 1.3, 1, "It reaches over the mark."),
    FULL("Which of these will burst?", Kind.CLOSING, 1.08, 1.35, 0.8, "Its lips do not meet over the filling."),
    CROWDED(
            "Which pot is not ready for another round?",
            Kind.POT,
            0.6,
            0.2,
            1,
            "It does not boil all over: what goes in now sticks before it moves."),
    RAW(
            "Which of these goes back into the pot?",
            Kind.MIDDLE,
            0.8,
            0.4,
            1,
            "Its middle is still soft and pink; probe it, too.");

    /** Boxes of a card: from never right to known. */
    public static final int BOXES = 5;

    private final String question;
    private final Kind kind;
    private final double near;
    private final double far;
    private final double right;
    private final String because;

    Card(String question, Kind kind, double near, double far, double right, String because) {
        this.question = question;
        this.kind = kind;
        this.near = near;
        this.far = far;
        this.right = right;
        this.because = because;
    }

    /** As it is asked. */
    public String question() {
        return question;
    }

    /** Why it is the one that is meant. */
    public String because() {
        return because;
    }

    /**
     * Two things side by side.
     *
     * @param left what is drawn at the left
     * @param right and at the right
     * @param meantLeft whether the left one is meant
     */
    public record Pair(Sign left, Sign right, boolean meantLeft) {}

    /**
     * Drawn from a seed.
     *
     * @param box from 0, never right, to {@link #BOXES} − 1: the higher, the smaller the difference
     */
    public Pair pair(long seed, int box) {
        SplittableRandom random = new SplittableRandom(seed * 31 + ordinal());
        double hard = Math.max(0, Math.min(1, (double) box / (BOXES - 1)));
        double meant = far + (near - far) * hard + (far - near) * 0.1 * random.nextDouble();
        // The other one is as it should be, or nearly.
        double other = right + (near - right) * 0.25 * hard * random.nextDouble();
        boolean meantLeft = random.nextBoolean();
        return new Pair(sign(meantLeft ? meant : other, "left"), sign(meantLeft ? other : meant, "right"), meantLeft);
    }

    /** What it shows is for the eye: in words it would be told. */
    private Sign sign(double amount, String where) {
        return new Sign(kind, amount, Sentence.of("the one at the " + where));
    }

    /** The box after an answer: one further, or back to the first. */
    public static int after(int box, boolean right) {
        return right ? Math.min(BOXES - 1, box + 1) : 0;
    }
}
