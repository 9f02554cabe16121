package ironpin.web.page;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertNotSame;
import static org.testng.Assert.assertSame;

import ironpin.batch.Appetite;
import ironpin.batch.Batch;
import ironpin.batch.Station;
import ironpin.plan.BatchPlan;
import ironpin.plan.Findings;
import ironpin.plan.LotPlan;
import ironpin.style.Style;
import ironpin.style.Styles;
import java.time.LocalDateTime;
import java.util.Optional;
import org.testng.annotations.Test;

public class PlanSaysTest {
    private static Batch batch(Style style) {
        return Styles.start(style, "Supper", LocalDateTime.of(2026, 11, 30, 19, 30), 6, Appetite.USUAL);
    }

    @Test
    public void whatIsKeptIsWhatWouldBeWorkedOut() {
        for (Style style : Styles.all()) {
            BatchPlan plan = BatchPlan.of(batch(style));
            PlanSays says = new PlanSays(plan);
            for (Station station : Station.values()) {
                assertEquals(says.worst(station), Findings.worst(station, plan), style + " " + station);
                for (LotPlan lot : plan.lots()) {
                    int no = lot.lot().no();
                    assertEquals(says.findings(station, no, Optional.empty()), Findings.at(station, plan, no));
                }
            }
            assertEquals(says.eaten(), Eaten.of(plan));
        }
    }

    @Test
    public void nothingIsSaidTwiceButWhatChangesByTheMinute() {
        PlanSays says = new PlanSays(BatchPlan.of(batch(Styles.all().get(0))));
        assertSame(
                says.findings(Station.DOUGH, 1, Optional.empty()), says.findings(Station.DOUGH, 1, Optional.empty()));
        assertNotSame(
                says.findings(Station.CLOCK, 1, Optional.empty()), says.findings(Station.CLOCK, 1, Optional.empty()));
        assertSame(says.eaten(), says.eaten());
    }
}
