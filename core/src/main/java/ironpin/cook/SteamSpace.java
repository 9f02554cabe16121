package ironpin.cook;

import java.time.Duration;

/**
 * Steam over boiling water: 400–1,000 W/(m²·K) where it turns to water on a skin, but never more heat than the hob makes steam, so that
 * a full steamer warms more slowly than a nearly empty one. Over water that does not boil yet there is warm moist air.
 */
final class SteamSpace implements Medium {
    /** A pot with a basket, J/K. */
    private static final double METAL = 900;

    private static final double CONDENSING = 600;

    /** Some air is always among it. */
    private static final double STEAM_CELSIUS = 98;

    private static final double MOIST_AIR = 15;
    private static final double COVERED = 1.5;
    private static final double OPEN = 8;

    /** Heat that escapes without a lid leaves less than this for the pieces. */
    private static final double OPEN_SHARE = 0.3;

    private final double watts;
    private double grams;
    private double celsius;
    private double share = 1;
    private boolean lid = true;
    private double transfer = CONDENSING;

    SteamSpace(Vessel basket, double celsius) {
        watts = basket.watts();
        grams = basket.water().grams();
        this.celsius = celsius;
    }

    /** How long it takes from cold water to the first steam, to 5 s (est.). */
    static Duration warmUp(Vessel basket) {
        double holds = basket.water().grams() * WATER + METAL;
        double net = basket.watts() - COVERED * (BOILS - TAP) / 2;
        double seconds = net <= 0 ? Spell.LONGEST.toSeconds() : holds * (BOILS - TAP) / net;
        return Duration.ofSeconds(Math.min(Spell.LONGEST.toSeconds(), 5 * Math.max(2, Math.round(seconds / 5))));
    }

    @Override
    public void begin(Spell spell) {
        share = spell.flame().share();
        lid = spell.lid();
        double poured = spell.pour().grams();
        celsius = ((grams * WATER + METAL) * celsius + poured * WATER * TAP) / ((grams + poured) * WATER + METAL);
        grams += poured;
    }

    private double net() {
        return watts * share - (lid ? COVERED : OPEN) * (celsius - ROOM);
    }

    private boolean steams() {
        return celsius >= BOILS && grams > 0 && net() > 0;
    }

    @Override
    public void advance(double seconds, double intoPieces) {
        double net = net();
        if (grams <= 0) {
            celsius = Math.min(300, celsius + seconds * net / METAL);
            return;
        }
        if (celsius < BOILS || net < 0) {
            celsius = Math.min(BOILS, celsius + seconds * net / (grams * WATER + METAL));
            return;
        }
        grams = Math.max(0, grams - seconds * net / STEAM);
        double most = lid ? net : OPEN_SHARE * net;
        // What the pieces took in the last step says how much they would take: never more than there is.
        double wanted = intoPieces * CONDENSING / Math.max(1, transfer);
        transfer = wanted <= most ? CONDENSING : Math.max(1, CONDENSING * most / wanted);
    }

    @Override
    public double celsius(boolean below) {
        return steams() ? STEAM_CELSIUS : Math.min(STEAM_CELSIUS, ROOM + 0.8 * (Math.min(BOILS, celsius) - ROOM));
    }

    @Override
    public double transfer(boolean below) {
        return steams() ? transfer : MOIST_AIR;
    }

    @Override
    public double thermometer() {
        return celsius(false);
    }

    @Override
    public double water() {
        return grams;
    }
}
