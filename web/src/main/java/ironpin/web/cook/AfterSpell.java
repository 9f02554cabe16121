package ironpin.web.cook;

import ironpin.cook.Course;
import ironpin.heat.HeatRun;
import ironpin.plan.InsidePiece;
import ironpin.quantity.Quantity;
import ironpin.quantity.Sentence;
import java.time.Duration;

/** What a spell does, in one line: the temperatures when it ends. */
final class AfterSpell {
    private AfterSpell() {}

    /** @param index of the spell, from 0 */
    static Sentence said(InsidePiece inside, int index) {
        Course.Mark mark =
                inside.course().marks().size() > index ? inside.course().marks().get(index) : null;
        if (mark == null) {
            return Sentence.EMPTY;
        }
        HeatRun run = inside.course().run();
        Duration end = mark.from().plus(mark.spell().time());
        int from = run.sample(mark.from());
        int to = run.sample(end.minusSeconds(1));
        double lowest = Double.MAX_VALUE;
        for (int i = from; i <= to; i++) {
            lowest = Math.min(lowest, run.around()[i]);
        }
        Sentence middle = Sentence.of(
                "middle ",
                Quantity.celsius(run.core()[to]),
                ", skin ",
                Quantity.celsius(run.surface()[to]),
                " at its end");
        return switch (mark.spell().fire()) {
            case BOIL -> Sentence.of(middle, "; the water falls to ", Quantity.celsius(lowest), " (est.)");
            case PAN, GRIDDLE, FRY -> Sentence.of(middle, "; ", Quantity.celsius(run.around()[to]), " under it (est.)");
            case STEAM, BAKE, REST -> Sentence.of(middle, " (est.)");
        };
    }
}
