package ironpin.plan;

import ironpin.cook.Boil;
import ironpin.cook.CookMethod;
import ironpin.cook.Griddle;
import ironpin.cook.PanFrySteam;
import ironpin.cook.Start;
import ironpin.cook.Steam;

/**
 * The minutes that cooks give such pieces, beside what conduction says: they cook past the safe middle for the skin's sake, and to be
 * sure.
 */
final class UsualMinutes {
    private static final double SMALL_GRAMS = 20;
    private static final double LARGE_GRAMS = 40;

    private UsualMinutes() {}

    /** In a sentence, with a space before it; empty where nothing is usual for what it is. */
    static String said(LotPlan lot) {
        String minutes = minutes(lot.lot().method(), lot.share().piece().grams());
        if (minutes.isEmpty()) {
            return "";
        }
        String frozen = lot.lot().cooking().from() == Start.FREEZER ? ", and 2 to 4 min more from the freezer" : "";
        return " Cooks give pieces like these " + minutes + frozen + ": past the safe middle, for the skin's sake.";
    }

    private static String minutes(CookMethod method, double grams) {
        if (method instanceof Boil) {
            return grams < SMALL_GRAMS ? "3 to 5 min" : grams <= LARGE_GRAMS ? "7 to 9 min with cold water added" : "";
        }
        if (method instanceof Steam) {
            return grams < SMALL_GRAMS ? "5 to 8 min" : grams <= LARGE_GRAMS ? "8 to 12 min" : "";
        }
        if (method instanceof PanFrySteam) {
            return grams <= LARGE_GRAMS ? "2 to 3 min to sear, 5 to 7 under the lid, 1 to 2 to dry" : "";
        }
        return method instanceof Griddle && grams > LARGE_GRAMS ? "4 to 5 min a side" : "";
    }
}
