package ironpin.wrapper;

import ironpin.quantity.Belief;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;

/**
 * What one judged lot teaches of its fold.
 *
 * @param pieces that were closed, above 0
 * @param meant how full they were meant, percent of the geometric room; nothing is learned of fullness without it
 * @param faults how full each piece was that burst or gaped, in the same measure
 * @param seconds for one piece, if it was counted
 */
public record FoldLesson(int pieces, Optional<Double> meant, List<Double> faults, Optional<Double> seconds) {
    /** What is remembered of one hand: enough to be sure, and little enough to follow it when it changes. */
    private static final int LATEST = 400;

    /** Seconds a piece from one sitting to the next, as a share of the pace (est.). */
    private static final double PACE_SCATTER = 0.15;

    public FoldLesson {
        faults = List.copyOf(faults);
    }

    /** What these lots, the first one first, make of what is usual for the fold. */
    public static Handiwork learned(Fold fold, List<FoldLesson> lessons) {
        Handiwork usual = Handiwork.usual(fold);
        Belief seconds = usual.seconds();
        List<Comfort.Trial> trials = new ArrayList<>();
        for (FoldLesson lesson : lessons) {
            if (lesson.seconds.isPresent()) {
                seconds = seconds.after(lesson.seconds.get(), PACE_SCATTER * seconds.mean(), 1);
            }
            trials.addAll(lesson.trials());
        }
        List<Comfort.Trial> latest = trials.subList(Math.max(0, trials.size() - LATEST), trials.size());
        Belief comfort = Comfort.learned(usual.comfort(), latest);
        return new Handiwork(within(comfort, 30, 95), within(seconds, 3, 900));
    }

    /** The faults as full as each was, and the others as full as they were meant. */
    private List<Comfort.Trial> trials() {
        if (meant.isEmpty()) {
            return List.of();
        }
        List<Comfort.Trial> trials = new ArrayList<>();
        faults.stream().limit(pieces).forEach(share -> trials.add(new Comfort.Trial(share, true)));
        trials.addAll(Collections.nCopies(pieces - trials.size(), new Comfort.Trial(meant.get(), false)));
        return trials;
    }

    private static Belief within(Belief belief, double low, double high) {
        return new Belief(Math.max(low, Math.min(high, belief.mean())), belief.spread(), belief.lessons());
    }
}
