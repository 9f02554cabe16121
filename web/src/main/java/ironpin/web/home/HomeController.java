package ironpin.web.home;

import ironpin.clock.Forecast;
import ironpin.clock.Standing;
import ironpin.clock.Timetable;
import ironpin.plan.BatchPlan;
import ironpin.quantity.Sentence;
import ironpin.store.BatchStore;
import ironpin.store.FreezerStore;
import ironpin.store.NoSuchBatch;
import ironpin.store.Status;
import ironpin.store.StoredBatch;
import ironpin.web.freezer.InTheFreezer;
import ironpin.web.page.Plans;
import ironpin.web.page.Screens;
import ironpin.web.picture.RibbonPicture;
import ironpin.wording.Count;
import ironpin.wording.Span;
import ironpin.wording.TimeOfDay;
import java.time.Clock;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZonedDateTime;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** The kitchen: what is under way, what is planned, what was. */
@Controller
class HomeController {
    private static final Logger LOG = LoggerFactory.getLogger(HomeController.class);
    /** Drawn with their ribbons; the others stand below them by name. */
    private static final int DRAWN = 6;

    private static final int LISTED = 60;

    /** Those that want to be eaten next; the others stand on the freezer's own page. */
    private static final int BAGS = 5;

    /** Drawn small, beside each other. */
    private static final int LATELY = 6;

    private final BatchStore batches;
    private final Screens screens;
    private final Plans plans;
    private final Ended ended;
    private final FreezerStore freezer;
    private final Lying lying;
    private final Clock clock;

    HomeController(
            BatchStore batches,
            Screens screens,
            Plans plans,
            Ended ended,
            FreezerStore freezer,
            Lying lying,
            Clock clock) {
        this.lying = lying;
        this.freezer = freezer;
        this.ended = ended;
        this.batches = batches;
        this.screens = screens;
        this.plans = plans;
        this.clock = clock;
    }

    /**
     * A batch in the kitchen.
     *
     * @param id its number
     * @param title what it is called
     * @param when its day and times
     * @param facts its main numbers
     * @param next what to do next, if something is to be done
     * @param status in a word
     * @param link where to go on
     * @param ribbon for a wide page
     * @param ribbonNarrow for a phone
     */
    public record Card(
            long id,
            String title,
            String when,
            Sentence facts,
            Optional<String> next,
            String status,
            String link,
            Sentence ribbon,
            Sentence ribbonNarrow) {}

    /** A batch by name alone. */
    public record Row(String link, String title, String when) {}

    /** @param find words of a title that are looked for in all batches */
    @GetMapping("/")
    String home(@RequestParam(defaultValue = "") String find, Model model) {
        List<Long> running = batches.numbers(Status.RUNNING, 0, LISTED);
        List<BatchStore.Listed> planned = batches.planned(LocalDateTime.now(clock));
        int drawn = Math.max(1, DRAWN - running.size());
        model.addAttribute(
                "cards",
                Stream.concat(running.stream(), planned.stream().limit(drawn).map(BatchStore.Listed::id))
                        .map(this::cardOrNot)
                        .toList());
        model.addAttribute(
                "later",
                planned.stream().skip(drawn).limit(LISTED).map(this::row).toList());
        model.addAttribute("notListed", Math.max(0, planned.size() - drawn - LISTED));
        model.addAttribute("find", find.strip());
        List<Row> found = find.isBlank()
                ? List.of()
                : batches.called(find.strip(), LISTED).stream().map(this::row).toList();
        model.addAttribute("found", found);
        model.addAttribute("foundTitle", (found.isEmpty() ? "Nothing is called “" : "Called “") + find.strip() + "”");
        model.addAttribute("ended", ended.lately());
        model.addAttribute(
                "past",
                batches.numbers(Status.DONE, 0, LATELY).stream()
                        .map(this::cardOrNot)
                        .toList());
        model.addAttribute(
                "asked", running.stream().flatMap(id -> asked(id).stream()).toList());
        model.addAttribute("lying", lying.rows());
        model.addAttribute("pastCount", batches.count(Status.DONE));
        LocalDate today = LocalDate.now(clock);
        model.addAttribute(
                "bags",
                freezer.stock().stream()
                        .limit(BAGS)
                        .map(bag -> InTheFreezer.of(bag, today))
                        .toList());
        return "home";
    }

