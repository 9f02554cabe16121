package ironpin.web.book;

import ironpin.book.Happened;
import ironpin.format.WrittenBatch.Told;
import ironpin.store.BatchStore;
import ironpin.store.StoredBatch;
import ironpin.wording.TimeOfDay;
import java.time.Clock;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.ResponseBody;

/** A batch's whole story, in order. */
@Controller
class HappenedController {
    private final BatchStore batches;
    private final Stories stories;
    private final Clock clock;

    HappenedController(BatchStore batches, Stories stories, Clock clock) {
        this.batches = batches;
        this.stories = stories;
        this.clock = clock;
    }

    /**
     * A day of the story.
     *
     * @param day as it is said
     * @param lines in order
     */
    public record Day(String day, List<Line> lines) {}

    /**
     * A line of it.
     *
     * @param time of day
     * @param happened what
     */
    public record Line(String time, Happened happened) {}

    @GetMapping("/batches/{id}/story")
    String story(@PathVariable long id, Model model) {
        StoredBatch stored = batches.load(id);
        Map<String, List<Line>> days = new LinkedHashMap<>();
        for (Happened one : stories.of(stored)) {
            LocalDateTime at = one.at().atZone(clock.getZone()).toLocalDateTime();
            days.computeIfAbsent(TimeOfDay.shortDay(at), day -> new ArrayList<>())
                    .add(new Line(TimeOfDay.of(at.toLocalTime()), one));
        }
        model.addAttribute("id", id);
        model.addAttribute("title", stored.batch().title());
        model.addAttribute(
                "days",
                days.entrySet().stream()
                        .map(day -> new Day(day.getKey(), day.getValue()))
                        .toList());
        return "story";
    }

    @GetMapping("/api/v1/batches/{id}/story")
    @ResponseBody
    List<Told> story(@PathVariable long id) {
        return stories.written(batches.load(id));
    }
}
