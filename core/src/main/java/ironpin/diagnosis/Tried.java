package ironpin.diagnosis;

import ironpin.wording.Count;
import java.util.Collection;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;

/**
 * What changes for each cause have come to in this kitchen. A change that helps says that its cause was the one; one that does nothing,
 * that it was another. Each cause's odds move by {@code (2 + helped) / (2 + not)}, the odds of a share that was even to begin with and as
 * firm as four seen, and never by more than {@value #MOST} times: a kitchen sees few experiments (est.).
 *
 * @param counts by a cause's key: how often a change for it helped, and how often it did not
 */
public record Tried(Map<String, Counts> counts) {
    /** Nothing was tried. */
    public static final Tried NOTHING = new Tried(Map.of());

    private static final double FIRM = 2;
    private static final double MOST = 3;

    public Tried {
        counts = Map.copyOf(counts);
    }

    /**
     * How often.
     *
     * @param helped at least 0
     * @param not that it did nothing, or made it worse; at least 0
     */
    public record Counts(int helped, int not) {
        private Counts and(Trial.Result result) {
            return switch (result) {
                case HELPED -> new Counts(helped + 1, not);
                case NOTHING, WORSE -> new Counts(helped, not + 1);
                case OPEN -> this;
            };
        }
    }

    /**
     * A change that was tried.
     *
     * @param cause for which
     * @param result what came of it; one that is open counts for nothing
     */
    public record Closed(String cause, Trial.Result result) {}

    /** What these have come to. */
    public static Tried of(Collection<Closed> closed) {
        Map<String, Counts> counts = new HashMap<>();
        for (Closed one : closed) {
            if (one.result() != Trial.Result.OPEN) {
                counts.put(
                        one.cause(),
                        counts.getOrDefault(one.cause(), new Counts(0, 0)).and(one.result()));
            }
        }
        return new Tried(counts);
    }

    /** By what the odds of a cause are moved; 1 where nothing was tried. */
    double weighs(String cause) {
        Counts seen = counts.get(cause);
        return seen == null ? 1 : Math.min(MOST, Math.max(1 / MOST, (FIRM + seen.helped()) / (FIRM + seen.not())));
    }

    /** As one of the things that speak for or against it, as in "a change for it helped here once". */
    Optional<String> said(String cause) {
        return Optional.ofNullable(counts.get(cause)).map(seen -> {
            String helped = "helped here " + times(seen.helped());
            String not = "did not help here " + times(seen.not());
            return "a change for it "
                    + (seen.not() == 0 ? helped : seen.helped() == 0 ? not : helped + ", " + not.replace(" here", ""));
        });
    }

    private static String times(int count) {
        return count == 1 ? "once" : Count.of(count, "time");
    }
}
