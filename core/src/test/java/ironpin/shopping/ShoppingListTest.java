package ironpin.shopping;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import ironpin.batch.Appetite;
import ironpin.batch.Batch;
import ironpin.batch.RandomBatches;
import ironpin.batch.balance.Balance;
import ironpin.batch.balance.Balancer;
import ironpin.batch.edit.Address;
import ironpin.batch.edit.Composing;
import ironpin.batch.edit.FillingComposing;
import ironpin.batch.edit.RollField;
import ironpin.dough.DoughAddition;
import ironpin.filling.Treatment;
import ironpin.kit.Kit;
import ironpin.quantity.Mass;
import ironpin.style.Styles;
import ironpin.wrapper.BoughtWrapper;
import java.time.LocalDateTime;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import org.testng.annotations.Test;

public class ShoppingListTest {
    private static Batch supper() {
        return Styles.start(
                List.of(Styles.get("boiled-crescent"), Styles.get("steamed-leaf"), Styles.get("griddle-bread")),
                "Supper",
                LocalDateTime.of(2026, 11, 28, 19, 0),
                6,
                Appetite.USUAL,
                Kit.usual());
    }

    private static ShoppingList list(Batch batch) {
        return ShoppingList.of(batch, Balancer.solve(batch));
    }

    private static ShoppingItem item(Batch batch, String key) {
        return list(batch).items().stream()
                .filter(item -> item.key().equals(key))
                .findFirst()
                .orElseThrow(() -> new AssertionError(key + " is not in " + list(batch)));
    }

    @Test
    public void everyLotIsOnOneListAndNothingTwice() {
        Batch batch = supper();
        Balance balance = Balancer.solve(batch);
        Set<String> keys = new HashSet<>();
        list(batch).items().forEach(item -> assertTrue(keys.add(item.key()), item.key() + " twice"));
        assertEquals(
                item(batch, "all-round wheat flour").needed(),
                balance.dough(1).made().flour());
        // Salt of three doughs and three fillings, and what draws the juice out of the carrots.
        double salt = item(batch, "carrots").needed().grams() * 0.0175;
        for (int no = 1; no <= 3; no++) {
            salt += balance.dough(no).made().of(DoughAddition.SALT).grams();
            var formula = batch.filling(no).formula();
            for (var line : formula.lines()) {
                salt += line.ingredient().equals("fine salt")
                        ? line.share().of(balance.filling(no).made()).grams()
                        : 0;
            }
        }
        assertEquals(item(batch, "fine salt").needed().grams(), salt, 0.01);
        assertTrue(keys.stream().noneMatch(key -> key.equals("water")));
        assertEquals(
                item(batch, "frying oil").needed().grams(), 1.7 * balance.lot(3).toTable(), 0.1, "for the griddle");
    }

    /** 18 crescents of 12 g, dusted with 5 %; pieces out of the freezer or out of a pack are not rolled. */
    @Test
    public void whatIsStrewnIsBoughtWithTheFlourOfItsDough() {
        Batch plain = supper();
        Batch dusted = RollField.DUSTING.at(Address.lot(1)).write(plain, 5);
        Balance balance = Balancer.solve(dusted);
        double rolled = balance.lot(1).doughEach().grams() * balance.lot(1).pieces();
        ShoppingItem flour = item(dusted, "all-round wheat flour");
        assertEquals(flour.needed().grams(), balance.dough(1).made().flour().grams() + 0.05 * rolled, 0.01);
        assertTrue(flour.note().contains("dusting"), flour.note());
        BoughtWrapper thin = BoughtWrapper.usual(BoughtWrapper.Shape.ROUND, BoughtWrapper.Thickness.THIN);
        assertTrue(list(Composing.bought(dusted, 1, Optional.of(thin))).items().stream()
                .noneMatch(one -> one.key().equals("all-round wheat flour")));
    }

    @Test
    public void vegetablesAreCountedRaw() {
        Batch batch = supper();
        double left = Balancer.solve(batch).filling(1).made().grams() * 0.22;
        ShoppingItem carrot = item(batch, "carrots");
        assertEquals(carrot.needed().grams(), left / 0.65, 0.1);
        assertEquals(carrot.aisle(), Aisle.GREENS);
        assertTrue(carrot.note().contains("raw"));
        assertEquals(item(batch, "lamb mince, 20 % fat").aisle(), Aisle.MEAT);
    }

    private static Batch start(String key) {
        return Styles.start(
                List.of(Styles.get(key)), key, LocalDateTime.of(2026, 11, 28, 19, 0), 6, Appetite.USUAL, Kit.usual());
    }

