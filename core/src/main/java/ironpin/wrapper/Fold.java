package ironpin.wrapper;

import java.util.Arrays;
import java.util.List;

/** How a piece is closed: the shape it encloses, its pleats, what it suits, and how to do it. */
public enum Fold {
    HALF_MOON(
            "plain half-moon",
            Closing.of(Enclosure.TUBE, Outline.ROUND, 6, 0.92, 0.42).bought().seconds(35),
            Hardness.EASY,
            "boiling and soup; the first fold to learn",
            "Lay the filling in the middle, a finger from the edge.",
            "Fold the near edge over onto the far one.",
            "Press from the middle outwards, pushing the air out.",
            "Run two fingers along the seam once more."),
    PRESSED_CORNERS(
            "half-moon pressed between the thumbs",
            Closing.of(Enclosure.TUBE, Outline.ROUND, 8, 0.62, 0.46).bought().seconds(40),
            Hardness.EASY,
            "boiling in quantity: the quickest seam that never opens",
            "Lay the filling in the middle.",
            "Fold over and press the middle shut.",
            "Tuck both corners in towards the middle.",
            "Lay both forefingers behind and squeeze the rim between thumbs and fingers: it bulges into a belly."),
    JOINED_CORNERS(
            "half-moon with joined corners",
            Closing.of(Enclosure.TUBE, Outline.ROUND, 7, 0.56, 0.5).bought().seconds(45),
            Hardness.EASY,
            "broth and boiling: a hat that stands, and a seam that lies twice",
            "Lay the filling in the middle.",
            "Fold over and press from the middle outwards, pushing the air out.",
            "Bring both corners round the belly, wet one, and press them onto each other."),
    CRIMPED_EDGE(
            "half-moon with a crimped edge",
            Closing.of(Enclosure.TUBE, Outline.ROUND, 10, 0.94, 0.5).bought().seconds(40),
            Hardness.EASY,
            "frying and the oven; filling that is dry enough to lie flat",
            "Lay the filling in the middle.",
            "Fold over and press the edges together.",
            "Lay it down so that the seam lies flat.",
            "Press a fork's tines, or a crimper, along the seam."),
    PLEATED_CRESCENT(
            "crescent pleated on one side",
            Closing.of(Enclosure.TUBE, Outline.ROUND, 6, 0.74, 0.4)
                    .pleats(9, 0.5)
                    .bought()
                    .seconds(50),
            Hardness.MIDDLING,
            "the pan and the pot: it curves, and stands on a flat seat",
            "Lay the filling in the middle and pinch one corner shut.",
            "Push a small fold of the near edge forward and press it to the far edge.",
            "Repeat along the rim; the far edge stays smooth and the piece curves.",
            "Pinch the last corner and set it down on its flat seat."),
    CENTRE_OUT(
            "pleated from the centre out",
            Closing.of(Enclosure.TUBE, Outline.ROUND, 6, 0.78, 0.42)
                    .pleats(6, 0.5)
                    .bought()
                    .seconds(50),
            Hardness.MIDDLING,
            "steaming and the pan: three pleats to a side, alike from left and right",
            "Lay the filling in the middle and pinch the two edges together at the top.",
            "Fold three pleats on the right, each towards the middle.",
            "Fold three on the left, towards the middle as well.",
            "Pinch along the rim and set it down upright."),
    ROPE_EDGE(
            "rope-edge half-moon",
            Closing.of(Enclosure.TUBE, Outline.ROUND, 9, 0.9, 0.46)
                    .pleats(14, 0.5)
                    .seconds(65),
            Hardness.HARD,
            "frying, baking and loose fillings: the seam is doubled",
            "Lay the filling in the middle and fold over.",
            "Press a flat seam, wide as a finger.",
            "Fold the corner of the seam over and pinch; fold the next bit over the pinch.",
            "Go on to the other end and tuck the last turn under."),
    LEAF(
            "leaf",
            Closing.of(Enclosure.TUBE, Outline.ROUND, 5, 0.8, 0.38)
                    .pleats(12, 1)
                    .seconds(65),
            Hardness.HARD,
            "steaming: it lies flat and shows its veins",
            "Hold the wrapper in a cupped hand and tuck the near corner over the filling.",
            "Pinch a fold from the left over it, then one from the right.",
            "Go on left and right, like the veins of a leaf, to the far end.",
            "Twist the tip shut."),
    PURSE(
            "round purse",
            Closing.of(Enclosure.PURSE, Outline.ROUND, 4, 0.52, 0.52)
                    .pleats(14, 1)
                    .bought()
                    .seconds(75),
            Hardness.HARD,
            "steaming, and soup that sets inside",
            "Hold the wrapper flat on the fingers, filling in the middle.",
            "Pinch a pleat, turn a little, pinch the next over it; the thumb holds the filling down.",
            "Go on round until the last pleat meets the first.",
            "Gather the top and twist it shut."),
    TRIANGLE(
            "triangle with joined corners",
            Closing.of(Enclosure.TRIANGLE, Outline.SQUARE, 6, 1, 0.62).bought().seconds(40),
            Hardness.EASY,
            "soup and boiling: squares only",
            "Lay the filling in the middle and wet two edges.",
            "Fold corner to corner and press from the middle outwards, pushing the air out.",
            "Bring the two far corners together, wet one, and press them onto each other."),
    GATHERED_BALL(
            "gathered ball",
            Closing.of(Enclosure.DISC, Outline.ROUND, 0, 1, 1)
                    .pleats(8, 1)
                    .spare(0.05)
                    .seconds(90),
            Hardness.MIDDLING,
            "griddle breads: the spare dough is pinched off so that no side is thick",
            "Cup the disc round the ball of filling.",
            "Gather the edge upwards in pleats.",
            "Pinch off the spare dough at the top.",
            "Seam down, let it rest a little, then press flat from the middle outwards."),
    CLOSED_BALL(
            "ball drawn shut",
            Closing.of(Enclosure.DISC, Outline.ROUND, 0, 1, 1).seconds(80),
            Hardness.MIDDLING,
            "thick breads: nothing is pinched off, and the filling is a little larger than the dough",
            "Press the ball of filling into a cup of dough.",
            "Turn it and draw the dough up over the filling with the thumb's edge.",
            "Close the opening on itself, without a knot.",
            "Seam down, let it rest a little, then press flat from the middle outwards."),
    TWO_DISCS(
            "two discs with the filling between",
            Closing.of(Enclosure.DISC, Outline.ROUND, 8, 1, 1).seconds(100),
            Hardness.EASY,
            "thin breads: as thin as the dough rolls, the same on both sides",
            "Roll two thin discs and spread the filling on one, a finger from its edge.",
            "Lay the other over it and press the air out from the middle.",
            "Press the edges together and crimp them.",
            "Roll over it once more, lightly."),
    LEAF_PARCEL(
            "parcel in a leaf",
            Closing.of(Enclosure.TUBE, Outline.ROUND, 4, 0.6, 0.42).seconds(90),
            Hardness.MIDDLING,
            "starch doughs that are too soft to hold: the leaf is the hand",
            "Soften the leaf over steam, lay it shiny side up, and spread the dough on it.",
            "Lay the filling on the middle.",
            "Fold one long side of the leaf over, then the other over that.",
            "Fold both ends under and lay it on its seam."),
    ROLLED_STRIP(
            "rolled sheet, cut in slices",
            Closing.of(Enclosure.ROLL, Outline.STRIP, 20, 0.3, 0.3).seconds(15),
            Hardness.EASY,
            "steaming and baking in broth: many slices at once",
            "Spread the filling over the sheet; one long edge stays free.",
            "Roll it up towards the free edge, snug but not tight.",
            "Wet the free edge and lay the roll on it.",
            "Cut into equal slices.");

