package ironpin.rehearsal;

import ironpin.cook.BoilOff;
import ironpin.cook.Vessel;
import ironpin.quantity.Decimal;
import ironpin.quantity.Quantity;
import ironpin.quantity.Sentence;
import ironpin.rehearsal.Sign.Kind;
import ironpin.wording.Span;
import java.time.Duration;

/** What this kitchen shows before each decision. */
final class Signs {
    private static final double CLEAR = 1.4;
    private static final double SLIGHT = 0.6;
    private static final double WATER_J_PER_G_K = 4.18;
    private static final double TO_BOIL_K = 100 - BoilOff.TAP.celsius();

    private final Truth truth;
    private final Bench bench;

    Signs(Truth truth, Chosen chosen) {
        this.truth = truth;
        this.bench = new Bench(truth, chosen);
    }

    Sign before(Decision decision) {
        return switch (decision) {
            case WATER ->
                sign(
                        Kind.FLOUR,
                        0,
                        Sentence.of("A sack you have not had before. The book says ", percent(Scene.water(), 1), "."));
            case CORRECT -> sign(Kind.DOUGH, bench.mixed(), Sentence.of(feel(bench.mixed())));
            case REST -> sign(Kind.DOUGH, bench.felt(), Sentence.of("Kneaded. ", feel(bench.felt())));
            case CUT ->
                sign(
                        Kind.PIECE,
                        1 + truth.cutsLong(),
                        Sentence.of("The first, cut by eye, beside the mark it was meant for."));
            case DISC -> {
                double back = bench.drawnBack(Scene.disc()) / Scene.disc();
                String said = back > 0.985
                        ? "A first one stays as wide as it was rolled."
                        : back > 0.94 ? "A first one draws back a little." : "A first one draws back like a band.";
                yield sign(Kind.DISC, back, Sentence.of(said));
            }
            case FILL -> closing();
            case SEAM ->
                sign(
                        Kind.DOOR,
                        truth.helperLate() == 0 ? 1 : 0,
                        Sentence.of(
                                truth.helperLate() == 0
                                        ? "They stand at the door, sleeves up."
                                        : "Nobody at the door. A message: nearly there."));
            case LOAD -> sign(Kind.POT, 1, Sentence.of(boiled()));
            case LIFT -> middle();
            case AGAIN -> {
                double back = first().back();
                String said =
                        back <= 60 ? "The water hardly stopped." : "The water stood still for " + minutes(back) + ".";
                yield sign(Kind.POT, Math.min(1, 90 / back), Sentence.of(said));
            }
        };
    }

    private static Sign sign(Kind kind, double amount, Sentence said) {
        return new Sign(kind, amount, said);
    }

    static String percent(double value, int decimals) {
        return Decimal.trimmed(value, decimals) + " %";
    }

    private static String feel(double off) {
        if (off < -CLEAR) {
            return "Dry crumbs stay in the bowl, and the ball cracks open under the thumb.";
        }
        if (off < -SLIGHT) {
            return "It holds together, but its edge splits when it is pressed flat.";
        }
        if (off <= SLIGHT) {
            return "A dent comes back slowly, and the hand stays clean.";
        }
        return off <= CLEAR
                ? "Soft: it clings to the palm and lets go again."
                : "It stays on the fingers and smears on the board.";
    }

    private Sign closing() {
        double grams = Chosen.fill(2);
        double full = grams / bench.holds();
        String how = full < 0.92
                ? "closes with room to spare."
                : full < 1.02 ? "just closes." : full < 1.15 ? "has to be pulled to close." : "does not close.";
        return sign(Kind.CLOSING, full, Sentence.of("A first one with ", Quantity.mass(grams, 0), " in it ", how));
    }

    private String boiled() {
        Vessel pot = Scene.LOT.load().vessel();
        double planned = pot.water().grams() * WATER_J_PER_G_K * TO_BOIL_K / pot.watts();
        return "It took " + minutes(planned / truth.hob()) + " to boil; the plan reckoned with " + minutes(planned)
                + ".";
    }

    private Pot first() {
        return Pot.of(bench, Math.min(bench.pieces(), bench.chosen().load()));
    }

    private Sign middle() {
        Pot pot = first();
        double done = pot.floats() / pot.safe();
        String middle = done < 0.7
                ? "its middle is pink and soft."
                : done < 0.9 ? "its middle is barely set." : "it is grey nearly to the middle.";
        return sign(
                Kind.MIDDLE,
                done,
                Sentence.of("They float after " + minutes(pot.floats()) + ". One is cut open: " + middle));
    }

    static String minutes(double seconds) {
        return Span.of(Duration.ofSeconds(Math.round(seconds / 10) * 10));
    }
}
