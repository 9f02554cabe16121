package ironpin.web.api;

import ironpin.format.UnreadableBatch;
import ironpin.format.WrittenBatch;
import ironpin.refusal.Refused;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.multipart.MultipartFile;

/** Bringing a batch in, from a file or from a link. */
@Controller
class ImportController {
    private final BatchReader reader;
    private final BatchApi batches;
    private final StartApi starts;

    ImportController(BatchReader reader, BatchApi batches, StartApi starts) {
        this.reader = reader;
        this.batches = batches;
        this.starts = starts;
    }

    @GetMapping("/batches/import")
    String form() {
        return "import";
    }

    /** A link that another Ironpin made. */
    @PostMapping("/batches/import/link")
    String open(@RequestParam String link, Model model, HttpServletResponse response) {
        try {
            DocumentLink document = DocumentLink.read(link);
            WrittenBatch written = reader.read(document.text());
            if (document.kind() == DocumentLink.Kind.START) {
                starts.keep(written);
                return "redirect:/starts";
            }
            return "redirect:/batches/" + batches.keep(written) + "/table";
        } catch (Refused problem) {
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
            model.addAttribute("link", link);
            model.addAttribute("linkProblem", problem.getMessage());
            return "import";
        }
    }

    @PostMapping("/batches/import")
    String bring(@RequestParam MultipartFile file, Model model, HttpServletResponse response) throws IOException {
        try {
            long id = batches.keep(reader.read(new String(file.getBytes(), StandardCharsets.UTF_8)));
            return "redirect:/batches/" + id + "/table";
        } catch (UnreadableBatch problem) {
            return refused(file, problem, model, response);
        }
    }

    /** The page again, saying why this file could not be read. */
    static String refused(MultipartFile file, Refused problem, Model model, HttpServletResponse response) {
        response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
        model.addAttribute("name", file.getOriginalFilename());
        model.addAttribute("problem", problem.getMessage());
        return "import";
    }
}
