package ironpin.plan;

import ironpin.clock.Gap;
import ironpin.clock.Lateness;
import ironpin.clock.Limits;
import ironpin.clock.Timetable;
import ironpin.filling.SafeCore;
import ironpin.wording.Name;
import ironpin.wording.Span;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** When to begin, how long hands are busy, and what waits too long as the day stands. */
final class ClockFindings {
    /** Food that is kept hot stays above this. */
    private static final double KEPT_HOT_C = 63;

    private ClockFindings() {}

    static List<Finding> of(BatchPlan plan, Optional<Lateness> late) {
        List<Finding> found = new ArrayList<>();
        Timetable table = plan.timetable();
        Duration busy = table.slots().stream()
                .filter(slot -> slot.task().busy())
                .map(slot -> slot.task().time())
                .reduce(Duration.ZERO, Duration::plus);
        found.add(TableFindings.start(plan, late));
        found.add(Finding.of(
                Saying.HANDS_BUSY,
                Span.inMinutes(busy),
                "of work for the hands (est.).",
                "The rest is resting, heating and steaming."));
        plan.gaps().stream()
                .filter(gap -> gap.broken() || gap.kind() == Gap.Kind.GREENS_WEEP)
                .map(gap -> said(plan, gap))
                .flatMap(Optional::stream)
                .forEach(found::add);
        return found;
    }

    /** One wait that is too long, with what is nearest to mend it; nothing for one that is not. */
    static Optional<Finding> said(BatchPlan plan, Gap gap) {
        if (!gap.broken()) {
            return gap.kind() == Gap.Kind.GREENS_WEEP && gap.until().compareTo(gap.most()) > 0
                    ? Optional.of(greensLate(plan, gap))
                    : Optional.empty();
        }
        String figure = Span.inMinutes(gap.longest());
        String most = Span.inMinutes(gap.most());
        return Optional.of(
                switch (gap.kind()) {
                    case DOUGH_RESTS ->
                        Finding.of(
                                Saying.DOUGH_WAITS,
                                figure,
                                "is how long the "
                                        + Name.within(
                                                plan.batch().dough(gap.no()).name())
                                        + " stands from kneading to its first piece, as the clock stands (est.): over "
                                        + most + ".",
                                (plan.batch().dough(gap.no()).family().wheat()
                                                ? "Wrap it and put it into the fridge, out again 20 min before it is rolled"
                                                : "Keep it wrapped and moist")
                                        + "; or make another lot first.");
                    case GREENS_WEEP ->
                        Finding.of(
                                Saying.GREENS_WEEP,
                                figure,
                                "pass between squeezing the salted greens of the "
                                        + plan.batch().filling(gap.no()).called()
                                        + " and the first wrapper (est.): at most " + most + ".",
                                "They weep on and wet the skin: squeeze them again just before, or coat them in oil instead.");
                    case FILLING_IS_OUT ->
                        Finding.of(
                                Saying.FILLING_IS_OUT,
                                figure,
                                "is how long the "
                                        + plan.batch().filling(gap.no()).called()
                                        + " is out of the fridge, from the bowl to the heat (est.): at most "
                                        + most + " in all.",
                                "Keep the bowl in the fridge and take out a part at a time, and put full trays back.");
                    case PIECES_WAIT ->
                        Finding.of(
                                Saying.PIECES_WAIT,
                                figure,
                                "is how long some of the "
                                        + Name.within(plan.batch().lot(gap.no()).name())
                                        + " wait from the fold to their round (est.): into the fridge, covered.",
                                "Over " + most + " at room temperature skins dry out and fillings warm up.");
                    case PLATES_COOL ->
                        Finding.of(
                                Saying.PLATES_COOL,
                                figure,
                                "is how long the first "
                                        + Name.within(plan.batch().lot(gap.no()).name())
                                        + " are out of their vessel before the table (est.).",
                                "Hot is within " + most + ": eat each round as it is ready, or keep it covered above "
                                        + Words.celsius(KEPT_HOT_C) + ", or heat it again to "
                                        + Words.celsius(SafeCore.REHEATED.celsius()) + ".");
                });
    }

    private static Finding greensLate(BatchPlan plan, Gap gap) {
        return Finding.of(
                Saying.GREENS_WEEP_LATE,
                Span.inMinutes(gap.until()),
                "pass until the last wrapper of the "
                        + plan.batch().filling(gap.no()).called() + " (est.), "
                        + Span.inMinutes(gap.longest()) + " until the first.",
                "Salted greens weep on after " + Span.inMinutes(Limits.SALTED_GREENS)
                        + ": keep the bowl cold and tilt the juice off.");
    }
}
