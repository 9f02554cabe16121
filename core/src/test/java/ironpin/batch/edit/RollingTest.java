package ironpin.batch.edit;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertThrows;
import static org.testng.Assert.assertTrue;

import ironpin.batch.Appetite;
import ironpin.batch.Batch;
import ironpin.batch.Lot;
import ironpin.batch.balance.Balancer;
import ironpin.kit.Hand;
import ironpin.portion.PortionSchool;
import ironpin.quantity.Belief;
import ironpin.refusal.Refused;
import ironpin.style.Styles;
import ironpin.wrapper.Fold;
import ironpin.wrapper.Handiwork;
import ironpin.wrapper.Outline;
import ironpin.wrapper.RollSchool;
import ironpin.wrapper.WrapperProfile;
import java.time.LocalDateTime;
import java.util.Map;
import java.util.Optional;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** A wrapper's four numbers: three held, one follows. */
public class RollingTest {
    private static final Batch BATCH = Styles.start(
            Styles.get("boiled-crescent"), "Supper", LocalDateTime.of(2026, 11, 13, 19, 0), 4, Appetite.USUAL);

    private static Batch giving(Lot.GivesWay which) {
        return BATCH.mapLot(1, lot -> lot.withShape(lot.shape().withGivesWay(which)));
    }

    private static double read(PlanField<Address.OfLot> field, Batch batch) {
        return field.read(batch, Balancer.solve(batch), Address.lot(1));
    }

    private static Batch write(PlanField<Address.OfLot> field, Batch batch, double value) {
        return field.write(batch, Address.lot(1), value);
    }

    @DataProvider
    public Object[][] numbers() {
        return new Object[][] {
            {RollField.DISC, 96.0}, {RollField.CENTRE_TO_RIM, 1.7}, {RollField.RIM, 1.25}, {CountField.DOUGH_EACH, 16.0}
        };
    }

    private static PlanField<Address.OfLot> field(Lot.GivesWay which) {
        return switch (which) {
            case RIM -> RollField.RIM;
            case WIDTH -> RollField.DISC;
            case RATIO -> RollField.CENTRE_TO_RIM;
            case DOUGH -> CountField.DOUGH_EACH;
        };
    }

    /** Whatever is set is as it was set, the two others that are held stay, and the wrapper still has its dough's volume. */
    @Test(dataProvider = "numbers")
    public void threeAreHeldAndOneFollows(PlanField<Address.OfLot> set, double value) {
        for (Lot.GivesWay gives : Lot.GivesWay.values()) {
            if (field(gives) == set) {
                continue;
            }
            Batch before = giving(gives);
            Batch after = write(set, before, value);
            assertEquals(read(set, after), value, 0.006, set + " with " + gives);
            for (Lot.GivesWay other : Lot.GivesWay.values()) {
                PlanField<Address.OfLot> field = field(other);
                if (field != set && other != gives) {
                    assertEquals(read(field, after), read(field, before), 0.006, field + " when " + set + " is set");
                }
            }
            assertTrue(Math.abs(read(field(gives), after) - read(field(gives), before)) > 0.01, gives + " follows");
            WrapperProfile profile = Rolling.profile(after, 1);
            double r = profile.diameter().centimetres() / 2;
            double mean = (2 * profile.rim().centimetres() + profile.centre().centimetres()) / 3;
            assertEquals(1.22 * Math.PI * r * r * mean, profile.mass().grams(), 0.02);
        }
    }

    /** 13 g with a rim of 1.0 mm and a middle twice as thick is 100.9 mm wide. */
    @Test
    public void aWantedRimGivesTheWidth() {
        Batch small = write(CountField.DOUGH_EACH, write(RollField.CENTRE_TO_RIM, BATCH, 2), 13);
        Batch thin = write(RollField.RIM, small, 1.0);
        assertEquals(read(RollField.DISC, thin), 100.9, 0.05);
    }

