package ironpin.web.book;

import ironpin.book.Outcome;
import ironpin.diagnosis.CanShow;
import ironpin.diagnosis.Diagnosis;
import ironpin.diagnosis.Doing;
import ironpin.diagnosis.Trial;
import ironpin.diagnosis.Tried;
import ironpin.plan.LotPlan;
import ironpin.quantity.Mass;
import ironpin.store.BookEntry;
import ironpin.store.BookStore;
import ironpin.store.ExperimentStore;
import ironpin.store.LoggedCorrection;
import ironpin.store.WorkStore;
import ironpin.web.page.Screen;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.springframework.stereotype.Component;
import org.springframework.ui.Model;

/** Why a lot came out as it did, and whether a change that was tried in it helped. */
@Component
public class Why {
    private static final int FEW = 3;

    private final WorkStore work;
    private final BookStore book;
    private final ExperimentStore experiments;

    Why(WorkStore work, BookStore book, ExperimentStore experiments) {
        this.work = work;
        this.book = book;
        this.experiments = experiments;
    }

    /**
     * A change that was tried.
     *
     * @param begun what, and where from
     * @param said what came of it so far, in words
     * @param several whether another change was tried at once, so that nobody can say which did it
     */
    public record Attempt(ExperimentStore.Begun begun, String said, boolean several) {}

    /** What the book's page asks and answers of the lot in hand. */
    void show(Screen screen, Model model) {
        model.addAttribute("asked", CanShow.seen(screen.lot()));
        model.addAttribute("why", diagnosis(screen).orElse(null));
        model.addAttribute("tried", tried(screen.id(), screen.lotNo()));
    }

    /** The likely causes of what was judged; nothing before it was, and nothing where nothing was wrong. */
    Optional<Diagnosis> diagnosis(Screen screen) {
        return screen.entry()
                .map(BookEntry::outcome)
                .filter(outcome -> !outcome.faultless())
                .map(outcome -> Diagnosis.of(
                        screen.plan(), screen.lot(), outcome, doing(screen, screen.lot()), tried(screen.id())));
    }

    private Doing doing(Screen screen, LotPlan lot) {
        WorkStore.Of of = new WorkStore.Of(screen.id(), lot.lot().no());
        List<Mass> spoonfuls = work.weights(of, WorkStore.What.FILLING);
        List<Mass> pieces = work.weights(of, WorkStore.What.DOUGH);
        double corrected = screen.noted().corrections().stream()
                .filter(one -> one.doughNo() == lot.dough().no())
                .mapToDouble(LoggedCorrection::points)
                .sum();
        return new Doing(corrected, mean(spoonfuls, lot.share().fillingEach()), variation(pieces));
    }

    private static OptionalDouble mean(List<Mass> weighed, Mass planned) {
        return weighed.size() < FEW || planned.isZero()
                ? OptionalDouble.empty()
                : OptionalDouble.of(
                        weighed.stream().mapToDouble(Mass::grams).average().orElseThrow() / planned.grams());
    }

    private static OptionalDouble variation(List<Mass> weighed) {
        if (weighed.size() < FEW) {
            return OptionalDouble.empty();
        }
        double mean = weighed.stream().mapToDouble(Mass::grams).average().orElseThrow();
        double square = weighed.stream()
                        .mapToDouble(one -> Math.pow(one.grams() - mean, 2))
                        .sum()
                / (weighed.size() - 1);
        return OptionalDouble.of(100 * Math.sqrt(square) / mean);
    }

    /** What is tried in a lot, with what came of it. */
    public List<Attempt> tried(long batchId, int lotNo) {
        List<ExperimentStore.Begun> here = experiments.in(batchId).stream()
                .filter(one -> one.lotNo() == lotNo)
                .toList();
        return here.stream()
                .map(one -> new Attempt(one, said(one), here.size() > 1))
                .toList();
    }

    private String said(ExperimentStore.Begun one) {
        return trial(one).map(Trial::said).orElse("not judged before");
    }

    private Optional<Trial> trial(ExperimentStore.Begun one) {
        List<Outcome> after = experiments.alike(one).stream()
                .flatMap(other -> book.outcome(other.batchId(), other.lotNo()).stream())
                .toList();
        return book.outcome(one.fromBatch(), one.fromLot()).map(then -> Trial.of(one.cause(), then, after));
    }

    /** What changes have come to in all other batches: a batch is no witness of itself. */
    private Tried tried(long batchId) {
        return Tried.of(experiments.elsewhere(batchId).stream()
                .flatMap(one -> trial(one).map(trial -> new Tried.Closed(one.cause(), trial.result())).stream())
                .toList());
    }
}
