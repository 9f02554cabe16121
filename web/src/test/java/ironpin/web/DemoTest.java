package ironpin.web;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import ironpin.batch.Batch;
import ironpin.batch.edit.CountField;
import ironpin.batch.edit.DoughField;
import ironpin.batch.edit.Fix;
import ironpin.batch.edit.PlanField;
import ironpin.book.NextChange;
import ironpin.book.Suggestion;
import ironpin.plan.BatchPlan;
import ironpin.quantity.UnitSystem;
import ironpin.store.BatchStore;
import ironpin.store.BookEntry;
import ironpin.store.BookStore;
import ironpin.store.RunStore;
import ironpin.store.Status;
import ironpin.store.StoredBatch;
import ironpin.style.Style;
import ironpin.style.Styles;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** The demo kitchen is a supper that could be cooked: its numbers follow the rules, and its past teaches something. */
public class DemoTest extends OpenKitchen {
    private static final long TONIGHT = 4;

    @Test
    public void tonightIsThreeKindsForTwelveAndAFreezerStash() {
        StoredBatch stored = bean(BatchStore.class).load(TONIGHT);
        Batch batch = stored.batch();
        BatchPlan plan = BatchPlan.of(batch);
        assertEquals(batch.title(), "Lantern-night supper");
        assertEquals(batch.eaters(), 12);
        assertEquals(
                batch.lots().stream().map(lot -> lot.style()).toList(),
                List.of("boiled-crescent", "steamed-leaf", "griddle-bread"));
        assertEquals(plan.balance().lot(1).toTable(), 48);
        assertEquals(plan.balance().lot(1).toFreezer(), 20);
        assertEquals(plan.balance().lot(2).pieces(), 48);
        assertEquals(plan.balance().lot(3).pieces(), 12);
        plan.balance().doughs().forEach(share -> assertTrue(share.left().isZero()));
        plan.balance().fillings().forEach(share -> assertTrue(share.left().isZero()));
        assertTrue(
                plan.timetable()
                        .latestStart()
                        .toLocalDateTime()
                        .isAfter(LocalDateTime.now().minusMinutes(10)),
                "it is too late to begin");
    }

    @DataProvider
    public Object[][] past() {
        return new Object[][] {
            {1L, "boiled-crescent", "4 burst and 1 leaked of 84.", CountField.FILLING_EACH, 16.2},
            {2L, "steamed-leaf", "The skin was tough after steaming.", DoughField.HYDRATION, 66.0},
            {3L, "griddle-bread", "52 g of filling was over.", CountField.FILLING_EACH, 62.3},
        };
    }

    @Test(dataProvider = "past")
    public void everyPastBatchTeachesOneChange(long id, String style, String seen, PlanField<?> field, double value) {
        StoredBatch stored = bean(BatchStore.class).load(id);
        assertEquals(stored.status(), Status.DONE);
        BookEntry entry = bean(BookStore.class).entries(id).get(0);
        assertEquals(entry.style(), style);
        assertEquals(
                entry.outcome().made(),
                BatchPlan.of(stored.batch()).balance().lot(1).pieces());
        Batch next = Styles.start(
                Styles.get(style),
                "Next",
                LocalDateTime.of(2026, 12, 5, 19, 0),
                4,
                stored.batch().appetite());
        Suggestion suggestion = NextChange.after(
                        entry.outcome(),
                        NextChange.Skin.of(next.lot(1), next.dough(1)),
                        next.lot(1),
                        next.dough(1),
                        next.filling(1))
                .orElseThrow();
        assertEquals(suggestion.seen().render(UnitSystem.METRIC), seen);
        Fix fix = suggestion.fix().orElseThrow();
        assertEquals(fix.number().field(), field);
        assertEquals(fix.value(), value, 1e-9);
    }

    @Test
    public void everyStepOfAPastBatchIsTickedOff() {
        for (long id = 1; id <= 3; id++) {
            BatchPlan plan = BatchPlan.of(bean(BatchStore.class).load(id).batch());
            Map<String, ?> done = bean(RunStore.class).done(id);
            plan.timetable()
                    .slots()
                    .forEach(slot -> assertTrue(done.containsKey(slot.task().key())));
        }
    }

    @Test
    public void everyStyleOnOfferIsPlannedFromOneAddress() {
        for (Style style : Styles.all()) {
            try (var device = device(1280, 800)) {
                var page = page(device);
                page.navigate("/batches/new?style=" + style.key() + "&eaters=7");
                String title = page.locator("#preview-title").innerText();
                int pieces = 7 * style.usualPerEater();
                assertEquals(title, pieces + " " + style.name().toLowerCase(Locale.ROOT));
                assertEquals(
                        page.locator(".style-picture").count(), Styles.all().size());
            }
        }
    }
}
