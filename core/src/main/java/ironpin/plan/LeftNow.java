package ironpin.plan;

import ironpin.dough.DoughFamily;
import ironpin.filling.SafeCore;
import ironpin.quantity.Mass;
import ironpin.quantity.Quantity;
import ironpin.quantity.Sentence;
import ironpin.wording.Count;
import java.util.ArrayList;
import java.util.List;

/**
 * What can become of dough or filling that is left on the board while the work goes on, each way with its figures. Nothing here changes
 * a plan: what was mixed is mixed.
 *
 * @param figure what the way gives, in a few words
 * @param text how it is done
 */
public record LeftNow(Sentence figure, Sentence text) {
    /** What is left. */
    public enum What {
        DOUGH("dough"),
        FILLING("filling");

        private final String label;

        What(String label) {
            this.label = label;
        }

        /** In a word. */
        public String label() {
            return label;
        }
    }

    private static final double PATTY_GRAMS = 30;
    private static final double LEAST_STRIPS = 20;

    /** The ways there are for so much of it, of the lot it was made for; the nearest to what is being made first. */
    public static List<LeftNow> of(BatchPlan plan, LotPlan lot, What what, Mass left) {
        return what == What.DOUGH ? dough(plan, lot, left) : filling(lot, left);
    }

    private static List<LeftNow> dough(BatchPlan plan, LotPlan lot, Mass left) {
        List<LeftNow> ways = new ArrayList<>();
        Mass each = lot.share().doughEach();
        Mass filled = lot.share().fillingEach();
        long more = left.wholePieces(each);
        if (more > 0) {
            Mass over = plan.balance().filling(lot.filling().no()).left();
            long enough = Math.min(more, over.wholePieces(filled));
            ways.add(new LeftNow(
                    Sentence.of(Count.of((int) more, "more piece", "more pieces")),
                    Sentence.of(
                            "of ",
                            Quantity.weighed(each),
                            "; they want ",
                            Quantity.weighed(filled.multipliedBy(more)),
                            " of filling, ",
                            Quantity.weighed(filled),
                            " each",
                            enough > 0 ? "; what the plan leaves over is enough for " + enough : "",
                            ".")));
        } else {
            ways.add(new LeftNow(
                    Sentence.of("Less than a piece"), Sentence.of("A piece takes ", Quantity.weighed(each), ".")));
        }
        DoughFamily family = lot.dough().family();
        if (left.grams() >= LEAST_STRIPS && rolls(family)) {
            ways.add(new LeftNow(
                    Sentence.of("Strips"),
                    Sentence.of(
                            "Roll ",
                            Quantity.weighed(left),
                            " thin, cut it, and boil the strips in broth for 2 to 3 min (est.).")));
        }
        ways.add(new LeftNow(
                Sentence.of(keeps(family) ? "Until tomorrow" : "Not kept"),
                Sentence.of(
                        switch (family) {
                            case CLEAR_STARCH ->
                                "Starch dough stiffens as it cools and does not come back: steam it as it is, or let it go.";
                            case MAIZE -> "It dries out and cracks within hours, wrapped or not: bake it thin today.";
                            case EGG, SOFT_ENRICHED ->
                                "Wrapped, in the fridge, within two hours, for a day: there is egg or dairy in it. Half an hour in the room before it is rolled.";
                            default ->
                                "Wrapped, in the fridge, for a day. Half an hour in the room before it is rolled.";
                        })));
        return List.copyOf(ways);
    }

    private static boolean rolls(DoughFamily family) {
        return switch (family) {
            case CLEAR_STARCH, MAIZE -> false;
            default -> true;
        };
    }

    private static boolean keeps(DoughFamily family) {
        return rolls(family);
    }

    private static List<LeftNow> filling(LotPlan lot, Mass left) {
        List<LeftNow> ways = new ArrayList<>();
        Mass each = lot.share().fillingEach();
        long more = left.wholePieces(each);
        if (more > 0) {
            ways.add(new LeftNow(
                    Sentence.of(Count.of((int) more, "more piece", "more pieces")),
                    Sentence.of(
                            "of ",
                            Quantity.weighed(each),
                            ": in ",
                            more,
                            " bought wrappers, or with ",
                            Quantity.weighed(lot.share().doughEach().multipliedBy(more)),
                            " more dough.")));
        } else {
            ways.add(new LeftNow(
                    Sentence.of("Less than a piece"), Sentence.of("A piece takes ", Quantity.weighed(each), ".")));
        }
        SafeCore core = SafeCore.of(lot.filling().formula());
        boolean raw = !core.raw().isEmpty() || !core.unknown().isEmpty();
        int patties = (int) Math.max(1, Math.round(left.grams() / PATTY_GRAMS));
        ways.add(new LeftNow(
                Sentence.of(Count.of(patties, "patty", "patties")),
                Sentence.of(
                        "of about ",
                        Quantity.grams(left.grams() / patties),
                        ", fried through: ",
                        Quantity.celsius(core.core().celsius()),
                        " in the middle. A probe decides.")));
        ways.add(
                new LeftNow(
                        Sentence.of(raw ? "Into the cold now" : "Until tomorrow"),
                        Sentence.of(
                                raw
                                        ? "Covered, in the fridge, if it was out for less than two hours in all, and cooked through tomorrow at the latest; or frozen flat, today."
                                        : "Covered, in the fridge within two hours, for a day; heated through before it is eaten.")));
        return List.copyOf(ways);
    }
}
