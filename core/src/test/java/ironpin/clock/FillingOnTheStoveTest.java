package ironpin.clock;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import ironpin.batch.Appetite;
import ironpin.batch.Batch;
import ironpin.cook.VesselKind;
import ironpin.filling.FillingFormula;
import ironpin.filling.FillingLine;
import ironpin.filling.MadeHot;
import ironpin.filling.MixSchool;
import ironpin.kit.Hand;
import ironpin.plan.BatchPlan;
import ironpin.quantity.UnitSystem;
import ironpin.style.Styles;
import java.time.Duration;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.testng.annotations.Test;

/** What a filling wants of the stove, hour by hour: one pot boils one thing, two pots two. */
public class FillingOnTheStoveTest {
    private static final Batch SUPPER = Styles.start(
            Styles.get("boiled-crescent"), "Supper", LocalDateTime.of(2026, 11, 30, 19, 0), 4, Appetite.USUAL);

    private static Batch filled(MixSchool school, FillingLine... lines) {
        return SUPPER.mapFilling(
                1, filling -> filling.withFormula(FillingFormula.of(lines)).withSchool(school));
    }

    private static Batch pots(Batch batch, int count) {
        return batch.withCrew(batch.crew().withVessels(Map.of(VesselKind.POT, count)));
    }

    private static Timetable day(Batch batch) {
        return BatchPlan.of(batch, Hand.UNKNOWN).timetable();
    }

    private static Timetable.Slot slot(Timetable table, String key) {
        return table.slot("filling-1." + key);
    }

    private static boolean together(Timetable.Slot one, Timetable.Slot other) {
        return one.start().isBefore(other.end()) && other.start().isBefore(one.end());
    }

    /** Potatoes and roots, each 25 min in a pot: in turn in the only one, side by side in two. */
    @Test
    public void onePotBoilsOneThingAtATime() {
        Batch batch = filled(
                MixSchool.COOKED,
                FillingLine.of("potatoes, boiled and mashed", 60),
                FillingLine.of("sweet potatoes, boiled and mashed", 40));
        Timetable one = day(pots(batch, 1));
        assertEquals(slot(one, "prepare-1-heat").time(), Duration.ofMinutes(25));
        assertEquals(slot(one, "prepare-1-heat").task().means(), Set.of(new Means.ForFilling(MadeHot.Where.POT)));
        assertFalse(together(slot(one, "prepare-1-heat"), slot(one, "prepare-2-heat")));
        Timetable two = day(pots(batch, 2));
        assertTrue(together(slot(two, "prepare-1-heat"), slot(two, "prepare-2-heat")));
        assertTrue(two.latestStart().isAfter(one.latestStart()));
        // And one burner under two pots is one pot.
        Timetable burner = day(pots(batch, 2).withCrew(pots(batch, 2).crew().withBurners(1)));
        assertFalse(together(slot(burner, "prepare-1-heat"), slot(burner, "prepare-2-heat")));
    }

    /** Raw vegetables of a cooked filling have their pan; while they cool, hands are free and the pan is. */
    @Test
    public void whatIsCookedDryIsDoneBeforeTheBowl() {
        Timetable day = day(filled(
                MixSchool.COOKED,
                FillingLine.of("mushrooms", 60),
                FillingLine.of("firm tofu", 36),
                FillingLine.of("vegetable oil", 4)));
        Timetable.Slot fried = slot(day, "cook-dry");
        Timetable.Slot cooling = slot(day, "cook-dry-wait");
        assertEquals(fried.task().means(), Set.of(new Means.ForFilling(MadeHot.Where.PAN)));
        assertEquals(fried.task().parts().size(), 2);
        assertEquals(cooling.start(), fried.end());
        assertEquals(cooling.time(), Duration.ofMinutes(15));
        assertTrue(cooling.task().means().isEmpty() && cooling.people().isEmpty());
        assertFalse(slot(day, "make").start().isBefore(cooling.end()));
        assertEquals(
                slot(day, "make").task().parts().stream()
                        .map(part -> part.name().render(UnitSystem.METRIC))
                        .toList(),
                List.of("firm tofu", "for the test patty"),
                "what was cooked dry is not weighed again");
    }

    /** Skin gives its gelatin in two hours on a burner, a third of the stock's mass of it, before the stock is strained and sets. */
    @Test
    public void setSoupFromSkinHasItsHours() {
        Batch batch = filled(
                MixSchool.ONE_DIRECTION,
                FillingLine.of("pork mince", 70),
                FillingLine.of("aspic cubes, stewed from skin, set and cubed", 30));
        Timetable day = day(batch);
        Timetable.Slot stew = slot(day, "stew");
        assertEquals(stew.time(), Duration.ofHours(2));
        assertEquals(stew.task().means(), Set.of(new Means.ForFilling(MadeHot.Where.POT)));
        assertFalse(slot(day, "stock").start().isBefore(stew.end()));
        assertEquals(slot(day, "set").start(), slot(day, "stock").end());
        assertFalse(slot(day, "make").start().isBefore(slot(day, "set").end()));
        double stock = grams(slot(day, "stock").task());
        assertEquals(grams(slot(day, "skin").task()), stock / 3, 0.6);
        Timetable powder = day(
                filled(MixSchool.ONE_DIRECTION, FillingLine.of("pork mince", 70), FillingLine.of("aspic cubes", 30)));
        assertTrue(powder.slots().stream().noneMatch(one -> one.task().key().endsWith("stew")));
        assertEquals(Duration.between(day.latestStart(), powder.latestStart()).toMinutes(), 120, 30);
    }

    private static double grams(Task task) {
        String text = task.parts().get(0).amount().render(UnitSystem.METRIC);
        return Double.parseDouble(text.replace(" g", ""));
    }
}
