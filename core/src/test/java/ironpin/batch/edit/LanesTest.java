package ironpin.batch.edit;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertThrows;
import static org.testng.Assert.assertTrue;

import ironpin.batch.Appetite;
import ironpin.batch.Batch;
import ironpin.batch.Lot;
import ironpin.batch.balance.Balance;
import ironpin.batch.balance.Balancer;
import ironpin.kit.Kit;
import ironpin.plan.BatchPlan;
import ironpin.quantity.Mass;
import ironpin.style.Styles;
import java.time.LocalDateTime;
import org.testng.annotations.Test;

public class LanesTest {
    private static final Kit KIT = Kit.usual();
    private static final Batch ONE = Styles.start(
            Styles.get("boiled-crescent"), "Supper", LocalDateTime.of(2026, 11, 28, 19, 0), 6, Appetite.USUAL);

    @Test
    public void lotsJoinWithWhatTheyNeedUpToSix() {
        Batch batch = ONE;
        for (int i = 0; i < 8; i++) {
            batch = Lanes.add(batch, Styles.all().get(i % Styles.all().size()), KIT);
        }
        assertEquals(batch.lots().size(), Batch.MOST_LOTS);
        assertEquals(batch.lots().stream().map(Lot::name).distinct().count(), Batch.MOST_LOTS, "no two of one name");
        assertEquals(batch.doughs().size(), Batch.MOST_LOTS);
        BatchPlan plan = BatchPlan.of(batch);
        assertEquals(plan.lots().size(), Batch.MOST_LOTS);
        assertTrue(plan.lots().stream().allMatch(lot -> lot.share().pieces() > 0));
    }

    @Test
    public void aSharedDoughIsMadeOnceForAllItsPieces() {
        Batch two = Lanes.add(ONE, Styles.get("boiled-crescent"), KIT);
        Batch shared = Lanes.shareDough(two, 2, 1);
        assertEquals(shared.doughs().size(), 1);
        Balance apart = Balancer.solve(two);
        Balance together = Balancer.solve(shared);
        Mass both = apart.dough(1).made().total().plus(apart.dough(2).made().total());
        assertEquals(together.dough(1).made().total().grams(), both.grams(), 0.01);
        Batch filled = Lanes.shareFilling(shared, 2, 1);
        assertEquals(filled.fillings().size(), 1);
        assertEquals(Balancer.solve(filled).pieces(), Balancer.solve(two).pieces());
        assertThrows(IllegalArgumentException.class, () -> Lanes.shareDough(two, 2, 9));
        assertThrows(IllegalArgumentException.class, () -> Lanes.shareFilling(two, 2, 9));
    }

    @Test
    public void whatLeavesTakesItsDoughAlongUnlessAnotherUsesIt() {
        Batch two = Lanes.add(ONE, Styles.get("steamed-leaf"), KIT);
        assertEquals(Lanes.drop(two, 2), ONE);
        Batch shared = Lanes.shareDough(two, 2, 1);
        Batch left = Lanes.drop(shared, 1);
        assertEquals(left.doughs().size(), 1);
        assertEquals(left.lots().get(0).no(), 2);
        assertEquals(Lanes.drop(left, 2), left);
        Batch again = Lanes.add(left, Styles.get("griddle-bread"), KIT);
        assertEquals(again.lots().get(1).no(), 3);
        assertEquals(
                again.dough(2).family(), Styles.get("griddle-bread").dough().family());
    }

    @Test
    public void aFillingIsWrappedInBoughtWrappersBesideItsOwnSkins() {
        Batch wrapped = PackField.WRAPPED.write(ONE, Address.filling(1), 24);
        assertEquals(wrapped.lots().size(), 2);
        Lot extra = wrapped.lots().get(1);
        assertEquals(extra.fillingNo(), 1);
        assertTrue(extra.bought().isPresent());
        Balance balance = Balancer.solve(wrapped);
        assertEquals(balance.lot(extra.no()).pieces(), 24);
        assertEquals(balance.lot(1).pieces(), Balancer.solve(ONE).lot(1).pieces());
        assertEquals(balance.dough(1).made(), Balancer.solve(ONE).dough(1).made());
        // Written again, it is the same lot with another count.
        Batch again = PackField.WRAPPED.write(wrapped, Address.filling(1), 30);
        assertEquals(again.lots().size(), 2);
        assertEquals(PackField.WRAPPED.read(again, Balancer.solve(again), Address.filling(1)), 30.0);
    }

    /** Eaters do not get hungrier because there is another kind: both together fill them as the one did. */
    @Test
    public void aNewLotSharesTheAppetite() {
        double before = grams(ONE);
        Batch two = Lanes.add(ONE, Styles.get("steamed-leaf"), KIT);
        assertEquals(grams(two), before, 0.1 * before);
        Batch three = Lanes.add(two, Styles.get("griddle-bread"), KIT);
        assertEquals(grams(three), before, 0.15 * before);
        assertTrue(
                Balancer.solve(two).lot(1).pieces() < Balancer.solve(ONE).lot(1).pieces());
        // What the cook holds stays held.
        Batch held = CountField.PIECES.write(ONE, Address.lot(1), 50);
        assertEquals(
                Balancer.solve(Lanes.add(held, Styles.get("steamed-leaf"), KIT))
                        .lot(1)
                        .pieces(),
                50);
    }

    private static double grams(Batch batch) {
        Balance balance = Balancer.solve(batch);
        return balance.lots().stream()
                .mapToDouble(lot -> lot.toTable() * lot.piece().grams())
                .sum();
    }

    /** "24 to the freezer" is said in two ways: of the 72 there are, or 24 on top of them. */
    @Test
    public void ofTheseAndMoreAreNotTheSame() {
        Balance ofThese = Balancer.solve(CountField.OF_THESE_TO_FREEZER.write(ONE, Address.lot(1), 24));
        Balance more = Balancer.solve(CountField.TO_FREEZER.write(ONE, Address.lot(1), 24));
        int all = Balancer.solve(ONE).lot(1).pieces();
        assertEquals(ofThese.lot(1).pieces(), all);
        assertEquals(ofThese.lot(1).toTable(), all - 24);
        assertEquals(more.lot(1).pieces(), all + 24);
        assertEquals(more.lot(1).toTable(), all);
        assertThrows(OutOfRange.class, () -> CountField.OF_THESE_TO_FREEZER.write(ONE, Address.lot(1), all));
    }
}
