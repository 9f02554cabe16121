package ironpin.plan;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import ironpin.batch.Appetite;
import ironpin.batch.Batch;
import ironpin.batch.Station;
import ironpin.batch.edit.Address;
import ironpin.batch.edit.CountField;
import ironpin.batch.edit.DoughField;
import ironpin.batch.edit.FillingField;
import ironpin.batch.edit.Fix;
import ironpin.batch.edit.PackField;
import ironpin.batch.edit.Pin;
import ironpin.batch.edit.Pins;
import ironpin.batch.edit.PlanField;
import ironpin.batch.edit.RollField;
import ironpin.quantity.UnitSystem;
import ironpin.style.Style;
import ironpin.style.Styles;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class FindingsTest {
    /** One pair of hands may be too slow for a style; that is the day's matter, not the style's. */
    private static final Set<Saying> OF_THE_CLOCK =
            EnumSet.of(Saying.DOUGH_WAITS, Saying.FILLING_IS_OUT, Saying.GREENS_WEEP);

    private static Batch start(Style style) {
        return Styles.start(style, "Supper", LocalDateTime.of(2026, 11, 28, 19, 0), 6, Appetite.USUAL);
    }

    @DataProvider
    public Object[][] styles() {
        return Styles.all().stream().map(style -> new Object[] {style}).toArray(Object[][]::new);
    }

    @Test(dataProvider = "styles")
    public void aStyleAsItShipsNeedsNoDecision(Style style) {
        BatchPlan plan = BatchPlan.of(start(style));
        for (Station station : List.of(Station.DOUGH, Station.FILLING, Station.PORTION, Station.ROLL, Station.FOLD)) {
            for (Finding finding : Findings.at(station, plan, 1)) {
                assertTrue(
                        finding.level().compareTo(Finding.Level.GOOD) <= 0 || OF_THE_CLOCK.contains(finding.saying()),
                        style.key() + " at " + station + ": " + finding);
            }
        }
    }

    @DataProvider
    public Object[][] mistakes() {
        return new Object[][] {
            {DoughField.HYDRATION, 40.0, Station.DOUGH, Finding.Level.LOOK},
            {DoughField.HYDRATION, 62.0, Station.DOUGH, Finding.Level.LOOK},
            {DoughField.WATER_TEMPERATURE, 90.0, Station.DOUGH, Finding.Level.LOOK},
            {DoughField.REST, 5.0, Station.DOUGH, Finding.Level.LOOK},
            {CountField.DOUGH_EACH, 30.0, Station.PORTION, Finding.Level.LOOK},
            {RollField.DISC, 140.0, Station.ROLL, Finding.Level.LOOK},
            {RollField.DISC, 70.0, Station.FOLD, Finding.Level.STOP},
            {CountField.FILLING_EACH, 80.0, Station.FOLD, Finding.Level.STOP},
            {CountField.FILLING_EACH, 5.0, Station.FILLING, Finding.Level.LOOK},
        };
    }

    @Test(dataProvider = "mistakes")
    public void aMistakeIsFoundAndItsFixCuresIt(
            PlanField<?> field, double value, Station station, Finding.Level level) {
        Batch start = start(Styles.get("boiled-crescent"));
        Batch wrong = field.of(start, 1).write(start, value);
        BatchPlan plan = BatchPlan.of(wrong);
        Finding finding = Findings.at(station, plan, 1).stream()
                .filter(one -> !OF_THE_CLOCK.contains(one.saying()))
                .findFirst()
                .orElseThrow();
        assertEquals(finding.level(), level, finding.toString());
        Batch mended = finding.fix().orElseThrow().applyTo(wrong);
        for (Finding after : Findings.at(station, BatchPlan.of(mended), 1)) {
            assertTrue(
                    after.level().compareTo(Finding.Level.LOOK) < 0 || OF_THE_CLOCK.contains(after.saying()),
                    after.toString());
        }
    }

    @Test
    public void leftOversAreNamedWithTheirGramsAndSharedOut() {
        Batch batch = CountField.DOUGH_EACH.write(
                DoughField.FLOUR.write(start(Styles.get("boiled-crescent")), Address.dough(1), 620),
                Address.lot(1),
                14);
        Finding over = Findings.at(Station.PORTION, BatchPlan.of(batch), 1).get(0);
        assertEquals(over.figure().render(UnitSystem.METRIC), "4.1 g");
        assertEquals(over.figure().render(UnitSystem.US), "0.145 oz");
        // 4.1 g over 66 pieces is less than a tenth of a gram each: only less flour helps.
        assertEquals(over.fix().orElseThrow().label().render(UnitSystem.METRIC), "Weigh only 618 g of flour");
        assertTrue(over.others().isEmpty());
        Batch bigger = CountField.DOUGH_EACH.write(batch, Address.lot(1), 15.5);
        Finding shared = Findings.at(Station.PORTION, BatchPlan.of(bigger), 1).get(0);
        Batch mended = shared.fix().orElseThrow().applyTo(bigger);
        assertEquals(
                BatchPlan.of(mended).balance().lot(1).pieces(),
                BatchPlan.of(bigger).balance().lot(1).pieces());
        assertTrue(BatchPlan.of(mended)
                        .balance()
                        .dough(1)
                        .left()
                        .compareTo(BatchPlan.of(bigger).balance().dough(1).left())
                < 0);
    }

    @Test
    public void theCheapestFixForTooMuchFillingComesFirstAndEveryOneHelps() {
        Batch batch = Pins.move(start(Styles.get("boiled-crescent")), 1, Pin.BOTH);
        batch = FillingField.FILLING.write(
                DoughField.FLOUR.write(batch, Address.dough(1), 200), Address.filling(1), 1_000);
        BatchPlan plan = BatchPlan.of(batch);
        double over = plan.balance().filling(1).left().grams();
        assertTrue(over > 300, "much is over: " + over);
        Finding finding = Findings.at(Station.FILLING, plan, 1).stream()
                .filter(one -> one.text().render(UnitSystem.METRIC).startsWith("of filling over"))
                .findFirst()
                .orElseThrow();
        assertTrue(
                finding.why()
                        .render(UnitSystem.METRIC)
                        .contains("inside the bands of dough and filling nothing takes it up"),
                finding.toString());
        List<Fix> fixes = new ArrayList<>(finding.others());
        fixes.add(0, finding.fix().orElseThrow());
        assertEquals(
                fixes.stream().map(fix -> fix.number().field()).toList(),
                List.of(DoughField.FLOUR, PackField.WRAPPED),
                fixes.toString());
        for (Fix fix : fixes) {
            BatchPlan mended = BatchPlan.of(fix.applyTo(batch));
            assertTrue(mended.balance().filling(1).left().grams() < 30, fix + " leaves " + mended.balance());
        }
        Batch wrapped = fixes.get(1).applyTo(batch);
        assertEquals(wrapped.lots().size(), 2);
        assertTrue(wrapped.lots().get(1).bought().isPresent());
    }

    @Test
    public void aCountThatDividesIsOfferedWhereARopeDoesNot() {
        int offered = 0;
        for (int pieces = 1; pieces <= 150; pieces++) {
            Batch batch = CountField.PIECES.write(start(Styles.get("boiled-crescent")), Address.lot(1), pieces);
            for (Finding finding : Findings.at(Station.PORTION, BatchPlan.of(batch), 1)) {
                if (finding.saying() == Saying.CUT_BY_RULER) {
                    for (Fix fix : finding.fixes()) {
                        BatchPlan after = BatchPlan.of(fix.applyTo(batch));
                        assertTrue(
                                Findings.at(Station.PORTION, after, 1).stream()
                                        .noneMatch(one -> one.saying() == Saying.CUT_BY_RULER),
                                pieces + " → " + fix);
                        assertEquals(after.lot(1).rope().shorterRopes(), 0);
                        offered++;
                    }
                }
            }
        }
        assertTrue(offered > 60, offered + " offered");
    }
}
