package ironpin.web.api;

import ironpin.format.BatchFormat;
import ironpin.format.WrittenBatch;
import ironpin.refusal.Refused;
import ironpin.store.StartStore;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.multipart.MultipartFile;

/** A start of one's own as a file: a batch as it is written down, and nothing of an evening. */
@Controller
class StartApi {
    private final StartStore starts;
    private final BatchReader reader;
    private final Clock clock;

    StartApi(StartStore starts, BatchReader reader, Clock clock) {
        this.starts = starts;
        this.reader = reader;
        this.clock = clock;
    }

    @GetMapping(path = "/api/v1/starts/{id}", produces = MediaType.APPLICATION_JSON_VALUE)
    ResponseEntity<String> export(@PathVariable long id) {
        StartStore.Kept kept = starts.load(id);
        return JsonFile.of(kept.name(), "start", BatchFormat.write(new WrittenBatch(kept.batch())));
    }

    @PostMapping("/starts/import")
    String bring(@RequestParam MultipartFile file, Model model, HttpServletResponse response) throws IOException {
        try {
            keep(reader.read(new String(file.getBytes(), StandardCharsets.UTF_8)));
            return "redirect:/starts";
        } catch (Refused problem) {
            return ImportController.refused(file, problem, model, response);
        }
    }

    void keep(WrittenBatch document) {
        starts.keep(document.batch().title(), document.batch(), clock.instant());
    }
}
