package ironpin.web.api;

import ironpin.batch.Batch;
import ironpin.batch.edit.Lanes;
import ironpin.format.BatchFormat;
import ironpin.format.WrittenBatch;
import ironpin.store.BatchStore;
import ironpin.store.StartStore;
import ironpin.web.api.DocumentLink.Kind;
import jakarta.servlet.http.HttpServletRequest;
import java.util.ArrayList;
import java.util.List;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;

/** Links that another Ironpin opens: a whole supper, one lot of it with its filling, or a start. */
@Controller
class LinkController {
    private final BatchStore batches;
    private final StartStore starts;

    LinkController(BatchStore batches, StartStore starts) {
        this.batches = batches;
        this.starts = starts;
    }

    /** @param name what it is a link to */
    public record To(String name, String link) {}

    @GetMapping("/batches/{id}/link")
    String batch(@PathVariable long id, HttpServletRequest request, Model model) {
        Batch batch = batches.load(id).batch();
        List<To> all = new ArrayList<>(List.of(to("The whole of it", batch, Kind.BATCH, request)));
        if (batch.lots().size() > 1) {
            batch.lots()
                    .forEach(lot -> all.add(to(
                            lot.name() + " alone, with their filling",
                            Lanes.only(batch, lot.no()).withTitle(lot.name()),
                            Kind.BATCH,
                            request)));
        }
        return show(batch.title(), all, model);
    }

    @GetMapping("/starts/{id}/link")
    String start(@PathVariable long id, HttpServletRequest request, Model model) {
        StartStore.Kept kept = starts.load(id);
        return show(
                kept.name(),
                List.of(to("As a start", kept.batch().withTitle(kept.name()), Kind.START, request)),
                model);
    }

    private static String show(String title, List<To> all, Model model) {
        model.addAttribute("title", title);
        model.addAttribute("links", all);
        return "link";
    }

    private static To to(String name, Batch batch, Kind kind, HttpServletRequest request) {
        String here = request.getRequestURL().toString().replaceAll("(?<=[^:/])/.*", "");
        String text = BatchFormat.write(new WrittenBatch(batch));
        return new To(name, here + DocumentLink.PAGE + new DocumentLink(kind, text).written());
    }
}
