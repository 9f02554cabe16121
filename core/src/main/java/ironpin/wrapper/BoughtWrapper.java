package ironpin.wrapper;

import io.soabase.recordbuilder.core.RecordBuilder;
import ironpin.portion.RopePlan;
import ironpin.quantity.Length;
import ironpin.quantity.Mass;
import ironpin.refusal.Refused;
import java.util.List;

/**
 * A wrapper out of a pack. It is dry: it wants a wet rim, hardly stretches, and holds only simple folds.
 *
 * @param shape round or square
 * @param thickness thin or thick
 * @param size width of a round one, side of a square one, 50–250 mm
 * @param each mass of one, 2–60 g
 * @param perPack how many in a pack, 1–200
 */
@RecordBuilder
public record BoughtWrapper(Shape shape, Thickness thickness, Length size, Mass each, int perPack)
        implements BoughtWrapperBuilder.With {
    /** Round or square. */
    public enum Shape {
        ROUND("round"),
        SQUARE("square");

        private final String label;

        Shape(String label) {
            this.label = label;
        }

        /** In a word. */
        public String label() {
            return label;
        }
    }

    /** How thick, with what it is good for. */
    public enum Thickness {
        THIN("thin", "for steaming and soup; tears when overfilled"),
        THICK("thick", "for boiling and the pan; chewier");

        private final String label;
        private final String tradeOff;

        Thickness(String label, String tradeOff) {
            this.label = label;
            this.tradeOff = tradeOff;
        }

        /** In a word. */
        public String label() {
            return label;
        }

        /** What it is good for. */
        public String tradeOff() {
            return tradeOff;
        }
    }

    public BoughtWrapper {
        if (size.millimetres() < 50 || size.millimetres() > 250) {
            throw new Refused("a bought wrapper is 50 to 250 mm wide, not " + size);
        }
        if (each.grams() < 2 || each.grams() > 60) {
            throw new Refused("a bought wrapper weighs 2 to 60 g, not " + each);
        }
        if (perPack < 1 || perPack > 200) {
            throw new Refused("a pack holds 1 to 200 wrappers, not " + perPack);
        }
    }

    /** An ordinary one of this shape and thickness; the pack says better. */
    public static BoughtWrapper usual(Shape shape, Thickness thickness) {
        Length size = Length.ofMillimetres(90);
        double grams =
                switch (thickness) {
                    case THIN -> shape == Shape.ROUND ? 6 : 7.5;
                    case THICK -> shape == Shape.ROUND ? 9 : 11;
                };
        return new BoughtWrapper(shape, thickness, size, Mass.ofGrams(grams), thickness == Thickness.THIN ? 40 : 30);
    }

    /** The fold itself if this wrapper can hold it, otherwise the nearest simple one. */
    public Fold holding(Fold fold) {
        return folds().contains(fold) ? fold : folds().get(0);
    }

    /** The folds it can hold: a round one even pleats, with its rim wet; a square one folds corner to corner only. */
    public List<Fold> folds() {
        return Fold.of(outline(), true);
    }

    /** What it looks like from above. */
    public Outline outline() {
        return shape == Shape.ROUND ? Outline.ROUND : Outline.SQUARE;
    }

    /** Its area, cm². */
    public double areaCm2() {
        double cm = size.centimetres();
        return shape == Shape.ROUND ? Math.PI * cm * cm / 4 : cm * cm;
    }

    /** Its thickness, even all over (est.). */
    public Length thick() {
        return Length.ofMillimetres(each.grams() / RopePlan.DOUGH_DENSITY / areaCm2() * 10);
    }

    /** Packs that hold this many, and what is over. */
    public Packs packsFor(int pieces) {
        int packs = (pieces + perPack - 1) / perPack;
        return new Packs(pieces, packs, packs * perPack - pieces);
    }

    /**
     * What to buy.
     *
     * @param wrappers needed
     * @param packs to open
     * @param over left in the last one
     */
    public record Packs(int wrappers, int packs, int over) {}
}
