package ironpin.plan;

import ironpin.cook.Boil;
import ironpin.cook.Footprint;
import ironpin.cook.Steam;
import ironpin.filling.SafeCore;
import ironpin.heat.Around;
import ironpin.heat.Conduction;
import ironpin.heat.HeatPiece;
import ironpin.heat.HeatRun;
import ironpin.heat.Matter;
import ironpin.portion.RopePlan;
import ironpin.quantity.Length;
import ironpin.quantity.Temperature;
import ironpin.wrapper.FillRoom;
import ironpin.wrapper.Fold;
import java.time.Duration;
import java.util.List;
import java.util.Optional;

/**
 * What happens inside one piece of a lot while it is boiled or steamed (est.): filling in a skin, heated alike from all sides. What
 * is heated from one side, in a pan or on a griddle, is not worked out here, and is absent rather than guessed.
 *
 * @param start what the piece has been standing in
 * @param run its temperatures
 * @param safe the middle that is wanted
 * @param usual when it is reached; absent if not within half an hour
 * @param least by a piece 15 % lighter
 * @param most by a piece 15 % heavier
 */
public record InsidePiece(
        Start start,
        HeatRun run,
        Temperature safe,
        Optional<Duration> usual,
        Optional<Duration> least,
        Optional<Duration> most) {
    /** How far pieces of one hand are apart. */
    static final double UNEVEN = 0.15;

    /** Boiling water moves over a skin; practice of food engineering says 1,500–2,500 W/(m²·K). */
    private static final double BOILING = 1_800;

    private static final double BOILING_CELSIUS = 99;

    /** Steam that turns to water on a skin, with some air among it: 400–1,000 W/(m²·K). */
    private static final double STEAMING = 600;

    private static final double STEAM_CELSIUS = 98;
    private static final Duration WATCHED = Duration.ofMinutes(30);
    private static final double SKIN_COOKS = 90;

    /** Where pieces come from. */
    public enum Start {
        ROOM("from the board", 20),
        FRIDGE("from the fridge", 5),
        FREEZER("from the freezer, not thawed", -18);

        private final String label;
        private final double celsius;

        Start(String label, double celsius) {
            this.label = label;
            this.celsius = celsius;
        }

        /** In a cook's words. */
        public String label() {
            return label;
        }
    }

    /** A piece of this lot; absent if it is heated from one side, or there is none. */
    public static Optional<InsidePiece> of(LotPlan lot, Start start) {
        Optional<Around> around = around(lot);
        if (around.isEmpty() || lot.share().pieces() == 0) {
            return Optional.empty();
        }
        HeatPiece piece = piece(lot);
        Temperature from = Temperature.ofCelsius(start.celsius);
        Temperature safe = SafeCore.of(lot.filling().formula()).core();
        List<Around> once = List.of(around.get());
        HeatRun run = Conduction.run(piece, from, once);
        return Optional.of(new InsidePiece(
                start,
                run,
                safe,
                run.until(safe),
                Conduction.run(piece.scaled(1 - UNEVEN), from, once).until(safe),
                Conduction.run(piece.scaled(1 + UNEVEN), from, once).until(safe)));
    }

    private static Optional<Around> around(LotPlan lot) {
        if (lot.lot().method() instanceof Boil) {
            return Optional.of(new Around(BOILING, BOILING_CELSIUS, WATCHED));
        }
        if (lot.lot().method() instanceof Steam) {
            return Optional.of(new Around(STEAMING, STEAM_CELSIUS, WATCHED));
        }
        return Optional.empty();
    }

    /** Its volume in the shape of its fold: a ball, or a spindle as long as the closed piece, or a flat one. */
    static HeatPiece piece(LotPlan lot) {
        double doughCm3 = lot.share().doughEach().grams() / RopePlan.DOUGH_DENSITY;
        double allCm3 = doughCm3 + lot.share().fillingEach().grams() / FillRoom.FILLING_DENSITY;
        double insideCm3 = allCm3 - doughCm3;
        Fold fold = lot.lot().fold();
        if (fold.enclosure() == Fold.Enclosure.DISC) {
            double areaCm2 = Math.PI * Math.pow(lot.lot().wide().centimetres(), 2) / 4;
            return layered(HeatPiece.Form.SLAB, allCm3 / areaCm2 / 2, doughCm3 / areaCm2 / 2);
        }
        if (fold.enclosure() == Fold.Enclosure.PURSE) {
            double radius = Math.cbrt(3 * allCm3 / (4 * Math.PI));
            return layered(HeatPiece.Form.SPHERE, radius, radius - Math.cbrt(3 * insideCm3 / (4 * Math.PI)));
        }
        double longCm = Footprint.of(fold, lot.lot().wide()).lengthMm() / 10;
        if (fold.enclosure() == Fold.Enclosure.ROLL) {
            double radius =
                    Math.sqrt(allCm3 / Math.PI / lot.lot().shape().slice().centimetres());
            return layered(HeatPiece.Form.CYLINDER, radius, radius / 12);
        }
        // An ellipsoid of that length: V = 4/3·π·(l/2)·r².
        double radius = Math.sqrt(allCm3 * 3 / (4 * Math.PI) / (longCm / 2));
        return layered(HeatPiece.Form.CRESCENT, radius, radius * (1 - Math.sqrt(insideCm3 / allCm3)));
    }

    private static HeatPiece layered(HeatPiece.Form form, double halfCm, double skinCm) {
        return new HeatPiece(
                form,
                Length.ofMillimetres(10 * halfCm),
                Length.ofMillimetres(10 * Math.max(0, Math.min(skinCm, 0.9 * halfCm))),
                Matter.FILLING,
                Matter.DOUGH);
    }

    /** How long the skin has been cooking when the middle is safe; absent if it never is. */
    public Optional<Duration> skinTime() {
        return usual.map(end -> {
            Duration reached = Duration.ZERO;
            for (int i = 0; i < run.samples() && run.every() * i <= end.toMillis() / 1_000.0; i++) {
                if (run.surface()[i] >= SKIN_COOKS) {
                    reached = reached.plusMillis(Math.round(1_000 * run.every()));
                }
            }
            return reached;
        });
    }
}
