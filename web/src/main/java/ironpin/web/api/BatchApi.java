package ironpin.web.api;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import ironpin.batch.Batch;
import ironpin.book.Happened;
import ironpin.format.BatchFormat;
import ironpin.format.WrittenBatch;
import ironpin.store.BatchStore;
import ironpin.store.BookStore;
import ironpin.store.Status;
import ironpin.store.StoredBatch;
import ironpin.web.book.Stories;
import java.net.URI;
import java.time.Clock;
import java.util.List;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Batches out and in. */
@RestController
@RequestMapping("/api/v1")
class BatchApi {
    private final BatchStore batches;
    private final BookStore book;
    private final BatchReader reader;
    private final Stories stories;
    private final Clock clock;

    BatchApi(BatchStore batches, BookStore book, BatchReader reader, Stories stories, Clock clock) {
        this.batches = batches;
        this.book = book;
        this.reader = reader;
        this.stories = stories;
        this.clock = clock;
    }

    /** One line of the list of batches. */
    record Listed(long id, String title, String status, String serving, int eaters) {}

    @GetMapping("/batches")
    List<Listed> list(
            @RequestParam(defaultValue = "DONE") Status status, @RequestParam(defaultValue = "0") int offset) {
        return batches.list(status, Math.max(0, offset), 50).stream()
                .map(BatchApi::listed)
                .toList();
    }

    @Operation(
            responses =
                    @ApiResponse(
                            responseCode = "200",
                            content =
                                    @Content(
                                            mediaType = MediaType.APPLICATION_JSON_VALUE,
                                            schema = @Schema(ref = BatchBody.SCHEMA))))
    @GetMapping(path = "/batches/{id}", produces = MediaType.APPLICATION_JSON_VALUE)
    ResponseEntity<String> export(@PathVariable long id) {
        StoredBatch stored = batches.load(id);
        List<WrittenBatch.Came> came = book.entries(id).stream()
                .filter(one -> stored.batch().lots().stream().anyMatch(lot -> lot.no() == one.lotNo()))
                .map(one -> new WrittenBatch.Came(one.lotNo(), one.recordedAt(), one.outcome()))
                .toList();
        return JsonFile.of(
                stored.batch().title(),
                "batch",
                BatchFormat.write(new WrittenBatch(stored.batch(), came, stored.source(), stories.written(stored))));
    }

    @BatchBody
    @PostMapping(path = "/batches", consumes = MediaType.APPLICATION_JSON_VALUE)
    ResponseEntity<Listed> importBatch(@RequestBody String text) {
        long id = keep(reader.read(text));
        return ResponseEntity.created(URI.create("/api/v1/batches/" + id)).body(listed(batches.load(id)));
    }

    @GetMapping(path = "/schemas/batch-1.json", produces = MediaType.APPLICATION_JSON_VALUE)
    String schema() {
        return BatchFormat.schema();
    }

    long keep(WrittenBatch document) {
        Batch batch = document.batch();
        List<BookStore.Came> came = document.outcomes().stream()
                .map(part -> new BookStore.Came(
                        part.lotNo(), batch.lot(part.lotNo()).style(), part.outcome(), part.recordedAt()))
                .toList();
        // What came of its lots comes as what it is, and is told from that.
        List<BookStore.Heard> story = document.story().stream()
                .filter(one -> came.isEmpty() || one.what() != Happened.What.VERDICT)
                .map(one -> new BookStore.Heard(one.at(), one.what(), one.said()))
                .toList();
        return book.bring(batch, document.source(), came, story, clock.instant());
    }

    private static Listed listed(StoredBatch stored) {
        return new Listed(
                stored.id(),
                stored.batch().title(),
                stored.status().name(),
                stored.batch().serving().toString(),
                stored.batch().eaters());
    }
}