    @Test
    public void whatCannotFollowSaysSo() {
        Batch ratio = giving(Lot.GivesWay.RATIO);
        assertThrows(Refused.class, () -> write(RollField.DISC, ratio, 200));
        assertEquals(read(RollField.DISC, ratio), read(RollField.DISC, BATCH), 0);
    }

    @Test
    public void squaresTakeSquareFoldsAndBack() {
        Batch squares = BATCH.mapLot(1, lot -> lot.withCutting(lot.cutting().withSchool(PortionSchool.SQUARES)));
        assertEquals(squares.lot(1).fold(), Fold.TRIANGLE);
        assertEquals(squares.lot(1).outline(), Outline.SQUARE);
        assertEquals(squares.withFold(1, Fold.PURSE).lot(1).cutting().school(), PortionSchool.CUTTER);
        assertEquals(BATCH.withFold(1, Fold.TRIANGLE).lot(1).cutting().school(), PortionSchool.SQUARES);
        Batch rounds = squares.mapLot(1, lot -> lot.withCutting(lot.cutting().withSchool(PortionSchool.ROPE)));
        assertEquals(rounds.lot(1).outline(), Outline.ROUND);
        assertEquals(BATCH.withFold(1, Fold.ROLLED_STRIP).lot(1).outline(), Outline.STRIP);
    }

    /** What is cut away is taken from the flour: an eighth of a piece that is rolled larger and cut round. */
    @Test
    public void whatIsCutAwayIsMixedToo() {
        Batch cut = BATCH.mapLot(1, lot -> lot.withShape(lot.shape().withRolling(RollSchool.CUTTER)));
        double before = Balancer.solve(BATCH).dough(1).made().total().grams();
        double after = Balancer.solve(cut).dough(1).made().total().grams();
        assertEquals(after / before, 1 / 0.88, 1e-3);
        assertEquals(
                Balancer.solve(cut).dough(1).trimmings().grams(),
                Balancer.solve(cut).dough(1).inPieces().grams() * (1 / 0.88 - 1),
                1e-3);
        Batch strip = cut.withFold(1, Fold.ROLLED_STRIP);
        assertEquals(Balancer.solve(strip).dough(1).trimmings().grams(), 0, 1e-9);
    }

    /** With the flour held, what is cut away makes fewer pieces. */
    @Test
    public void withFlourHeldThereAreFewerPieces() {
        Batch held = DoughField.FLOUR.write(BATCH, Address.dough(1), 500);
        Batch cut = held.mapLot(1, lot -> lot.withCutting(lot.cutting().withSchool(PortionSchool.CUTTER)));
        int ropes = Balancer.solve(held).lot(1).pieces();
        int rounds = Balancer.solve(cut).lot(1).pieces();
        double taken = cut.lot(1).taken();
        assertTrue(taken > 1.02, "taken " + taken);
        assertEquals(rounds, (int) Math.floor(ropes / taken + 0.5), 1);
        assertTrue(rounds < ropes);
    }

    /** What was learned of a fold comes with it, and a fold that was never counted starts from usual practice. */
    @Test
    public void aFoldComesWithWhatIsKnownOfTheHands() {
        Handiwork learned = new Handiwork(new Belief(55, 2, 80), new Belief(48, 3, 4));
        Hand hand = Hand.UNKNOWN.atWork(Map.of(Fold.LEAF, learned), Optional.empty());
        assertEquals(Composing.fold(BATCH, 1, Fold.LEAF, hand).lot(1).handiwork(), learned);
        assertEquals(Composing.fold(BATCH, 1, Fold.PURSE, hand).lot(1).handiwork(), Handiwork.usual(Fold.PURSE));
        Batch typed = HandField.COMFORT.write(BATCH, Address.lot(1), 58);
        assertEquals(
                Composing.fold(typed, 1, typed.lot(1).fold(), hand).lot(1).handiwork(),
                typed.lot(1).handiwork(),
                "the same fold chosen again keeps what was typed");
    }
}
