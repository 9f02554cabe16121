package ironpin.hands;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * The pace of one pair of hands, from one tap a piece. A gap of more than three times the middle one is a pause and does not count.
 *
 * @param pieces tapped so far
 * @param gaps from tap to tap while at work
 * @param last when the last piece was tapped, if any was
 */
public record Beat(int pieces, List<Duration> gaps, Optional<Instant> last) {
    private static final double PAUSE = 3;

    /** Fewer gaps are luck. */
    private static final int FEWEST_GAPS = 2;

    public Beat {
        gaps = List.copyOf(gaps);
    }

    /** @param taps in their order */
    public static Beat of(List<Instant> taps) {
        List<Duration> all = new ArrayList<>();
        for (int i = 1; i < taps.size(); i++) {
            Duration gap = Duration.between(taps.get(i - 1), taps.get(i));
            if (!gap.isNegative()) {
                all.add(gap);
            }
        }
        List<Duration> sorted = all.stream().sorted().toList();
        if (!sorted.isEmpty()) {
            Duration middle = sorted.get((sorted.size() - 1) / 2);
            all.removeIf(gap -> gap.toMillis() > PAUSE * middle.toMillis());
        }
        return new Beat(taps.size(), all, taps.isEmpty() ? Optional.empty() : Optional.of(taps.get(taps.size() - 1)));
    }

    /** Mean time a piece, s; absent while there are too few. */
    public Optional<Double> secondsEach() {
        double sum = gaps.stream().mapToDouble(Duration::toMillis).sum() / 1_000;
        return gaps.size() < FEWEST_GAPS || sum <= 0 ? Optional.empty() : Optional.of(sum / gaps.size());
    }

    /** Pieces an hour at this pace. */
    public Optional<Integer> perHour() {
        return secondsEach().map(seconds -> (int) Math.round(3_600 / seconds));
    }

    /** How long the rest takes at this pace. @param open pieces still to come, 0 or more */
    public Optional<Duration> left(int open) {
        return secondsEach().map(seconds -> Duration.ofMillis(Math.round(1_000 * seconds * open)));
    }
}
