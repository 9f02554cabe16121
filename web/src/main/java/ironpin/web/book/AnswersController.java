package ironpin.web.book;

import ironpin.batch.Batch;
import ironpin.book.Answers;
import ironpin.book.Beside;
import ironpin.book.BookAnswer;
import ironpin.book.Outcome;
import ironpin.quantity.Sentence;
import ironpin.store.BatchStore;
import ironpin.store.BookEntry;
import ironpin.store.BookStore;
import ironpin.store.Status;
import ironpin.store.StoredBatch;
import ironpin.store.StoryStore;
import ironpin.web.page.Plans;
import ironpin.web.shopping.Prices;
import ironpin.wording.TimeOfDay;
import java.time.Clock;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;

/** Questions that the Book answers, each with a plain picture. */
@Controller
class AnswersController {
    private static final int MOST_DIFFERENCES = 4;
    private static final int LOOKED_BACK = 400;
    private static final int PRICED = 10;

    private final StoryStore stories;
    private final BookStore book;
    private final BatchStore batches;
    private final Prices prices;
    private final Plans plans;
    private final Clock clock;

    AnswersController(StoryStore stories, BookStore book, BatchStore batches, Prices prices, Plans plans, Clock clock) {
        this.prices = prices;
        this.plans = plans;
        this.stories = stories;
        this.book = book;
        this.batches = batches;
        this.clock = clock;
    }

    /**
     * An answer on the page.
     *
     * @param answer it
     * @param picture of its bars
     */
    public record Shown(BookAnswer answer, Sentence picture) {}

    /**
     * The best batch of a kind.
     *
     * @param kind what it is
     * @param id of the batch
     * @param title it was called
     * @param said how it was, against the worst
     * @param differs in what its plan differs from the worst one's
     */
    public record Best(String kind, long id, String title, String said, List<Beside> differs) {}

    @GetMapping("/book/answers")
    String answers(Model model) {
        List<BookAnswer> all = new ArrayList<>(Answers.of(stories.judged(clock.instant())));
        Answers.cost(costs()).ifPresent(all::add);
        model.addAttribute(
                "answers",
                all.stream().map(one -> new Shown(one, BarsPicture.of(one))).toList());
        model.addAttribute("best", best());
        return "answers";
    }

    /** What a piece of the latest batches costs by today's prices, as far as everything in them has one. */
    private Map<String, Double> costs() {
        Map<String, Double> costs = new LinkedHashMap<>();
        for (long id : batches.numbers(Status.DONE, 0, PRICED)) {
            StoredBatch stored = batches.load(id);
            prices.ofAPiece(stored.batch(), plans.of(stored))
                    .ifPresent(each -> costs.putIfAbsent(stored.batch().title(), each));
        }
        return costs;
    }

    /** Of each kind that was judged at least twice. */
    private List<Best> best() {
        List<Best> all = new ArrayList<>();
        Map<String, List<BookEntry>> kinds =
                book.latest(LOOKED_BACK).stream().collect(Collectors.groupingBy(BookEntry::style));
        kinds.forEach((style, entries) -> {
            List<BookEntry> order = entries.stream()
                    .sorted(Comparator.comparingDouble(AnswersController::faults)
                            .thenComparing(BookEntry::recordedAt, Comparator.reverseOrder()))
                    .toList();
            BookEntry first = order.get(0);
            BookEntry last = order.get(order.size() - 1);
            if (faults(first) < faults(last)) {
                Batch one = batches.load(first.batchId()).batch();
                Batch other = batches.load(last.batchId()).batch();
                all.add(new Best(
                        one.lot(first.lotNo()).name(),
                        first.batchId(),
                        one.title() + ", " + TimeOfDay.shortDay(one.serving()),
                        wrong(first) + "; the worst, " + other.title() + ", had " + wrong(last) + ".",
                        Beside.plans(one, other).stream()
                                .limit(MOST_DIFFERENCES)
                                .toList()));
            }
        });
        return all;
    }

    private static double faults(BookEntry entry) {
        Outcome outcome = entry.outcome();
        return outcome.share(outcome.burst() + outcome.leaked() + outcome.stuck()) + (outcome.faultless() ? 0 : 0.01);
    }

    private static String wrong(BookEntry entry) {
        Outcome outcome = entry.outcome();
        int faulty = outcome.burst() + outcome.leaked() + outcome.stuck();
        return faulty + " of " + outcome.made() + " pieces faulty";
    }
}
