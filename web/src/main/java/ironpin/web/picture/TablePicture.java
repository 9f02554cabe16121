package ironpin.web.picture;

import ironpin.plan.BatchPlan;
import ironpin.plan.LotPlan;
import ironpin.quantity.Sentence;
import ironpin.wording.Count;

/** Plates filling with pieces: one plate an eater, every piece drawn once, lots as tones. */
public final class TablePicture {
    private static final int MOST_PLATES = 14;
    private static final int MOST_IN_A_ROW = 7;
    private static final double PLATE = 96;

    private TablePicture() {}

    /** The table of a plan. */
    public static Sentence of(BatchPlan plan) {
        int eaters = plan.batch().eaters();
        int plates = Math.min(eaters, MOST_PLATES);
        int rows = (plates + MOST_IN_A_ROW - 1) / MOST_IN_A_ROW;
        int columns = (plates + rows - 1) / rows;
        StringBuilder said = new StringBuilder(Count.of(eaters, "plate", "plates"));
        for (LotPlan lot : plan.lots()) {
            said.append(", ")
                    .append(lot.share().toTable())
                    .append(' ')
                    .append(lot.lot().name());
        }
        Svg svg = Svg.picture(
                "table-picture w-auto max-w-full",
                columns * PLATE,
                rows * PLATE + (eaters > plates ? 20 : 2),
                Sentence.of(said.toString()));
        plan.lots()
                .forEach(lot -> FoldShape.define(
                        svg,
                        owner(lot),
                        lot.lot().fold(),
                        Tones.of(lot.filling().kind())));
        for (int i = 0; i < plates; i++) {
            double x = (i % columns + 0.5) * PLATE;
            double y = (i / columns + 0.5) * PLATE;
            svg.add("circle", "cx", x, "cy", y, "r", PLATE * 0.46, "class", "fill-raised stroke-hair")
                    .add("circle", "cx", x, "cy", y, "r", PLATE * 0.36, "class", "fill-none stroke-hair");
            plate(svg, plan, i, x, y);
        }
        if (eaters > plates) {
            svg.text(
                    "and " + (eaters - plates) + " more plates",
                    "x",
                    2,
                    "y",
                    rows * PLATE + 14,
                    "class",
                    "quiet-small");
        }
        return svg.done();
    }

    /** This plate's part of every lot: pieces that do not divide go to the first plates. */
    private static void plate(Svg svg, BatchPlan plan, int plate, double x, double y) {
        int eaters = plan.batch().eaters();
        int total = 0;
        for (LotPlan lot : plan.lots()) {
            total += share(lot.share().toTable(), eaters, plate);
        }
        double size = total <= 7 ? 22 : total <= 14 ? 17 : total <= 24 ? 13 : 9;
        int placed = 0;
        for (LotPlan lot : plan.lots()) {
            int mine = share(lot.share().toTable(), eaters, plate);
            for (int i = 0; i < mine; i++, placed++) {
                // A sunflower's order: even anywhere, whatever the number.
                double radius = PLATE * 0.33 * Math.sqrt((placed + 0.5) / total);
                double angle = placed * 2.399963;
                piece(svg, lot, x + radius * Math.cos(angle), y + radius * Math.sin(angle), size);
            }
        }
    }

    private static void piece(Svg svg, LotPlan lot, double x, double y, double size) {
        svg.open("g", "class", Tones.skin(lot));
        FoldShape.use(
                svg,
                owner(lot),
                lot.lot().fold(),
                Tones.of(lot.filling().kind()),
                x - size * 0.6,
                y - size * 0.36,
                size * 1.2,
                size * 0.72);
        svg.close("g");
    }

    private static String owner(LotPlan lot) {
        return "plate-" + lot.lot().no();
    }

    private static int share(int pieces, int eaters, int plate) {
        return pieces / eaters + (plate < pieces % eaters ? 1 : 0);
    }
}
