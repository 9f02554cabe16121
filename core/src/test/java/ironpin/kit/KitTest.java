package ironpin.kit;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertThrows;
import static org.testng.Assert.assertTrue;

import ironpin.cook.CookMethod;
import ironpin.cook.VesselKind;
import ironpin.dough.Bowl;
import ironpin.dough.BowlMaterial;
import ironpin.dough.DoughFamily;
import ironpin.dough.Waters;
import ironpin.pantry.Flour;
import ironpin.pantry.Food;
import ironpin.pantry.Foods;
import ironpin.quantity.Belief;
import ironpin.quantity.CupStandard;
import ironpin.quantity.Mass;
import ironpin.quantity.Temperature;
import ironpin.refusal.Refused;
import ironpin.style.DoughStart;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.testng.annotations.Test;

public class KitTest {
    @Test
    public void anOrdinaryKitHasEveryFlourThatADoughStartsFrom() {
        Kit kit = Kit.usual();
        for (CookMethod method : CookMethod.all()) {
            for (DoughFamily family : DoughStart.offered(method)) {
                assertTrue(kit.flour(DoughStart.of(family, method).flour()).isPresent(), family.label());
            }
        }
        assertEquals(kit.bowl("steel").orElseThrow().material(), BowlMaterial.STEEL);
        assertTrue(kit.bowl("golden").isEmpty());
        assertEquals(kit.withCups(CupStandard.METRIC).cups(), CupStandard.METRIC);
    }

    @Test
    public void nothingStandsInItTwiceAndItIsNeverEmpty() {
        Kit kit = Kit.usual();
        List<Flour> twice = new ArrayList<>(kit.flours());
        twice.add(kit.flours().get(0));
        assertThrows(IllegalArgumentException.class, () -> kit.withFlours(twice));
        assertThrows(IllegalArgumentException.class, () -> kit.withFlours(List.of()));
        Bowl bowl = kit.bowls().get(0);
        assertThrows(IllegalArgumentException.class, () -> kit.withBowls(List.of(bowl, bowl)));
    }

    @Test
    public void bowlsAndWatersAreWhatAKitchenCanHave() {
        Bowl light = new Bowl("a", "A", BowlMaterial.STEEL, Mass.ofGrams(300));
        Bowl heavy = new Bowl("b", "B", BowlMaterial.STEEL, Mass.ofGrams(900));
        assertEquals(heavy.joulesPerKelvin() / light.joulesPerKelvin(), 3, 1e-9);
        assertThrows(IllegalArgumentException.class, () -> new Bowl("c", "C", BowlMaterial.GLASS, Mass.ofGrams(10)));
        assertThrows(IllegalArgumentException.class, () -> new Bowl("d", " ", BowlMaterial.GLASS, Mass.ofGrams(500)));
        Temperature warm = Temperature.ofCelsius(50);
        assertThrows(IllegalArgumentException.class, () -> new Waters(Temperature.ofCelsius(20), warm, warm));
    }

    /** A US cup of water is 237 g, a metric one 250; five kilograms are as large as nothing that is known by sight. */
    @Test
    public void amountsAreReadInItsCupsAndMeasures() {
        Kit kit = Kit.usual();
        assertEquals(kit.amounts().read("1 cup water").mass().grams(), 237, 1);
        assertEquals(
                kit.withCups(CupStandard.METRIC)
                        .amounts()
                        .read("1 cup water")
                        .mass()
                        .grams(),
                250,
                1);
        Food water = Foods.get("water");
        assertTrue(kit.like(Mass.ofGrams(50), water).isPresent());
        assertEquals(kit.like(Mass.ofGrams(5_000), water), Optional.empty());
    }

    @Test
    public void anOrdinaryStoveCooksEveryWay() {
        Stove stove = Stove.usual();
        assertEquals(
                stove.vessels().stream().map(own -> own.vessel().kind()).collect(Collectors.toSet()),
                Set.of(VesselKind.values()));
        assertEquals(stove.burners().size(), 2);
    }

    @Test
    public void whatAProbeTaughtStandsBesideTheRest() {
        Belief longer = new Belief(1.2, 0.1, 4);
        Hand hand = Hand.UNKNOWN.atTheFire(Map.of("boil", longer));
        assertEquals(hand.fires(), Map.of("boil", longer));
        assertEquals(hand.folds(), Hand.UNKNOWN.folds());
    }

    @Test
    public void measuresOfOnesOwnAreBounded() {
        Kit kit = Kit.usual();
        assertEquals(
                kit.withMeasures("m".repeat(Kit.LONGEST_MEASURES)).measures().length(), 200);
        assertThrows(Refused.class, () -> kit.withMeasures("m".repeat(Kit.LONGEST_MEASURES + 1)));
    }
}
