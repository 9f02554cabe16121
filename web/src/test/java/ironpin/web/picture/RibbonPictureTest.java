package ironpin.web.picture;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import ironpin.batch.Appetite;
import ironpin.batch.Batch;
import ironpin.batch.RandomBatches;
import ironpin.batch.edit.Composing;
import ironpin.batch.edit.Lanes;
import ironpin.book.Arose;
import ironpin.book.FillingVerdict;
import ironpin.book.Outcome;
import ironpin.book.SkinVerdict;
import ironpin.kit.Kit;
import ironpin.plan.BatchPlan;
import ironpin.plan.LotPlan;
import ironpin.quantity.Mass;
import ironpin.quantity.Sentence;
import ironpin.quantity.UnitSystem;
import ironpin.style.Styles;
import ironpin.wording.Count;
import ironpin.wrapper.BoughtWrapper;
import java.io.StringReader;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import javax.xml.parsers.DocumentBuilderFactory;
import org.testng.annotations.Test;
import org.xml.sax.InputSource;

public class RibbonPictureTest {
    private static final RibbonNotes CORRECTED =
            new RibbonNotes(Map.of(2, Sentence.of("+5 g water")), Map.of(), "", Map.of());

    @Test
    public void everyRibbonIsWellFormedAndSaysWhatItShows() throws Exception {
        RandomBatches batches = new RandomBatches(31);
        for (int i = 0; i < 150; i++) {
            Batch batch = batches.next();
            BatchPlan plan = BatchPlan.of(batch);
            String svg = RibbonPicture.wide(plan, 1).render(UnitSystem.METRIC);
            DocumentBuilderFactory.newInstance().newDocumentBuilder().parse(new InputSource(new StringReader(svg)));
            for (LotPlan lot : plan.lots()) {
                assertTrue(svg.contains(Count.of(lot.share().pieces(), "piece", "pieces")), svg);
            }
            assertTrue(!svg.contains("NaN") && !svg.contains("Infinity"), batch.toString());
            boolean left = plan.balance().doughs().stream()
                            .anyMatch(one -> one.left().plus(one.trimmings()).grams() >= 0.5)
                    || plan.balance().fillings().stream()
                            .anyMatch(one -> one.left().grams() >= 0.5);
            assertEquals(svg.contains("left-over-text"), left, batch.toString());
        }
    }

    @Test
    public void strandsOfAllLanesAreDrawnToOneScale() {
        RandomBatches batches = new RandomBatches(32);
        Pattern strand = Pattern.compile("<svg x=\"16.5%\"[^>]*height=\"([\\d.]+)\"[^>]*><path class=\"dough");
        for (int i = 0; i < 100; i++) {
            BatchPlan plan = BatchPlan.of(batches.unpinned());
            boolean unrolled = plan.lots().stream()
                    .anyMatch(lot -> lot.packs().isPresent() || lot.lot().stashed());
            if (unrolled || plan.balance().doughs().size() < plan.lots().size()) {
                continue;
            }
            Matcher drawn = strand.matcher(RibbonPicture.wide(plan, 1).render(UnitSystem.METRIC));
            double slim = -1;
            for (LotPlan lot : plan.lots()) {
                assertTrue(drawn.find());
                double pixels = Double.parseDouble(drawn.group(1));
                double grams =
                        plan.balance().dough(lot.dough().no()).made().total().grams();
                if (lot.lot().no() == 1 || pixels < 3) {
                    continue;
                }
                // The lot in hand is drawn larger; all others to one scale.
                assertTrue(pixels <= 11, pixels + " px is not slim");
                assertEquals(pixels / grams, slim < 0 ? pixels / grams : slim, pixels / grams * 0.01);
                slim = pixels / grams;
            }
        }
    }

    /** Leaks are marked at the fold and bursts in the cooking, in the order of the way; one that was faultless has no mark. */
    @Test
    public void faultsAreMarkedWhereTheyArose() {
        Outcome outcome = new Outcome(
                24, 3, 2, 0, Mass.ZERO, Mass.ZERO, SkinVerdict.TOUGH, FillingVerdict.RIGHT, Optional.empty(), "");
        BatchPlan plan = BatchPlan.of(supper());
        String svg = RibbonPicture.narrow(
                        plan, 1, new RibbonNotes(Map.of(), Map.of(), "", Map.of(1, Arose.of(outcome))))
                .render(UnitSystem.METRIC);
        Matcher mark = Pattern.compile("<svg x=\"([\\d.]+)%\"[^>]*><path class=\"arose[^>]*>")
                .matcher(svg);
        List<Double> places = new ArrayList<>();
        while (mark.find()) {
            places.add(Double.parseDouble(mark.group(1)));
        }
        assertEquals(places.size(), 3, svg);
        assertTrue(places.get(0) < 14 && places.get(1) > 55 && places.get(1) < places.get(2), places.toString());
        assertTrue(svg.contains("Skin tough in the dough; 2 leaked at the fold; 3 burst in the cooking."), svg);
        assertTrue(!RibbonPicture.narrow(plan, 1).render(UnitSystem.METRIC).contains("arose"));
    }

