package ironpin.cook;

/**
 * What is not known of a round, as it may really be.
 *
 * @param conductivity of filling and dough ÷ what is taken for it, above 0
 * @param film what passes the surface ÷ what is taken for it: of boiling water, steam, or metal under the seat; above 0
 * @param half thickness ÷ what mass and ideal form give, above 0
 * @param startKelvin how much warmer the piece is before it goes in
 * @param mediumKelvin how much hotter water and steam are: the height above the sea, a weak boil
 */
record Unknowns(double conductivity, double film, double half, double startKelvin, double mediumKelvin) {
    /** Everything as it is taken for. */
    static final Unknowns NONE = new Unknowns(1, 1, 1, 0, 0);
}
