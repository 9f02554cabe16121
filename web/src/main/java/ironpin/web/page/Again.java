package ironpin.web.page;

import ironpin.batch.Batch;
import ironpin.batch.edit.Composing;
import ironpin.batch.edit.Fix;
import ironpin.batch.edit.Pins;
import ironpin.book.NextChange;
import ironpin.book.Suggestion;
import ironpin.quantity.Sentence;
import ironpin.store.BookEntry;
import ironpin.store.BookStore;
import ironpin.store.KitStore;
import ironpin.store.StoredBatch;
import ironpin.wording.Name;
import java.time.Clock;
import java.util.ArrayList;
import java.util.List;
import org.springframework.stereotype.Component;

/** A cooked batch once more: its plan with all its lots, as it was or with the change that each lot's judgement suggests. */
@Component
public class Again {
    private final BookStore book;
    private final KitStore kit;
    private final Clock clock;

    Again(BookStore book, KitStore kit, Clock clock) {
        this.book = book;
        this.kit = kit;
        this.clock = clock;
    }

    /** What each judged lot wants changed, if anything. */
    List<Suggestion> suggestions(StoredBatch cooked) {
        Batch batch = cooked.batch();
        List<Suggestion> all = new ArrayList<>();
        for (BookEntry entry : book.entries(cooked.id())) {
            batch.lots().stream()
                    .filter(lot -> lot.no() == entry.lotNo())
                    .findFirst()
                    .flatMap(lot -> NextChange.after(
                            entry.outcome(),
                            NextChange.Skin.of(lot, batch.dough(lot.doughNo())),
                            lot,
                            batch.dough(lot.doughNo()),
                            batch.filling(lot.fillingNo())))
                    .ifPresent(all::add);
        }
        return all;
    }

    /** The labels of the changes that can be made with one press. */
    public List<Sentence> changes(StoredBatch cooked) {
        return suggestions(cooked).stream()
                .flatMap(one -> one.fix().stream())
                .map(Fix::label)
                .map(label -> label.beginning(Name::within))
                .distinct()
                .toList();
    }

    /** The plan for another evening. @param changed whether the suggested changes are made */
    public Batch of(StoredBatch cooked, boolean changed) {
        Batch batch = Pins.release(Composing.in(kit.load(), cooked.batch())).withServing(Asked.usualServing(clock));
        if (changed) {
            for (Suggestion one : suggestions(cooked)) {
                batch = one.fix().isPresent() ? one.fix().get().applyTo(batch) : batch;
            }
        }
        return batch;
    }
}