    @Test
    public void theRibbonLeavesRoomForTheWork() {
        Pattern height = Pattern.compile("<svg [^>]*class=\"ribbon-wide[^\"]*\" width=\"100%\" height=\"([\\d.]+)\"");
        for (int lots = 1; lots <= Batch.MOST_LOTS; lots++) {
            Batch batch = supper();
            while (batch.lots().size() < lots) {
                batch = Lanes.add(batch, Styles.get("griddle-bread"), Kit.usual());
            }
            Matcher drawn =
                    height.matcher(RibbonPicture.wide(BatchPlan.of(batch), 1).render(UnitSystem.METRIC));
            assertTrue(drawn.find());
            assertTrue(Double.parseDouble(drawn.group(1)) <= (batch.lots().size() <= 3 ? 148 : 186), drawn.group(1));
        }
    }

    @Test
    public void aSharedDoughForksAndWorkFillsItsLane() {
        Batch shared = Lanes.shareDough(supper(), 2, 1);
        assertTrue(RibbonPicture.wide(BatchPlan.of(shared), 2)
                .render(UnitSystem.METRIC)
                .contains("forked"));
        assertTrue(!RibbonPicture.wide(BatchPlan.of(supper()), 2)
                .render(UnitSystem.METRIC)
                .contains("forked"));
        BatchPlan plan = BatchPlan.of(supper());
        int planned = count(RibbonPicture.wide(plan, 1).render(UnitSystem.METRIC), "opacity-32");
        int begun = count(RibbonPicture.wide(plan, 1, work(0, 0)).render(UnitSystem.METRIC), "opacity-32");
        int half = count(RibbonPicture.wide(plan, 1, work(0.5, 0)).render(UnitSystem.METRIC), "opacity-32");
        int all = count(RibbonPicture.wide(plan, 1, work(1, 1)).render(UnitSystem.METRIC), "opacity-32");
        assertEquals(planned, 0);
        assertEquals(all, 0);
        assertTrue(begun > half && half > 0, begun + " " + half);
    }

    private static RibbonNotes work(double shaped, double cooked) {
        return new RibbonNotes(Map.of(), Map.of(1, new LaneWork(shaped, cooked)), "", Map.of());
    }

    private static int count(String svg, String what) {
        return svg.split(what, -1).length - 1;
    }

    private static Batch supper() {
        return Styles.start(
                List.of(Styles.get("boiled-crescent"), Styles.get("steamed-leaf")),
                "Supper",
                LocalDateTime.of(2026, 11, 28, 19, 0),
                6,
                Appetite.USUAL);
    }

    @Test
    public void beadsStandForAllPiecesAndNeverCrowd() {
        for (int pieces = 1; pieces <= 5_000; pieces++) {
            int each = RibbonPicture.perBead(pieces);
            int beads = (pieces + each - 1) / each;
            assertTrue(beads <= 22 && beads * each >= pieces && (beads - 1) * each < pieces);
        }
    }

    @Test
    public void correctionsAndPacksAreSeenOnTheRibbon() {
        Batch batch = supper();
        BatchPlan plan = BatchPlan.of(batch);
        String corrected = RibbonPicture.wide(plan, 2, CORRECTED).render(UnitSystem.METRIC);
        assertTrue(corrected.contains("class=\"correction ") && corrected.contains("+5 g water"), corrected);
        assertTrue(!RibbonPicture.wide(plan, 1).render(UnitSystem.METRIC).contains("class=\"correction "));
        assertTrue(!RibbonPicture.narrow(plan, 1, CORRECTED)
                .render(UnitSystem.METRIC)
                .contains("class=\"correction "));
        BoughtWrapper thin = BoughtWrapper.usual(BoughtWrapper.Shape.ROUND, BoughtWrapper.Thickness.THIN);
        BatchPlan bought = BatchPlan.of(Composing.bought(batch, 2, Optional.of(thin)));
        String packs = RibbonPicture.wide(bought, 1, CORRECTED).render(UnitSystem.METRIC);
        assertTrue(packs.contains("1 pack of wrappers") && !packs.contains("class=\"correction "), packs);
        assertTrue(packs.contains("of bought wrappers and"), packs);
    }
}
