package ironpin.rehearsal;

import ironpin.quantity.Decimal;
import ironpin.quantity.Quantity;
import ironpin.quantity.Sentence;
import java.util.ArrayList;
import java.util.List;

/**
 * A decision with what was hidden beside it.
 *
 * @param decision which
 * @param chosen as it was decided
 * @param truth what could not be seen
 * @param best what would have come out best here, all else as it was decided
 * @param cost by how much that would have been better, in pieces, 0 where nothing would
 */
public record Hindsight(Decision decision, Sentence chosen, Sentence truth, Sentence best, double cost) {
    /** Less is a matter of luck. */
    private static final double WORTH = 0.25;

    /** Whether another way would have been clearly better. */
    public boolean costly() {
        return cost >= WORTH;
    }

    static List<Hindsight> of(long seed, Truth truth, Chosen chosen) {
        double had = Supper.of(seed, truth, chosen).cost();
        List<Hindsight> all = new ArrayList<>();
        for (Decision decision : Decision.values()) {
            int best = chosen.way(decision);
            double least = had;
            for (int way = 0; way < decision.options(); way++) {
                double cost = way == chosen.way(decision)
                        ? had
                        : Supper.of(seed, truth, chosen.but(decision, way)).cost();
                if (cost < least) {
                    least = cost;
                    best = way;
                }
            }
            all.add(new Hindsight(
                    decision,
                    Ways.one(decision, chosen.way(decision), chosen),
                    told(decision, truth, chosen),
                    Ways.one(decision, best, chosen),
                    had - least));
        }
        return all;
    }

    private static Sentence told(Decision decision, Truth truth, Chosen chosen) {
        Bench bench = new Bench(truth, chosen);
        return switch (decision) {
            case WATER, CORRECT -> {
                double best = Scene.water() + truth.thirst();
                double came = chosen.water() + chosen.corrected();
                String drinks = truth.thirst() < 0 ? " points less" : " points more";
                yield Sentence.of(
                        "This flour drinks ",
                        Decimal.trimmed(Math.abs(truth.thirst()), 1),
                        drinks,
                        " than its book: ",
                        Signs.percent(best, 1),
                        " was its best, yours came to ",
                        Signs.percent(came, 1),
                        ".");
            }
            case REST ->
                Sentence.of(
                        "Such a dough wants "
                                + Scene.LOT.dough().family().rest().low().toMinutes()
                                + " min; a disc rolled to ",
                        Quantity.length(chosen.disc(), 0),
                        " lay at ",
                        Quantity.length(bench.drawnBack(), 0),
                        ".");
            case CUT ->
                Sentence.of(
                        "By eye this hand cuts ",
                        Signs.percent(100 * truth.cutsLong(), 0),
                        " too long: " + bench.pieces() + " pieces of " + Scene.pieces() + ".");
            case DISC ->
                Sentence.of("The rim came to ", Signs.percent(100 * bench.rim(), 0), " of the plan's thickness.");
            case FILL ->
                Sentence.of(
                        "Such a disc closed ",
                        Quantity.mass(bench.holds(), 1),
                        " with ease; yours had ",
                        Quantity.mass(chosen.fill(), 0),
                        ".");
            case SEAM ->
                Sentence.of(
                        truth.helperLate() == 0
                                ? "The helper was on time."
                                : "The helper came " + truth.helperLate() + " min late.");
            case LOAD -> pot(truth, bench, Math.min(bench.pieces(), chosen.load()));
            case LIFT -> {
                Pot pot = Pot.of(bench, Math.min(bench.pieces(), chosen.load()));
                yield Sentence.of(
                        "The middle was safe, ",
                        Quantity.celsius(Scene.SAFE.celsius()),
                        ", after " + Signs.minutes(pot.safe()) + "; they were lifted after "
                                + Signs.minutes(pot.lifted(chosen.lift())) + ".");
            }
            case AGAIN -> pot(truth, bench, Math.min(bench.pieces(), chosen.again()));
        };
    }

    private static Sentence pot(Truth truth, Bench bench, int count) {
        return Sentence.of(
                "The hob gives ",
                Signs.percent(100 * truth.hob(), 0),
                " of what stands on it: with " + count + " the water came back after "
                        + Signs.minutes(Pot.of(bench, count).back()) + ".");
    }
}
