package ironpin.batch;

import ironpin.cook.CookMethod;
import ironpin.cook.Vessel;
import ironpin.dip.Dip;
import ironpin.quantity.Length;
import ironpin.quantity.Mass;
import ironpin.wrapper.Fold;

/**
 * Pieces that share a dough, a filling, their sizes, a fold and a way of cooking.
 *
 * @param no its number in the batch, 1 or more
 * @param name what the cook calls it
 * @param style key of the style it came from
 * @param doughNo which dough
 * @param fillingNo which filling
 * @param rule how many pieces for the table
 * @param toFreezer pieces made besides, 0 to 5,000
 * @param doughEach dough in one piece, 1 to 500 g
 * @param fillingEach filling in one piece, 1 to 500 g
 * @param shape how it is rolled
 * @param fold how it is closed
 * @param method how it is cooked
 * @param vessel in what
 * @param dip with what
 */
public record Lot(
        int no,
        String name,
        String style,
        int doughNo,
        int fillingNo,
        PieceRule rule,
        int toFreezer,
        Mass doughEach,
        Mass fillingEach,
        Shape shape,
        Fold fold,
        CookMethod method,
        Vessel vessel,
        Dip dip) {
    /**
     * How a piece is rolled.
     *
     * @param rope thickness of the rope it is cut from
     * @param disc width it is rolled or pressed to
     * @param centreToRim thickness in the middle ÷ at the rim, 1 to 4
     */
    public record Shape(Length rope, Length disc, double centreToRim) {
        public Shape {
            if (!(centreToRim >= 1 && centreToRim <= 4)) {
                throw new IllegalArgumentException("the centre is 1 to 4 times the rim, not " + centreToRim);
            }
        }
    }

    public Lot {
        demandPiece("dough", doughEach);
        demandPiece("filling", fillingEach);
        if (toFreezer < 0 || toFreezer > 5_000) {
            throw new IllegalArgumentException("0 to 5,000 pieces for the freezer, not " + toFreezer);
        }
    }

    private static void demandPiece(String what, Mass each) {
        if (each.grams() < 1 || each.grams() > 500) {
            throw new IllegalArgumentException("1 to 500 g of " + what + " in a piece, not " + each);
        }
    }

    /** Dough and filling of one piece together. */
    public Mass piece() {
        return doughEach.plus(fillingEach);
    }

    Lot withRule(PieceRule changed) {
        return new Lot(
                no,
                name,
                style,
                doughNo,
                fillingNo,
                changed,
                toFreezer,
                doughEach,
                fillingEach,
                shape,
                fold,
                method,
                vessel,
                dip);
    }

    Lot withToFreezer(int changed) {
        return new Lot(
                no,
                name,
                style,
                doughNo,
                fillingNo,
                rule,
                changed,
                doughEach,
                fillingEach,
                shape,
                fold,
                method,
                vessel,
                dip);
    }

    Lot withEach(Mass dough, Mass filling) {
        return new Lot(
                no, name, style, doughNo, fillingNo, rule, toFreezer, dough, filling, shape, fold, method, vessel, dip);
    }

    Lot withShape(Shape changed) {
        return new Lot(
                no,
                name,
                style,
                doughNo,
                fillingNo,
                rule,
                toFreezer,
                doughEach,
                fillingEach,
                changed,
                fold,
                method,
                vessel,
                dip);
    }

    Lot withFold(Fold changed) {
        return new Lot(
                no,
                name,
                style,
                doughNo,
                fillingNo,
                rule,
                toFreezer,
                doughEach,
                fillingEach,
                shape,
                changed,
                method,
                vessel,
                dip);
    }

    Lot withMethod(CookMethod changed, Vessel in) {
        return new Lot(
                no,
                name,
                style,
                doughNo,
                fillingNo,
                rule,
                toFreezer,
                doughEach,
                fillingEach,
                shape,
                fold,
                changed,
                in,
                dip);
    }
}
