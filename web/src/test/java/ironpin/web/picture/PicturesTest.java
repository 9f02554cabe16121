package ironpin.web.picture;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import ironpin.amount.AmountReader;
import ironpin.batch.Appetite;
import ironpin.batch.Batch;
import ironpin.batch.RandomBatches;
import ironpin.batch.edit.Address;
import ironpin.batch.edit.Composing;
import ironpin.batch.edit.CountField;
import ironpin.batch.edit.DoughField;
import ironpin.batch.edit.PlanField;
import ironpin.batch.edit.TableField;
import ironpin.clock.Timetable;
import ironpin.cook.Steam;
import ironpin.dough.DoughAddition;
import ironpin.dough.DoughFamily;
import ironpin.dough.KneadSchool;
import ironpin.dough.Kneading;
import ironpin.dough.RestPlan;
import ironpin.kit.Kit;
import ironpin.pantry.Absorption;
import ironpin.pantry.Flour;
import ironpin.plan.BatchPlan;
import ironpin.plan.LotPlan;
import ironpin.quantity.CupStandard;
import ironpin.quantity.Percentage;
import ironpin.quantity.Sentence;
import ironpin.quantity.UnitSystem;
import ironpin.style.Style;
import ironpin.style.Styles;
import ironpin.wording.Count;
import java.io.StringReader;
import java.time.Duration;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.time.ZonedDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.regex.Pattern;
import javax.xml.parsers.DocumentBuilderFactory;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import org.w3c.dom.Element;
import org.w3c.dom.NodeList;
import org.xml.sax.InputSource;

/** Every picture, for any plan: well-formed, with a text equivalent, and showing the numbers it was drawn from. */
public class PicturesTest {
    private static final LocalDateTime NOW = LocalDateTime.of(2026, 1, 10, 18, 0);
    private static final Pattern BROKEN =
            Pattern.compile("NaN|Infinity|null|=\"-[\\d.]+\" height|width=\"-|height=\"-|r=\"-");

    private static Element parsed(String svg) throws Exception {
        return DocumentBuilderFactory.newInstance()
                .newDocumentBuilder()
                .parse(new InputSource(new StringReader(svg)))
                .getDocumentElement();
    }

    private static Element parsed(Sentence svg) throws Exception {
        return parsed(svg.render(UnitSystem.METRIC));
    }

    private static List<Sentence> all(BatchPlan plan) {
        Drawings draw = new Drawings();
        List<Sentence> pictures = new ArrayList<>();
        pictures.add(draw.table(plan));
        pictures.add(draw.clock(plan, plan.timetable(), Set.of(), NOW.atZone(ZoneOffset.UTC)));
        for (LotPlan lot : plan.lots()) {
            pictures.add(RibbonPicture.narrow(plan, lot.lot().no()));
            pictures.add(draw.hydration(lot));
            pictures.add(draw.water(plan, lot));
            pictures.add(draw.filling(plan, lot));
            pictures.add(draw.rope(lot));
            pictures.add(draw.wrapper(lot));
            pictures.add(draw.fold(lot));
            pictures.add(draw.vessel(lot));
            pictures.add(draw.knead(lot));
            if (lot.packs().isPresent()) {
                pictures.add(draw.pack(lot));
            }
        }
        return pictures;
    }

    @Test
    public void everyPictureOfEveryPlanIsSound() throws Exception {
        RandomBatches batches = new RandomBatches(81);
        for (int i = 0; i < 120; i++) {
            for (Sentence picture : all(BatchPlan.of(batches.next()))) {
                String svg = picture.render(UnitSystem.METRIC);
                Element root = parsed(svg);
                assertEquals(root.getAttribute("role"), "img");
                assertTrue(root.getAttribute("aria-label").length() > 10, svg);
                assertTrue(!BROKEN.matcher(svg).find(), svg);
                assertTrue(!svg.contains("style="), svg);
            }
        }
    }

