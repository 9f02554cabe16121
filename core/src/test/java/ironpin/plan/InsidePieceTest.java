package ironpin.plan;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import ironpin.batch.Appetite;
import ironpin.batch.Batch;
import ironpin.batch.edit.Address;
import ironpin.batch.edit.SpellComposing;
import ironpin.batch.edit.SpellField;
import ironpin.cook.Cooking;
import ironpin.cook.Fire;
import ironpin.cook.LateEdge;
import ironpin.cook.ShallowFry;
import ironpin.cook.Spell;
import ironpin.cook.Start;
import ironpin.quantity.Mass;
import ironpin.quantity.UnitSystem;
import ironpin.style.Styles;
import ironpin.wrapper.Fold;
import java.time.Duration;
import java.time.LocalDateTime;
import java.util.List;
import org.testng.annotations.Test;

public class InsidePieceTest {
    private static LotPlan lot(String style) {
        return plan(
                Styles.start(Styles.get(style), "Supper", LocalDateTime.of(2026, 11, 13, 19, 0), 4, Appetite.USUAL));
    }

    private static LotPlan plan(Batch batch) {
        return BatchPlan.of(batch).lot(1);
    }

    private static Duration usual(LotPlan lot, Start start) {
        return InsidePiece.of(lot, start).orElseThrow().usual().orElseThrow();
    }

    /** A crescent of 33 g: 29.6 cm³ as a spindle of 84 mm is 26 mm thick; in boiling water some minutes, as in every kitchen. */
    @Test
    public void aCrescentTakesMinutes() {
        LotPlan crescent = lot("boiled-crescent");
        assertEquals(crescent.load().body().half().millimetres(), 12.9, 0.4);
        Duration room = usual(crescent, Start.ROOM);
        assertTrue(
                room.compareTo(Duration.ofMinutes(3)) > 0 && room.compareTo(Duration.ofMinutes(8)) < 0,
                room.toString());
        InsidePiece inside = InsidePiece.of(crescent, Start.ROOM).orElseThrow();
        assertTrue(inside.least().orElseThrow().compareTo(room) < 0);
        assertTrue(inside.most().orElseThrow().compareTo(room) > 0);
        assertEquals(inside.safe().celsius(), 71, 1e-9);
        assertTrue(inside.skinTime().compareTo(inside.course().total()) <= 0);
        assertTrue(inside.skinTime().compareTo(room.dividedBy(2)) > 0);
    }

    @Test
    public void colderTakesLongerAndFrozenMuchLonger() {
        LotPlan crescent = lot("boiled-crescent");
        Duration room = usual(crescent, Start.ROOM);
        Duration fridge = usual(crescent, Start.FRIDGE);
        Duration freezer = usual(crescent, Start.FREEZER);
        assertTrue(fridge.compareTo(room) > 0);
        assertTrue(freezer.toSeconds() > 1.4 * room.toSeconds(), freezer + " against " + room);
    }

    @Test
    public void aPurseIsABallAndTakesLongerThanACrescent() {
        Batch batch = Styles.start(
                Styles.get("boiled-crescent"), "Supper", LocalDateTime.of(2026, 11, 13, 19, 0), 4, Appetite.USUAL);
        assertTrue(
                usual(plan(batch.withFold(1, Fold.PURSE)), Start.ROOM).compareTo(usual(plan(batch), Start.ROOM)) > 0);
    }

    /** Every style as it ships is safe at the end of its school's spells, by the late edge, from the board and the fridge. */
    @Test
    public void everyStyleShipsSafe() {
        for (var style : Styles.all()) {
            for (Start start : new Start[] {Start.ROOM, Start.FRIDGE}) {
                InsidePiece inside = InsidePiece.of(lot(style.key()), start).orElseThrow();
                assertTrue(inside.safeAtEnd(), style.key() + " " + start + ": " + inside.most());
            }
        }
    }

    /** Raw poultry is judged by a later edge than raw beef, and the sentence says which. */
    @Test
    public void poultryIsJudgedByTheRarerCase() {
        String beef = why("boiled-crescent 6; line.0=beef mince");
        String chicken = why("boiled-crescent 6; line.0=chicken mince");
        assertTrue(beef.contains(LateEdge.ONE_IN_TEN.words()), beef);
        assertTrue(chicken.contains(LateEdge.ONE_IN_FORTY.words()), chicken);
    }

    private static String why(String situation) {
        return Situation.said(situation).stream()
                .filter(finding -> finding.saying() == Saying.INSIDE_SAFE || finding.saying() == Saying.INSIDE_LATE)
                .findFirst()
                .orElseThrow()
                .why()
                .render(UnitSystem.METRIC);
    }

