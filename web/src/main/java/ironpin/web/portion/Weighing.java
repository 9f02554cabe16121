package ironpin.web.portion;

import ironpin.plan.LotPlan;
import ironpin.portion.Evenness;
import ironpin.portion.Tally;
import ironpin.quantity.Decimal;
import ironpin.quantity.Dimension;
import ironpin.quantity.Mass;
import ironpin.quantity.Quantity;
import ironpin.quantity.Sentence;
import ironpin.store.WorkStore;
import ironpin.store.WorkStore.What;
import java.time.Instant;
import java.util.List;
import java.util.Optional;

/**
 * The pieces or spoonfuls of a lot on the scale, as a page shows them.
 *
 * @param what lies on it
 * @param tally of what was weighed
 * @param more that were weighed than are planned now
 * @param hand how even this cook's pieces were so far, if enough were weighed
 */
public record Weighing(What what, Tally tally, int more, Optional<Evenness> hand) {
    private static final double PERCENT = 100;

    /** Absent where there is nothing to weigh. */
    static Optional<Weighing> of(LotPlan lot, What what, List<Mass> weighed, Optional<Evenness> hand) {
        int pieces = lot.share().pieces();
        Mass each = meant(lot, what);
        if (pieces < 1
                || each.micrograms() <= 0
                || what == What.DOUGH && lot.packs().isPresent()) {
            return Optional.empty();
        }
        List<Mass> counted = weighed.subList(0, Math.min(weighed.size(), pieces));
        return Optional.of(new Weighing(
                what, new Tally(each.times(pieces), pieces, counted), weighed.size() - counted.size(), hand));
    }

    /** What one is to weigh by the plan. */
    static Mass meant(LotPlan lot, What what) {
        return what == What.DOUGH ? lot.share().doughEach() : lot.share().fillingEach();
    }

    /** Writes down what one weighs. @throws Refused if no piece weighs that, or all are weighed */
    public static void keep(WorkStore work, WorkStore.Of of, LotPlan lot, What what, Mass mass, Instant now) {
        WeightsFile.demand(mass);
        work.weigh(of, what, mass, meant(lot, what), lot.share().pieces(), now);
    }

    public String called() {
        return what == What.DOUGH ? "piece" : "spoonful";
    }

    /** The next one's number. */
    public int next() {
        return tally.weighed().size() + 1;
    }

    public boolean complete() {
        return tally.open() == 0;
    }

    public Sentence picture() {
        return DotsPicture.of(this);
    }

    /** What the next one is to weigh, in words. */
    public Sentence target() {
        return tally.target()
                .map(mass -> Quantity.mass(mass.grams(), 1))
                .orElse(complete() ? Sentence.of("all weighed") : Sentence.of("no dough is left for it"));
    }

    /** Mean, spread and drift in a sentence; empty before the second. */
    public Sentence said() {
        if (tally.spread().isEmpty()) {
            return Sentence.EMPTY;
        }
        double drift = tally.driftGrams().orElseThrow();
        long outside =
                tally.weighed().stream().filter(one -> !tally.inBand(one)).count();
        return Sentence.of(
                "Mean ",
                Quantity.mass(tally.mean().orElseThrow().grams(), 1),
                ", spread ±",
                Decimal.trimmed(PERCENT * tally.spread().get(), 1),
                " %, ",
                Math.abs(drift) < 0.005 ? "no drift" : Sentence.of(signed(drift), " from one to the next"),
                "; ",
                outside,
                " outside ±",
                Decimal.trimmed(PERCENT * Tally.BAND, 0),
                " %.");
    }

    private static Sentence signed(double grams) {
        return Sentence.of(grams < 0 ? "−" : "+", Quantity.number(Dimension.MASS, Math.abs(grams), 2), " g");
    }

    /** The trade that helps most, in a sentence. */
    public Optional<Sentence> trade() {
        return tally.trade()
                .map(trade -> Sentence.of(
                        "Pinch ",
                        Quantity.mass(trade.pinch().grams(), 0),
                        " from the ",
                        ordinal(trade.from()),
                        " and give it to the ",
                        ordinal(trade.to()),
                        "."));
    }

    /** What was learned of this cook, in a sentence. */
    public Optional<String> learned() {
        return hand.filter(one -> what == What.DOUGH)
                .map(one -> "Your hand so far, from " + one.pieces() + " pieces (est.): "
                        + Decimal.trimmed(PERCENT * one.meanShare(), 0) + " % of what was meant, spread ±"
                        + Decimal.trimmed(PERCENT * one.spread(), 1) + " %, drift "
                        + (one.driftShare() < 0 ? "−" : "+")
                        + Decimal.trimmed(PERCENT * Math.abs(one.driftShare()), 2) + " % a piece.");
    }

    static String ordinal(int number) {
        String ending = number % 100 / 10 == 1
                ? "th"
                : switch (number % 10) {
                    case 1 -> "st";
                    case 2 -> "nd";
                    case 3 -> "rd";
                    default -> "th";
                };
        return number + ending;
    }
}
