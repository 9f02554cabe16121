package ironpin.wrapper;

import java.util.List;

/** How a piece is closed: the shape it encloses, its pleats, and how to do it. */
public enum Fold {
    HALF_MOON(
            "plain half-moon",
            Enclosure.TUBE,
            0,
            6,
            List.of(
                    "Lay the filling in the middle, a finger from the edge.",
                    "Fold over and press from the middle outwards, pushing the air out.",
                    "Run two fingers along the seam once more.")),
    TRIANGLE(
            "triangle with joined corners",
            Enclosure.TUBE,
            0,
            6,
            List.of(
                    "Lay the filling in the middle and wet two edges.",
                    "Fold corner to corner and press from the middle outwards, pushing the air out.",
                    "Bring the two far corners together, wet one, and press them onto each other.")),
    PLEATED_CRESCENT(
            "crescent pleated on one side",
            Enclosure.TUBE,
            9,
            6,
            List.of(
                    "Fold over and pinch one corner.",
                    "Push a small fold of the near edge forward and press it to the far edge.",
                    "Repeat along the rim; the far edge stays smooth and the piece curves.",
                    "Pinch the last corner and set it down on its flat seat.")),
    LEAF(
            "leaf",
            Enclosure.TUBE,
            12,
            5,
            List.of(
                    "Hold the wrapper in a cupped hand and tuck the near corner over the filling.",
                    "Pinch a fold from the left over it, then one from the right.",
                    "Go on left and right, like the veins of a leaf, to the far end.",
                    "Twist the tip shut.")),
    PURSE(
            "round purse",
            Enclosure.PURSE,
            14,
            4,
            List.of(
                    "Hold the wrapper flat on the fingers, filling in the middle.",
                    "Pinch a pleat, turn a little, pinch the next over it; the thumb holds the filling down.",
                    "Close the last pleat and twist off the top.")),
    GATHERED_BALL(
            "gathered ball",
            Enclosure.DISC,
            8,
            0,
            List.of(
                    "Cup the disc round the ball of filling.",
                    "Gather the edge upwards in pleats and pinch off the spare dough.",
                    "Seam down, let it rest a little, then press flat from the middle outwards."));

    /** What kind of room the fold makes. */
    public enum Enclosure {
        /** A disc folded over: a tube that narrows to both ends. */
        TUBE,
        /** A disc gathered to a point above. */
        PURSE,
        /** A ball pressed flat. */
        DISC
    }

    private final String label;
    private final Enclosure enclosure;
    private final int pleats;
    private final double seamMm;
    private final List<String> steps;

    Fold(String label, Enclosure enclosure, int pleats, double seamMm, List<String> steps) {
        this.label = label;
        this.enclosure = enclosure;
        this.pleats = pleats;
        this.seamMm = seamMm;
        this.steps = steps;
    }

    /** In a cook's words. */
    public String label() {
        return label;
    }

    /** The kind of room it makes. */
    public Enclosure enclosure() {
        return enclosure;
    }

    /** Usual number of pleats; 0 for none. */
    public int pleats() {
        return pleats;
    }

    /** Width of rim the seam takes, mm. */
    public double seamMm() {
        return seamMm;
    }

    /** What the hands do, in order. */
    public List<String> steps() {
        return steps;
    }
}
