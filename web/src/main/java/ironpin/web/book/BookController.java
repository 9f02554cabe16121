package ironpin.web.book;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import ironpin.batch.Dough;
import ironpin.batch.Station;
import ironpin.book.Arose;
import ironpin.book.FlourLesson;
import ironpin.book.Outcome;
import ironpin.plan.BatchPlan;
import ironpin.plan.LotPlan;
import ironpin.quantity.Sentence;
import ironpin.store.BatchStore;
import ironpin.store.BookEntry;
import ironpin.store.BookStore;
import ironpin.store.CorrectionStore;
import ironpin.store.Cupboard;
import ironpin.store.KitStore;
import ironpin.store.LoggedCorrection;
import ironpin.store.Status;
import ironpin.store.StoredBatch;
import ironpin.store.StoryStore;
import ironpin.store.WorkStore;
import ironpin.web.hands.AtWork;
import ironpin.web.kitchen.Bell;
import ironpin.web.page.Again;
import ironpin.web.page.Corrected;
import ironpin.web.page.From;
import ironpin.web.page.LastTime;
import ironpin.web.page.Plans;
import ironpin.web.page.Screen;
import ironpin.web.page.Screens;
import ironpin.web.page.Shown;
import ironpin.web.picture.RibbonNotes;
import ironpin.web.picture.RibbonPicture;
import ironpin.wording.TimeOfDay;
import jakarta.servlet.http.HttpServletResponse;
import java.time.Clock;
import java.time.Instant;
import java.time.ZonedDateTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** Writing down how it went, and looking back. */
@Controller
class BookController {
    private static final Logger LOG = LoggerFactory.getLogger(BookController.class);
    private static final int PAGE = 12;

    private final Cupboard cupboard;
    private final BatchStore batches;
    private final BookStore book;
    private final CorrectionStore corrections;
    private final KitStore kit;
    private final WorkStore work;
    private final Plans plans;
    private final Screens screens;
    private final Shown shown;
    private final Again again;
    private final Why why;
    private final StoryStore stories;
    private final Bell bell;
    private final Clock clock;
    private final Cache<Drawn, Sentence> ribbons =
            Caffeine.newBuilder().maximumSize(8 * PAGE).build();

    /** What a small ribbon is drawn of. */
    private record Drawn(long batch, int revision, List<LoggedCorrection> made, List<BookEntry> entries) {}

    BookController(
            Cupboard cupboard,
            BatchStore batches,
            BookStore book,
            CorrectionStore corrections,
            KitStore kit,
            WorkStore work,
            Plans plans,
            Screens screens,
            Shown shown,
            Again again,
            Why why,
            StoryStore stories,
            Bell bell,
            Clock clock) {
        this.cupboard = cupboard;
        this.batches = batches;
        this.book = book;
        this.corrections = corrections;
        this.kit = kit;
        this.work = work;
        this.plans = plans;
        this.screens = screens;
        this.shown = shown;
        this.again = again;
        this.why = why;
        this.stories = stories;
        this.bell = bell;
        this.clock = clock;
    }

    /**
     * A past batch on the page of the Book.
     *
     * @param id its number
     * @param title what it was called
     * @param day when
     * @param ribbon its ribbon, small
     * @param lots what was said of each lot
     * @param corrected how its doughs were corrected at the bench, and what was counted at work
     * @param changes what its judgements suggest to change, as on a button
     */
    public record Past(
            long id,
            String title,
            String day,
            Sentence ribbon,
            List<Said> lots,
            List<Sentence> corrected,
            List<Sentence> changes) {}

    /**
     * What was said of one lot.
     *
     * @param name of the lot
     * @param said in a sentence
     * @param note the cook's own words
     * @param faultless whether nothing was wrong
     */
    public record Said(String name, String said, String note, boolean faultless) {}

    @GetMapping("/book")
    String book(
            @RequestParam(defaultValue = "1") int page, @RequestParam(defaultValue = "") String words, Model model) {
        boolean all = words.isBlank();
        int asked = Math.max(1, Math.min(page, Integer.MAX_VALUE / PAGE));
        StoryStore.Found found = all
                ? new StoryStore.Found(List.of(), batches.count(Status.DONE))
                : stories.find(words, (asked - 1) * PAGE, PAGE, clock.instant());
        int count = found.count();
        int pages = Math.max(1, (count + PAGE - 1) / PAGE);
        int seen = Math.min(asked, pages);
        int offset = (seen - 1) * PAGE;
        List<Long> ids = all
                ? batches.numbers(Status.DONE, offset, PAGE)
                : seen == asked
                        ? found.ids()
                        : stories.find(words, offset, PAGE, clock.instant()).ids();
        List<Past> past = ids.stream().map(this::pastOrNot).toList();
        model.addAttribute("words", words);
        model.addAttribute("past", past);
        model.addAttribute("count", count);
        model.addAttribute("page", seen);
        model.addAttribute("pages", pages);
        return "book";
    }

