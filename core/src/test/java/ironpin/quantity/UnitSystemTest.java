package ironpin.quantity;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.util.Optional;
import java.util.Random;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class UnitSystemTest {
    @DataProvider
    public Object[][] said() {
        return new Object[][] {
            {Quantity.mass(681.2, 0), "681 g", "24.0 oz"},
            {Quantity.mass(1_090.9, 0), "1,091 g", "2.41 lb"},
            {Quantity.mass(8.2, 1), "8.2 g", "0.289 oz"},
            {Quantity.mass(-18, 0), "-18 g", "-0.63 oz"},
            {Quantity.celsius(96), "96 °C", "205 °F"},
            {Quantity.celsius(0), "0 °C", "32 °F"},
            {Quantity.celsius(-18), "-18 °C", "0 °F"},
            {Quantity.length(102, 0), "102 mm", "4.02 in"},
            {Quantity.length(0.8, 1), "0.8 mm", "0.031 in"},
            {Quantity.ml(4.93), "5 ml", "1 tsp"},
            {Quantity.ml(22), "22 ml", "1½ tbsp"},
            {Quantity.ml(108), "108 ml", "½ cup"},
            {Quantity.ml(540), "540 ml", "2¼ cups"},
            {Quantity.massPerLength(7.5), "7.5 g/cm", "0.67 oz/in"},
            {Quantity.unit(Dimension.TEMPERATURE), "°C", "°F"},
            {Quantity.number(Dimension.MASS, 681.2, 0), "681", "24"},
            {Quantity.step(Dimension.MASS, 10), "10", "0.5"},
            {Quantity.step(Dimension.MASS, 5), "5", "0.1"},
            {Quantity.step(Dimension.MASS, 1), "1", "0.1"},
            {Quantity.step(Dimension.MASS, 0.5), "0.5", "0.02"},
            {Quantity.ml(237), "237 ml", "1 cup"},
            {Quantity.ml(60), "60 ml", "¼ cup"},
            {Quantity.number(Dimension.VOLUME, 14.79, 1), "14.8", "0.5"},
            {Sentence.of("no quantity at all"), "no quantity at all", "no quantity at all"},
            {
                Sentence.of("from ", Quantity.mass(30, 0), " to ", Quantity.mass(60, 0), "."),
                "from 30 g to 60 g.",
                "from 1.06 oz to 2.12 oz."
            },
        };
    }

    @Test(dataProvider = "said")
    public void quantitiesAreSaidInTheUnitsOfTheReader(Sentence text, String metric, String us) {
        assertEquals(text.render(UnitSystem.METRIC), metric);
        assertEquals(text.render(UnitSystem.US), us);
    }

    @Test
    public void whatIsShownReadsBackAsItWas() {
        Random random = new Random(4);
        for (Dimension dimension : Dimension.values()) {
            for (UnitSystem system : UnitSystem.values()) {
                for (int i = 0; i < 200; i++) {
                    double value = random.nextDouble() * 1_000 - 50;
                    double back = system.toMetric(dimension, dimension.shown(value, system));
                    assertEquals(back, value, 1e-9);
                }
            }
        }
        assertEquals(UnitSystem.US.toMetric(Dimension.TEMPERATURE, 212), 100, 1e-9);
        assertEquals(UnitSystem.US.toMetric(Dimension.MASS, 16), 453.59237, 1e-6);
    }

    @Test
    public void oneKeyTurnsThroughAllOfThem() {
        assertEquals(UnitSystem.METRIC.next(), UnitSystem.US);
        UnitSystem turned = UnitSystem.METRIC;
        for (UnitSystem ignored : UnitSystem.values()) {
            turned = turned.next();
        }
        assertEquals(turned, UnitSystem.METRIC);
        assertEquals(UnitSystem.US.unit(Dimension.LENGTH), "in");
    }

    /** Twelve grams are less than half an ounce, which no kitchen scale in ounces shows: the spoon alone says it. */
    @Test
    public void whatFillsASpoonIsSaidBesideItsMass() {
        Measured.Spooned metric = new Measured.Spooned("4 tsp");
        Measured.Spooned us = new Measured.Spooned("1 tbsp");
        Quantity mass = new Quantity(Dimension.MASS, Quantity.Form.FULL, 12, 0);
        Measured salt = new Measured(Optional.of(mass), Optional.of(metric), Optional.of(us));
        assertEquals(UnitSystem.METRIC.say(salt), "12 g");
        assertEquals(UnitSystem.SPOONS.say(salt), "12 g (4 tsp)");
        assertEquals(UnitSystem.US.say(salt), "1 tbsp");
        assertEquals(UnitSystem.SPOONS.say(salt.alone()), "4 tsp");
        assertEquals(UnitSystem.METRIC.say(salt.alone()), "");
        Quantity more = new Quantity(Dimension.MASS, Quantity.Form.FULL, 120, 0);
        assertEquals(
                UnitSystem.US.say(new Measured(Optional.of(more), Optional.of(metric), Optional.of(us))),
                "1 tbsp (4.2 oz)");
        assertEquals(
                UnitSystem.SPOONS.say(new Measured(Optional.of(more), Optional.empty(), Optional.of(us))), "120 g");
    }

    @Test
    public void quartersNeverSayNothing() {
        assertEquals(UnitSystem.quarters(0.02), "¼");
        assertEquals(UnitSystem.quarters(1), "1");
        assertEquals(UnitSystem.quarters(2.74), "2¾");
        for (double value = 0; value < 5; value += 0.01) {
            assertTrue(!UnitSystem.quarters(value).isEmpty());
        }
    }
}
