package ironpin.heat;

import ironpin.quantity.Length;
import ironpin.refusal.Refused;

/**
 * A piece as heat sees it: filling inside a skin, along one direction from its middle to its surface.
 *
 * @param form how its cross-section grows outwards
 * @param half from the middle to the surface, 0.5 to 200 mm
 * @param skin of that the skin, 0 or more and less than all of it
 * @param inside the filling
 * @param outside the skin's dough
 */
public record HeatPiece(Form form, Length half, Length skin, Matter inside, Matter outside) {
    /** How far pieces of one hand are apart in mass, as a share. */
    public static final double UNEVEN = 0.15;

    private static final double THINNEST_MM = 0.5;
    private static final double THICKEST_MM = 200;

    /** How the area through which heat passes grows with the distance x from the middle: {@code x^p}. */
    public enum Form {
        /** A bread or a parcel pressed flat, heated alike from both sides: p = 0. */
        SLAB(0),
        /** A long roll: p = 1. */
        CYLINDER(1),
        /** A half-moon or crescent, between a roll and a ball: p = 1.5 (est.). */
        CRESCENT(1.5),
        /** A ball or a purse: p = 2. */
        SPHERE(2);

        private final double power;

        Form(double power) {
            this.power = power;
        }

        /** The power of the distance. */
        public double power() {
            return power;
        }
    }

    public HeatPiece {
        double mm = half.millimetres();
        if (!(mm >= THINNEST_MM && mm <= THICKEST_MM)) {
            throw new Refused("0.5 to 200 mm from the middle of a piece to its surface, not " + half);
        }
        if (skin.micrometres() < 0 || skin.compareTo(half) >= 0) {
            throw new Refused("a skin is thinner than the piece");
        }
    }

    /** The same all through. */
    public static HeatPiece solid(Form form, Length half, Matter matter) {
        return new HeatPiece(form, half, new Length(0), matter, matter);
    }

    /** The same piece warming more slowly: it takes up so much more heat on the way. @param times above 0 */
    public HeatPiece slower(double times) {
        return new HeatPiece(form, half, skin, inside.slower(times), outside.slower(times));
    }

    /** The same piece conducting so much better. @param times above 0 */
    public HeatPiece conducting(double times) {
        return new HeatPiece(form, half, skin, inside.conducting(times), outside.conducting(times));
    }

    /** The same piece with another mass: every length by the cube root. @param ratio of the masses, above 0 */
    public HeatPiece scaled(double ratio) {
        double by = Math.cbrt(ratio);
        return new HeatPiece(
                form,
                Length.ofMillimetres(half.millimetres() * by),
                Length.ofMillimetres(skin.millimetres() * by),
                inside,
                outside);
    }
}