    private static BatchPlan crescents(PlanField<?> field, double value) {
        Batch batch = Styles.start(
                Styles.get("boiled-crescent"), "Supper", LocalDateTime.of(2026, 11, 28, 19, 0), 6, Appetite.USUAL);
        return BatchPlan.of(field.of(batch, 1).write(batch, value));
    }

    @Test
    public void thePlatesHoldEveryPieceForTheTable() throws Exception {
        for (int eaters = 1; eaters <= 14; eaters++) {
            BatchPlan plan = crescents(TableField.EATERS, eaters);
            Element table = parsed(TablePicture.of(plan));
            assertEquals(
                    table.getElementsByTagName("use").getLength(),
                    plan.balance().lot(1).toTable());
            assertEquals(table.getElementsByTagName("circle").getLength(), 2 * eaters);
        }
        assertTrue(TablePicture.of(crescents(TableField.EATERS, 20))
                .render(UnitSystem.METRIC)
                .contains("and 6 more plates"));
    }

    @Test
    public void theVesselHoldsOneRoundAndNoMore() throws Exception {
        for (Style style : Styles.all()) {
            Batch batch = Styles.start(style, "X", LocalDateTime.of(2026, 11, 28, 19, 0), 8, Appetite.USUAL);
            LotPlan lot = BatchPlan.of(batch).lot(1);
            int drawn =
                    parsed(VesselPicture.of(lot)).getElementsByTagName("use").getLength();
            int round = lot.rounds().sizes().get(0);
            int tiers = lot.lot().vessel().tiers();
            int wanted = (round + tiers - 1) / tiers;
            assertEquals(drawn, Math.min(wanted, lot.rounds().packing().count()), style.key());
            // In a pot more may swim than lie side by side; the others are said.
            boolean more = drawn < wanted;
            assertEquals(
                    VesselPicture.of(lot).render(UnitSystem.METRIC).contains((wanted - drawn) + " more among them"),
                    more,
                    style.key());
        }
    }

    @Test
    public void theBeakersShowTheSplitAndTheThermometerTheMix() {
        BatchPlan plan = crescents(DoughField.MIXED, 55);
        Sentence svg = WaterPicture.of(plan.batch().waters(), plan.lot(1));
        assertTrue(svg.render(UnitSystem.METRIC).contains(">55 °C<"), svg.toString());
        assertTrue(
                svg.render(UnitSystem.METRIC).contains("308 g from the kettle and 53 g from the tap"), svg.toString());
        assertTrue(svg.render(UnitSystem.US).contains(">131 °F<"), svg.toString());
    }

    @Test
    public void theRopeHasOneCutLessThanItsPieces() throws Exception {
        BatchPlan plan = crescents(CountField.PIECES, 64);
        NodeList paths = parsed(RopePicture.of(plan.lot(1))).getElementsByTagName("path");
        int cuts = 0;
        for (int i = 0; i < paths.getLength(); i++) {
            cuts += ((Element) paths.item(i)).getAttribute("class").equals("fill-none stroke-ink stroke-[1.6]") ? 1 : 0;
        }
        assertEquals(cuts, plan.lot(1).rope().longest() - 1);
    }

    @Test
    public void thePinStandsInTheBandOrSaysThatItDoesNot() {
        assertTrue(HydrationPicture.of(crescents(DoughField.HYDRATION, 50).lot(1))
                .render(UnitSystem.METRIC)
                .contains("in the band"));
        assertTrue(HydrationPicture.of(crescents(DoughField.HYDRATION, 40).lot(1))
                .render(UnitSystem.METRIC)
                .contains("outside the band"));
        assertTrue(HydrationPicture.of(crescents(DoughField.HYDRATION, 150).lot(1))
                .render(UnitSystem.METRIC)
                .contains("outside the band"));
    }

