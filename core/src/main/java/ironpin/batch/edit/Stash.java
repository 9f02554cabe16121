package ironpin.batch.edit;

import ironpin.batch.Batch;
import ironpin.batch.Lot;
import ironpin.batch.PieceRule;
import ironpin.cook.Start;
import java.time.Duration;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;

/** Pieces that lie in the freezer, as a plan of their own. */
public final class Stash {
    /** A vessel is hot and a round or two through it in this time. */
    private static final Duration SOON = Duration.ofHours(1);

    private static final int STEP = 15;

    private Stash() {}

    /**
     * So many pieces of a lot that was made before, cooked from frozen about an hour from now.
     *
     * @param source the batch they were made in
     * @param pieces 1 to 5,000
     * @param now kitchen time
     */
    public static Batch plan(Batch source, int lotNo, int pieces, LocalDateTime now) {
        Lot lot = source.lot(lotNo)
                .withRule(new PieceRule.Counted(pieces))
                .withToFreezer(0)
                .withStashed(true);
        LocalDateTime soon = now.plus(SOON);
        LocalDateTime serving =
                soon.withMinute(soon.getMinute() / STEP * STEP).withSecond(0).withNano(0);
        // The lot first: a batch never holds one whose dough is not there.
        return source.withLots(List.of(lot.withCooking(lot.cooking().from(Start.FREEZER))))
                .withTitle("Out of the freezer")
                .withServing(serving)
                .withDoughs(source.doughs().stream()
                        .filter(dough -> dough.no() == lot.doughNo())
                        .map(dough -> dough.withFlourAtHand(Optional.empty()))
                        .toList())
                .withFillings(source.fillings().stream()
                        .filter(filling -> filling.no() == lot.fillingNo())
                        .map(filling -> filling.withAtHand(Optional.empty()))
                        .toList());
    }
}
