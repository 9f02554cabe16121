package ironpin.diagnosis;

import ironpin.batch.edit.Fix;
import ironpin.book.Outcome;
import ironpin.plan.BatchPlan;
import ironpin.plan.LotPlan;
import ironpin.quantity.Decimal;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * What probably went wrong with a lot, the likeliest first, each with what of this very batch speaks for and against it (est.). A cause
 * weighs as much as it is common, times how well it explains what was seen and what was not, times what its facts weigh, times what
 * changes for it have come to in this kitchen; beside the causes of the table stands "something else", so that a poor explanation is not
 * taken for a good one.
 *
 * @param seen what was wrong, by the names of the table; nothing if nothing was
 * @param likely causes, the likeliest first, at most {@value #MOST}
 * @param enough whether the first is likely enough to change something for it, and explains all that was seen: where it leaves something
 *     over, two things may have gone wrong
 * @param apart what would tell the first two apart next time, of what such a lot can show; nothing if there are no two, or nothing does
 */
public record Diagnosis(List<String> seen, List<Likely> likely, boolean enough, Optional<String> apart) {
    static final int MOST = 3;

    /** From this on a cause is worth a change, parts of 1. */
    private static final double ENOUGH = 0.5;

    /** And it must be so much likelier than the next. */
    private static final double AHEAD = 1.3;

    /** "Something else" explains anything, none of it well. */
    private static final double OTHER_SHOWS = 0.12;

    private static final double OTHER_PRIOR = 1.5;
    private static final double LEAST_SHOWN = 0.05;

    /**
     * A cause.
     *
     * @param key short stable name
     * @param name in a few words
     * @param chance that it is the one, 0 to 1 (est.)
     * @param with what of this batch speaks for it
     * @param against what of it speaks against it
     * @param change the one thing to do
     * @param fix as a press, where a number does it
     */
    public record Likely(
            String key,
            String name,
            double chance,
            List<String> with,
            List<String> against,
            String change,
            Optional<Fix> fix) {
        public Likely {
            with = List.copyOf(with);
            against = List.copyOf(against);
        }
    }

    public Diagnosis {
        seen = List.copyOf(seen);
        likely = List.copyOf(likely);
    }

    /** Of a lot that was judged, in a kitchen that has tried nothing yet. @param doing what was done with it and not only planned */
    public static Diagnosis of(BatchPlan plan, LotPlan lot, Outcome outcome, Doing doing) {
        return of(plan, lot, outcome, doing, Tried.NOTHING);
    }

    /** The same in one that has. @param tried what changes have come to in it */
    public static Diagnosis of(BatchPlan plan, LotPlan lot, Outcome outcome, Doing doing, Tried tried) {
        List<String> seen = Symptom.of(outcome);
        if (seen.isEmpty()) {
            return new Diagnosis(seen, List.of(), false, Optional.empty());
        }
        Map<Fact, Double> facts = Facts.of(plan, lot, outcome, doing);
        List<String> asked = CanShow.of(lot);
        double other = OTHER_PRIOR * Math.pow(OTHER_SHOWS, seen.size());
        record Weighed(Cause cause, double weight) {}
        List<Weighed> weighed = new ArrayList<>();
        double sum = other;
        for (Cause cause : Cause.in(lot)) {
            double weight =
                    cause.prior() * explains(cause, seen, asked) * weighs(cause, facts) * tried.weighs(cause.key());
            weighed.add(new Weighed(cause, weight));
            sum += weight;
        }
        weighed.sort(Comparator.comparingDouble(Weighed::weight).reversed());
        double all = sum;
        List<Likely> likely = weighed.stream()
                .filter(one -> one.weight() / all >= LEAST_SHOWN)
                .limit(MOST)
                .map(one -> likely(one.cause(), one.weight() / all, facts, plan, lot, tried))
                .toList();
        boolean enough = !likely.isEmpty()
                && seen.stream().allMatch(weighed.get(0).cause()::explains)
                && likely.get(0).chance() >= ENOUGH
                && (likely.size() == 1
                        || likely.get(0).chance() >= AHEAD * likely.get(1).chance());
        return new Diagnosis(seen, likely, enough, apart(likely, asked));
    }

    /** How well a cause explains what was seen, and that the rest was not. */
    private static double explains(Cause cause, List<String> seen, List<String> asked) {
        double chance = 1;
        for (String symptom : asked) {
            double shows = cause.shows(symptom);
            chance *= seen.contains(symptom) ? shows : 1 - shows;
        }
        return chance;
    }

    private static double weighs(Cause cause, Map<Fact, Double> facts) {
        double weight = 1;
        for (Cause.Evidence one : cause.evidence()) {
            Double value = facts.get(one.fact());
            if (value != null) {
                weight *= one.holds(value) ? one.with() : one.without();
            }
        }
        return weight;
    }

    private static Likely likely(
            Cause cause, double chance, Map<Fact, Double> facts, BatchPlan plan, LotPlan lot, Tried tried) {
        List<String> with = new ArrayList<>();
        List<String> against = new ArrayList<>();
        for (Cause.Evidence one : cause.evidence()) {
            Double value = facts.get(one.fact());
            if (value != null) {
                boolean speaksFor = one.holds(value);
                double weight = speaksFor ? one.with() : one.without();
                said(one.fact(), value, one, speaksFor).ifPresent(text -> (weight > 1 ? with : against).add(text));
            }
        }
        tried.said(cause.key()).ifPresent(text -> (tried.weighs(cause.key()) < 1 ? against : with).add(text));
        return new Likely(
                cause.key(),
                cause.name(),
                chance,
                with,
                against,
                cause.change(),
                cause.remedy().fix(plan, lot));
    }

    /** As in "1.12 times what this fold closes with ease, over 1.05", where the edge is at 1.05. */
    private static Optional<String> said(Fact fact, double value, Cause.Evidence one, boolean holds) {
        Optional<String> plain = Plain.of(fact, value);
        if (plain.isPresent() || fact.unit().isEmpty()) {
            return plain;
        }
        double shown = fact == Fact.SCALD ? 100 * value : value;
        String unit = fact == Fact.SCALD ? "% " + fact.unit() : fact.unit();
        String edge = Decimal.trimmed(fact == Fact.SCALD ? 100 * one.at() : one.at(), fact.decimals());
        String side = holds == one.above() ? "over " : "under ";
        return Optional.of(
                Decimal.trimmed(shown, fact == Fact.SCALD ? 0 : fact.decimals()) + " " + unit + ", " + side + edge);
    }

    private static Optional<String> apart(List<Likely> likely, List<String> asked) {
        if (likely.size() < 2) {
            return Optional.empty();
        }
        Cause one = Cause.named(likely.get(0).key()).orElseThrow();
        Cause two = Cause.named(likely.get(1).key()).orElseThrow();
        return Telling.apart(one, two, asked);
    }
}