    @Test
    public void whatMovedTheBandIsDrawnAsArrowsAndWhatWetsAsBars() throws Exception {
        Batch batch = crescents(TableField.EATERS, 6).batch();
        LotPlan plain = BatchPlan.of(batch).lot(1);
        assertEquals(count(HydrationPicture.of(plain).render(UnitSystem.METRIC), "fill-none stroke-good stroke-2"), 1);
        Flour thirsty = batch.dough(1).flours().get(0).flour().withAbsorption(Absorption.typed(Percentage.of(2)));
        Batch learned = Composing.flour(batch, 1, 0, thirsty).withMethod(1, new Steam(Steam.Start.BOILING));
        String moved = HydrationPicture.of(BatchPlan.of(learned).lot(1)).render(UnitSystem.METRIC);
        assertEquals(count(moved, "fill-none stroke-good stroke-2"), 3);
        assertTrue(moved.contains("+2 learned for this flour (est.)"), moved);
        assertTrue(moved.contains("+2 because it is steamed"), moved);
        Batch rich = Composing.add(Composing.add(batch, 1, DoughAddition.EGG), 1, DoughAddition.SOURED_CREAM);
        String wetted = HydrationPicture.of(BatchPlan.of(rich).lot(1)).render(UnitSystem.METRIC);
        assertEquals(count(wetted, "fill-poultry"), 1);
        assertTrue(wetted.contains("water 28 + egg 10.5 + soured cream 11.5 = 50 %"), wetted);
        Element scale = parsed(wetted);
        double low = Double.parseDouble(scale.getAttribute("data-low"));
        double high = Double.parseDouble(scale.getAttribute("data-high"));
        assertTrue(low <= 28 && high >= 54, low + " to " + high);
        assertEquals(Double.parseDouble(scale.getAttribute("data-brought")), 22, 0.05);
    }

    private static int count(String svg, String cssClass) throws Exception {
        NodeList all = parsed(svg).getElementsByTagName("*");
        int found = 0;
        for (int i = 0; i < all.getLength(); i++) {
            found += ((Element) all.item(i)).getAttribute("class").equals(cssClass) ? 1 : 0;
        }
        return found;
    }

    @Test
    public void theStripOfKneadingHasAPartForEveryStep() throws Exception {
        for (DoughFamily family : DoughFamily.values()) {
            for (KneadSchool school : family.schools()) {
                for (int minutes : new int[] {0, 12, 45, 720}) {
                    RestPlan plan =
                            RestPlan.of(family, new Kneading(school, Kneading.By.HAND), Duration.ofMinutes(minutes));
                    String svg = KneadPicture.of(plan).render(UnitSystem.METRIC);
                    assertEquals(
                            parsed(svg).getElementsByTagName("rect").getLength(),
                            plan.steps().size());
                    assertEquals(count(svg, "fill-water") > 0, plan.cold(), family + " " + school);
                    assertTrue(!BROKEN.matcher(svg).find(), svg);
                }
            }
        }
    }

    @Test
    public void aFlourAndAnAmountAreDrawnWithTheirRange() throws Exception {
        Flour flour = Kit.usual().flours().get(0);
        Flour sure = flour.withAbsorption(
                Absorption.UNKNOWN.after(Percentage.of(2), 1).after(Percentage.of(2), 1));
        assertTrue(bandWidth(AbsorptionPicture.of(sure)) < bandWidth(AbsorptionPicture.of(flour)));
        AmountReader reader = new AmountReader(CupStandard.US);
        assertEquals(bandWidth(AmountPicture.of(reader.read("300 g"))), 1, 1e-9);
        assertTrue(bandWidth(AmountPicture.of(reader.read("2 cups flour"))) > 40);
        for (String text : new String[] {"a pinch of salt", "3–4 tbsp oil", "90 kg flour", "a knob of ginger"}) {
            String svg = AmountPicture.of(reader.read(text)).render(UnitSystem.METRIC);
            assertTrue(!BROKEN.matcher(svg).find() && parsed(svg).hasAttribute("aria-label"), svg);
        }
    }

