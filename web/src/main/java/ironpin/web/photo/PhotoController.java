package ironpin.web.photo;

import ironpin.refusal.Refused;
import ironpin.store.BatchStore;
import ironpin.store.PhotoStore;
import java.io.IOException;
import java.time.Clock;
import java.time.Duration;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.multipart.MultipartFile;

/** Photos of a batch. */
@Controller
class PhotoController {
    private final PhotoStore photos;
    private final BatchStore batches;
    private final Clock clock;

    PhotoController(PhotoStore photos, BatchStore batches, Clock clock) {
        this.photos = photos;
        this.batches = batches;
        this.clock = clock;
    }

    @PostMapping("/batches/{id}/photos")
    String keep(@PathVariable long id, @RequestParam MultipartFile photo) throws IOException {
        batches.load(id);
        byte[] kept = Photograph.of(photo.getBytes());
        if (kept.length > PhotoStore.LARGEST) {
            throw new Refused("this photo is too full of detail to be kept; take it from further away");
        }
        photos.keep(id, kept, clock.instant());
        return "redirect:/batches/" + id + "/book";
    }

    @GetMapping("/batches/{id}/photos/{photo}.jpg")
    ResponseEntity<byte[]> picture(@PathVariable long id, @PathVariable long photo) {
        return ResponseEntity.ok()
                .contentType(MediaType.IMAGE_JPEG)
                .cacheControl(CacheControl.maxAge(Duration.ofDays(30)).cachePrivate())
                .body(photos.picture(id, photo));
    }

    @PostMapping("/batches/{id}/photos/drop")
    String drop(@PathVariable long id, @RequestParam long photo) {
        batches.load(id);
        photos.drop(id, photo);
        return "redirect:/batches/" + id + "/book";
    }
}
