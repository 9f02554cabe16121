package ironpin.dough;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.time.Duration;
import java.util.List;
import org.testng.annotations.Test;

public class RestPlanTest {
    private static RestPlan plan(DoughFamily family, KneadSchool school, long restMinutes) {
        return RestPlan.of(family, new Kneading(school, Kneading.By.HAND), Duration.ofMinutes(restMinutes));
    }

    private static List<String> said(RestPlan plan) {
        return plan.steps().stream()
                .map(step -> step.kind().label() + " " + step.time().toMinutes())
                .toList();
    }

    @Test
    public void eachSchoolWorksAndRestsInItsOwnWay() {
        DoughFamily cold = DoughFamily.COLD_WATER;
        assertEquals(said(plan(cold, KneadSchool.LONG, 40)), List.of("knead 9", "rest 40"));
        assertEquals(
                said(plan(cold, KneadSchool.SHORT_WITH_RESTS, 40)), List.of("knead 2", "rest 9", "fold 1", "rest 31"));
        assertEquals(
                said(plan(cold, KneadSchool.THREE_RESTS, 45)),
                List.of("knead 4", "rest 15", "knead 2", "rest 15", "knead 2", "rest 15"));
        assertEquals(
                said(plan(cold, KneadSchool.OVERNIGHT, 720)),
                List.of("knead 4", "rest 30", "fridge 670", "warm up 20"));
        assertEquals(said(plan(DoughFamily.MAIZE, KneadSchool.WORK_SMOOTH, 12)), List.of("knead 3", "rest 12"));
        assertEquals(said(plan(DoughFamily.CLEAR_STARCH, KneadSchool.WORK_SMOOTH, 0)), List.of("knead 3"));
    }

    @Test
    public void whatIsTooLongForTheRoomGoesIntoTheFridge() {
        assertFalse(plan(DoughFamily.COLD_WATER, KneadSchool.LONG, 60).cold());
        RestPlan longer = plan(DoughFamily.COLD_WATER, KneadSchool.LONG, 65);
        assertTrue(longer.cold());
        assertEquals(said(longer), List.of("knead 9", "rest 30", "fridge 35"));
        assertTrue(plan(DoughFamily.SOFT_ENRICHED, KneadSchool.LONG, 31).cold());
    }

    @Test
    public void theStepsAddUpToTheRestThatWasAskedFor() {
        for (DoughFamily family : DoughFamily.values()) {
            for (KneadSchool school : family.schools()) {
                for (long minutes = 0; minutes <= 1_500; minutes += 7) {
                    RestPlan plan = plan(family, school, minutes);
                    assertEquals(plan.resting(), Duration.ofMinutes(minutes), family + " " + school);
                    for (RestPlan.Step step : plan.steps()) {
                        assertTrue(!step.time().isZero() && !step.time().isNegative(), plan.toString());
                        boolean inRoom = step.kind() == RestPlan.Kind.REST;
                        assertTrue(!inRoom
                                || school == KneadSchool.THREE_RESTS
                                || step.time().compareTo(Duration.ofHours(2)) <= 0);
                    }
                }
            }
        }
    }

    @Test
    public void workStaysWithinWhatPracticeSays() {
        for (DoughFamily family : DoughFamily.values()) {
            for (KneadSchool school : family.schools()) {
                Duration rest = school.restFrom(family, Duration.ofMinutes(1));
                assertTrue(school.rest(family).contains(rest), family + " " + school + " " + rest);
                RestPlan plan = RestPlan.of(family, new Kneading(school, Kneading.By.MACHINE), rest);
                for (RestPlan.Step step : plan.steps()) {
                    if (step.kind().work()) {
                        assertTrue(step.band().contains(step.time()), step.toString());
                    }
                }
                assertTrue(plan.steps().stream().anyMatch(step -> step.cue().isPresent()));
            }
        }
        Duration kept = KneadSchool.LONG.restFrom(DoughFamily.COLD_WATER, Duration.ofMinutes(55));
        assertEquals(kept, Duration.ofMinutes(55));
    }
}