    /** What has been lifted out is mended at the fire, not by letting it wait longer. */
    @Test
    public void aRestIsNotMadeLonger() {
        Batch fried = Styles.start(
                        Styles.get("pan-crescent"), "Supper", LocalDateTime.of(2026, 11, 13, 19, 0), 4, Appetite.USUAL)
                .withMethod(1, new ShallowFry(ShallowFry.Oil.HALF_WAY));
        assertTrue(InsidePiece.of(plan(fried)).orElseThrow().safeAtEnd());
        Batch hasty = SpellField.SPELL_MINUTES.write(fried, new Address.SpellOf(1, 1), 1);
        BatchPlan plan = BatchPlan.of(hasty);
        Batch mended = CookFindings.of(plan, plan.lot(1)).stream()
                .filter(finding -> finding.saying() == Saying.INSIDE_LATE)
                .findFirst()
                .flatMap(Finding::fix)
                .orElseThrow()
                .applyTo(hasty);
        assertEquals(plan(mended).spells().get(2), plan(hasty).spells().get(2));
        assertTrue(plan(mended).spells().get(1).time().compareTo(Duration.ofMinutes(1)) > 0);
    }

    /** Half the time is not enough, and the page says so with a figure and a press that mends it. */
    @Test
    public void tooShortIsSaidAndMended() {
        Batch batch = Styles.start(
                Styles.get("boiled-crescent"), "Supper", LocalDateTime.of(2026, 11, 13, 19, 0), 4, Appetite.USUAL);
        Batch hasty = SpellField.COLD_WATERS.write(batch, Address.lot(1), 0);
        hasty = SpellField.SPELL_MINUTES.write(hasty, new Address.SpellOf(1, 0), 3);
        BatchPlan plan = BatchPlan.of(hasty);
        Finding late = CookFindings.of(plan, plan.lot(1)).stream()
                .filter(finding -> finding.saying() == Saying.INSIDE_LATE)
                .findFirst()
                .orElseThrow();
        BatchPlan mended = BatchPlan.of(late.fix().orElseThrow().applyTo(hasty));
        assertTrue(CookFindings.of(mended, mended.lot(1)).stream()
                .anyMatch(finding -> finding.saying() == Saying.INSIDE_SAFE));
    }

    /** Three additions of cold water make the skin's time in hot water no shorter than it must be, and the core a little later. */
    @Test
    public void coldWaterDelaysTheMiddle() {
        Batch batch = Styles.start(
                Styles.get("boiled-crescent"), "Supper", LocalDateTime.of(2026, 11, 13, 19, 0), 4, Appetite.USUAL);
        Batch plain = SpellField.COLD_WATERS.write(batch, Address.lot(1), 0);
        Batch cold = SpellField.COLD_WATERS.write(batch, Address.lot(1), 5);
        for (int i = 1; i < 6; i++) {
            cold = SpellField.SPELL_POUR.write(cold, new Address.SpellOf(1, i), 600);
        }
        InsidePiece hot = InsidePiece.of(plan(plain)).orElseThrow();
        InsidePiece cooled = InsidePiece.of(plan(cold)).orElseThrow();
        assertEquals(hot.course().total(), cooled.course().total());
        assertTrue(cooled.usual().orElseThrow().compareTo(hot.usual().orElseThrow()) > 0);
        assertTrue(cooled.skinTime().compareTo(hot.skinTime()) < 0);
    }

    /** A border is dragged, a spell added and dropped: times stay whole, and the school comes back on demand. */
    @Test
    public void spellsAreMovedAddedAndDropped() {
        Batch batch = Styles.start(
                Styles.get("pan-crescent"), "Supper", LocalDateTime.of(2026, 11, 13, 19, 0), 4, Appetite.USUAL);
        List<Spell> school = plan(batch).spells();
        Batch moved = SpellComposing.border(batch, 1, 1, Duration.ofSeconds(90));
        assertEquals(plan(moved).spells().get(0).time(), Duration.ofSeconds(90));
        assertEquals(Cooking.time(plan(moved).spells()), Cooking.time(school));
        Batch longer = SpellComposing.border(batch, 1, school.size(), Duration.ofMinutes(20));
        assertEquals(Cooking.time(plan(longer).spells()), Duration.ofMinutes(20));
        Batch squeezed = SpellComposing.border(batch, 1, 1, Duration.ofHours(2));
        assertEquals(plan(squeezed).spells().get(1).time(), Spell.SHORTEST);
        Batch more = SpellComposing.add(moved, 1, 2, Fire.REST);
        assertEquals(plan(more).spells().get(3).fire(), Fire.REST);
        assertEquals(plan(SpellComposing.drop(more, 1, 3)).spells(), plan(moved).spells());
        assertEquals(plan(SpellComposing.asTheSchool(more, 1)).spells(), school);
    }

    /** What the ranges allow is planned without a fuss, however odd: a gram pressed out wide, and half a kilogram in a purse. */
    @Test
    public void oddPiecesAreStillPlanned() {
        Batch bread = Styles.start(
                Styles.get("griddle-bread"), "Supper", LocalDateTime.of(2026, 11, 13, 19, 0), 4, Appetite.USUAL);
        Batch leaf = bread.mapLot(1, lot -> lot.withDoughEach(Mass.ofGrams(1)).withFillingEach(Mass.ofGrams(1)));
        assertTrue(InsidePiece.of(plan(leaf)).isPresent());
        Batch ball = bread.withFold(1, Fold.PURSE)
                .mapLot(1, lot -> lot.withDoughEach(Mass.ofGrams(500)).withFillingEach(Mass.ofGrams(500)));
        for (Start start : Start.values()) {
            assertTrue(InsidePiece.of(plan(ball), start).isPresent());
        }
    }
}