    /** A batch of yesterday that nobody judged: asked once more today, and not again. */
    private Optional<Row> asked(long id) {
        try {
            StoredBatch stored = batches.load(id);
            boolean yesterday = stored.batch()
                    .serving()
                    .toLocalDate()
                    .equals(LocalDate.now(clock).minusDays(1));
            return yesterday
                    ? Optional.of(
                            new Row("/batches/" + id + "/book", stored.batch().title(), "yesterday"))
                    : Optional.empty();
        } catch (NoSuchBatch gone) {
            return Optional.empty();
        }
    }

    private Row row(BatchStore.Listed one) {
        return new Row(
                link(one.id(), one.status()),
                one.title(),
                (one.status() == Status.RUNNING ? "under way · " : "") + TimeOfDay.day(one.serving()) + " at "
                        + TimeOfDay.of(one.serving()));
    }

    private static String link(long id, Status status) {
        return "/batches/" + id
                + switch (status) {
                    case RUNNING -> "/run";
                    case PLANNED -> "/table";
                    case DONE -> "/book";
                };
    }

    @GetMapping("/batches/{id}/delete")
    String askToDelete(@PathVariable long id, Model model) {
        batches.demandThere(id);
        model.addAttribute("card", cardOrNot(id));
        return "delete";
    }

    @PostMapping("/batches/{id}/delete")
    String delete(@PathVariable long id) {
        batches.delete(id);
        return "redirect:/";
    }

    /** When to begin, or how long ago that was. */
    private String start(BatchPlan plan) {
        ZonedDateTime now = ZonedDateTime.now(clock);
        Standing standing = Standing.of(plan.timetable(), Optional.empty(), Map.of(), Map.of(), now);
        Forecast late = Forecast.of(plan.day(), plan.timetable(), standing);
        return late.isLate()
                ? ", " + Span.of(late.late()) + " late to start (est.)"
                : ", start by "
                        + TimeOfDay.of(
                                plan.timetable().latestStart(), plan.batch().serving());
    }

    /** One batch that cannot be shown must not hide the others: it stands in the list as such and can be deleted. */
    private Card cardOrNot(long id) {
        try {
            return card(batches.load(id));
        } catch (NoSuchBatch gone) {
            throw gone;
        } catch (RuntimeException broken) {
            LOG.error("batch {} cannot be shown", id, broken);
            String link = "/batches/" + id + "/delete";
            return new Card(
                    id,
                    "Batch " + id,
                    "cannot be shown",
                    Sentence.of("save it as JSON or delete it"),
                    Optional.empty(),
                    "broken",
                    link,
                    Sentence.EMPTY,
                    Sentence.EMPTY);
        }
    }

    /** The next line of a batch, with its time; nothing once it is in the Book. */
    private Optional<String> next(StoredBatch stored, BatchPlan plan) {
        return switch (stored.status()) {
            case DONE -> Optional.empty();
            case PLANNED -> {
                Timetable.Slot first = plan.timetable().slots().get(0);
                String by = TimeOfDay.of(first.start(), LocalDateTime.now(clock));
                yield Optional.of("By " + by + ": " + first.task().title());
            }
            case RUNNING ->
                screens.of(stored.id(), Optional.empty(), 0)
                        .run()
                        .now()
                        .map(step -> "Now: " + step.slot().task().title())
                        .or(() -> Optional.of("Everything is on the table. Write down how it went."));
        };
    }

    private Card card(StoredBatch stored) {
        BatchPlan plan = plans.of(stored);
        int first = plan.lots().get(0).lot().no();
        String start = stored.status() == Status.PLANNED ? start(plan) : "";
        return new Card(
                stored.id(),
                stored.batch().title(),
                TimeOfDay.day(stored.batch().serving()) + ", table at "
                        + TimeOfDay.of(stored.batch().serving()) + start,
                Sentence.of(Count.of(stored.batch().eaters(), "eats", "eat") + " · "
                        + Count.of(plan.balance().pieces(), "piece", "pieces")),
                next(stored, plan),
                stored.status().name().toLowerCase(Locale.ROOT),
                link(stored.id(), stored.status()),
                RibbonPicture.wide(plan, first),
                RibbonPicture.narrow(plan, first));
    }
}
