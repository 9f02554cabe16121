package ironpin.web.filling;

import ironpin.amount.UnreadableAmount;
import ironpin.batch.Batch;
import ironpin.batch.Filling;
import ironpin.batch.edit.FillingComposing;
import ironpin.filling.Composition;
import ironpin.filling.FillingKind;
import ironpin.filling.FillingLine;
import ironpin.filling.MixSchool;
import ironpin.filling.PattyVerdict;
import ironpin.filling.Spoken;
import ironpin.filling.Treatment;
import ironpin.pantry.Food;
import ironpin.quantity.Decimal;
import ironpin.quantity.Dimension;
import ironpin.quantity.Mass;
import ironpin.quantity.Sentence;
import ironpin.refusal.NotThere;
import ironpin.refusal.Numbered;
import ironpin.store.BatchStore;
import ironpin.store.HandStore;
import ironpin.store.KitStore;
import ironpin.web.page.Changes;
import ironpin.web.page.FieldError;
import ironpin.web.page.From;
import ironpin.web.page.NotChanged;
import ironpin.web.page.TypedValue;
import java.time.Clock;
import java.util.Optional;
import java.util.OptionalDouble;
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

    private static final double MOST_GRAMS = 50_000;
    private static final double LEAST_LEFT = 0.1;
    private static final String WEIGHED_RULE = "Both in grams: raw 1 to 50,000, and left a tenth of that to all of it.";

    private final Changes changes;
    private final BatchStore batches;
    private final HandStore hand;
    private final KitStore kit;
    private final Clock clock;

    FillingController(Changes changes, BatchStore batches, HandStore hand, KitStore kit, Clock clock) {
        this.changes = changes;
        this.batches = batches;
        this.hand = hand;
        this.kit = kit;
        this.clock = clock;
    }

    @PostMapping("/add")
    String add(@PathVariable long id, @RequestParam String name, From from, Model model) {
        if (bad(name)) {
            FieldError error = new FieldError("filling-name", NEW_LINE, name, Sentence.of(NAME_RULE));
            throw new NotChanged(id, from, error);
        }
        return change(id, from, model, "with " + name, (batch, no) -> FillingComposing.add(batch, no, name));
    }

    @PostMapping("/soup")
    String soup(@PathVariable long id, From from, Model model) {
        return change(id, from, model, "soup inside", FillingComposing::soup);
    }

    @PostMapping("/blend")
    String blend(@PathVariable long id, From from, Model model) {
        return change(
                id,
                from,
                model,
                "fat blended to " + Decimal.trimmed(Composition.WANTED_FAT.percent(), 0) + " %",
                (batch, no) -> FillingComposing.blend(batch, no, Composition.WANTED_FAT));
    }

    @PostMapping("/drop")
    String drop(@PathVariable long id, @RequestParam int index, From from, Model model) {
        return changes.changeSeen(
                id,
                from,
                model,
                batch -> bearer(batch, from, index),
                "a line less",
                batch -> FillingComposing.drop(
                        batch, batch.lot(from.lotOf(batch)).fillingNo(), index));
    }

    @PostMapping("/name")
    String rename(@PathVariable long id, @RequestParam int index, @RequestParam String name, From from, Model model) {
        if (bad(name)) {
            throw new NotChanged(id, from, new FieldError("filling-name", index, name, Sentence.of(NAME_RULE)));
        }
        return changeLine(id, from, model, index, name, (batch, no) -> FillingComposing.rename(batch, no, index, name));
    }

    /** Says in a line's name what is done to it first, in the place of what was said before; nothing for as it is. */
    @PostMapping("/treatment")
    String treatment(
            @PathVariable long id,
            @RequestParam int index,
            @RequestParam Optional<Treatment> treatment,
            From from,
            Model model) {
        String label = treatment.map(Treatment::label).orElse("as it is");
        return changeLine(
                id, from, model, index, label, (batch, no) -> FillingComposing.treat(batch, no, index, treatment));
    }

    /** A patty was fried and tasted: what to add to the rest goes into the plan at once. */
    @PostMapping("/taste")
    String taste(@PathVariable long id, @RequestParam PattyVerdict verdict, From from, Model model) {
        return changes.kept(id, from, model, () -> {
            Batch before = batches.load(id).batch();
            return hand.taste(id, before.lot(from.lotOf(before)).fillingNo(), verdict, clock.instant());
        });
    }

    /** A vegetable was squeezed and weighed. */
    @PostMapping("/weighed")
    String weighed(
            @PathVariable long id,
            @RequestParam int index,
            @RequestParam String raw,
            @RequestParam String left,
            From from,
            Model model) {
        Batch before = batches.load(id).batch();
        Filling filling = before.filling(before.lot(from.lotOf(before)).fillingNo());
        String line = Numbered.of(filling.formula().lines(), index, "line").ingredient();
        Spoken spoken = Spoken.of(line);
        Food food = spoken.food().orElseThrow(() -> NotThere.called("vegetable", line));
        Treatment treatment = spoken.done().orElseThrow(() -> NotThere.called("treatment", line));
        OptionalDouble rawGrams = grams(raw, from);
        OptionalDouble leftGrams = grams(left, from);
        boolean sensible = rawGrams.isPresent()
                && leftGrams.isPresent()
                && rawGrams.getAsDouble() >= 1
                && rawGrams.getAsDouble() <= MOST_GRAMS
                && leftGrams.getAsDouble() >= LEAST_LEFT * rawGrams.getAsDouble()
                && leftGrams.getAsDouble() <= rawGrams.getAsDouble();
        if (!sensible) {
            throw new NotChanged(id, from, RefusedWeighing.error(index, raw, left, WEIGHED_RULE));
        }
        hand.weigh(
                id,
                filling.no(),
                food.key(),
                treatment,
                Mass.ofGrams(rawGrams.getAsDouble()),
                Mass.ofGrams(leftGrams.getAsDouble()),
                clock.instant());
        return changes.answer(batches.load(id), from, model, Optional.empty());
    }

    private OptionalDouble grams(String typed, From from) {
        try {
            return TypedValue.read(
                            typed,
                            "g",
                            Optional.of(Dimension.MASS),
                            from.units(),
                            Optional.empty(),
                            kit.load().amounts())
                    .map(value -> OptionalDouble.of(value.metric()))
                    .orElse(OptionalDouble.empty());
        } catch (UnreadableAmount refused) {
            return OptionalDouble.empty();
        }
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

    private static String bearer(Batch batch, From from, int index) {
        return Numbered.bearer(
                batch.filling(batch.lot(from.lotOf(batch)).fillingNo())
                        .formula()
                        .lines(),
                index,
                "line",
                FillingLine::ingredient);
    }

    private String changeLine(
            long id, From from, Model model, int index, String label, BiFunction<Batch, Integer, Batch> change) {
        return changes.changeSeen(
                id,
                from,
                model,
                batch -> bearer(batch, from, index),
                label,
                batch -> change.apply(batch, batch.lot(from.lotOf(batch)).fillingNo()));
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