    private static double bandWidth(Sentence svg) throws Exception {
        return Double.parseDouble(
                ((Element) parsed(svg).getElementsByTagName("rect").item(0)).getAttribute("width"));
    }

    @Test
    public void theLineOfNowIsDrawnOnlyOnItsDay() {
        BatchPlan plan = crescents(TableField.EATERS, 6);
        ZonedDateTime serving = plan.day().serving();
        assertTrue(ClockPicture.of(plan, plan.timetable(), Set.of(), serving.minusMinutes(30))
                .render(UnitSystem.METRIC)
                .contains("stroke-stop"));
        assertTrue(!ClockPicture.of(plan, plan.timetable(), Set.of(), serving.plusMinutes(1))
                .render(UnitSystem.METRIC)
                .contains("stroke-stop"));
        assertTrue(!ClockPicture.of(plan, plan.timetable(), Set.of(), serving.minusDays(2))
                .render(UnitSystem.METRIC)
                .contains("stroke-stop"));
    }

    /** Pieces for the freezer are bagged hours after the meal: the meal is drawn all the same, as wide as without them. */
    @Test
    public void whatTheFreezerWantsLaterLeavesTheMealItsRoom() {
        BatchPlan plan = crescents(TableField.EATERS, 6);
        BatchPlan freezing = BatchPlan.of(CountField.TO_FREEZER.write(plan.batch(), Address.lot(1), 12));
        assertTrue(Duration.between(
                                freezing.timetable().lastPlates(),
                                freezing.timetable().over())
                        .compareTo(Duration.ofHours(1))
                > 0);
        double with = ClockPicture.minutesPerUnit(freezing, freezing.timetable());
        double without = ClockPicture.minutesPerUnit(plan, plan.timetable());
        assertEquals(with, without, 0.25 * without);
        String svg = ClockPicture.of(
                        freezing, freezing.timetable(), Set.of(), freezing.day().serving())
                .render(UnitSystem.METRIC);
        for (Timetable.Slot slot : freezing.timetable().slots()) {
            boolean later = slot.start().isAfter(freezing.timetable().lastPlates());
            assertEquals(
                    svg.contains("data-task=\"" + slot.task().key() + "\""),
                    !later,
                    slot.task().key());
        }
    }

    @Test
    public void everyStyleHasItsDrawing() throws Exception {
        for (Style style : Styles.all()) {
            assertTrue(parsed(StylePicture.of(style)).getAttribute("aria-label").contains(style.name()));
        }
    }

    @Test
    public void whatACookTypesIsEscaped() throws Exception {
        String svg = new Svg()
                .open("svg", "aria-label", "<b> & \"quotes\"")
                .text("a < b & c…", "x", 1.0)
                .title("<script>")
                .done()
                .render(UnitSystem.METRIC);
        Element root = parsed(svg);
        assertEquals(root.getAttribute("aria-label"), "<b> & \"quotes\"");
        assertEquals(root.getTextContent(), "a < b & c…<script>");
    }

    @DataProvider
    public Object[][] times() {
        return new Object[][] {
            {Duration.ofSeconds(45), "45 s"},
            {Duration.ofSeconds(150), "2 min 30 s"},
            {Duration.ofMinutes(9), "9 min"},
            {Duration.ofMinutes(60), "1 h"},
            {Duration.ofMinutes(95), "1 h 35 min"},
            {Duration.ofHours(26), "26 h"},
        };
    }

    @Test(dataProvider = "times")
    public void timesAreSaidShortly(Duration time, String said) {
        assertEquals(Say.time(time), said);
        assertEquals(Count.of(1, "piece", "pieces"), "1 piece");
        assertEquals(Count.of(0, "piece", "pieces"), "0 pieces");
    }
}
