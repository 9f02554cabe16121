package ironpin.web.home;

import ironpin.batch.Batch;
import ironpin.batch.Lot;
import ironpin.batch.balance.Balance;
import ironpin.batch.balance.Balancer;
import ironpin.book.Remains;
import ironpin.filling.SafeCore;
import ironpin.quantity.Mass;
import ironpin.quantity.Quantity;
import ironpin.quantity.Sentence;
import ironpin.store.BatchStore;
import ironpin.store.RemainsStore;
import ironpin.wording.Count;
import ironpin.wording.Name;
import ironpin.wording.TimeOfDay;
import java.time.Clock;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Component;

/** What lies about: dough and filling of past batches that nobody has used yet. */
@Component
class Lying {
    private final RemainsStore remains;
    private final BatchStore batches;
    private final Clock clock;

    Lying(RemainsStore remains, BatchStore batches, Clock clock) {
        this.remains = remains;
        this.batches = batches;
        this.clock = clock;
    }

    /**
     * Something that lies about.
     *
     * @param batch it is of
     * @param lot of it
     * @param remains it
     * @param said what and of what, with what it could become
     * @param caution short; empty where none is due
     */
    public record Row(long batch, int lot, Remains remains, Sentence said, String caution) {}

    List<Row> rows() {
        Instant now = clock.instant();
        List<Row> rows = new ArrayList<>();
        for (RemainsStore.Lying one : remains.lying(now.minus(Remains.FORGOTTEN))) {
            row(one, now).ifPresent(rows::add);
        }
        return rows;
    }

    private Optional<Row> row(RemainsStore.Lying one, Instant now) {
        Batch batch = batches.load(one.batch()).batch();
        Optional<Lot> found =
                batch.lots().stream().filter(lot -> lot.no() == one.lot()).findFirst();
        if (found.isEmpty()
                || (one.what() == Remains.What.DOUGH && found.get().bought().isPresent())) {
            return Optional.empty();
        }
        Lot lot = found.get();
        Balance.OfLot share = Balancer.solve(batch).lot(lot.no());
        boolean dough = one.what() == Remains.What.DOUGH;
        Mass each = dough ? share.doughEach() : share.fillingEach();
        if (each.isZero()) {
            return Optional.empty();
        }
        boolean raw =
                !dough && SafeCore.of(batch.filling(lot.fillingNo()).formula()).mindRaw();
        Remains lying = new Remains(one.what(), one.left(), each, one.since(), raw);
        String name = dough
                ? Name.within(batch.dough(lot.doughNo()).name())
                : batch.filling(lot.fillingNo()).called();
        Sentence said = Sentence.of(
                Quantity.weighed(lying.left()),
                " of " + name + " of " + batch.title() + ", "
                        + TimeOfDay.shortDay(one.since().atZone(clock.getZone()).toLocalDateTime()) + ": "
                        + (lying.pieces() > 0
                                ? (dough ? "skins for " : "enough for ") + Count.of(lying.pieces(), "piece") + "."
                                : "less than a piece."));
        return Optional.of(new Row(one.batch(), one.lot(), lying, said, caution(lying, now)));
    }

    private static String caution(Remains lying, Instant now) {
        if (lying.old(now)) {
            return (lying.raw() ? "Raw, and over a day old" : "Over two days old")
                    + ": throw it away if in doubt, looks and smell do not tell. Follow your local food-safety rules.";
        }
        return lying.raw() ? "Raw: cold and covered, and used within a day." : "";
    }
}
