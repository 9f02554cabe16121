package ironpin.web.page;

import ironpin.batch.Batch;
import ironpin.batch.FillingComposing;
import ironpin.filling.FillingKind;
import ironpin.filling.MixSchool;
import ironpin.filling.Treatment;
import jakarta.servlet.http.HttpServletResponse;
import java.util.function.BiFunction;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** What a filling is made of. */
@Controller
@RequestMapping("/batches/{id}/filling")
class FillingController {
    private static final int MOST_NAME = 80;
    private static final String NAME_RULE = "1 to 80 characters.";

    /** Number of the field for a new line in errors; no line has it. */
    private static final int NEW_LINE = -1;

    private final Changes changes;

    FillingController(Changes changes) {
        this.changes = changes;
    }

    @PostMapping("/add")
    String add(@PathVariable long id, @RequestParam String name, From from, Model model, HttpServletResponse response) {
        if (bad(name)) {
            FieldError error = new FieldError("filling-name", NEW_LINE, name, NAME_RULE);
            return changes.refuse(id, from, model, response, error);
        }
        return change(id, from, model, "with " + name, (batch, no) -> FillingComposing.add(batch, no, name));
    }

    @PostMapping("/drop")
    String drop(@PathVariable long id, @RequestParam int index, From from, Model model) {
        return change(id, from, model, "a line less", (batch, no) -> FillingComposing.drop(batch, no, index));
    }

    @PostMapping("/name")
    String rename(
            @PathVariable long id,
            @RequestParam int index,
            @RequestParam String name,
            From from,
            Model model,
            HttpServletResponse response) {
        if (bad(name)) {
            return changes.refuse(id, from, model, response, new FieldError("filling-name", index, name, NAME_RULE));
        }
        return change(id, from, model, name, (batch, no) -> FillingComposing.rename(batch, no, index, name));
    }

    /** Says in a line's name what is done to a vegetable, in the place of what was said before. */
    @PostMapping("/treatment")
    String treatment(
            @PathVariable long id,
            @RequestParam int index,
            @RequestParam String name,
            @RequestParam Treatment treatment,
            From from,
            Model model) {
        String treated = name.replaceAll(",.*", "").strip() + ", " + treatment.label();
        return change(id, from, model, treated, (batch, no) -> FillingComposing.rename(batch, no, index, treated));
    }

    @PostMapping("/school")
    String school(@PathVariable long id, @RequestParam MixSchool school, From from, Model model) {
        return change(id, from, model, school.label(), (batch, no) -> FillingComposing.school(batch, no, school));
    }

    @PostMapping("/kind")
    String kind(@PathVariable long id, @RequestParam FillingKind kind, From from, Model model) {
        return change(id, from, model, kind.label(), (batch, no) -> FillingComposing.kind(batch, no, kind));
    }

    private static boolean bad(String name) {
        return name.isBlank() || name.strip().length() > MOST_NAME;
    }

    private String change(long id, From from, Model model, String label, BiFunction<Batch, Integer, Batch> change) {
        return changes.change(
                id,
                from,
                model,
                label,
                batch -> change.apply(batch, batch.lot(from.lotOf(batch)).fillingNo()));
    }
}
