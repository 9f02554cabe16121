package ironpin.web.kit;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;

import ironpin.kit.Kit;
import ironpin.pantry.FlourKind;
import ironpin.quantity.UnitSystem;
import java.util.function.ToDoubleFunction;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class KitCellTest {
    private static final Kit KIT = Kit.usual();

    private static Kit typed(KitCell cell, String key, String value, UnitSystem units) {
        return cell.change(KIT, key, value, units).apply(KIT);
    }

    @DataProvider
    public Object[][] cells() {
        ToDoubleFunction<Kit> protein =
                kit -> kit.flour("plain").orElseThrow().protein().percent();
        ToDoubleFunction<Kit> offset =
                kit -> kit.flour("plain").orElseThrow().absorption().offset().percent();
        ToDoubleFunction<Kit> price =
                kit -> kit.flour("plain").orElseThrow().price().orElseThrow().perKilogram();
        ToDoubleFunction<Kit> bowl =
                kit -> kit.bowl("steel").orElseThrow().mass().grams();
        ToDoubleFunction<Kit> room = kit -> kit.waters().room().celsius();
        ToDoubleFunction<Kit> tap = kit -> kit.waters().tap().celsius();
        ToDoubleFunction<Kit> kettle = kit -> kit.waters().kettle().celsius();
        return new Object[][] {
            {KitCell.ROOM, "", "24", UnitSystem.METRIC, room, 24.0, "4", "Between 5 and 44 °C."},
            {KitCell.ROOM, "", "77", UnitSystem.US, room, 25.0, "cosy", "Between 5 and 44 °C."},
            {KitCell.TAP, "", "9,5", UnitSystem.METRIC, tap, 9.5, "0", "Between 1 and 40 °C."},
            {KitCell.KETTLE, "", "92 °C", UnitSystem.US, kettle, 92.0, "60", "Between 70 and 100 °C."},
            {KitCell.PROTEIN, "plain", "12 %", UnitSystem.METRIC, protein, 12.0, "26", "Between 0 and 25."},
            {KitCell.OFFSET, "plain", "−1,5", UnitSystem.METRIC, offset, -1.5, "40", "Between -30 and 30."},
            {KitCell.PRICE, "plain", "1.85", UnitSystem.METRIC, price, 1.85, "-1", "Between 0 and 1000."},
            {KitCell.BOWL_MASS, "steel", "1.2 kg", UnitSystem.METRIC, bowl, 1_200.0, "heavy", "Between 50 and 10000 g."
            },
            {KitCell.BOWL_MASS, "steel", "20", UnitSystem.US, bowl, 566.99, "2 cups", "Between 50 and 10000 g."},
        };
    }

    @Test(dataProvider = "cells")
    public void aCellTakesWhatItAllowsAndSaysWhatItDoesNot(
            KitCell cell,
            String key,
            String good,
            UnitSystem units,
            ToDoubleFunction<Kit> read,
            double value,
            String bad,
            String message) {
        assertEquals(read.applyAsDouble(typed(cell, key, good, units)), value, 0.01);
        KitCell.Refused refused =
                expectThrows(KitCell.Refused.class, () -> cell.change(KIT, key, bad, UnitSystem.METRIC));
        assertEquals(refused.said().render(UnitSystem.METRIC), message);
    }

    @Test
    public void wordsAndChoicesAreTakenToo() {
        Kit named = typed(KitCell.FLOUR_NAME, "plain", "  Mill no. 4 ", UnitSystem.METRIC);
        assertEquals(named.flour("plain").orElseThrow().name(), "Mill no. 4");
        expectThrows(KitCell.Refused.class, () -> typed(KitCell.FLOUR_NAME, "plain", " ", UnitSystem.METRIC));
        expectThrows(KitCell.Refused.class, () -> typed(KitCell.BOWL_NAME, "steel", "x".repeat(61), UnitSystem.METRIC));
        Kit whole = typed(KitCell.FLOUR_KIND, "plain", "WHOLEMEAL", UnitSystem.METRIC);
        assertEquals(whole.flour("plain").orElseThrow().kind(), FlourKind.WHOLEMEAL);
        Kit free = typed(KitCell.PRICE, "plain", " ", UnitSystem.METRIC);
        assertTrue(free.flour("plain").orElseThrow().price().isEmpty());
    }

    @Test
    public void rowsComeAndGoButNeverTheLastFlour() {
        Kit more = KitRows.withNewFlour(KitRows.withNewFlour(KIT));
        assertEquals(more.flours().size(), KIT.flours().size() + 2);
        assertEquals(KitRows.withoutFlour(more, "flour-1").flour("flour-1").isPresent(), false);
        Kit bare = KIT;
        for (var flour : KIT.flours()) {
            bare = KitRows.withoutFlour(bare, flour.key());
        }
        assertEquals(bare.flours().size(), 1);
        Kit full = KIT;
        for (int i = 0; i < 50; i++) {
            full = KitRows.withNewBowl(KitRows.withNewFlour(full));
        }
        assertEquals(full.flours().size(), 40);
        assertEquals(full.bowls().size(), 20);
        assertEquals(KitRows.withoutBowl(KIT, "steel").bowls().size(), 1);
    }
}
