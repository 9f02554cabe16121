package ironpin.filling;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import ironpin.quantity.Mass;
import ironpin.quantity.UnitSystem;
import ironpin.style.Style;
import ironpin.style.Styles;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import org.testng.annotations.Test;

public class OrderCardTest {
    private static final Mass PATTY = Mass.ofGrams(10);

    private static OrderCard of(FillingFormula formula, MixSchool school) {
        return OrderCard.of(formula, Mass.ofGrams(1_000), school, Mass.ZERO, RawNeed.USUAL);
    }

    private static List<String> card(String style, MixSchool school) {
        return said(of(Styles.get(style).filling().formula(), school));
    }

    private static List<String> said(OrderCard card) {
        return card.steps().stream()
                .map(step -> step.said().render(UnitSystem.METRIC))
                .toList();
    }

    @Test
    public void saltAndLiquidComeFirstAndOilLast() {
        assertEquals(
                card("boiled-crescent", MixSchool.ONE_DIRECTION),
                List.of(
                        "Carrots: mix with 1.5–2 % of the mass in salt and leave to weep; take about 338 g raw (est.)."
                                + " Squeeze well.",
                        "Stir one way: 552 g lamb mince, 20.0 g light soy sauce, 7.0 g fine salt.",
                        "A spoon at a time, always the same way: 100 g unsalted stock.",
                        "Stir in: 60 g spring onions, 9.0 g cumin and pepper.",
                        "Fold in: 220 g carrots.",
                        "Last, because oil blocks the binding: 32.0 g toasted sesame oil."));
    }

    @Test
    public void anotherSchoolIsAnotherOrder() {
        List<String> gentle = card("boiled-crescent", MixSchool.GENTLE);
        assertTrue(gentle.get(1).startsWith("Loosen with a fork: 552 g lamb"), gentle.toString());
        assertTrue(gentle.stream().noneMatch(step -> step.contains("one way")));
        assertEquals(
                gentle.subList(1, gentle.size()),
                List.of(
                        "Loosen with a fork: 552 g lamb mince.",
                        "Sprinkle over: 20.0 g light soy sauce, 7.0 g fine salt, 100 g unsalted stock.",
                        "Lift under with a fork: 60 g spring onions, 9.0 g cumin and pepper, 220 g carrots.",
                        "Last: 32.0 g toasted sesame oil."));
        assertEquals(
                card("sweet-bread", MixSchool.SWEET),
                List.of("Mix: 520 g walnuts, 420 g brown sugar.", "Stir in: 45.0 g plain flour, 15.0 g cinnamon."));
        assertTrue(MixSchool.GENTLE
                        .liquid()
                        .high()
                        .compareTo(MixSchool.ONE_DIRECTION.liquid().low())
                <= 0);
    }

    @Test
    public void aNameEndsAtTheCommaThatIsNoDecimalOne() {
        assertEquals(FillingLine.bare("lamb mince, 20 % fat"), "lamb mince");
        assertEquals(FillingLine.bare("soy sauce 2,5 %, light"), "soy sauce 2,5 %");
        assertEquals(FillingLine.bare("1,5 l stock"), "1,5 l stock");
        assertEquals(FillingLine.bare("leeks 5, sliced"), "leeks 5");
        assertEquals(FillingLine.bare("stock,2 cubes"), "stock");
        assertEquals(FillingLine.bare(" feta "), "feta");
    }

    /** By what is said of it a food counts as cooked, or is bought heavier than it is filled. */
    @Test
    public void whatIsDoneIsHeard() {
        assertEquals(done("carrots, grated, salted"), Optional.of(Treatment.SALT));
        assertEquals(done("salted carrots, squeezed"), Optional.of(Treatment.SALT));
        assertEquals(done("salted carrots"), Optional.empty());
        assertEquals(done("cabbage, coated in oil"), Optional.of(Treatment.OIL));
        assertEquals(done("cabbage, oiled"), Optional.of(Treatment.OIL));
        assertEquals(done("onions, browned"), Optional.of(Treatment.GOLDEN));
        for (Treatment one : Treatment.values()) {
            boolean cooked = EnumSet.of(Treatment.SAUTE, Treatment.ROAST, Treatment.COOK, Treatment.GOLDEN)
                    .contains(one);
            assertEquals(one.cooks(), cooked, one.name());
            boolean leaves = EnumSet.of(
                            Treatment.SALT,
                            Treatment.BLANCH,
                            Treatment.FROZEN,
                            Treatment.SAUTE,
                            Treatment.ROAST,
                            Treatment.GOLDEN)
                    .contains(one);
            assertEquals(one.shrinks(), leaves, one.name());
        }
    }

    private static Optional<Treatment> done(String line) {
        return FillingLine.of(line, 10).spoken().done();
    }