    @PostMapping("/batches/{id}/outcome")
    String judge(
            @PathVariable long id,
            @RequestParam Map<String, String> typed,
            From from,
            Model model,
            HttpServletResponse response) {
        OutcomeForm form = OutcomeForm.typed(typed, from.units());
        Optional<Outcome> outcome = form.read();
        int lot = from.lotOf(batches.load(id).batch());
        Screen screen = screens.of(id, Optional.of(Station.BOOK), lot);
        if (outcome.isEmpty()) {
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
            shown.bench(screen, from.who(), "", model);
            why.show(screen, model);
            model.addAttribute("form", form);
            model.addAttribute("work", AtWork.of(work, id, screen.lot(), screen.now()));
            return from.view();
        }
        Instant now = clock.instant();
        cupboard.together(() -> {
            StoredBatch begun = batches.start(id, now);
            book.record(id, screen.lotNo(), screen.lot().lot().style(), outcome.get(), now);
            learn(screen);
            learn(screen, outcome.get());
            return begun;
        });
        bell.ring(id, from.page());
        Screen after = screens.of(id, Optional.of(Station.BOOK), screen.lotNo());
        shown.bench(after, from.who(), "", model);
        why.show(after, model);
        AtWork counted = AtWork.of(work, id, after.lot(), after.now());
        model.addAttribute("work", counted);
        model.addAttribute("form", OutcomeForm.of(after, counted));
        model.addAttribute("saved", true);
        return from.view();
    }

    /** Puts a batch into the Book, whether every lot was judged or not. */
    @PostMapping("/batches/{id}/finish")
    String finish(@PathVariable long id, From from) {
        book.finish(id, clock.instant());
        bell.ring(id, from.page());
        return "redirect:/batches/" + id + "/book?lot=" + from.lot();
    }

    /** What the hands did with the pieces: how full a fold may be, and how long it takes. */
    private void learn(Screen screen, Outcome outcome) {
        AtWork counted = AtWork.of(work, screen.id(), screen.lot(), screen.now());
        if (outcome.made() > 0
                && (counted.secondsEach().isPresent() || !counted.faults().isEmpty())) {
            work.learn(
                    new WorkStore.Of(screen.id(), screen.lotNo()),
                    screen.lot().lot().fold(),
                    outcome.made(),
                    counted.room(),
                    counted.secondsEach(),
                    clock.instant());
        }
    }

    /** What this dough wanted beyond what was planned moves what is known of its flours. */
    private void learn(Screen screen) {
        if (screen.lot().lot().bought().isPresent()) {
            return;
        }
        Dough dough = screen.lot().dough();
        double corrected = screen.noted().corrections().stream()
                .filter(one -> one.doughNo() == dough.no())
                .mapToDouble(LoggedCorrection::points)
                .sum();
        kit.learn(screen.id(), dough.no(), FlourLesson.of(dough, corrected), clock.instant());
    }

    /** One batch that cannot be shown must not hide the others. */
    private Past pastOrNot(long id) {
        try {
            return past(batches.load(id));
        } catch (RuntimeException broken) {
            LOG.error("batch {} cannot be shown", id, broken);
            return new Past(id, "Batch " + id, "cannot be shown", Sentence.EMPTY, List.of(), List.of(), List.of());
        }
    }

    private Past past(StoredBatch stored) {
        BatchPlan plan = plans.of(stored);
        List<BookEntry> entries = book.entries(stored.id());
        List<Said> lots = plan.lots().stream()
                .map(lot -> said(
                        lot.lot().name(),
                        entries.stream()
                                .filter(entry -> entry.lotNo() == lot.lot().no())
                                .findFirst()))
                .toList();
        List<LoggedCorrection> made = corrections.standing(stored.id());
        return new Past(
                stored.id(),
                stored.batch().title(),
                TimeOfDay.shortDay(stored.batch().serving()),
                ribbon(new Drawn(stored.id(), stored.revision(), made, entries), plan),
                lots,
                counted(stored, plan, made),
                again.changes(stored));
    }

    /** Drawing takes longer than anything else of the page; a past batch hardly changes. */
    private Sentence ribbon(Drawn key, BatchPlan plan) {
        return ribbons.get(
                key,
                drawn -> RibbonPicture.narrow(
                        plan,
                        worst(plan, drawn.entries()),
                        new RibbonNotes(Corrected.marks(drawn.made()), Map.of(), "", arose(drawn.entries()))));
    }

    /** The lot of which most is to be seen: where something was wrong, or else the first. */
    private static int worst(BatchPlan plan, List<BookEntry> entries) {
        return entries.stream()
                .filter(one -> !one.outcome().faultless()
                        && plan.lots().stream().anyMatch(lot -> lot.lot().no() == one.lotNo()))
                .max(Comparator.comparingInt(
                        one -> one.outcome().burst() + one.outcome().leaked()))
                .map(BookEntry::lotNo)
                .orElse(plan.lots().get(0).lot().no());
    }

    private static Map<Integer, Map<Arose.Where, List<String>>> arose(List<BookEntry> entries) {
        return entries.stream().collect(Collectors.toMap(BookEntry::lotNo, one -> Arose.of(one.outcome())));
    }

    private List<Sentence> counted(StoredBatch stored, BatchPlan plan, List<LoggedCorrection> made) {
        List<Sentence> all = new ArrayList<>(made.stream().map(Corrected::said).toList());
        for (LotPlan lot : plan.lots()) {
            for (Sentence line :
                    AtWork.of(work, stored.id(), lot, ZonedDateTime.now(clock)).forTheBook()) {
                all.add(Sentence.of(lot.lot().name(), ": ", line));
            }
        }
        return all;
    }

    private static Said said(String name, Optional<BookEntry> entry) {
        return entry.map(one -> new Said(name, LastTime.said(one), one.outcome().note(), faultless(one.outcome())))
                .orElse(new Said(name, "Not judged.", "", true));
    }

    private static boolean faultless(Outcome outcome) {
        return outcome.faultless();
    }
}
