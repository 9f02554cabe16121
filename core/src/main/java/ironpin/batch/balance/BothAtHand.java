package ironpin.batch.balance;

import ironpin.quantity.Band;
import ironpin.quantity.Mass;

/**
 * One lot from flour and filling that are both at hand. A number of pieces n uses both up if n pieces of some size in
 * the dough's band and some size in the filling's band take all of each; among such n the sizes nearest to the wanted
 * ones win. Where no n does, the scarcer one is used up and the other goes as far as its band allows.
 *
 * @param pieces whole pieces, 0 or more
 * @param doughEach dough in one
 * @param fillingEach filling in one
 */
record BothAtHand(int pieces, Mass doughEach, Mass fillingEach) {
    /**
     * A wanted size and the band it may be moved in; a wanted size outside widens the band to itself.
     *
     * @param wanted mass in one piece
     * @param band where it may go
     */
    record Size(Mass wanted, Band<Mass> band) {
        private Mass low() {
            return wanted.compareTo(band.low()) < 0 ? wanted : band.low();
        }

        private Mass high() {
            return wanted.compareTo(band.high()) > 0 ? wanted : band.high();
        }

        /** Fewest pieces that use all of a mass. */
        private long fewest(Mass usable) {
            return -Math.floorDiv(-usable.micrograms(), high().micrograms());
        }

        /** Most pieces a mass makes. */
        private long most(Mass usable) {
            return usable.wholePieces(low());
        }

        /** The size that uses a mass up over n pieces, as far as the band allows. */
        private Mass each(Mass usable, long n) {
            Mass even = new Mass(usable.micrograms() / n);
            return even.compareTo(high()) > 0 ? high() : even;
        }

        private double strain(Mass usable, long n) {
            double stretched = Math.log(usable.grams() / n / wanted.grams());
            return stretched * stretched;
        }
    }

    static BothAtHand solve(Mass dough, Mass filling, Size doughSize, Size fillingSize) {
        long most = Math.min(doughSize.most(dough), fillingSize.most(filling));
        long fewest = Math.max(doughSize.fewest(dough), fillingSize.fewest(filling));
        if (most <= 0) {
            return new BothAtHand(0, doughSize.wanted(), fillingSize.wanted());
        }
        long best = most;
        double bestStrain = Double.POSITIVE_INFINITY;
        for (long n = Math.max(1, fewest); n <= most; n++) {
            double strain = doughSize.strain(dough, n) + fillingSize.strain(filling, n);
            if (strain < bestStrain) {
                best = n;
                bestStrain = strain;
            }
        }
        return new BothAtHand((int) best, doughSize.each(dough, best), fillingSize.each(filling, best));
    }
}
