package ironpin.plan;

import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import ironpin.batch.Batch;
import ironpin.batch.RandomBatches;
import ironpin.batch.Station;
import ironpin.quantity.Sentence;
import ironpin.quantity.UnitSystem;
import java.util.List;
import org.testng.annotations.Test;

/** What holds of every finding of whatever plan: working one out takes so long that all of it is asked of the same plans. */
public class AnyPlanTest {
    @Test
    public void everyFindingHasItsFigureItsNumbersAndFixesThatCanBeApplied() {
        RandomBatches batches = new RandomBatches(11);
        int fixes = 0;
        for (int i = 0; i < 500; i++) {
            BatchPlan plan = BatchPlan.of(batches.next());
            for (Station station : Station.values()) {
                for (LotPlan lot : plan.lots()) {
                    List<Finding> found = Findings.at(station, plan, lot.lot().no());
                    theWorstComesFirst(found);
                    for (Finding one : found) {
                        hasItsFigure(one);
                        saysNumbers(one);
                        fixes += canBeApplied(plan.batch(), one);
                    }
                }
            }
            saysItsStepsInUsUnits(plan);
        }
        assertTrue(fixes > 300, "only " + fixes + " fixes were offered");
    }

    private static void theWorstComesFirst(List<Finding> found) {
        for (int k = 1; k < found.size(); k++) {
            assertTrue(found.get(k).level().compareTo(found.get(k - 1).level()) <= 0, found.toString());
        }
    }

    /** A figure, or that there is none; what somebody avoids, and a dough that is rare for a fire, are named instead. */
    private static void hasItsFigure(Finding one) {
        assertTrue(
                one.saying() == Saying.FAMILY_RARE
                        || one.saying().name().startsWith("ALLERGEN")
                        || one.figure().render(UnitSystem.METRIC).matches(".*\\d.*|.*[Nn]ot known.*|No \\p{L}+"),
                one.toString());
        assertFalse(one.text().isEmpty());
    }

    private static void saysNumbers(Finding one) {
        for (UnitSystem units : UnitSystem.values()) {
            String said = Sentence.of(one.figure(), one.text(), one.why()).render(units);
            assertFalse(said.contains("NaN") || said.contains("Infinity"), said);
        }
    }

    private static void saysItsStepsInUsUnits(BatchPlan plan) {
        plan.timetable().slots().forEach(slot -> {
            String title = slot.task().title() + slot.task().detail().render(UnitSystem.US);
            assertFalse(title.matches(".*\\d (g|°C|mm)\\b.*"), title);
        });
    }

    private static int canBeApplied(Batch batch, Finding one) {
        one.fix().ifPresent(change -> BatchPlan.of(change.applyTo(batch)));
        one.others().forEach(change -> BatchPlan.of(change.applyTo(batch)));
        return one.fix().isPresent() ? 1 : 0;
    }
}
