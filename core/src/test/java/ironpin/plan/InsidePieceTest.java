package ironpin.plan;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import ironpin.batch.Appetite;
import ironpin.batch.Batch;
import ironpin.plan.InsidePiece.Start;
import ironpin.style.Styles;
import ironpin.wrapper.Fold;
import java.time.Duration;
import java.time.LocalDateTime;
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
        assertEquals(InsidePiece.piece(crescent).half().millimetres(), 12.9, 0.4);
        Duration room = usual(crescent, Start.ROOM);
        assertTrue(
                room.compareTo(Duration.ofMinutes(3)) > 0 && room.compareTo(Duration.ofMinutes(8)) < 0,
                room.toString());
        InsidePiece inside = InsidePiece.of(crescent, Start.ROOM).orElseThrow();
        assertTrue(inside.least().orElseThrow().compareTo(room) < 0);
        assertTrue(inside.most().orElseThrow().compareTo(room) > 0);
        assertEquals(inside.safe().celsius(), 71, 1e-9);
        assertTrue(inside.skinTime().orElseThrow().compareTo(room) < 0);
        assertTrue(inside.skinTime().orElseThrow().compareTo(room.dividedBy(2)) > 0);
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

    @Test
    public void whatIsHeatedFromOneSideIsNotGuessed() {
        assertTrue(InsidePiece.of(lot("griddle-bread"), Start.ROOM).isEmpty());
        assertTrue(InsidePiece.of(lot("pan-crescent"), Start.ROOM).isEmpty());
        assertTrue(InsidePiece.of(lot("steamed-leaf"), Start.ROOM).isPresent());
    }
}
