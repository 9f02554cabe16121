package ironpin.crew;

import ironpin.quantity.Belief;
import java.time.Duration;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;

/**
 * How long a kind of work takes this cook, against what is usual: a cook who kneads three minutes and no more is planned with three.
 * What is not here is planned as usual.
 *
 * @param percents of the usual time, by kind of work
 */
public record OwnMinutes(Map<String, Belief> percents) {
    /** Nothing said and nothing timed. */
    public static final OwnMinutes NONE = new OwnMinutes(Map.of());

    /** Below and above this share of the usual time, a tick was forgotten or came late; percent. */
    public static final double LEAST = 5;

    public static final double MOST = 600;

    /** Before anything is said: about as usual, or half or twice of it (est.). */
    public static final Belief USUAL = new Belief(100, 80, 0);

    /** Percent from one time to the next (est.). */
    private static final double SCATTER = 12;

    public OwnMinutes {
        percents = Map.copyOf(percents);
    }

    /** With one time more that was measured. @param kind of work @param percent of the usual time it took, {@value #LEAST} to {@value #MOST} */
    public OwnMinutes after(String kind, double percent) {
        double seen = Math.max(LEAST, Math.min(MOST, percent));
        Map<String, Belief> more = new HashMap<>(percents);
        more.put(kind, percents.getOrDefault(kind, USUAL).after(seen, SCATTER, 1));
        return new OwnMinutes(more);
    }

    /** As the cook says it, whatever was seen before. @param percent of the usual time, {@value #LEAST} to {@value #MOST} */
    public OwnMinutes said(String kind, double percent) {
        Map<String, Belief> more = new HashMap<>(percents);
        more.put(kind, new Belief(Math.max(LEAST, Math.min(MOST, percent)), SCATTER, 1));
        return new OwnMinutes(more);
    }

    /** What is known of a kind of work. */
    public Optional<Belief> of(String kind) {
        return Optional.ofNullable(percents.get(kind));
    }

    /** As long as it takes this cook, to the minute and at least one; the usual time where nothing is known. */
    public Duration time(String kind, Duration usual) {
        return of(kind).map(known -> scaled(usual, known.mean() / 100)).orElse(usual);
    }

    private static Duration scaled(Duration usual, double times) {
        return Duration.ofMinutes(Math.max(1, Math.round(usual.toSeconds() * times / 60)));
    }
}