    /** What kind of room the fold makes. */
    public enum Enclosure {
        /** A disc folded over: a tube that narrows to both ends. */
        TUBE,
        /** A square folded corner to corner: a tube that narrows in straight lines. */
        TRIANGLE,
        /** A disc gathered to a point above. */
        PURSE,
        /** Pressed flat. */
        DISC,
        /** A strip rolled up. */
        ROLL
    }

    /** How much practice it takes. */
    public enum Hardness {
        EASY("easy", "right at the first try"),
        MIDDLING("takes an evening", "even after twenty or so"),
        HARD("takes practice", "even after a hundred or so");

        private final String label;
        private final String meaning;

        Hardness(String label, String meaning) {
            this.label = label;
            this.meaning = meaning;
        }

        /** In a word. */
        public String label() {
            return label;
        }

        /** When it comes right, as a rule. */
        public String meaning() {
            return meaning;
        }
    }

    /**
     * A fold's numbers.
     *
     * @param seamMm width of rim the seam takes; of a rolled strip the edge left free
     * @param longShare how long the closed piece is from above, as a share of the wrapper's width
     * @param wideShare and how wide
     * @param pleats usual number; 0 for none
     * @param pleated share of the rim they are in
     * @param spare share of the dough that is pinched off
     * @param bought whether a dry round or square wrapper holds it
     * @param seconds usual time for cutting, rolling, filling and closing one (est.)
     */
    private record Closing(
            Enclosure enclosure,
            Outline outline,
            double seamMm,
            double longShare,
            double wideShare,
            int pleats,
            double pleated,
            double spare,
            boolean holdsBought,
            int seconds) {
        static Closing of(Enclosure enclosure, Outline outline, double seamMm, double longShare, double wideShare) {
            return new Closing(enclosure, outline, seamMm, longShare, wideShare, 0, 0, 0, false, 60);
        }

        Closing pleats(int count, double share) {
            return new Closing(
                    enclosure, outline, seamMm, longShare, wideShare, count, share, spare, holdsBought, seconds);
        }

        Closing spare(double share) {
            return new Closing(
                    enclosure, outline, seamMm, longShare, wideShare, pleats, pleated, share, holdsBought, seconds);
        }

        Closing bought() {
            return new Closing(enclosure, outline, seamMm, longShare, wideShare, pleats, pleated, spare, true, seconds);
        }

        Closing seconds(int each) {
            return new Closing(
                    enclosure, outline, seamMm, longShare, wideShare, pleats, pleated, spare, holdsBought, each);
        }
    }

