package ironpin.style;

import static org.testng.Assert.assertEquals;

import ironpin.cook.CookMethod;
import ironpin.dough.DoughAddition;
import ironpin.dough.DoughFamily;
import ironpin.filling.FillingKind;
import ironpin.quantity.Band;
import ironpin.quantity.Mass;
import ironpin.quantity.Percentage;
import ironpin.wrapper.BoughtWrapper;
import ironpin.wrapper.Fold;
import java.time.Duration;
import java.util.List;
import java.util.Optional;
import org.testng.annotations.Test;

/** Rows of the tables as they stand there, read anew. */
public class StartsReadTest {
    private static Style start(String key) {
        return Starts.read().stream()
                .filter(one -> one.key().equals(key))
                .findFirst()
                .orElseThrow();
    }

    @Test
    public void everyCellOfARowIsRead() {
        Style read = start("boiled-crescent");
        assertEquals(read.name(), "Boiled crescents");
        assertEquals(read.about(), "Firm skins on cold-water dough, pleated on one side, for the pot.");
        assertEquals(read.dough().family(), DoughFamily.COLD_WATER);
        assertEquals(read.dough().flour(), "all-round");
        assertEquals(read.dough().formula().share(DoughAddition.WATER), Percentage.of(50));
        assertEquals(read.dough().formula().share(DoughAddition.SALT), Percentage.of(1.2));
        assertEquals(read.dough().water().celsius(), 20.0);
        assertEquals(read.dough().rest(), Duration.ofMinutes(40));
        assertEquals(read.doughBand(), Band.grams(12, 20));
        assertEquals(read.fillingBand(), Band.grams(12, 26));
        assertEquals(read.doughEach(), Mass.ofGrams(15));
        assertEquals(read.fillingEach(), Mass.ofGrams(18));
        assertEquals(read.shape().rope().millimetres(), 28.0);
        assertEquals(read.shape().disc().millimetres(), 102.0);
        assertEquals(read.shape().centreToRim(), 2.0);
        assertEquals(read.fold(), Fold.PLEATED_CRESCENT);
        assertEquals(read.method(), CookMethod.ofKey("boil/cold-additions"));
        assertEquals(read.dip().name(), "Sharp soy");
        assertEquals(read.usualPerEater(), 12);
        assertEquals(read.bought(), Optional.empty());
        assertEquals(read.longest(), Optional.empty());
    }

    @Test
    public void aRowNamesWhatMayFillIt() {
        Style read = start("boiled-crescent");
        assertEquals(
                read.fillings().stream().map(Style.FillingStart::key).toList(),
                List.of("lamb-carrot", "pork-cabbage", "beef-onion", "turkey-leek", "mushroom-root"));
        Style.FillingStart first = read.fillings().get(0);
        assertEquals(first.name(), "Lamb and carrot");
        assertEquals(first.kind(), FillingKind.RED_MEAT);
        assertEquals(first.formula().lines().size(), 8);
        assertEquals(first.formula().lines().get(0).ingredient(), "lamb mince, 20 % fat");
        assertEquals(first.formula().lines().get(0).share(), Percentage.of(55.2));
    }

    @Test
    public void whatFewRowsSayIsReadWhereTheySayIt() {
        assertEquals(start("soup-purse").longest(), Optional.of(Duration.ofMinutes(11)));
        assertEquals(
                start("pack-moon").bought(),
                Optional.of(BoughtWrapper.usual(BoughtWrapper.Shape.ROUND, BoughtWrapper.Thickness.THICK)));
        assertEquals(
                start("broth-square").bought(),
                Optional.of(BoughtWrapper.usual(BoughtWrapper.Shape.SQUARE, BoughtWrapper.Thickness.THIN)));
        assertEquals(start("broth-square").doughEach(), Mass.ofGrams(7.5));
    }
}
