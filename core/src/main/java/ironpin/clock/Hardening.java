package ironpin.clock;

import ironpin.batch.Lot;
import ironpin.batch.balance.Balance;
import ironpin.cook.PieceBody;
import ironpin.cook.Start;
import ironpin.heat.Freezing;
import ironpin.heat.HeatPiece;
import ironpin.heat.Plank;
import java.time.Duration;

/**
 * How long pieces of a lot take in a freezer until they are hard (est.): by {@link Plank}, quick and up to a fifth longer than
 * {@link Freezing}; the same on the clock and at the freezer.
 *
 * @param least of the lighter ones
 * @param most of the heavier ones
 */
public record Hardening(Duration least, Duration most) {
    /** Of the pieces of a lot as they are planned. */
    public static Hardening of(Lot lot, Balance.OfLot share) {
        HeatPiece piece =
                PieceBody.of(lot.fold(), lot.wide(), lot.shape().slice(), share.doughEach(), share.fillingEach());
        return new Hardening(hard(piece.scaled(1 - HeatPiece.UNEVEN)), hard(piece.scaled(1 + HeatPiece.UNEVEN)));
    }

    private static Duration hard(HeatPiece piece) {
        return Plank.hard(piece, Start.ROOM.temperature(), Freezing.FREEZER, Freezing.STILL_AIR);
    }
}