    /** Set soup is bought as stock with 3 % gelatin, or as the skin that sets it; noodles dry; frying oil by the pan. */
    @Test
    public void whatIsMadeIsBoughtAsWhatItIsMadeOf() {
        Batch purses = start("soup-purse");
        double set = Balancer.solve(purses).filling(1).made().grams() * 0.32;
        assertEquals(item(purses, "unsalted stock").needed().grams(), set, 0.1);
        assertEquals(item(purses, "gelatin powder").needed().grams(), set * 3 / 97, 0.01);
        assertTrue(list(purses).items().stream().noneMatch(one -> one.key().contains("aspic")));
        Batch stewed = FillingComposing.treat(purses, 1, 1, Optional.of(Treatment.SKIN));
        assertTrue(item(stewed, "skin, scraped").needed().grams() > 0);
        assertTrue(list(stewed).items().stream().noneMatch(one -> one.key().equals("gelatin powder")));

        Batch noodles = FillingComposing.rename(start("boiled-crescent"), 1, 0, "glass noodles, soaked");
        ShoppingItem dry = item(noodles, "glass noodles");
        assertTrue(dry.note().startsWith("counted dry"), dry.note());
        double soaked = noodles.filling(1)
                .formula()
                .lines()
                .get(0)
                .share()
                .of(Balancer.solve(noodles).filling(1).made())
                .grams();
        assertTrue(dry.needed().grams() < 0.6 * soaked, dry.needed() + " of " + soaked);

        Batch steeped = FillingComposing.rename(start("boiled-crescent"), 1, 0, "ginger water");
        ShoppingItem root = item(steeped, "what flavours the ginger water");
        assertEquals(root.needed().grams(), 0.05 * soaked, 1);
        Batch wetted = FillingComposing.rename(start("boiled-crescent"), 1, 0, "water");
        assertTrue(list(wetted).items().stream().noneMatch(one -> one.key().equals("water")));

        Batch pan = start("pan-crescent");
        assertEquals(
                item(pan, "frying oil").needed().grams(),
                1.7 * Balancer.solve(pan).lot(1).toTable(),
                0.1);
        assertEquals(item(start("fried-turnover"), "frying oil").needed().grams(), 460, 0.1);
    }

    @Test
    public void theListGoesAlongTheAislesTheHeaviestFirst() {
        List<ShoppingItem> items = list(supper()).items();
        for (int i = 1; i < items.size(); i++) {
            ShoppingItem before = items.get(i - 1);
            ShoppingItem item = items.get(i);
            assertTrue(before.aisle().compareTo(item.aisle()) <= 0, item.toString());
            assertTrue(
                    before.aisle() != item.aisle() || before.needed().compareTo(item.needed()) >= 0, item.toString());
        }
    }

    @Test
    public void soyOfFillingsAndDipsIsOneBottle() {
        Batch batch = supper();
        Balance balance = Balancer.solve(batch);
        double fillings = balance.filling(1).made().grams() * 0.02
                + balance.filling(2).made().grams() * 0.024;
        // 6 eaters of 18 ml: 3 of 5.5 parts in one dip, 2 of 4.5 in the other, at 1.15 g/ml.
        double dips = 6 * 18 * (3 / 5.5 + 2 / 4.5) * 1.15;
        assertEquals(item(batch, "light soy sauce").needed().grams(), fillings + dips, 0.1);
    }

    @Test
    public void boughtWrappersComeInPacksAndTheirFlourIsNotBought() {
        BoughtWrapper thin = BoughtWrapper.usual(BoughtWrapper.Shape.ROUND, BoughtWrapper.Thickness.THIN);
        Batch batch = Composing.bought(supper(), 1, Optional.of(thin));
        ShoppingItem wrappers = item(batch, "round wrappers, thin");
        // 18 crescents out of packs of 40.
        assertEquals(wrappers.packs(), Optional.of(1));
        assertTrue(list(batch).items().stream().noneMatch(one -> one.key().equals("all-round wheat flour")));
        Batch both = Composing.bought(batch, 2, Optional.of(thin));
        assertEquals(item(both, "round wrappers, thin").packs(), Optional.of(2));
    }

    @Test
    public void whatIsBoughtCoversWhatIsNeededAndNoPackMore() {
        RandomBatches batches = new RandomBatches(151);
        Random random = new Random(152);
        for (int i = 0; i < 300; i++) {
            Batch batch = batches.next();
            for (ShoppingItem one : list(batch).items()) {
                Mass have = Mass.ofGrams(random.nextInt(3) == 0 ? random.nextInt(2_000) : 0);
                double buy = one.toBuy(have).grams();
                double lacking = one.needed().minus(have).grams();
                assertTrue(one.needed().micrograms() > 0, one.toString());
                assertTrue(buy >= lacking - 1e-4, one + " buys " + buy);
                assertTrue(lacking <= 0 ? buy == 0 : buy < lacking + one.aisle().stepGrams() + 1e-4, one.toString());
            }
        }
    }
}
