package ironpin.plan;

import ironpin.clock.Forecast;
import ironpin.clock.Gap;
import ironpin.clock.Limits;
import ironpin.clock.Timetable;
import ironpin.crew.Skill;
import ironpin.filling.SafeCore;
import ironpin.quantity.Quantity;
import ironpin.quantity.Sentence;
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

    static List<Finding> of(BatchPlan plan, Optional<Forecast> late) {
        List<Finding> found = new ArrayList<>();
        Timetable table = plan.timetable();
        Duration busy =
                table.slots().stream().map(slot -> slot.task().handsTime()).reduce(Duration.ZERO, Duration::plus);
        found.add(TableFindings.start(plan, late));
        found.add(Finding.of(
                Saying.HANDS_BUSY,
                Sentence.of(Span.inMinutes(busy)),
                Sentence.of("of work for the hands (est.)."),
                Sentence.of("The rest is resting, heating and steaming.")));
        nobody(plan, found);
        plan.gaps().stream()
                .filter(gap -> gap.broken() || gap.putAway() || gap.kind() == Gap.Kind.GREENS_WEEP)
                .map(gap -> said(plan, gap))
                .flatMap(Optional::stream)
                .forEach(found::add);
        return found;
    }

    private static void nobody(BatchPlan plan, List<Finding> found) {
        for (Skill skill : Skill.values()) {
            boolean wanted = plan.day().tasks().stream().anyMatch(task -> task.work()
                    .trade()
                    .filter(craft -> craft.skills().contains(skill))
                    .isPresent());
            if (wanted && plan.batch().crew().people().stream().noneMatch(one -> one.does(skill))) {
                found.add(Finding.of(
                        Saying.NOBODY_DOES,
                        Sentence.of("0 people"),
                        Sentence.of("of yours " + skill.plural() + ", and something here needs it."),
                        Sentence.of("Until somebody does, the clock counts with everybody.")));
            }
        }
    }

    /** One wait that is too long, with what is nearest to mend it; nothing for one that is not. */
    static Optional<Finding> said(BatchPlan plan, Gap gap) {
        if (!gap.broken() && gap.putAway()) {
            return Optional.of(putAway(plan, gap));
        }
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
                                Sentence.of(figure),
                                Sentence.of("is how long the "
                                        + Name.within(
                                                plan.batch().dough(gap.no()).name())
                                        + " stands from kneading to its first piece, as the clock stands (est.): over "
                                        + most + "."),
                                Sentence.of(
                                        (plan.batch().dough(gap.no()).family().wheat()
                                                        ? "Wrap it and put it into the fridge, out again 20 min before it is rolled"
                                                        : "Keep it wrapped and moist")
                                                + "; or make another kind first."));
                    case GREENS_WEEP ->
                        Finding.of(
                                Saying.GREENS_WEEP,
                                Sentence.of(figure),
                                Sentence.of("pass between squeezing the salted greens of the "
                                        + plan.batch().filling(gap.no()).called()
                                        + " and the first wrapper (est.): at most " + most + "."),
                                Sentence.of(
                                        "They weep on and wet the skin: squeeze them again just before, or coat them in oil instead."));
                    case FILLING_IS_OUT ->
                        Finding.of(
                                Saying.FILLING_IS_OUT,
                                Sentence.of(figure),
                                Sentence.of("is how long the "
                                        + plan.batch().filling(gap.no()).called()
                                        + " is out of the fridge, from the bowl to the heat or the freezer (est.): at most "
                                        + most + " in all."),
                                Sentence.of(
                                        "Make it in halves, the second when the first is wrapped; or stand the bowl in ice, keep it in the fridge between trays and put full trays back."));
                    case PIECES_WAIT ->
                        Finding.of(
                                Saying.PIECES_WAIT,
                                Sentence.of(figure),
                                Sentence.of("is how long some of the "
                                        + Name.within(plan.batch().lot(gap.no()).name())
                                        + " wait from the fold to their round (est.): into the fridge, covered."),
                                Sentence.of(
                                        "Over " + most + " at room temperature skins dry out and fillings warm up."));
                    case PLATES_COOL ->
                        Finding.of(
                                Saying.PLATES_COOL,
                                Sentence.of(figure),
                                Sentence.of("is how long the first "
                                        + Name.within(plan.batch().lot(gap.no()).name())
                                        + " are out of their vessel before the table (est.)."),
                                Sentence.of(
                                        "Hot is within ",
                                        most,
                                        ": eat each round as it is ready, or keep it covered above ",
                                        Quantity.celsius(KEPT_HOT_C),
                                        ", or heat it again to ",
                                        Quantity.celsius(SafeCore.REHEATED.celsius()),
                                        "."));
                    case TABLE_WAITS ->
                        Finding.of(
                                Saying.TABLE_WAITS,
                                Sentence.of(figure),
                                Sentence.of("pass between the first plates and the last (est.): at most " + most
                                        + " were wanted."),
                                Sentence.of("Another burner or vessel, larger rounds or fewer pieces shorten it."));
                });
    }

    /** What has to go into the fridge or be kept warm for the plan to hold. */
    private static Finding putAway(BatchPlan plan, Gap gap) {
        String figure = Span.inMinutes(gap.away());
        return switch (gap.kind()) {
            case DOUGH_RESTS ->
                Finding.of(
                        Saying.DOUGH_IN_FRIDGE,
                        Sentence.of(figure),
                        Sentence.of("of its rest the "
                                + Name.within(plan.batch().dough(gap.no()).name())
                                + " is in the fridge (est.), wrapped."),
                        Sentence.of("Take it out 20 min before it is rolled: cold dough pulls back."));
            case FILLING_IS_OUT ->
                Finding.of(
                        Saying.FILLING_IN_FRIDGE,
                        Sentence.of(figure),
                        Sentence.of(
                                "the " + plan.batch().filling(gap.no()).called()
                                        + " is needed for (est.): its bowl stands in the fridge until the first tray, and between trays."),
                        Sentence.of("Out of it at most " + Span.inMinutes(gap.most()) + " in all."));
            case PIECES_WAIT ->
                Finding.of(
                        Saying.PIECES_IN_FRIDGE,
                        Sentence.of(figure),
                        Sentence.of("in the fridge is the longest a tray of the "
                                + Name.within(plan.batch().lot(gap.no()).name()) + " waits (est.)."),
                        Sentence.of("Covered, on a dusted tray; over " + Span.inMinutes(gap.most())
                                + " in the room skins dry out and fillings warm up."));
            default ->
                Finding.of(
                        Saying.PLATES_KEPT_WARM,
                        Sentence.of(figure),
                        Sentence.of("is the longest a round of the "
                                + Name.within(plan.batch().lot(gap.no()).name()) + " is kept warm (est.)."),
                        Sentence.of(
                                "Covered, above ",
                                Quantity.celsius(KEPT_HOT_C),
                                ", or heated again to ",
                                Quantity.celsius(SafeCore.REHEATED.celsius()),
                                "."));
        };
    }

    private static Finding greensLate(BatchPlan plan, Gap gap) {
        return Finding.of(
                Saying.GREENS_WEEP_LATE,
                Sentence.of(Span.inMinutes(gap.until())),
                Sentence.of("pass until the last wrapper of the "
                        + plan.batch().filling(gap.no()).called() + " (est.), "
                        + Span.inMinutes(gap.longest()) + " until the first."),
                Sentence.of("Salted greens weep on after " + Span.inMinutes(Limits.SALTED_GREENS)
                        + ": make the filling in halves, or keep the bowl cold and tilt the juice off."));
    }
}
