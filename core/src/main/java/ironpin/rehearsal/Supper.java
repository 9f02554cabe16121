package ironpin.rehearsal;

import ironpin.cook.PotLoad;
import java.util.List;
import java.util.SplittableRandom;

/**
 * What came to the table.
 *
 * @param planned pieces
 * @param made pieces
 * @param burst of them
 * @param leaked of them
 * @param stuck of them
 * @param raw of them that were not safe in the middle
 * @param off how far the skin was from its best: above 1 it is tough or gummy
 * @param full filling ÷ what its disc closes with ease: under three quarters a piece is mostly dough
 * @param late minutes
 */
public record Supper(
        int planned, int made, int burst, int leaked, int stuck, int raw, double off, double full, int late) {
    private static final double HALF = 0.5;
    private static final double UNSAFE = 3;
    private static final double POOR_SKIN = 0.25;
    private static final double GENEROUS = 0.75;
    private static final double MEAGRE = 0.5;
    private static final double A_MINUTE = 0.2;

    /** Minutes of hands: mixing; a correction; cutting by eye, now and then on the scale, each on it. */
    private static final double MIX = 14;

    private static final double CORRECTION = 4;
    private static final double[] CUTTING = {3, 5, 9};
    private static final double ROLL = 0.45;
    private static final double STIFF = 1.3;
    private static final double PLEAT = 0.75;
    private static final double PLAIN = 0.4;
    private static final double A_ROUND = 1.5;

    /** After the water went in. */
    private static final int HELPER_DUE = 55;

    /** A plan that goes well leaves so much. */
    private static final int SLACK = 6;

    /** How often a piece goes wrong (est.): in any case, and for each step beyond what holds. */
    private static final double ACCIDENT = 0.004;

    private static final double BURSTS = 1.3;
    private static final double LEAKS = 0.8;
    private static final double LEAKS_FROM = 0.98;
    private static final double THIN = 0.78;
    private static final double THIN_BURSTS = 0.1;
    private static final double FELT = 0.9;
    private static final double DRY_LEAKS = 0.12;
    private static final double WET_STICKS = 0.15;
    private static final double STANDING_STICKS = 0.25;

    /** Seconds within which a pot ought to boil again. */
    private static final double IN_TIME = PotLoad.BACK_TO_BOIL.toSeconds();

    /**
     * What it cost, in pieces: one that is lost counts 1, one that is not safe 3, five minutes 1. What is wrong with a share of them is
     * counted as of all that were planned: fewer poor pieces are no better supper.
     */
    public double cost() {
        double unsafe = made == 0 ? 0 : UNSAFE * planned * raw / made;
        double skin = Math.max(0, off - 1) * POOR_SKIN * planned;
        double meagre = Math.max(0, GENEROUS - full) * MEAGRE * planned;
        return planned - made + burst + HALF * leaked + HALF * stuck + unsafe + skin + meagre + A_MINUTE * late;
    }

    /** Pieces that nothing was wrong with, at least. */
    public int right() {
        return Math.max(0, made - burst - leaked - stuck - raw);
    }

    static Supper of(long seed, Truth truth, Chosen chosen) {
        Bench bench = new Bench(truth, chosen);
        int made = bench.pieces();
        int first = Math.min(made, chosen.load());
        Pot one = Pot.of(bench, first);
        int then = Math.min(made, chosen.again());
        Pot other = then == first ? one : Pot.of(bench, then);
        int burst = 0;
        int leaked = 0;
        int stuck = 0;
        int raw = 0;
        double felt = bench.felt();
        double full = bench.full();
        boolean thin = bench.rim() < THIN;
        for (int i = 0; i < made; i++) {
            // The same draws for a piece whatever is decided, so that only the decision tells.
            SplittableRandom random = new SplittableRandom(seed * 1_000 + i);
            double off = bench.spread() * (random.nextDouble() + random.nextDouble() + random.nextDouble() - 1.5) * 2;
            double mine = full * (1 + off);
            Pot pot = i < first ? one : other;
            double lifted = pot.lifted(chosen.lift());
            burst += random.nextDouble() < ACCIDENT + BURSTS * Math.max(0, mine - 1) + (thin ? THIN_BURSTS : 0) ? 1 : 0;
            leaked += random.nextDouble()
                            < ACCIDENT + LEAKS * Math.max(0, mine - LEAKS_FROM) + DRY_LEAKS * Math.max(0, -felt - FELT)
                    ? 1
                    : 0;
            stuck += random.nextDouble()
                            < ACCIDENT
                                    + STANDING_STICKS * Math.max(0, pot.back() / IN_TIME - 1)
                                    + WET_STICKS * Math.max(0, felt - FELT)
                    ? 1
                    : 0;
            raw += pot.safe() * Math.pow(1 + off, 2 / 3.0) > lifted ? 1 : 0;
        }
        int late = (int) Math.max(0, Math.round(minutes(bench, made, first, then, one, other) - due()));
        return new Supper(Scene.pieces(), made, burst, leaked, stuck, raw, Math.abs(felt), full, late);
    }

    private static double minutes(Bench bench, int made, int first, int then, Pot one, Pot other) {
        Chosen chosen = bench.chosen();
        double begun =
                MIX + (chosen.corrected() == 0 ? 0 : CORRECTION) + chosen.rest() + CUTTING[chosen.way(Decision.CUT)];
        double roll = ROLL * (bench.felt() < -1 ? STIFF : 1);
        double close = chosen.way(Decision.SEAM) == 1 ? PLAIN : PLEAT;
        double work = made * (roll + close);
        double comes = HELPER_DUE + bench.truth().helperLate();
        double shaped;
        if (chosen.way(Decision.SEAM) == 2) {
            shaped = Math.max(begun, comes) + work / 2;
        } else {
            double alone = Math.max(0, comes - begun);
            shaped = work <= alone ? begun + work : begun + alone + (work - alone) / 2;
        }
        int more = (int) Math.ceil((made - first) / (double) then);
        return shaped + round(one, chosen) + more * round(other, chosen);
    }

    private static double round(Pot pot, Chosen chosen) {
        return A_ROUND + pot.lifted(chosen.lift()) / 60 + (chosen.lift() < 0 ? 1 : 0);
    }

    /** When the table is laid for: as long as a good evening by the book takes, and a little. */
    static double due() {
        return Due.MINUTES;
    }

    private static final class Due {
        private static final Chosen BY_THE_BOOK = new Chosen(List.of(1, 1, 1, 1, 1, 1, 0, 1, 3, 1));
        private static final double MINUTES = minutes();

        private static double minutes() {
            Bench bench = new Bench(Truth.PLAIN, BY_THE_BOOK);
            int first = BY_THE_BOOK.load();
            Pot pot = Pot.of(bench, first);
            return Supper.minutes(bench, bench.pieces(), first, first, pot, pot) + SLACK;
        }
    }
}
