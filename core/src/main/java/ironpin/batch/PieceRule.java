package ironpin.batch;

import ironpin.refusal.Refused;

/** How a lot's number of pieces is decided when neither its flour nor its filling decides it. */
public sealed interface PieceRule {
    /** No lot has more pieces. */
    int MOST = 5_000;

    /** Pieces for a table of this many, before any for the freezer. */
    int forEaters(int eaters);

    /**
     * So many each.
     *
     * @param each pieces for one eater, 1 to 60
     */
    record PerEater(int each) implements PieceRule {
        public PerEater {
            if (each < 1 || each > 60) {
                throw new Refused("1 to 60 pieces for each eater, not " + each);
            }
        }

        /** The nearest number each that a plan can hold. */
        public static PerEater near(double each) {
            return new PerEater((int) Math.min(60, Math.max(1, Math.round(each))));
        }

        @Override
        public int forEaters(int eaters) {
            return each * eaters;
        }
    }

    /**
     * A number the cook has set.
     *
     * @param pieces for the table, 1 to 5,000
     */
    record Counted(int pieces) implements PieceRule {
        public Counted {
            if (pieces < 1 || pieces > MOST) {
                throw new Refused("1 to 5,000 pieces, not " + pieces);
            }
        }

        @Override
        public int forEaters(int eaters) {
            return pieces;
        }
    }
}
