package ironpin.web.book;

import de.siegmar.fastcsv.writer.CsvWriter;
import ironpin.batch.Batch;
import ironpin.batch.Lot;
import ironpin.book.Beside;
import ironpin.book.Outcome;
import ironpin.book.Seen;
import ironpin.store.BatchStore;
import ironpin.store.BookEntry;
import ironpin.store.BookStore;
import ironpin.store.Status;
import ironpin.store.StoredBatch;
import ironpin.web.page.Choice;
import ironpin.wording.TimeOfDay;
import java.io.IOException;
import java.io.StringWriter;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** Two past batches side by side, and the whole Book as a table. */
@Controller
class BesideController {
    private static final int PAGE = 500;

    private final BatchStore batches;
    private final BookStore book;

    BesideController(BatchStore batches, BookStore book) {
        this.batches = batches;
        this.book = book;
    }

    /** @param beside two of them; with any other number the page says so */
    @GetMapping("/book/beside")
    String beside(@RequestParam(defaultValue = "") List<Long> beside, Model model) {
        List<Long> marked = Choice.said(beside);
        if (marked.size() != 2) {
            model.addAttribute("problem", "Mark two batches in the Book: these are " + marked.size() + ".");
            return "beside";
        }
        StoredBatch one = batches.load(marked.get(0));
        StoredBatch other = batches.load(marked.get(1));
        List<Beside> results = new ArrayList<>();
        for (Lot lot : one.batch().lots()) {
            Optional<Outcome> left = book.outcome(one.id(), lot.no());
            Optional<Outcome> right =
                    Beside.match(one.batch(), lot, other.batch()).flatMap(with -> book.outcome(other.id(), with.no()));
            if (left.isPresent() && right.isPresent()) {
                results.addAll(Beside.outcomes(lot.name(), left.get(), right.get()));
            }
        }
        model.addAttribute("left", heading(one));
        model.addAttribute("right", heading(other));
        model.addAttribute("leftId", one.id());
        model.addAttribute("rightId", other.id());
        model.addAttribute("plans", Beside.plans(one.batch(), other.batch()));
        model.addAttribute("results", results);
        return "beside";
    }

    private static String heading(StoredBatch stored) {
        Batch batch = stored.batch();
        return batch.title() + ", " + TimeOfDay.shortDay(batch.serving());
    }

    /** Every judged lot, a line each. */
    @GetMapping("/book.csv")
    ResponseEntity<String> table() throws IOException {
        StringWriter out = new StringWriter();
        try (CsvWriter csv = CsvWriter.builder().build(out)) {
            csv.writeRecord(
                    "batch",
                    "title",
                    "served",
                    "lot",
                    "kind",
                    "filling",
                    "made",
                    "burst",
                    "leaked",
                    "stuck",
                    "eaten",
                    "dough_left_g",
                    "filling_left_g",
                    "skin",
                    "filling_was",
                    "also",
                    "core_c",
                    "note");
            List<Long> ids = batches.numbers(Status.DONE, 0, PAGE);
            for (int offset = 0; !ids.isEmpty(); ids = batches.numbers(Status.DONE, offset += PAGE, PAGE)) {
                for (long id : ids) {
                    lines(csv, batches.load(id));
                }
            }
        }
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_TYPE, "text/csv;charset=UTF-8")
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"book.csv\"")
                .body(out.toString());
    }

    private void lines(CsvWriter csv, StoredBatch stored) {
        Batch batch = stored.batch();
        for (BookEntry entry : book.entries(stored.id())) {
            Optional<Lot> lot = batch.lots().stream()
                    .filter(one -> one.no() == entry.lotNo())
                    .findFirst();
            Outcome outcome = entry.outcome();
            csv.writeRecord(
                    String.valueOf(stored.id()),
                    batch.title(),
                    batch.serving().toString(),
                    lot.map(Lot::name).orElse(""),
                    entry.style(),
                    lot.map(one -> batch.filling(one.fillingNo()).name()).orElse(""),
                    String.valueOf(outcome.made()),
                    String.valueOf(outcome.burst()),
                    String.valueOf(outcome.leaked()),
                    String.valueOf(outcome.stuck()),
                    outcome.eaten().map(String::valueOf).orElse(""),
                    grams(outcome.doughLeft().grams()),
                    grams(outcome.fillingLeft().grams()),
                    outcome.skin().label(),
                    outcome.filling().label(),
                    outcome.seen().stream().map(Seen::label).sorted().collect(Collectors.joining("; ")),
                    outcome.core().map(core -> grams(core.celsius())).orElse(""),
                    outcome.note());
        }
    }

    private static String grams(double value) {
        return String.format(Locale.ROOT, "%.1f", value);
    }
}