    /** What has been roasted and browned is not cooked dry once more; raw vegetables are, without the finishing oil. */
    @Test
    public void onlyRawVegetablesAreCookedDry() {
        List<String> breads = card("griddle-bread", MixSchool.COOKED);
        assertTrue(breads.stream().noneMatch(step -> step.contains("Cook dry")), breads.toString());
        assertTrue(
                breads.contains("Onions: fry in oil until golden; let cool; take about 117 g raw (est.)."),
                breads.toString());
        List<String> raw = said(of(
                FillingFormula.of(
                        FillingLine.of("mushrooms", 60),
                        FillingLine.of("firm tofu", 34),
                        FillingLine.of("vegetable oil", 4),
                        FillingLine.of("toasted sesame oil", 2)),
                MixSchool.COOKED));
        assertEquals(raw.get(0), "Cook dry: 600 g mushrooms, 40.0 g vegetable oil.");
        assertEquals(raw.get(raw.size() - 1), "Salt and finish with: 20.0 g toasted sesame oil.");
    }

    /** Each line may be treated; what steeps is the liquid, jelly is folded in last, fat melts into a sweet filling. */
    @Test
    public void theCardSaysWhatIsReallyDone() {
        OrderCard card = of(
                FillingFormula.of(
                        FillingLine.of("pork mince", 50),
                        FillingLine.of("ginger water", 12),
                        FillingLine.of("aspic cubes", 20),
                        FillingLine.of("cabbage, blanched and squeezed", 14),
                        FillingLine.of("onions, fried golden and cooled", 4)),
                MixSchool.ONE_DIRECTION);
        List<String> said = said(card);
        assertEquals(
                said,
                List.of(
                        "Ginger water: steep 10–15 min in the hot liquid; take about 126 g of the liquid (est.). Strain and let cool.",
                        "Cabbage: 1 min in boiling water, then into cold water; take about 267 g raw (est.). Squeeze well and chop.",
                        "Onions: fry in oil until golden; let cool; take about 67 g raw (est.).",
                        "Stir one way: 500 g pork mince.",
                        "A spoon at a time, always the same way: 120 g ginger water.",
                        "Stir in: 40.0 g onions.",
                        "Fold in: 140 g cabbage.",
                        "Last of all, cold, cut into small cubes and folded in, never stirred, so that they stay whole: 200 g aspic cubes."));
        List<String> sweet = said(of(
                FillingFormula.of(FillingLine.of("red bean paste", 85), FillingLine.of("butter", 15)),
                MixSchool.SWEET));
        assertEquals(sweet.get(0), "Melt gently; let cool until lukewarm: 150 g butter.");
    }

    @Test
    public void minutesGrowWithTheBowlAndAddUp() {
        FillingFormula formula = Styles.get("boiled-crescent").filling().formula();
        OrderCard small = OrderCard.of(formula, Mass.ofGrams(500), MixSchool.ONE_DIRECTION, PATTY, RawNeed.USUAL);
        // Salting 3, squeezing 3; mixing 2 + 6 + 1 + 1 + 1, and 5 for the patty.
        assertEquals(small.hands().toMinutes(), 22);
        assertEquals(small.mixing().toMinutes(), 16);
        OrderCard large = OrderCard.of(formula, Mass.ofGrams(5_000), MixSchool.ONE_DIRECTION, PATTY, RawNeed.USUAL);
        // Ten times as much: carrots of 1,692 g want 5 and 5, meat of 2,895 g 4; the rest fits one bowl still.
        assertEquals(large.hands().toMinutes(), 5 + 5 + 4 + 6 + 1 + 1 + 1 + 5);
        assertEquals(small.steps().get(0).waits().toMinutes(), 15);
        assertEquals(large.steps().get(0).waits(), small.steps().get(0).waits(), "salt takes as long for more");
    }

    @Test
    public void everyLineIsAddedOnceInEverySchool() {
        for (Style style : Styles.all()) {
            FillingFormula formula = style.filling()
                    .formula()
                    .plus(FillingLine.of("moon dust", 4))
                    .plus(FillingLine.of("set stock", 3))
                    .plus(FillingLine.of("honey", 2));
            for (MixSchool school : MixSchool.values()) {
                List<OrderCard.Weighed> mixed = of(formula, school).steps().stream()
                        .filter(step -> step.kind() == OrderCard.Kind.MIX)
                        .flatMap(step -> step.lines().stream())
                        .toList();
                List<Mass> masses = formula.masses(Mass.ofGrams(1_000));
                assertEquals(mixed.size(), masses.size());
                for (int i = 0; i < masses.size(); i++) {
                    OrderCard.Weighed line =
                            new OrderCard.Weighed(formula.lines().get(i).bare(), masses.get(i));
                    assertEquals(mixed.stream().filter(line::equals).count(), 1, line + "\n" + mixed);
                }
            }
        }
        for (FillingKind kind : FillingKind.values()) {
            assertTrue(!MixSchool.suiting(kind).isEmpty());
        }
    }
}
