package ironpin.web.picture;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import ironpin.batch.Appetite;
import ironpin.batch.Batch;
import ironpin.batch.Composing;
import ironpin.batch.RandomBatches;
import ironpin.batch.Styles;
import ironpin.plan.BatchPlan;
import ironpin.plan.LotPlan;
import ironpin.wrapper.BoughtWrapper;
import java.io.StringReader;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import javax.xml.parsers.DocumentBuilderFactory;
import org.testng.annotations.Test;
import org.xml.sax.InputSource;

public class RibbonPictureTest {
    @Test
    public void everyRibbonIsWellFormedAndSaysWhatItShows() throws Exception {
        RandomBatches batches = new RandomBatches(31);
        for (int i = 0; i < 150; i++) {
            Batch batch = batches.next();
            BatchPlan plan = BatchPlan.of(batch);
            String svg = RibbonPicture.wide(plan, 1);
            DocumentBuilderFactory.newInstance().newDocumentBuilder().parse(new InputSource(new StringReader(svg)));
            for (LotPlan lot : plan.lots()) {
                assertTrue(svg.contains(Say.count(lot.share().pieces(), "piece", "pieces")), svg);
            }
            assertTrue(!svg.contains("NaN") && !svg.contains("Infinity"), batch.toString());
            boolean left =
                    plan.balance().doughs().stream().anyMatch(one -> one.left().grams() >= 0.5)
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
            boolean bought = plan.lots().stream().anyMatch(lot -> lot.packs().isPresent());
            if (bought || plan.balance().doughs().size() < plan.lots().size()) {
                continue;
            }
            Matcher drawn = strand.matcher(RibbonPicture.wide(plan, 1));
            double scale = -1;
            for (LotPlan lot : plan.lots()) {
                assertTrue(drawn.find());
                double pixels = Double.parseDouble(drawn.group(1));
                double grams =
                        plan.balance().dough(lot.dough().no()).made().total().grams();
                if (pixels > 3 && scale > 0) {
                    assertEquals(pixels / grams, scale, scale * 0.01);
                }
                scale = pixels > 3 ? pixels / grams : scale;
            }
        }
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
        Batch batch = Styles.start(
                List.of(Styles.get("boiled-crescent"), Styles.get("steamed-leaf")),
                "Supper",
                LocalDateTime.of(2026, 11, 28, 19, 0),
                6,
                Appetite.USUAL);
        BatchPlan plan = BatchPlan.of(batch);
        String corrected = RibbonPicture.wide(plan, 1, Map.of(2, "+5 g water"));
        assertTrue(corrected.contains("class=\"correction\"") && corrected.contains("+5 g water"), corrected);
        assertTrue(!RibbonPicture.wide(plan, 1).contains("class=\"correction\""));
        assertTrue(!RibbonPicture.narrow(plan, 1, Map.of(2, "+5 g water")).contains("class=\"correction\""));
        BoughtWrapper thin = BoughtWrapper.usual(BoughtWrapper.Shape.ROUND, BoughtWrapper.Thickness.THIN);
        BatchPlan bought = BatchPlan.of(Composing.bought(batch, 2, Optional.of(thin)));
        String packs = RibbonPicture.wide(bought, 1, Map.of(2, "+5 g water"));
        assertTrue(packs.contains("1 pack of wrappers") && !packs.contains("class=\"correction\""), packs);
        assertTrue(packs.contains("of bought wrappers and"), packs);
    }
}
