package ironpin.web.picture;

import ironpin.plan.LotPlan;

/**
 * A lane of the ribbon: a lot, and where it is drawn.
 *
 * @param lot which lot
 * @param top its upper edge, px
 * @param height px
 * @param whole whether it is the lot in hand, drawn with all there is to it
 * @param dough grams of its dough, or of its wrappers
 * @param filling grams of its filling
 * @param scale pixels per gram
 * @param work how far it has come
 */
record RibbonLane(
        LotPlan lot,
        double top,
        double height,
        boolean whole,
        double dough,
        double filling,
        double scale,
        LaneWork work) {
    private static final double GAP = 7;

    double middle() {
        return top + height / 2;
    }

    double doughThick() {
        return Strands.thickness(dough, scale);
    }

    double fillingThick() {
        return Strands.thickness(filling, scale);
    }

    private double gap() {
        return whole ? GAP : 1;
    }

    double doughTop() {
        return middle() - (doughThick() + gap() + fillingThick()) / 2;
    }

    double fillingTop() {
        return doughTop() + doughThick() + gap();
    }
}
