package ironpin.batch.edit;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import ironpin.batch.Appetite;
import ironpin.batch.Batch;
import ironpin.batch.balance.Balancer;
import ironpin.filling.Composition;
import ironpin.filling.PattyVerdict;
import ironpin.quantity.Mass;
import ironpin.style.Styles;
import java.time.LocalDateTime;
import org.testng.annotations.Test;

public class TastingTest {
    private static final Batch SUPPER = Styles.start(
            Styles.get("boiled-crescent"), "Supper", LocalDateTime.of(2026, 11, 28, 19, 0), 6, Appetite.USUAL);

    private static double salt(Batch batch) {
        return 100 * Composition.of(batch.filling(1).formula()).salt().usual();
    }

    @Test
    public void blandWantsSaltForWhatIsLeftOfTheFilling() {
        Tasting tasting = Tasting.of(SUPPER, 1, PattyVerdict.BLAND);
        double rest = Balancer.solve(SUPPER).filling(1).made().grams() - 10;
        double now = salt(SUPPER);
        // x grams so that (S + x) / (rest + x) is 0.2 points more.
        double wanted = (now + 0.2) / 100;
        double x = (wanted * rest - rest * now / 100) / (1 - wanted);
        assertEquals(tasting.mass().grams(), x, 1e-3);
        assertEquals(tasting.added(), "fine salt");
        assertEquals(salt(tasting.batch()), now + 0.2, 1e-4);
        assertEquals(tasting.batch().guests().salt().percent(), now + 0.2, 1e-4);
        assertEquals(tasting.batch().filling(1).formula().lines().size(), 8);
    }

    @Test
    public void saltyWantsFillingWithoutSaltAndGrowsWhatIsHeld() {
        Batch held = FillingField.FILLING.write(SUPPER, Address.filling(1), 900);
        Tasting tasting = Tasting.of(held, 1, PattyVerdict.SALTY);
        assertEquals(tasting.added(), "filling without salt");
        double now = salt(held);
        assertEquals(tasting.mass().grams(), 890 * (now / (now - 0.2) - 1), 1e-3);
        assertEquals(
                tasting.batch().filling(1).atHand().orElseThrow(),
                Mass.ofGrams(900).plus(tasting.mass()));
        assertTrue(salt(tasting.batch()) < now && salt(tasting.batch()) > now - 0.25, "less salty");
    }

    @Test
    public void dryWantsLiquidAndRightWantsNothing() {
        Tasting dry = Tasting.of(SUPPER, 1, PattyVerdict.DRY);
        assertEquals(dry.added(), "unsalted stock, worked in");
        double before = SUPPER.filling(1).formula().lines().get(2).share().percent();
        double after = dry.batch().filling(1).formula().lines().get(2).share().percent();
        assertEquals(after, (before + 3) / 1.03, 1e-6);
        assertEquals(dry.batch().guests(), SUPPER.guests());
        Tasting right = Tasting.of(SUPPER, 1, PattyVerdict.RIGHT);
        assertEquals(right.mass(), Mass.ZERO);
        assertEquals(right.batch().filling(1), SUPPER.filling(1));
        assertEquals(right.batch().guests().salt().percent(), salt(SUPPER), 1e-6);
    }
}
