package ironpin.web.dough;

import ironpin.batch.Batch;
import ironpin.batch.Station;
import ironpin.batch.edit.Address;
import ironpin.batch.edit.Composing;
import ironpin.batch.edit.DoughChanges;
import ironpin.batch.edit.DoughField;
import ironpin.batch.edit.OutOfRange;
import ironpin.clock.Progress;
import ironpin.dough.DoughAddition;
import ironpin.dough.DoughFamily;
import ironpin.dough.KneadSchool;
import ironpin.dough.Kneading;
import ironpin.kit.Kit;
import ironpin.pantry.Flour;
import ironpin.quantity.Sentence;
import ironpin.refusal.NotThere;
import ironpin.refusal.Numbered;
import ironpin.store.BatchStore;
import ironpin.store.KitStore;
import ironpin.store.StoredBatch;
import ironpin.web.page.Changes;
import ironpin.web.page.Choice;
import ironpin.web.page.From;
import ironpin.web.page.ReadingNote;
import ironpin.web.page.Screens;
import ironpin.web.page.Shown;
import ironpin.wrapper.BoughtWrapper;
import java.time.Clock;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.function.Function;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** What a dough is made of, how it is kneaded, and wrappers out of a pack instead of it. */
@Controller
@RequestMapping("/batches/{id}")
class DoughController {
    private final BatchStore batches;
    private final KitStore kits;
    private final Screens screens;
    private final Shown shown;
    private final Changes changes;
    private final Clock clock;

    DoughController(BatchStore batches, KitStore kits, Screens screens, Shown shown, Changes changes, Clock clock) {
        this.clock = clock;
        this.batches = batches;
        this.kits = kits;
        this.screens = screens;
        this.shown = shown;
        this.changes = changes;
    }

    /** Another family; what else it moves is said beside it. */
    @PostMapping("/dough/family")
    String family(@PathVariable long id, @RequestParam DoughFamily family, From from, Model model) {
        Kit kit = kits.load();
        Batch before = batches.load(id).batch();
        int doughNo = before.lot(from.lotOf(before)).doughNo();
        StoredBatch after = batches.change(
                id,
                family.label(),
                batch -> Composing.family(
                        batch, doughNo, family, batch.lot(from.lotOf(batch)).method(), kit),
                clock.instant());
        List<Sentence> moved =
                DoughChanges.between(before.dough(doughNo), after.batch().dough(doughNo));
        Sentence said = moved.isEmpty()
                ? Sentence.of("Nothing else changes.")
                : Sentence.of("With it: ", Sentence.join("; ", moved), ".");
        return changes.answer(
                after,
                from,
                model,
                Optional.of(new ReadingNote("family", "", said, List.of(), Sentence.EMPTY, List.of())));
    }

    @PostMapping("/dough/flour")
    String flour(@PathVariable long id, @RequestParam int index, @RequestParam String flour, From from, Model model) {
        Flour chosen = inKit(flour);
        return changes.changeSeen(
                id,
                from,
                model,
                batch -> bearer(batch, from, index),
                chosen.name(),
                batch -> Composing.flour(batch, batch.lot(from.lotOf(batch)).doughNo(), index, chosen));
    }

    @PostMapping("/dough/flours/add")
    String addFlour(@PathVariable long id, @RequestParam String flour, From from, Model model) {
        if (flour.isEmpty()) {
            return same(id, from, model);
        }
        Flour chosen = inKit(flour);
        return change(
                id,
                from,
                model,
                "with " + chosen.name(),
                (batch, doughNo) -> Composing.addFlour(batch, doughNo, chosen));
    }

    @PostMapping("/dough/flours/drop")
    String dropFlour(@PathVariable long id, @RequestParam int index, From from, Model model) {
        return changes.changeSeen(
                id,
                from,
                model,
                batch -> bearer(batch, from, index),
                "a flour less",
                batch -> Composing.dropFlour(batch, batch.lot(from.lotOf(batch)).doughNo(), index));
    }

