package ironpin.batch.edit;

import static ironpin.batch.edit.PlanField.lot;

import ironpin.batch.Batch;
import ironpin.batch.Lot;
import ironpin.batch.Station;
import ironpin.quantity.Length;
import ironpin.wrapper.Fold;
import java.util.List;
import java.util.function.UnaryOperator;

/** How a lot's pieces are cut and rolled. */
public final class RollField {
    /** Thickness of the rope it is cut from. */
    public static final PlanField<Address.OfLot> ROPE = lot("rope", "rope thickness", Station.PORTION)
            .range(10, 80, "mm", 1, 0)
            .when(RollField::made)
            .reads((batch, balance, at) -> batch.lot(at.no()).shape().rope().millimetres())
            .writes((batch, at, mm) -> shape(batch, at, shape -> shape.withRope(Length.ofMillimetres(mm))));

    /** Width it is rolled or pressed to. */
    public static final PlanField<Address.OfLot> DISC = lot("disc", "rolled width", Station.ROLL)
            .range(40, 350, "mm", 1, 0)
            .when(RollField::made)
            .reads((batch, balance, at) -> batch.lot(at.no()).shape().disc().millimetres())
            .writes((batch, at, mm) -> shape(batch, at, shape -> shape.withDisc(Length.ofMillimetres(mm))));

    /** Thickness in the middle ÷ at the rim. */
    public static final PlanField<Address.OfLot> CENTRE_TO_RIM = lot("centre-to-rim", "centre to rim", Station.ROLL)
            .range(1, 4, "×", 0.1, 1)
            .when((batch, at) -> made(batch, at) && batch.lot(at.no()).fold() != Fold.GATHERED_BALL)
            .note("1 is even; 1.6–2.2 is usual by hand")
            .reads((batch, balance, at) -> batch.lot(at.no()).shape().centreToRim())
            .writes((batch, at, ratio) -> shape(batch, at, shape -> shape.withCentreToRim(ratio)));

    static final List<PlanField<?>> ALL = List.of(ROPE, DISC, CENTRE_TO_RIM);

    private RollField() {}

    private static boolean made(Batch batch, Address.OfLot at) {
        return batch.lot(at.no()).bought().isEmpty();
    }

    private static Batch shape(Batch batch, Address.OfLot at, UnaryOperator<Lot.Shape> change) {
        return batch.mapLot(at.no(), lot -> lot.withShape(change.apply(lot.shape())));
    }
}
