package ironpin.allergen;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import ironpin.batch.Appetite;
import ironpin.batch.Batch;
import ironpin.batch.Dough;
import ironpin.batch.Lot;
import ironpin.batch.RandomBatches;
import ironpin.batch.edit.Composing;
import ironpin.batch.edit.FillingComposing;
import ironpin.cook.Boil;
import ironpin.dip.Dip;
import ironpin.dip.Dips;
import ironpin.dough.DoughFamily;
import ironpin.kit.Kit;
import ironpin.pantry.Allergen;
import ironpin.pantry.Allergens;
import ironpin.pantry.FlourKind;
import ironpin.pantry.FoodName;
import ironpin.pantry.Foods;
import ironpin.style.Styles;
import ironpin.wrapper.BoughtWrapper;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.testng.annotations.Test;

public class AllergenLinesTest {
    private static final Batch CRESCENTS = Styles.start(
            Styles.get("boiled-crescent"), "Supper", LocalDateTime.of(2026, 11, 28, 19, 0), 6, Appetite.USUAL);

    private static AllergenAnswer of(Batch batch) {
        return AllergenLines.ofLot(batch, batch.lot(1));
    }

    @Test
    public void theSkinCountsAsMuchAsTheFilling() {
        assertEquals(of(CRESCENTS).sure().keySet(), Set.of(Allergen.GLUTEN, Allergen.SOY, Allergen.SESAME));
        Batch egg = Composing.family(CRESCENTS, 1, DoughFamily.EGG, new Boil(Boil.School.values()[0]), Kit.usual());
        assertTrue(of(egg).hit(Set.of(Allergen.EGG)).contains(Allergen.EGG), of(egg).said());
        Batch soured = Composing.family(
                CRESCENTS, 1, DoughFamily.SOFT_ENRICHED, new Boil(Boil.School.values()[0]), Kit.usual());
        assertTrue(of(soured).sure().containsKey(Allergen.MILK), of(soured).said());
        BoughtWrapper pack = BoughtWrapper.usual(BoughtWrapper.Shape.ROUND, BoughtWrapper.Thickness.THIN);
        AllergenAnswer bought = of(Composing.bought(egg, 1, Optional.of(pack)));
        assertFalse(bought.sure().containsKey(Allergen.EGG), "no dough of its own is eaten");
        assertEquals(bought.open(Set.of(Allergen.EGG)), Set.of(Allergen.EGG), "but a packet may say egg");
    }

    @Test
    public void theDipCountsAndASoupToo() {
        Batch dipped = CRESCENTS.withDip(1, Dips.MINT_YOGHURT);
        assertEquals(of(dipped).sure().get(Allergen.MILK), List.of("thick yoghurt"));
        Batch peanuts = CRESCENTS.withDip(1, new Dip("Ours", List.of(new Dip.Part("peanut butter, stirred", 1))));
        assertTrue(of(peanuts).sure().containsKey(Allergen.PEANUTS));
        assertFalse(of(peanuts).sure().containsKey(Allergen.MILK), "peanut butter is no butter");
        Batch fish = FillingComposing.add(CRESCENTS, 1, "fish stock, set and cubed");
        assertTrue(of(fish).sure().containsKey(Allergen.FISH));
    }

    @Test
    public void whatIsNotKnownIsNeverNone() {
        Batch dust = FillingComposing.add(CRESCENTS, 1, "moon dust");
        assertEquals(of(dust).unknown(), List.of("moon dust"));
        assertEquals(of(dust).open(Set.of(Allergen.FISH)), Set.of(Allergen.FISH));
        assertTrue(of(dust).said().endsWith("not known: “moon dust”"), of(dust).said());
        AllergenAnswer guess = of(FillingComposing.add(CRESCENTS, 1, "grandmother's chicken mince"));
        assertFalse(guess.known(), "a guess is not known");
    }

    /** The answer is the union of what the reference data says of every line that has mass, and open if a line is not known. */
    @Test
    public void theAnswerIsTheUnionOfItsLines() {
        RandomBatches random = new RandomBatches(77);
        int open = 0;
        for (int i = 0; i < 600; i++) {
            Batch batch = random.next();
            Set<Allergen> sure = EnumSet.noneOf(Allergen.class);
            boolean known = true;
            for (Lot lot : batch.lots()) {
                List<Allergens> lines = lines(batch, lot);
                AllergenAnswer answer = AllergenLines.ofLot(batch, lot);
                assertEquals(answer.sure().keySet(), union(lines), batch + " " + lot.name());
                assertEquals(answer.known(), lines.stream().allMatch(Allergens::known));
                assertFalse(!answer.known() && answer.said().contains("none of those"), answer.said());
                for (Allergen one : Allergen.values()) {
                    boolean hit = !answer.hit(Set.of(one)).isEmpty();
                    boolean ruledOut = !hit && answer.open(Set.of(one)).isEmpty();
                    boolean maybe = lines.stream().anyMatch(line -> line.maybe().contains(one));
                    assertEquals(ruledOut, !hit && answer.known() && !maybe, one + " in " + answer.said());
                }
                sure.addAll(answer.sure().keySet());
                known &= answer.known();
            }
            AllergenAnswer supper = AllergenLines.ofSupper(batch);
            assertEquals(supper.sure().keySet(), sure);
            assertEquals(supper.known(), known);
            open += supper.known() ? 0 : 1;
        }
        assertTrue(open > 50 && open < 550, "the random batches hold known and unknown lines: " + open);
    }

    private static Set<Allergen> union(List<Allergens> lines) {
        Set<Allergen> all = EnumSet.noneOf(Allergen.class);
        lines.forEach(line -> all.addAll(line.sure()));
        return all;
    }

    /** Every line of a lot, straight from the reference data. */
    private static List<Allergens> lines(Batch batch, Lot lot) {
        List<Allergens> lines = new ArrayList<>();
        if (lot.bought().isPresent()) {
            lines.add(Foods.get("wrapper").allergens());
        } else {
            Dough dough = batch.dough(lot.doughNo());
            dough.flours().forEach(part -> {
                boolean wheat =
                        part.flour().kind() == FlourKind.WHEAT || part.flour().kind() == FlourKind.WHOLEMEAL;
                lines.add(
                        wheat
                                ? Allergens.of(Allergen.GLUTEN)
                                : FoodName.read(part.flour().name()).allergens());
            });
            dough.formula().lines().stream()
                    .filter(line -> !line.share().isZero())
                    .forEach(line -> lines.add(
                            line.said().isEmpty()
                                    ? line.addition().food().allergens()
                                    : FoodName.read(line.said()).allergens()));
        }
        batch.filling(lot.fillingNo())
                .formula()
                .lines()
                .forEach(line -> lines.add(FoodName.read(line.ingredient()).allergens()));
        lot.dip()
                .parts()
                .forEach(part -> lines.add(FoodName.read(part.ingredient()).allergens()));
        // What was not read: peanuts by name, and something that nobody knows.
        if (!batch.unread().isEmpty()) {
            lines.add(Allergens.of(Allergen.PEANUTS));
            lines.add(Allergens.NOT_KNOWN);
        }
        return lines;
    }
}