    private final String label;
    private final Closing closing;
    private final Hardness hardness;
    private final String suits;
    private final List<String> steps;

    Fold(String label, Closing closing, Hardness hardness, String suits, String... steps) {
        this.label = label;
        this.closing = closing;
        this.hardness = hardness;
        this.suits = suits;
        this.steps = List.of(steps);
    }

    /** The folds that a wrapper of this outline takes, made here or out of a pack. */
    public static List<Fold> of(Outline outline, boolean bought) {
        return Arrays.stream(values())
                .filter(fold -> fold.outline() == outline && (!bought || fold.closing.holdsBought()))
                .toList();
    }

    /** In a cook's words. */
    public String label() {
        return label;
    }

    /** The kind of room it makes. */
    public Enclosure enclosure() {
        return closing.enclosure();
    }

    /** What the wrapper looks like before. */
    public Outline outline() {
        return closing.outline();
    }

    /** Usual number of pleats; 0 for none. */
    public int pleats() {
        return closing.pleats();
    }

    /** Share of the rim that is laid into pleats, 0 to 1. */
    public double pleated() {
        return closing.pleated();
    }

    /** Width of rim the seam takes, mm; of a rolled strip the edge that is left free. */
    public double seamMm() {
        return closing.seamMm();
    }

    /** How long the closed piece is from above, as a share of the wrapper's width, before it swells. */
    public double longShare() {
        return closing.longShare();
    }

    /** How wide the closed piece is from above, as a share of the wrapper's width, before it swells. */
    public double wideShare() {
        return closing.wideShare();
    }

    /** Share of the dough that is pinched off when it is closed. */
    public double spare() {
        return closing.spare();
    }

    /** Usual time for one piece, cut, rolled, filled and closed by one pair of hands, s (est.). */
    public int usualSeconds() {
        return closing.seconds();
    }

    /** Whether a dry wrapper out of a pack holds it. */
    public boolean holdsBought() {
        return closing.holdsBought();
    }

    /** How much practice it takes. */
    public Hardness hardness() {
        return hardness;
    }

    /** What it is good for. */
    public String suits() {
        return suits;
    }

    /** How its rim is moistened. @param bought whether the wrapper is dry, out of a pack */
    public Rim rim(boolean bought) {
        if (this == ROLLED_STRIP) {
            return Rim.HALF;
        }
        if (!bought) {
            return this == CRIMPED_EDGE ? Rim.PASTE : Rim.DRY;
        }
        return pleats() > 0 ? Rim.WHOLE : this == CRIMPED_EDGE || this == PRESSED_CORNERS ? Rim.PASTE : Rim.HALF;
    }

    /** What the hands do, in order. */
    public List<String> steps() {
        return steps;
    }
}
