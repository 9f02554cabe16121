package ironpin.web.api;

import ironpin.format.UnreadableBatch;
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

/** Bringing a batch in from a file. */
@Controller
class ImportController {
    private final BatchReader reader;
    private final BatchApi batches;

    ImportController(BatchReader reader, BatchApi batches) {
        this.reader = reader;
        this.batches = batches;
    }

    @GetMapping("/batches/import")
    String form() {
        return "import";
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
