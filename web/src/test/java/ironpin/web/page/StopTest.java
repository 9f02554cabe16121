package ironpin.web.page;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import ironpin.batch.Appetite;
import ironpin.batch.Batch;
import ironpin.batch.RandomBatches;
import ironpin.batch.Station;
import ironpin.batch.edit.Address;
import ironpin.batch.edit.CountField;
import ironpin.batch.edit.DoughField;
import ironpin.batch.edit.OutOfRange;
import ironpin.batch.edit.PlanField;
import ironpin.batch.edit.PlanNumber;
import ironpin.plan.BatchPlan;
import ironpin.quantity.Sentence;
import ironpin.quantity.UnitSystem;
import ironpin.style.Styles;
import java.time.LocalDateTime;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class StopTest {
    private static final Batch BATCH = Styles.start(
            Styles.get("boiled-crescent"), "Supper", LocalDateTime.of(2026, 11, 28, 19, 0), 6, Appetite.USUAL);

    @DataProvider
    public Object[][] figures() {
        return new Object[][] {
            {Station.TABLE, "6 eat"},
            {Station.DOUGH, "1,091 g"},
            {Station.FILLING, "1,319 g"},
            {Station.PORTION, "72 pieces"},
            {Station.ROLL, "102 mm"},
            {Station.FOLD, "16 g spare"},
            {Station.BOOK, "3 past"},
        };
    }

    @Test(dataProvider = "figures")
    public void everyStopCarriesItsLiveNumber(Station station, String figure) {
        Stop stop = Stop.along(new PlanSays(BatchPlan.of(BATCH)), 3).get(station.ordinal());
        assertEquals(stop.station(), station);
        assertEquals(stop.figure().render(UnitSystem.METRIC), figure);
    }

    @Test
    public void aMistakeMarksItsStop() {
        List<Stop> stops =
                Stop.along(new PlanSays(BatchPlan.of(CountField.FILLING_EACH.write(BATCH, Address.lot(1), 60))), 0);
        assertTrue(stops.get(Station.FOLD.ordinal()).marked());
        assertEquals(stops.get(Station.FOLD.ordinal()).figure().render(UnitSystem.METRIC), "26 g too full");
        assertTrue(!stops.get(Station.DOUGH.ordinal()).marked());
        assertEquals(stops.get(Station.BOOK.ordinal()).figure().render(UnitSystem.METRIC), "no past");
    }

    @Test
    public void allNineStopsStandInTheOrderOfTheWork() {
        RandomBatches batches = new RandomBatches(71);
        for (int i = 0; i < 40; i++) {
            List<Stop> stops = Stop.along(new PlanSays(BatchPlan.of(batches.next())), i);
            assertEquals(stops.stream().map(Stop::station).toList(), Arrays.asList(Station.values()));
            stops.forEach(stop -> assertTrue(!stop.figure().isEmpty(), stop.toString()));
        }
    }

    @Test
    public void fieldsShowTheSolvedNumberOrWhatWasTyped() {
        PlanNumber<?> water = DoughField.HYDRATION.at(Address.dough(1));
        FieldView shown = FieldView.of(water, 52.5, Answered.NOTHING);
        assertEquals(shown.value().render(UnitSystem.METRIC), "52.5");
        assertEquals(shown.id(), "hydration-1");
        assertEquals(shown.error(), Sentence.EMPTY);
        FieldError error = new FieldError(water, "900", OutOfRange.demand(DoughField.HYDRATION));
        FieldView refused = FieldView.of(water, 52.5, new Answered(Optional.of(error), Optional.empty()));
        assertEquals(refused.value().render(UnitSystem.METRIC), "900");
        assertEquals(refused.error().render(UnitSystem.METRIC), "Between 20 and 220 %.");
        FieldView other = FieldView.of(
                DoughField.HYDRATION.at(Address.dough(2)), 64, new Answered(Optional.of(error), Optional.empty()));
        assertEquals(other.value().render(UnitSystem.METRIC), "64");
        assertEquals(other.error(), Sentence.EMPTY);
        Batch supper = new RandomBatches(3).next();
        for (PlanField<?> field :
                PlanField.all().stream().filter(one -> !one.ofALine()).toList()) {
            FieldView view = FieldView.of(field.of(supper, 1), field.high(), Answered.NOTHING);
            assertEquals(Double.parseDouble(view.value().render(UnitSystem.METRIC)), field.high(), 1e-9);
            assertTrue(view.width() >= 3 && view.width() <= 9);
        }
    }
}
