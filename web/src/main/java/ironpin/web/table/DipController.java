package ironpin.web.table;

import ironpin.batch.Batch;
import ironpin.batch.edit.DipComposing;
import ironpin.dip.Dip;
import ironpin.quantity.Sentence;
import ironpin.refusal.NotThere;
import ironpin.refusal.Numbered;
import ironpin.store.DipStore;
import ironpin.web.page.Changes;
import ironpin.web.page.FieldError;
import ironpin.web.page.From;
import ironpin.web.page.NotChanged;
import ironpin.web.page.TypedNumber;
import java.util.OptionalDouble;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** Which dip stands beside a lot, and what is in it. */
@Controller
@RequestMapping("/batches/{id}/dip")
class DipController {
    private static final String NAME_RULE = "1 to 60 characters.";
    private static final String PARTS_RULE = "Above 0, up to 1,000 parts.";
    private static final double MOST_PARTS = 1_000;
    /** Number of the field for a new line in errors; no line has it. */
    private static final int NEW_LINE = -1;

    private final Changes changes;
    private final DipStore dips;

    DipController(Changes changes, DipStore dips) {
        this.changes = changes;
        this.dips = dips;
    }

    @PostMapping
    String choose(@PathVariable long id, @RequestParam String name, From from, Model model) {
        Dip chosen = dips.all().stream()
                .filter(dip -> dip.name().equals(name))
                .findFirst()
                .orElseThrow(() -> NotThere.called("dip", name));
        return changes.change(id, from, model, chosen.name(), batch -> batch.withDip(from.lotOf(batch), chosen));
    }

    @PostMapping("/name")
    String rename(@PathVariable long id, @RequestParam String name, From from, Model model) {
        if (bad(name)) {
            throw new NotChanged(id, from, new FieldError("dip-name", 0, name, Sentence.of(NAME_RULE)));
        }
        return changes.change(
                id, from, model, "dip: " + name.strip(), batch -> DipComposing.rename(batch, from.lotOf(batch), name));
    }

    @PostMapping("/add")
    String add(@PathVariable long id, @RequestParam String name, From from, Model model) {
        if (bad(name)) {
            throw new NotChanged(id, from, new FieldError("dip-line", NEW_LINE, name, Sentence.of(NAME_RULE)));
        }
        return changes.change(
                id, from, model, "dip with " + name.strip(), batch -> DipComposing.add(batch, from.lotOf(batch), name));
    }

    @PostMapping("/drop")
    String drop(@PathVariable long id, @RequestParam int index, From from, Model model) {
        return changes.changeSeen(
                id,
                from,
                model,
                batch -> bearer(batch, from, index),
                "dip, a line less",
                batch -> DipComposing.drop(batch, from.lotOf(batch), index));
    }

    /** A line's name or its parts; both are sent. */
    @PostMapping("/line")
    String line(
            @PathVariable long id,
            @RequestParam int index,
            @RequestParam String name,
            @RequestParam String parts,
            From from,
            Model model) {
        if (bad(name)) {
            throw new NotChanged(id, from, new FieldError("dip-line", index, name, Sentence.of(NAME_RULE)));
        }
        OptionalDouble number = TypedNumber.read(parts, "");
        if (number.isEmpty() || number.getAsDouble() <= 0 || number.getAsDouble() > MOST_PARTS) {
            throw new NotChanged(id, from, new FieldError("dip-parts", index, parts, Sentence.of(PARTS_RULE)));
        }
        Dip.Part part = new Dip.Part(name.strip(), number.getAsDouble());
        return changes.changeSeen(
                id,
                from,
                model,
                batch -> bearer(batch, from, index),
                "dip: " + part.ingredient(),
                batch -> DipComposing.line(batch, from.lotOf(batch), index, part));
    }

    private static String bearer(Batch batch, From from, int index) {
        return Numbered.bearer(batch.lot(from.lotOf(batch)).dip().parts(), index, "line", Dip.Part::ingredient);
    }

    private static boolean bad(String name) {
        return name.isBlank() || name.strip().length() > Dip.MOST_NAME;
    }
}
