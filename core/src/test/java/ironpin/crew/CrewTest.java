package ironpin.crew;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertSame;
import static org.testng.Assert.assertThrows;
import static org.testng.Assert.assertTrue;

import ironpin.cook.VesselKind;
import ironpin.filling.Treatment;
import ironpin.quantity.Belief;
import ironpin.quantity.Mass;
import ironpin.refusal.Refused;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class CrewTest {
    private static final Person ROLLER =
            new Person("Ada", Set.of(Skill.ROLL, Skill.FOLD), Optional.empty(), Optional.empty(), 40);

    private static Crew crew(int people, int burners, int trays, int pots) {
        List<Person> all =
                List.of("A", "B", "C", "D", "E").stream().map(Person::cook).toList();
        return new Crew(all.subList(0, people), burners, trays, Map.of(VesselKind.POT, pots), Plates.USUAL);
    }

    @DataProvider
    public Object[][] bounds() {
        return new Object[][] {{1, 1, 0, 1}, {4, 8, 12, 4}};
    }

    @Test(dataProvider = "bounds")
    public void allowedToTheirBounds(int people, int burners, int trays, int pots) {
        Crew crew = crew(people, burners, trays, pots);
        assertEquals(crew.vessels(VesselKind.POT), pots);
        assertEquals(crew.vessels(VesselKind.PAN), 1, "there is one of what was not counted");
    }

    @DataProvider
    public Object[][] beyond() {
        return new Object[][] {
            {0, 2, 4, 1},
            {5, 2, 4, 1},
            {1, 0, 4, 1},
            {1, 9, 4, 1},
            {1, 2, -1, 1},
            {1, 2, 13, 1},
            {1, 2, 4, 0},
            {1, 2, 4, 5}
        };
    }

    @Test(dataProvider = "beyond")
    public void andNoFurther(int people, int burners, int trays, int pots) {
        assertThrows(Refused.class, () -> crew(people, burners, trays, pots));
    }

    @Test
    public void aPersonIsCalledByOneNameAndTakesFortyToThreeHundred() {
        assertThrows(Refused.class, () -> Crew.USUAL.withPeople(List.of(ROLLER, ROLLER)));
        assertThrows(Refused.class, () -> ROLLER.withPace(39.9));
        assertThrows(Refused.class, () -> ROLLER.withPace(300.1));
        assertThrows(Refused.class, () -> ROLLER.withName(" "));
        assertThrows(Refused.class, () -> ROLLER.withName("a".repeat(25)));
        assertEquals(ROLLER.withName("a".repeat(24)).withPace(300).pace(), 300.0);
        assertEquals(Person.within(12), 40.0);
        assertEquals(Person.within(900), 300.0);
        assertEquals(Person.within(110), 110.0);
        assertEquals(ROLLER.hasToGo(), "Ada has to go");
        assertEquals(Person.cook("You").hasToGo(), "You have to go");
        assertTrue(ROLLER.does(Skill.ROLL));
        assertFalse(ROLLER.does(Skill.FIRE));
        assertTrue(Person.cook("You").does(Skill.FIRE));
    }

    @Test
    public void platesWaitAndFollowWithinBounds() {
        Duration hour = Duration.ofMinutes(60);
        Plates plates = new Plates(Plates.Way.TOGETHER, Plates.LONGEST_WARM, Plates.LONGEST_SPAN);
        assertFalse(plates.asReady());
        assertTrue(plates.going(Plates.Way.AS_READY).asReady());
        assertEquals(plates.going(Plates.Way.AS_READY).warm(), Plates.LONGEST_WARM);
        assertEquals(new Plates(Plates.Way.AS_READY, Duration.ZERO, Plates.SHORTEST_SPAN).warm(), Duration.ZERO);
        for (int warm : new int[] {-1, 91}) {
            assertThrows(Refused.class, () -> new Plates(Plates.Way.TOGETHER, Duration.ofMinutes(warm), hour));
        }
        for (int span : new int[] {9, 121}) {
            assertThrows(Refused.class, () -> new Plates(Plates.Way.TOGETHER, hour, Duration.ofMinutes(span)));
        }
    }

    /** Said half: 8 min become 4, a minute stays one. Timed: a first time of 50 % moves a belief of 100 ± 80 most of the way. */
    @Test
    public void ownMinutesAreSaidOrTimed() {
        Duration eight = Duration.ofMinutes(8);
        OwnMinutes said = OwnMinutes.NONE.said("knead", 50);
        assertEquals(said.time("knead", eight), Duration.ofMinutes(4));
        assertEquals(said.time("knead", Duration.ofMinutes(1)), Duration.ofMinutes(1));
        assertSame(said.time("chop", eight), eight);
        assertEquals(OwnMinutes.NONE.said("knead", 2).of("knead").orElseThrow().mean(), OwnMinutes.LEAST);
        assertEquals(
                OwnMinutes.NONE.said("knead", 700).of("knead").orElseThrow().mean(), OwnMinutes.MOST);
        Belief timed = said.after("chop", 50).of("chop").orElseThrow();
        assertTrue(timed.mean() > 50 && timed.mean() < 55, timed.toString());
        assertTrue(timed.spread() < OwnMinutes.USUAL.spread() / 4, timed.toString());
        assertTrue(said.after("chop", 50).of("knead").isPresent(), "the others stay");
        assertEquals(
                OwnMinutes.NONE.after("chop", 1), OwnMinutes.NONE.after("chop", OwnMinutes.LEAST), "a tick forgotten");
    }

    @Test
    public void ofAnUnknownCookTheUsualIsTaken() {
        assertEquals(Cook.UNKNOWN.minutes(), OwnMinutes.NONE);
        // Of what is blanched and squeezed 45 to 60 % are left.
        assertEquals(
                Cook.UNKNOWN.raw("cabbage", Treatment.BLANCH, Mass.ofGrams(105)).grams(), 200, 0.1);
    }
}
