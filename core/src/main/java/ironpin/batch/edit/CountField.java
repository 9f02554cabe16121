package ironpin.batch.edit;

import static ironpin.batch.edit.PlanField.lot;

import ironpin.batch.PieceRule;
import ironpin.batch.Station;
import ironpin.pantry.Foods;
import ironpin.quantity.Mass;
import java.util.List;
import java.util.Optional;

/** How many pieces a lot has, and how big they are. Writing a count pins it. */
public final class CountField {
    /** Pieces for each eater. */
    public static final PlanField<Address.OfLot> EACH = lot("each", "pieces each", Station.TABLE)
            .range(1, 60, "", 1, 1)
            .reads((batch, balance, at) -> (double) balance.lot(at.no()).toTable() / batch.eaters())
            .writes((batch, at, each) -> Pins.countBy(batch, at.no(), new PieceRule.PerEater((int) each)));

    /** Pieces in all, the freezer's among them. */
    public static final PlanField<Address.OfLot> PIECES = lot("pieces", "pieces", Station.TABLE)
            .range(1, PieceRule.MOST, "", 1, 0)
            .reads((batch, balance, at) -> balance.lot(at.no()).pieces())
            .writes((batch, at, pieces) -> Pins.countPieces(batch, at.no(), pieces));

    /** Of the pieces there are, those that are frozen. */
    public static final PlanField<Address.OfLot> OF_THESE_TO_FREEZER = lot(
                    "of-these-to-freezer", "of these, to the freezer", Station.TABLE)
            .range(0, PieceRule.MOST, "", 1, 0)
            .reads((batch, balance, at) -> balance.lot(at.no()).toFreezer())
            .writes((batch, at, frozen) -> Pins.freezeOfThese(batch, at.no(), frozen));

    /** Pieces that are made besides, for the freezer. */
    public static final PlanField<Address.OfLot> TO_FREEZER = lot("to-freezer", "more, for the freezer", Station.TABLE)
            .range(0, PieceRule.MOST, "", 1, 0)
            .reads((batch, balance, at) -> balance.lot(at.no()).toFreezer())
            .writes((batch, at, more) -> batch.mapLot(at.no(), lot -> lot.withToFreezer((int) more)));

    /** Dough in a piece. */
    public static final PlanField<Address.OfLot> DOUGH_EACH = lot("dough-each", "dough in a piece", Station.PORTION)
            .range(1, 500, "g", 0.5, 1)
            .when((batch, at) -> batch.lot(at.no()).bought().isEmpty())
            .food((batch, at) -> Optional.of(Foods.get("dough")))
            .reads((batch, balance, at) -> balance.lot(at.no()).doughEach().grams())
            .writes((batch, at, grams) -> RollField.tapers(batch, at)
                    ? Rolling.mass(batch, at.no(), grams)
                    : batch.mapLot(at.no(), lot -> lot.withDoughEach(Mass.ofGrams(grams))));

    /** Filling in a piece. */
    public static final PlanField<Address.OfLot> FILLING_EACH = lot("filling-each", "filling in a piece", Station.FOLD)
            .range(1, 500, "g", 0.5, 1)
            .food((batch, at) -> Optional.of(Foods.get("filling")))
            .reads((batch, balance, at) -> balance.lot(at.no()).fillingEach().grams())
            .writes((batch, at, grams) -> batch.mapLot(at.no(), lot -> lot.withFillingEach(Mass.ofGrams(grams))));

    static final List<PlanField<?>> ALL =
            List.of(EACH, PIECES, OF_THESE_TO_FREEZER, TO_FREEZER, DOUGH_EACH, FILLING_EACH);

    private CountField() {}
}
