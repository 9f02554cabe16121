package ironpin.batch.edit;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import ironpin.batch.Appetite;
import ironpin.batch.Batch;
import ironpin.batch.balance.Balancer;
import ironpin.dough.DoughAddition;
import ironpin.quantity.Sentence;
import ironpin.quantity.UnitSystem;
import ironpin.style.Styles;
import java.time.LocalDateTime;
import java.util.List;
import org.testng.annotations.Test;

/** What there is of one line is used up: by more pieces, or by fuller ones. */
public class AtHandTest {
    private static final Batch BATCH = Styles.start(
            Styles.get("boiled-crescent"), "Supper", LocalDateTime.of(2026, 11, 28, 19, 0), 6, Appetite.USUAL);
    private static final PlanNumber<?> LAMB = FillingField.FILLING_GRAMS.at(new Address.LineOf(1, 0));

    @Test
    public void allOfTheMinceIsUsedByMorePieces() {
        // 55.2 % of the filling is lamb: 1,000 g of it make 1,811.6 g. A patty of 10 g and 1 % stay behind, 18 g go
        // into each.
        List<Fix> ways = AtHand.ways(BATCH, LAMB, 1_000);
        Batch more = ways.get(0).applyTo(BATCH);
        assertEquals(more.filling(1).atHand().orElseThrow().grams(), 1_812, 1e-9);
        int pieces = (int) Math.floor((1_812 - 10) * 0.99 / 18);
        assertEquals(Balancer.solve(more).lot(1).pieces(), pieces);
        assertEquals(ways.get(0).label().render(UnitSystem.METRIC), "Use all 1,000 g: " + pieces + " pieces");
        assertEquals(LAMB.read(more, Balancer.solve(more)), 1_000, 1);
    }

    @Test
    public void orByFullerPiecesWhereTheyMayBeSo() {
        // 72 pieces of 18 g take 728 g of lamb; 850 g make (850 / 0.552 − 10) · 0.99 / 72 = 21.0 g in each, at most 26.
        List<Fix> ways = AtHand.ways(BATCH, LAMB, 850);
        assertEquals(ways.size(), 2);
        assertEquals(ways.get(1).value(), 21.0, 1e-9);
        assertEquals(ways.get(1).number().field(), CountField.FILLING_EACH);
        Batch fuller = ways.get(1).applyTo(BATCH);
        assertEquals(Balancer.solve(fuller).lot(1).pieces(), 72);
        assertEquals(LAMB.read(fuller, Balancer.solve(fuller)), 850, 4);
        // 1,500 g would be 37 g in each, which no such fold holds: only more pieces are offered.
        assertEquals(AtHand.ways(BATCH, LAMB, 1_500).size(), 1);
    }

    @Test
    public void aLineOfTheDoughHoldsItsFlour() {
        PlanNumber<?> water = DoughField.ADDITION_GRAMS.at(new Address.AdditionOf(1, DoughAddition.WATER));
        double share = BATCH.dough(1).formula().share(DoughAddition.WATER).fraction();
        List<Fix> ways = AtHand.ways(BATCH, water, 200);
        assertEquals(ways.get(0).value(), Math.round(200 / share), 1e-9);
        assertTrue(ways.get(0).possible(BATCH));
        assertEquals(AtHand.ways(BATCH, CountField.EACH.at(new Address.OfLot(1)), 12), List.of());
    }

    /** A measure is typed with its unit, or it would be taken for ounces where those are shown. */
    @Test
    public void aFixSaysItsUnit() {
        assertEquals(AtHand.ways(BATCH, LAMB, 1_000).get(0).typed(), "1812 g");
        assertEquals(new Fix(Sentence.EMPTY, DoughField.HYDRATION.at(new Address.OfDough(1)), 51.5).typed(), "51.5");
    }
}
