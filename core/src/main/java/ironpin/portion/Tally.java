package ironpin.portion;

import ironpin.quantity.Mass;
import ironpin.refusal.Refused;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Pieces as they are weighed, one after another, out of the dough there is. After k of n pieces the target for the rest is
 * {@code dough left ÷ (n − k)}.
 *
 * @param dough all there is for these pieces
 * @param planned how many they are to be, 1 to 5,000
 * @param weighed what the pieces so far weigh, in their order
 */
public record Tally(Mass dough, int planned, List<Mass> weighed) {
    /** A piece within this share of the plan cooks like the others; general practice. */
    public static final double BAND = 0.08;

    private static final int MOST = 5_000;
    private static final double HAIR = 1e-9;
    private static final int FEWEST_FOR_A_SPREAD = 2;

    /** A scale in a kitchen shows grams, so less is not worth a pinch. */
    private static final double LEAST_PINCH = 1;

    public Tally {
        weighed = List.copyOf(weighed);
        if (planned < 1 || planned > MOST) {
            throw new Refused("1 to 5,000 pieces, not " + planned);
        }
        if (dough.micrograms() <= 0) {
            throw new Refused("there is no dough to weigh pieces from");
        }
        if (weighed.size() > planned) {
            throw new Refused("all " + planned + " pieces are weighed");
        }
        if (weighed.stream().anyMatch(piece -> piece.micrograms() <= 0)) {
            throw new Refused("a piece weighs more than nothing");
        }
    }

    /**
     * A pinch from one piece to another.
     *
     * @param from which gives, from 1
     * @param to which takes, from 1
     * @param pinch how much
     */
    public record Trade(int from, int to, Mass pinch) {}

    /** With one piece more. */
    public Tally with(Mass piece) {
        List<Mass> more = new ArrayList<>(weighed);
        more.add(piece);
        return new Tally(dough, planned, more);
    }

    /** Without the last piece; an empty one stays empty. */
    public Tally undone() {
        return new Tally(dough, planned, weighed.subList(0, Math.max(0, weighed.size() - 1)));
    }

    /** What a piece was to weigh. */
    public Mass plannedEach() {
        return dough.dividedBy(planned);
    }

    /** How many are still to come. */
    public int open() {
        return planned - weighed.size();
    }

    /** Dough that no piece has yet; negative if the pieces weigh more than there was. */
    public Mass left() {
        Mass left = dough;
        for (Mass piece : weighed) {
            left = left.minus(piece);
        }
        return left;
    }

    /** What each of the rest is to weigh so that they come out; absent when there is no rest, or nothing for it. */
    public Optional<Mass> target() {
        Mass left = left();
        return open() == 0 || left.micrograms() <= 0 ? Optional.empty() : Optional.of(left.dividedBy(open()));
    }

    /** Whether a piece lies in the band round the plan. */
    public boolean inBand(Mass piece) {
        return Math.abs(piece.ratioTo(plannedEach()) - 1) <= BAND + HAIR;
    }

    /** Mean of the pieces so far; absent before the first. */
    public Optional<Mass> mean() {
        return weighed.isEmpty()
                ? Optional.empty()
                : Optional.of(dough.minus(left()).dividedBy(weighed.size()));
    }

    /** Standard deviation ÷ mean of the pieces so far, 0 or more; absent before the second. */
    public Optional<Double> spread() {
        if (weighed.size() < FEWEST_FOR_A_SPREAD) {
            return Optional.empty();
        }
        double mean = mean().orElseThrow().grams();
        double squares = 0;
        for (Mass piece : weighed) {
            squares += Math.pow(piece.grams() - mean, 2);
        }
        return Optional.of(Math.sqrt(squares / (weighed.size() - 1)) / mean);
    }

    /** How much heavier each piece is than the one before, by the straight line that fits best; absent before the second. */
    public Optional<Double> driftGrams() {
        int count = weighed.size();
        if (count < FEWEST_FOR_A_SPREAD) {
            return Optional.empty();
        }
        double middle = (count - 1) / 2.0;
        double mean = mean().orElseThrow().grams();
        double both = 0;
        double places = 0;
        for (int i = 0; i < count; i++) {
            both += (i - middle) * (weighed.get(i).grams() - mean);
            places += (i - middle) * (i - middle);
        }
        return Optional.of(both / places);
    }

    /**
     * The pinch, in whole grams, that helps the piece which lies furthest outside the band, from the heaviest or to the lightest as
     * far as that stays inside it; absent if none lies outside, or nobody has a gram to spare. Asked again until then, it brings in
     * whatever can be brought in.
     */
    public Optional<Trade> trade() {
        if (weighed.size() < FEWEST_FOR_A_SPREAD) {
            return Optional.empty();
        }
        int heavy = 0;
        int light = 0;
        for (int i = 1; i < weighed.size(); i++) {
            heavy = weighed.get(i).compareTo(weighed.get(heavy)) > 0 ? i : heavy;
            light = weighed.get(i).compareTo(weighed.get(light)) < 0 ? i : light;
        }
        double least = plannedEach().grams() * (1 - BAND);
        double most = plannedEach().grams() * (1 + BAND);
        double lightest = weighed.get(light).grams();
        double heaviest = weighed.get(heavy).grams();
        double under = least - lightest;
        double over = heaviest - most;
        double pinch = under >= over
                ? Math.min(Math.ceil(under - HAIR), Math.floor(heaviest - least))
                : Math.min(Math.ceil(over - HAIR), Math.floor(most - lightest));
        return Math.max(under, over) > HAIR && pinch >= LEAST_PINCH
                ? Optional.of(new Trade(heavy + 1, light + 1, Mass.ofGrams(pinch)))
                : Optional.empty();
    }

    /** The same pieces after a trade. @throws Refused if one of them is not there or has not so much to give */
    public Tally traded(Trade trade) {
        if (Math.min(trade.from(), trade.to()) < 1 || Math.max(trade.from(), trade.to()) > weighed.size()) {
            throw new Refused("there are " + weighed.size() + " pieces to trade between");
        }
        List<Mass> evened = new ArrayList<>(weighed);
        evened.set(trade.from() - 1, weighed.get(trade.from() - 1).minus(trade.pinch()));
        evened.set(trade.to() - 1, weighed.get(trade.to() - 1).plus(trade.pinch()));
        return new Tally(dough, planned, evened);
    }
}
