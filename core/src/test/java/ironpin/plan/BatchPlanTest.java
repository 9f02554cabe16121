package ironpin.plan;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import ironpin.batch.Appetite;
import ironpin.batch.Batch;
import ironpin.batch.RandomBatches;
import ironpin.batch.Station;
import ironpin.batch.edit.Address;
import ironpin.batch.edit.Composing;
import ironpin.batch.edit.CountField;
import ironpin.batch.edit.DoughField;
import ironpin.caution.Caution;
import ironpin.cook.ShallowFry;
import ironpin.cook.Steam;
import ironpin.cook.VesselKind;
import ironpin.dough.DoughFamily;
import ironpin.kit.Kit;
import ironpin.quantity.Sentence;
import ironpin.style.Style;
import ironpin.style.Styles;
import java.time.LocalDateTime;
import java.util.EnumSet;
import java.util.Set;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class BatchPlanTest {
    private static Batch start(String style) {
        return Styles.start(Styles.get(style), "Supper", LocalDateTime.of(2026, 11, 28, 19, 0), 6, Appetite.USUAL);
    }

    @Test
    public void theSameBatchGivesTheSamePlan() {
        RandomBatches batches = new RandomBatches(61);
        for (int i = 0; i < 100; i++) {
            Batch batch = batches.next();
            assertEquals(BatchPlan.of(batch), BatchPlan.of(batch));
        }
    }

    @Test
    public void everyPartOfAPlanTellsTheSameStory() {
        RandomBatches batches = new RandomBatches(62);
        for (int i = 0; i < 300; i++) {
            BatchPlan plan = BatchPlan.of(batches.next());
            for (LotPlan lot : plan.lots()) {
                assertEquals(lot.share(), plan.balance().lot(lot.lot().no()));
                assertEquals(lot.rope().pieces(), lot.share().pieces());
                assertEquals(lot.wrapper().mass(), lot.share().doughEach());
                int cooked = lot.rounds().sizes().stream()
                        .mapToInt(Integer::intValue)
                        .sum();
                assertEquals(cooked, lot.share().toTable());
                assertTrue(lot.room().isPresent() != lot.bread().isPresent());
                double low = Math.min(21, lot.dough().water().celsius());
                double high = Math.max(21, lot.dough().water().celsius());
                assertTrue(lot.mixed().celsius() >= low - 1e-3 && lot.mixed().celsius() <= high + 1e-3);
            }
            assertEquals(
                    plan.timetable().serving().toLocalDateTime(), plan.batch().serving());
        }
    }

    @DataProvider
    public Object[][] spots() {
        return new Object[][] {
            {"boiled-crescent", Station.COOK, Caution.BOILING_WATER},
            {"boiled-crescent", Station.COOK, Caution.CORE},
            {"pan-crescent", Station.COOK, Caution.HOT_FAT},
            {"steamed-leaf", Station.COOK, Caution.STEAM},
            {"griddle-bread", Station.COOK, Caution.HOT_PLATE},
            {"boiled-crescent", Station.FILLING, Caution.RAW_FILLING},
            {"boiled-crescent", Station.FILLING, Caution.TWO_HOURS},
            {"steamed-leaf", Station.FILLING, Caution.TWO_HOURS},
            {"steamed-leaf", Station.DOUGH, Caution.HOT_DOUGH},
            {"boiled-crescent", Station.DOUGH, Caution.RAW_FLOUR},
            {"boiled-crescent", Station.TABLE, Caution.ALLERGENS},
            {"griddle-bread", Station.BOOK, Caution.REFREEZE},
        };
    }

    @Test(dataProvider = "spots")
    public void theCautionStandsWhereItCanHurt(String style, Station station, Caution caution) {
        LotPlan lot = BatchPlan.of(start(style)).lot(1);
        assertTrue(Findings.cautions(station, lot).contains(caution));
    }

    @Test
    public void noCautionStandsWhereItCannotHurt() {
        LotPlan leaf = BatchPlan.of(start("steamed-leaf")).lot(1);
        assertTrue(!Findings.cautions(Station.FILLING, leaf).contains(Caution.RAW_FILLING));
        LotPlan crescent = BatchPlan.of(start("boiled-crescent")).lot(1);
        assertTrue(!Findings.cautions(Station.DOUGH, crescent).contains(Caution.HOT_DOUGH));
        assertTrue(Findings.cautions(Station.CLOCK, crescent).isEmpty());
        Set<Caution> used = EnumSet.noneOf(Caution.class);
        for (Style style : Styles.all()) {
            for (Station station : Station.values()) {
                used.addAll(Findings.cautions(
                        station, BatchPlan.of(start(style.key())).lot(1)));
            }
        }
        Batch starch = Composing.family(
                start("steamed-leaf"), 1, DoughFamily.CLEAR_STARCH, new Steam(Steam.Start.BOILING), Kit.usual());
        used.addAll(Findings.cautions(Station.DOUGH, BatchPlan.of(starch).lot(1)));
        Batch fried = start("pan-crescent").withMethod(1, new ShallowFry(ShallowFry.Oil.HALF_WAY));
        used.addAll(Findings.cautions(Station.COOK, BatchPlan.of(fried).lot(1)));
        Batch cold = DoughField.REST.write(start("boiled-crescent"), Address.dough(1), 600);
        used.addAll(Findings.cautions(Station.DOUGH, BatchPlan.of(cold).lot(1)));
        // Hot stock stands beside the sum for soup too, which belongs to no station; HttpTest looks there.
        assertEquals(used, EnumSet.allOf(Caution.class), "what is shown at no station");
    }

    @Test
    public void steamersAreToldTheirWaterAndOthersAreNot() {
        for (Style style : Styles.all()) {
            boolean water = Findings.at(Station.COOK, BatchPlan.of(start(style.key())), 1).stream()
                    .anyMatch(finding -> finding.saying() == Saying.STEAM_WATER);
            assertEquals(water, style.method().vessel() == VesselKind.BASKET, style.key());
        }
    }

    @Test
    public void tooLittleForOnePieceIsSaid() {
        Batch crumbs = CountField.DOUGH_EACH.write(
                DoughField.FLOUR.write(start("griddle-bread"), Address.dough(1), 20), Address.lot(1), 60);
        BatchPlan plan = BatchPlan.of(crumbs);
        assertEquals(plan.balance().lot(1).pieces(), 0);
        Finding worst = Findings.at(Station.TABLE, plan, 1).get(0);
        assertEquals(worst.level(), Finding.Level.STOP);
        assertEquals(worst.figure(), Sentence.of("0 pieces"));
    }
}
