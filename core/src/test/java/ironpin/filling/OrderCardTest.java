package ironpin.filling;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import ironpin.batch.Style;
import ironpin.batch.Styles;
import ironpin.quantity.Mass;
import ironpin.quantity.Quoted;
import ironpin.quantity.UnitSystem;
import java.util.List;
import org.testng.annotations.Test;

public class OrderCardTest {
    private static List<String> card(String style, MixSchool school) {
        FillingFormula formula = Styles.get(style).filling().formula();
        return OrderCard.of(formula, Mass.ofGrams(1_000), school).steps().stream()
                .map(step -> UnitSystem.METRIC.say(step.text()))
                .toList();
    }

    @Test
    public void saltAndLiquidComeFirstAndOilLast() {
        assertEquals(
                card("boiled-crescent", MixSchool.ONE_DIRECTION),
                List.of(
                        "carrot: salt 1.5–2 %, 10–20 min, squeeze; wrap within 20–30 min.",
                        "Stir one way: 550 g lamb mince, 20 % fat, 20.0 g light soy sauce, 9.0 g fine salt.",
                        "A spoon at a time, always the same way: 100 g stock.",
                        "Stir in: 60 g spring onion, 9.0 g cumin and pepper.",
                        "Fold in: 220 g carrot.",
                        "Last, because oil blocks the binding: 32.0 g toasted sesame oil."));
    }

    @Test
    public void anotherSchoolIsAnotherOrder() {
        List<String> gentle = card("boiled-crescent", MixSchool.GENTLE);
        assertTrue(gentle.get(1).startsWith("Loosen with a fork: 550 g lamb"), gentle.toString());
        assertTrue(gentle.stream().noneMatch(step -> step.contains("one way")));
        List<String> cooked = card("griddle-bread", MixSchool.COOKED);
        assertTrue(cooked.stream().anyMatch(step -> step.startsWith("Cook dry: 600 g pumpkin")), cooked.toString());
        assertTrue(cooked.contains("Spread out to cool."));
        assertTrue(MixSchool.GENTLE
                        .liquid()
                        .high()
                        .compareTo(MixSchool.ONE_DIRECTION.liquid().low())
                <= 0);
    }

    @Test
    public void everyLineIsAddedOnceInEverySchool() {
        for (Style style : Styles.all()) {
            FillingFormula formula = style.filling()
                    .formula()
                    .plus(FillingLine.of("moon dust", 4))
                    .plus(FillingLine.of("honey", 2));
            for (MixSchool school : MixSchool.values()) {
                List<Mass> masses = formula.masses(Mass.ofGrams(1_000));
                String all = String.join(
                        "\n",
                        OrderCard.of(formula, Mass.ofGrams(1_000), school).steps().stream()
                                .map(step -> UnitSystem.METRIC.say(step.text()))
                                .toList());
                for (int i = 0; i < masses.size(); i++) {
                    double grams = masses.get(i).grams();
                    String weighed = UnitSystem.METRIC.say(Quoted.mass(grams, grams < 50 ? 1 : 0));
                    String name = formula.lines()
                            .get(i)
                            .ingredient()
                            .replaceAll(",(?! \\d).*", "")
                            .strip();
                    assertEquals(all.split(weighed + " " + name, -1).length, 2, weighed + " " + name + "\n" + all);
                }
            }
        }
        for (FillingKind kind : FillingKind.values()) {
            assertTrue(!MixSchool.suiting(kind).isEmpty());
        }
    }
}
