package ironpin.batch.edit;

import static ironpin.batch.edit.PlanField.lot;

import ironpin.batch.Batch;
import ironpin.batch.Lot;
import ironpin.batch.Station;
import ironpin.quantity.Length;
import ironpin.quantity.Percentage;
import ironpin.wrapper.Fold;
import ironpin.wrapper.Outline;
import ironpin.wrapper.WrapperProfile;
import java.util.List;
import java.util.function.UnaryOperator;

/** How a lot's pieces are cut and rolled. */
public final class RollField {
    /** Thickness of the rope it is cut from. */
    public static final PlanField<Address.OfLot> ROPE = lot("rope", "rope thickness", Station.PORTION)
            .range(10, 80, "mm", 1, 0)
            .when((batch, at) -> made(batch, at) && !strip(batch, at) && !sheet(batch, at))
            .reads((batch, balance, at) -> batch.lot(at.no()).shape().rope().millimetres())
            .writes((batch, at, mm) -> shape(batch, at, shape -> shape.withRope(Length.ofMillimetres(mm))));

    /** How long the board is: no rope is longer, and a sheet as wide. */
    public static final PlanField<Address.OfLot> BOARD = lot("board", "the board's length", Station.PORTION)
            .range(150, 1_500, "mm", 10, 0)
            .when(RollField::made)
            .note("no rope is longer, and a sheet as wide")
            .reads((batch, balance, at) -> batch.lot(at.no()).cutting().board().millimetres())
            .writes((batch, at, mm) ->
                    batch.mapLot(at.no(), lot -> lot.withCutting(lot.cutting().withBoard(Length.ofMillimetres(mm)))));

    /** Width it is rolled or pressed to; of a square its side, of a strip the length that is rolled up. */
    public static final PlanField<Address.OfLot> DISC = lot("disc", "rolled width", Station.ROLL)
            .range(40, 350, "mm", 1, 0)
            .when(RollField::made)
            .reads((batch, balance, at) -> batch.lot(at.no()).shape().disc().millimetres())
            .writes((batch, at, mm) -> tapers(batch, at)
                    ? Rolling.width(batch, at.no(), mm)
                    : shape(batch, at, shape -> shape.withDisc(Length.ofMillimetres(mm))));

    /** Thickness in the middle ÷ at the rim. */
    public static final PlanField<Address.OfLot> CENTRE_TO_RIM = lot("centre-to-rim", "centre to rim", Station.ROLL)
            .range(1, 4, "×", 0.1, 1)
            .when(RollField::tapers)
            .note("times as thick in the middle as at the rim; 1 is even, 1.6–2.2 usual by hand")
            .reads((batch, balance, at) -> batch.lot(at.no()).shape().centreToRim())
            .writes((batch, at, ratio) -> Rolling.ratio(batch, at.no(), ratio));

    /** Thickness at the rim. */
    public static final PlanField<Address.OfLot> RIM = lot("rim", "rim thickness", Station.ROLL)
            .range(0.3, 8, "mm", 0.1, 2)
            .when(RollField::tapers)
            .note("0.8–1.2 seals well")
            .reads((batch, balance, at) -> WrapperProfile.ofDiameter(
                            balance.lot(at.no()).doughEach(),
                            batch.lot(at.no()).shape().disc(),
                            batch.lot(at.no()).shape().centreToRim())
                    .rim()
                    .millimetres())
            .writes((batch, at, mm) -> Rolling.rim(batch, at.no(), mm));

    /** Width of a slice of a rolled sheet. */
    public static final PlanField<Address.OfLot> SLICE = lot("slice", "a slice's width", Station.ROLL)
            .range(10, 120, "mm", 1, 0)
            .when(RollField::strip)
            .reads((batch, balance, at) -> batch.lot(at.no()).shape().slice().millimetres())
            .writes((batch, at, mm) -> shape(batch, at, shape -> shape.withSlice(Length.ofMillimetres(mm))));

    /** Flour that is strewn while rolling. */
    public static final PlanField<Address.OfLot> DUSTING = lot("dusting", "dusting flour", Station.ROLL)
            .range(0, 20, "%", 0.5, 1)
            .when(RollField::made)
            .note("of the dough's weight; 0 is not counted")
            .reads((batch, balance, at) -> batch.lot(at.no()).shape().dusting().percent())
            .writes((batch, at, percent) -> shape(batch, at, shape -> shape.withDusting(Percentage.of(percent))));

    static final List<PlanField<?>> ALL = List.of(ROPE, BOARD, DISC, CENTRE_TO_RIM, RIM, SLICE, DUSTING);

    private RollField() {}

    private static boolean made(Batch batch, Address.OfLot at) {
        return batch.lot(at.no()).bought().isEmpty();
    }

    private static boolean strip(Batch batch, Address.OfLot at) {
        return batch.lot(at.no()).outline() == Outline.STRIP;
    }

    private static boolean sheet(Batch batch, Address.OfLot at) {
        return batch.lot(at.no()).fromSheet();
    }

    /** Rolled one by one, so that the middle may be thicker than the rim; what is pressed flat or cut from a sheet is even. */
    static boolean tapers(Batch batch, Address.OfLot at) {
        Lot lot = batch.lot(at.no());
        return lot.bought().isEmpty()
                && lot.outline() == Outline.ROUND
                && !lot.fromSheet()
                && lot.fold().enclosure() != Fold.Enclosure.DISC;
    }

    private static Batch shape(Batch batch, Address.OfLot at, UnaryOperator<Lot.Shape> change) {
        return batch.mapLot(at.no(), lot -> lot.withShape(change.apply(lot.shape())));
    }
}
