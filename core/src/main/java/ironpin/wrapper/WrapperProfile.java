package ironpin.wrapper;

import ironpin.portion.RopePlan;
import ironpin.quantity.Length;
import ironpin.quantity.Mass;
import ironpin.refusal.Refused;

/**
 * A wrapper tapering in a straight line from centre to rim. The cone over a disc gives its volume:
 * {@code m/ρ = πR²·(t_rim + (t_centre − t_rim)/3)}.
 *
 * @param mass of the dough in it
 * @param diameter of the disc
 * @param rim thickness at the edge
 * @param centre thickness in the middle
 */
public record WrapperProfile(Mass mass, Length diameter, Length rim, Length centre) {
    /**
     * Both thicknesses from the width.
     *
     * @param centreToRim thickness in the middle ÷ at the rim; 1 is even, 1.6–2.2 usual by hand
     * @throws IllegalArgumentException if a size is nothing or the ratio below 1
     */
    public static WrapperProfile ofDiameter(Mass mass, Length diameter, double centreToRim) {
        demand(mass, centreToRim);
        if (diameter.micrometres() <= 0) {
            throw new IllegalArgumentException("a wrapper needs a width");
        }
        double radiusCm = diameter.centimetres() / 2;
        double meanCm = mass.grams() / RopePlan.DOUGH_DENSITY / (Math.PI * radiusCm * radiusCm);
        double rimMm = meanCm * 10 / meanOverRim(centreToRim);
        return new WrapperProfile(
                mass, diameter, Length.ofMillimetres(rimMm), Length.ofMillimetres(rimMm * centreToRim));
    }

    /**
     * A square, or a slice of a rolled sheet: even all over.
     *
     * @param length of it
     * @param width across; the profile's diameter is the length
     * @throws IllegalArgumentException if a size is nothing
     */
    public static WrapperProfile even(Mass mass, Length length, Length width) {
        demand(mass, 1);
        if (length.micrometres() <= 0 || width.micrometres() <= 0) {
            throw new IllegalArgumentException("a wrapper needs a length and a width");
        }
        double cm = mass.grams() / RopePlan.DOUGH_DENSITY / (length.centimetres() * width.centimetres());
        Length thick = Length.ofMillimetres(cm * 10);
        return new WrapperProfile(mass, length, thick, thick);
    }

    /**
     * The width from a wanted rim.
     *
     * @throws IllegalArgumentException if a size is nothing or the ratio below 1
     */
    public static WrapperProfile ofRim(Mass mass, Length rim, double centreToRim) {
        demand(mass, centreToRim);
        if (rim.micrometres() <= 0) {
            throw new IllegalArgumentException("a rim needs a thickness");
        }
        double meanCm = rim.centimetres() * meanOverRim(centreToRim);
        double radiusCm = Math.sqrt(mass.grams() / RopePlan.DOUGH_DENSITY / (Math.PI * meanCm));
        return new WrapperProfile(
                mass, Length.ofMillimetres(radiusCm * 20), rim, Length.ofMillimetres(rim.millimetres() * centreToRim));
    }

    /** Volume of the disc, cm³. */
    public double volumeCm3() {
        double radiusCm = diameter.centimetres() / 2;
        return Math.PI * radiusCm * radiusCm * (rim.centimetres() + (centre.centimetres() - rim.centimetres()) / 3);
    }

    private static double meanOverRim(double centreToRim) {
        return 1 + (centreToRim - 1) / 3;
    }

    private static void demand(Mass mass, double centreToRim) {
        if (mass.micrograms() <= 0) {
            throw new IllegalArgumentException("a wrapper needs dough");
        }
        if (!(centreToRim >= 1)) {
            throw new Refused("the centre is at least as thick as the rim, not " + centreToRim);
        }
    }
}
