package ironpin.plan;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import ironpin.batch.Appetite;
import ironpin.batch.Batch;
import ironpin.quantity.Mass;
import ironpin.quantity.UnitSystem;
import ironpin.style.Style;
import ironpin.style.Styles;
import java.time.LocalDateTime;
import java.util.List;
import org.testng.annotations.Test;

public class LeftNowTest {
    private static List<String> ways(String style, LeftNow.What what, double grams) {
        Batch batch =
                Styles.start(Styles.get(style), "Supper", LocalDateTime.of(2026, 11, 30, 19, 0), 6, Appetite.USUAL);
        BatchPlan plan = BatchPlan.of(batch);
        return LeftNow.of(plan, plan.lot(1), what, Mass.ofGrams(grams)).stream()
                .map(way -> way.figure().render(UnitSystem.METRIC) + " | "
                        + way.text().render(UnitSystem.METRIC))
                .toList();
    }

    /** Boiled crescents take 15 g of dough and 18 g of filling each. */
    @Test
    public void sixtyGramsOfDoughAreFourPieces() {
        List<String> ways = ways("boiled-crescent", LeftNow.What.DOUGH, 60);
        assertEquals(ways.get(0), "4 more pieces | of 15.0 g; they want 72 g of filling, 18.0 g each.");
        assertTrue(ways.get(1).startsWith("Strips | Roll 60 g thin"), ways.get(1));
        assertTrue(ways.get(2).startsWith("Until tomorrow | Wrapped"), ways.get(2));
        assertTrue(ways("boiled-crescent", LeftNow.What.DOUGH, 14).get(0).startsWith("Less than a piece"));
    }

    @Test
    public void rawFillingIsKeptOrCookedAsRawMeatIs() {
        List<String> ways = ways("boiled-crescent", LeftNow.What.FILLING, 91);
        assertEquals(ways.get(0), "5 more pieces | of 18.0 g: in 5 bought wrappers, or with 75 g more dough.");
        assertEquals(ways.get(1), "3 patties | of about 30 g, fried through: 71 °C in the middle. A probe decides.");
        assertTrue(ways.get(2).startsWith("Into the cold now | "), ways.get(2));
    }

    /** What would go hard or spoil is never said to keep. */
    @Test
    public void whatDoesNotKeepIsNotKept() {
        for (Style style : Styles.all()) {
            List<String> ways = ways(style.key(), LeftNow.What.DOUGH, 200);
            String last = ways.get(ways.size() - 1);
            boolean keeps =
                    switch (style.dough().family()) {
                        case CLEAR_STARCH, MAIZE -> false;
                        default -> true;
                    };
            assertEquals(last.startsWith("Until tomorrow"), keeps, style.key());
        }
    }
}
