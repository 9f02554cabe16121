package ironpin.rehearsal;

import ironpin.batch.Appetite;
import ironpin.batch.Batch;
import ironpin.filling.SafeCore;
import ironpin.plan.BatchPlan;
import ironpin.plan.LotPlan;
import ironpin.quantity.Temperature;
import ironpin.style.Styles;
import java.time.LocalDateTime;

/** The evening as its plan has it: boiled crescents for two, by the book. */
final class Scene {
    private static final LocalDateTime TABLE = LocalDateTime.of(2026, 11, 30, 19, 0);
    private static final Batch BATCH =
            Styles.start(Styles.get("boiled-crescent"), "Rehearsal", TABLE, 2, Appetite.USUAL);

    /** Its one lot. */
    static final LotPlan LOT = BatchPlan.of(BATCH).lot(1);

    /** What its middle has to reach. */
    static final Temperature SAFE = SafeCore.of(LOT.filling().formula()).core();

    private static final double FELT_POINTS = 2;

    private Scene() {}

    /** Pieces that are planned. */
    static int pieces() {
        return LOT.share().pieces();
    }

    /** Water of the plan, points of hydration. */
    static double water() {
        return LOT.dough().formula().hydration().percent();
    }

    /** So many points off a dough's best and hands feel it: it splits, or it clings (est.). */
    static double half() {
        return FELT_POINTS;
    }

    /** What its fold closes with ease, g. */
    static double room() {
        return LOT.room().orElseThrow().comfortable().grams();
    }

    /** Width of a disc in the plan, mm. */
    static double disc() {
        return LOT.lot().shape().disc().millimetres();
    }
}
