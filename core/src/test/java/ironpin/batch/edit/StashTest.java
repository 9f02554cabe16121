package ironpin.batch.edit;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import ironpin.batch.Appetite;
import ironpin.batch.Batch;
import ironpin.batch.Station;
import ironpin.batch.balance.Balance;
import ironpin.batch.balance.Balancer;
import ironpin.clock.Task;
import ironpin.cook.Start;
import ironpin.plan.BatchPlan;
import ironpin.plan.Finding;
import ironpin.plan.Findings;
import ironpin.shopping.ShoppingList;
import ironpin.style.Styles;
import java.time.LocalDateTime;
import java.util.List;
import org.testng.annotations.Test;

/** Pieces out of the freezer: cooked, and nothing else. */
public class StashTest {
    private static final LocalDateTime NOW = LocalDateTime.of(2026, 11, 28, 17, 50);

    private static Batch source() {
        return Styles.start(
                List.of(Styles.get("boiled-crescent"), Styles.get("steamed-leaf"), Styles.get("griddle-bread")),
                "Supper",
                LocalDateTime.of(2026, 11, 1, 19, 0),
                6,
                Appetite.USUAL);
    }

    @Test
    public void nothingIsMadeAndAllOfItIsCooked() {
        for (int lotNo = 1; lotNo <= 3; lotNo++) {
            Batch stash = Stash.plan(source(), lotNo, 17, NOW);
            Balance balance = Balancer.solve(stash);
            assertEquals(balance.lot(lotNo).pieces(), 17);
            assertEquals(balance.lot(lotNo).toTable(), 17);
            assertTrue(balance.doughs().get(0).made().total().isZero());
            assertTrue(balance.fillings().get(0).made().isZero(), "no patty either");
            assertEquals(stash.lot(lotNo).cooking().from(), Start.FREEZER);
            assertEquals(stash.serving(), LocalDateTime.of(2026, 11, 28, 18, 45));
            BatchPlan plan = BatchPlan.of(stash);
            List<Station> stations = plan.timetable().slots().stream()
                    .map(slot -> slot.task())
                    .map(Task::station)
                    .distinct()
                    .toList();
            assertTrue(List.of(Station.COOK, Station.TABLE).containsAll(stations), "work at " + stations);
            for (Station station : Station.values()) {
                for (Finding finding : Findings.at(station, plan, lotNo)) {
                    assertTrue(finding.level() != Finding.Level.STOP, finding.toString());
                }
            }
        }
    }

    @Test
    public void nothingIsBoughtForIt() {
        Batch stash = Stash.plan(source(), 1, 12, NOW);
        String list = ShoppingList.of(stash, Balancer.solve(stash)).toString();
        assertTrue(!list.contains("flour") && !list.contains("mince"), list);
        assertTrue(list.contains("soy"), "the dip still is: " + list);
    }
}
