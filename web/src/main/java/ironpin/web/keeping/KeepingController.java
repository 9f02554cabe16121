package ironpin.web.keeping;

import ironpin.refusal.Refused;
import ironpin.store.BackupShelf;
import ironpin.store.KitchenArchive;
import ironpin.store.KitchenArchive.Brought;
import ironpin.store.NotWritten;
import ironpin.web.kitchen.DailyCopies;
import ironpin.web.kitchen.FireDesk;
import ironpin.web.photo.Photograph;
import ironpin.wording.Name;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.LocalDate;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.multipart.MultipartFile;

/** Backups, and the whole kitchen as one file. */
@Controller
@RequestMapping("/keeping")
class KeepingController {
    private static final String ZIP = "application/zip";

    /** Of an archive that is brought in, bytes. */
    private static final long LARGEST = 500_000_000;

    private final BackupShelf shelf;
    private final KitchenArchive archive;
    private final DailyCopies copies;
    private final FireDesk fire;
    private final Clock clock;

    KeepingController(BackupShelf shelf, KitchenArchive archive, DailyCopies copies, FireDesk fire, Clock clock) {
        this.shelf = shelf;
        this.archive = archive;
        this.copies = copies;
        this.fire = fire;
        this.clock = clock;
    }

    @GetMapping
    String keeping(@RequestParam(defaultValue = "") String done, Model model) {
        return show(KeepingWords.done(done), model);
    }

    private String show(String said, Model model) {
        model.addAttribute("said", said);
        model.addAttribute(
                "backups",
                shelf.all().stream()
                        .map(one -> KeptRow.of(one, clock.getZone()))
                        .toList());
        model.addAttribute("folder", shelf.folder());
        model.addAttribute("copies", copies.said());
        model.addAttribute("trouble", copies.trouble());
        return "keeping";
    }

    @PostMapping("/backup")
    String backup() {
        shelf.keepNow();
        return "redirect:/keeping?done=kept";
    }

    @PostMapping("/back")
    String back(@RequestParam String name) {
        shelf.goBackTo(name);
        fire.lookAgain();
        return "redirect:/keeping?done=back";
    }

    /** Written whole before any of it is sent: whoever takes it slowly keeps nobody waiting. */
    @GetMapping("/kitchen.zip")
    void out(HttpServletResponse response) throws IOException {
        Path file = Files.createTempFile("ironpin-kitchen", ".zip");
        try {
            try (OutputStream out = Files.newOutputStream(file)) {
                archive.write(out, clock.instant());
            } catch (IOException full) {
                throw new NotWritten(full);
            }
            response.setContentType(ZIP);
            response.setContentLengthLong(Files.size(file));
            response.setHeader(
                    "Content-Disposition", "attachment; filename=\"ironpin-kitchen-" + LocalDate.now(clock) + ".zip\"");
            response.setHeader("Cache-Control", "no-store");
            Files.copy(file, response.getOutputStream());
        } finally {
            Files.delete(file);
        }
    }

    /** One that the page's script sends as it is, of any size; answered in one sentence. */
    @PostMapping(path = "/kitchen", consumes = ZIP)
    ResponseEntity<String> in(HttpServletRequest request) throws IOException {
        MediaType words = new MediaType(MediaType.TEXT_PLAIN, StandardCharsets.UTF_8);
        try {
            return ResponseEntity.ok().contentType(words).body(bring(request.getInputStream()));
        } catch (Refused refused) {
            return ResponseEntity.status(HttpStatus.UNPROCESSABLE_CONTENT)
                    .contentType(words)
                    .body(Name.first(refused.getMessage()) + ".");
        }
    }

    /** The same by a form, where no script runs. */
    @PostMapping(path = "/kitchen", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
    String in(@RequestParam MultipartFile file, Model model) throws IOException {
        try (InputStream in = file.getInputStream()) {
            return show(bring(in), model);
        }
    }

    private String bring(InputStream in) throws IOException {
        Path file = Files.createTempFile("ironpin-came", ".zip");
        try {
            try (OutputStream out = Files.newOutputStream(file)) {
                long left = LARGEST;
                byte[] some = new byte[1 << 16];
                for (int got = in.read(some); got >= 0; got = in.read(some)) {
                    left -= got;
                    if (left < 0) {
                        throw new Refused("an archive has up to " + LARGEST / 1_000_000 + " MB here");
                    }
                    out.write(some, 0, got);
                }
            }
            Brought brought = archive.bring(file, Photograph::of, clock.instant());
            fire.lookAgain();
            return KeepingWords.of(brought);
        } finally {
            Files.delete(file);
        }
    }
}