    @PostMapping("/dough/add")
    String add(@PathVariable long id, @RequestParam Optional<DoughAddition> addition, From from, Model model) {
        if (addition.isEmpty()) {
            return same(id, from, model);
        }
        DoughAddition chosen = addition.get();
        return change(
                id, from, model, "with " + chosen.label(), (batch, doughNo) -> Composing.add(batch, doughNo, chosen));
    }

    @PostMapping("/dough/kneading")
    String kneading(
            @PathVariable long id,
            @RequestParam KneadSchool school,
            @RequestParam Kneading.By by,
            From from,
            Model model) {
        return change(
                id,
                from,
                model,
                school.label() + ", " + by.label(),
                (batch, doughNo) -> Composing.kneading(batch, doughNo, new Kneading(school, by)));
    }

    @PostMapping("/dough/bowl")
    String bowl(@PathVariable long id, @RequestParam String bowl, From from, Model model) {
        Kit kit = kits.load();
        return change(
                id,
                from,
                model,
                kit.bowl(bowl).map(one -> one.name()).orElse("no bowl counted"),
                (batch, doughNo) -> Composing.bowl(batch, doughNo, kit.bowl(bowl)));
    }

    /** @param skin "made", or a shape and a thickness with a hyphen between */
    @PostMapping("/dough/skin")
    String skin(@PathVariable long id, @RequestParam String skin, From from, Model model) {
        Optional<BoughtWrapper> wrapper = skin.equals(DoughScreen.MADE) ? Optional.empty() : Optional.of(usual(skin));
        return changes.change(
                id,
                from,
                model,
                wrapper.isPresent()
                        ? "bought wrappers, " + skin.replace('-', ' ').toLowerCase(Locale.ROOT)
                        : "own dough",
                batch -> Composing.bought(batch, from.lotOf(batch), wrapper));
    }

    /**
     * What a hydration would give, while the pin is being dragged: nothing is kept.
     *
     * @param hydration of the poured water, %
     */
    @GetMapping("/dough/tried")
    String tried(@PathVariable long id, @RequestParam int lot, @RequestParam double hydration, Model model) {
        StoredBatch stored = batches.load(id);
        int doughNo = stored.batch().lots().stream()
                .filter(one -> one.no() == lot)
                .findFirst()
                .orElse(stored.batch().lots().get(0))
                .doughNo();
        double clamped = Math.max(DoughField.HYDRATION.low(), Math.min(DoughField.HYDRATION.high(), hydration));
        Batch batch;
        try {
            batch = DoughField.HYDRATION.write(stored.batch(), Address.dough(doughNo), clamped);
        } catch (OutOfRange notANumber) {
            batch = stored.batch();
        }
        shown.show(screens.tried(stored, batch, Station.DOUGH, lot), Progress.ALL, model);
        return "tried :: answer";
    }

    private static BoughtWrapper usual(String skin) {
        String[] words = skin.split("-", 2);
        return BoughtWrapper.usual(
                Choice.of(BoughtWrapper.Shape.class, words[0]),
                Choice.of(BoughtWrapper.Thickness.class, words.length == 2 ? words[1] : ""));
    }

    private static String bearer(Batch batch, From from, int index) {
        return Numbered.bearer(
                batch.dough(batch.lot(from.lotOf(batch)).doughNo()).flours(), index, "flour", one -> one.flour()
                        .key());
    }

    private Flour inKit(String key) {
        return kits.load().flour(key).orElseThrow(() -> NotThere.called("flour", key));
    }

    private String same(long id, From from, Model model) {
        return changes.answer(batches.load(id), from, model, Optional.empty());
    }

    private String change(long id, From from, Model model, String label, BiFunction<Batch, Integer, Batch> change) {
        Function<Batch, Integer> dough = batch -> batch.lot(from.lotOf(batch)).doughNo();
        return changes.change(id, from, model, label, batch -> change.apply(batch, dough.apply(batch)));
    }
}
