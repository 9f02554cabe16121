package ironpin.rehearsal;

import ironpin.quantity.Quantity;
import ironpin.quantity.Sentence;
import ironpin.wording.Count;
import java.util.ArrayList;
import java.util.List;

/** What each decision may be, as it stands on its buttons. */
final class Ways {
    private Ways() {}

    static List<Sentence> of(Decision decision, Chosen chosen) {
        List<Sentence> all = new ArrayList<>();
        for (int i = 0; i < decision.options(); i++) {
            all.add(one(decision, i, chosen));
        }
        return all;
    }

    static Sentence one(Decision decision, int way, Chosen chosen) {
        return switch (decision) {
            case WATER -> Sentence.of(Signs.percent(Chosen.water(way), 1));
            case CORRECT -> {
                double points = Chosen.corrected(way);
                yield points == 0
                        ? Sentence.of("Nothing: leave it")
                        : points < 0
                                ? Sentence.of("Flour, as if it had ", Signs.percent(-points, 1), " less water")
                                : Sentence.of("Water, ", Signs.percent(points, 1), " of the flour");
            }
            case REST -> Sentence.of(Chosen.rest(way) + " min");
            case CUT ->
                Sentence.of(List.of("By eye", "By eye, every fifth on the scale", "Each on the scale")
                        .get(way));
            case DISC -> Sentence.of("To ", Quantity.length(Chosen.disc(way), 0));
            case FILL -> Sentence.of(Quantity.mass(Chosen.fill(way), 0), " each");
            case SEAM ->
                Sentence.of(List.of(
                                "Begin, pleated; they join in",
                                "Begin, with plain seams; they join in",
                                "Let the dough wait until they are here")
                        .get(way));
            case LOAD -> Sentence.of(Count.of(Chosen.load(way), "piece"));
            case LIFT -> {
                int after = Chosen.lift(way);
                yield Sentence.of(
                        after < 0
                                ? "When a probe says so"
                                : after == 0 ? "Now: they float" : after / 60 + " min after they float");
            }
            case AGAIN -> {
                String how = List.of("Fewer", "As many", "More").get(way);
                int first = chosen.load();
                int then = new Chosen(chosen.ways().subList(0, Decision.AGAIN.ordinal())).load();
                int count = way == 0 ? Math.max(1, first / 2) : way == 1 ? then : Math.min(Scene.pieces(), 2 * first);
                yield Sentence.of(how + ": " + count + " at once");
            }
        };
    }
}
