package ironpin.web.page;

import ironpin.batch.Appetite;
import ironpin.batch.Batch;
import ironpin.batch.Lot;
import ironpin.batch.edit.BenchCorrection;
import ironpin.batch.edit.Composing;
import ironpin.batch.edit.Hunger;
import ironpin.batch.edit.Pin;
import ironpin.batch.edit.Pins;
import ironpin.batch.edit.PlanField;
import ironpin.batch.edit.PlanNumber;
import ironpin.batch.edit.Unread;
import ironpin.cook.CookMethod;
import ironpin.dough.BenchFeel;
import ironpin.kit.Hand;
import ironpin.pantry.Allergen;
import ironpin.portion.PortionSchool;
import ironpin.quantity.Sentence;
import ironpin.store.BatchStore;
import ironpin.store.CorrectionStore;
import ironpin.store.KitStore;
import ironpin.store.LoggedCorrection;
import ironpin.store.StoredBatch;
import ironpin.wording.TimeOfDay;
import ironpin.wrapper.Fold;
import ironpin.wrapper.RollSchool;
import java.time.Clock;
import java.time.LocalDateTime;
import java.util.Locale;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** Every change of a plan. Each answers with the screen as it now stands. */
@Controller
@RequestMapping("/batches/{id}")
class PlanController {
    private final BatchStore batches;
    private final CorrectionStore corrections;
    private final KitStore kits;
    private final Changes changes;
    private final Clock clock;

    PlanController(BatchStore batches, CorrectionStore corrections, KitStore kits, Changes changes, Clock clock) {
        this.kits = kits;
        this.batches = batches;
        this.corrections = corrections;
        this.changes = changes;
        this.clock = clock;
    }

    /**
     * @param instead another way the typed amount may have been meant, if that was pressed
     * @param way another number of the plan that was pressed instead: its field, where it stands, and its value
     */
    @PostMapping("/plan")
    String number(
            @PathVariable long id,
            @RequestParam String field,
            @RequestParam String at,
            @RequestParam String value,
            @RequestParam(defaultValue = "") String instead,
            @RequestParam(defaultValue = "") String way,
            From from,
            Model model) {
        String[] other = way.split(" ", 3);
        if (other.length == 3) {
            return changes.number(id, from, model, PlanField.ofKey(other[0]).at(other[1]), other[2]);
        }
        PlanNumber<?> number = PlanField.ofKey(field).at(at);
        return changes.number(id, from, model, number, instead.isEmpty() ? value : instead);
    }

    @PostMapping("/plan/pin")
    String pin(@PathVariable long id, @RequestParam Pin pin, From from, Model model) {
        return changes.change(
                id,
                from,
                model,
                "hold " + pin.name().toLowerCase(Locale.ROOT),
                batch -> Pins.move(batch, from.lotOf(batch), pin));
    }

    @PostMapping("/plan/appetite")
    String appetite(@PathVariable long id, @RequestParam Appetite appetite, From from, Model model) {
        return changes.change(id, from, model, "appetite: " + appetite.label(), batch -> Hunger.of(batch, appetite));
    }

    /** What somebody at the table avoids; all of it is sent each time. */
    @PostMapping("/plan/avoided")
    String avoided(@PathVariable long id, @RequestParam(required = false) Set<Allergen> avoid, From from, Model model) {
        Set<Allergen> all = Set.copyOf(Choice.said(avoid));
        return changes.change(
                id,
                from,
                model,
                "avoided: "
                        + (all.isEmpty()
                                ? "nothing"
                                : all.stream().map(Allergen::label).sorted().collect(Collectors.joining(", "))),
                batch -> batch.withGuests(batch.guests().avoiding(all)));
    }

    /** What a recipe said and was not understood: the cook says what it is. */
    @PostMapping("/plan/unread")
    String unread(@PathVariable long id, @RequestParam int index, @RequestParam String words, From from, Model model) {
        if (words.isBlank() || words.strip().length() > Batch.LONGEST_UNREAD) {
            throw new NotChanged(
                    id,
                    from,
                    new FieldError(
                            "unread", index, words, Sentence.of("1 to " + Batch.LONGEST_UNREAD + " characters.")));
        }
        return changes.changeSeen(
                id,
                from,
                model,
                batch -> Unread.at(batch, index),
                words.strip(),
                batch -> Unread.called(batch, index, words.strip()));
    }

    /** It is in another line, or is not put in. */
    @PostMapping("/plan/unread/drop")
    String dropUnread(@PathVariable long id, @RequestParam int index, From from, Model model) {
        return changes.changeSeen(
                id,
                from,
                model,
                batch -> Unread.at(batch, index),
                "a line that was not read, done with",
                batch -> Unread.drop(batch, index));
    }

    @PostMapping("/plan/method")
    String method(@PathVariable long id, @RequestParam String method, From from, Model model) {
        CookMethod chosen = CookMethod.ofKey(method);
        Hand hand = kits.load().hand();
        return changes.change(
                id,
                from,
                model,
                chosen.done() + ": " + chosen.school(),
                batch -> Composing.method(batch, from.lotOf(batch), chosen, hand));
    }

    @PostMapping("/plan/fold")
    String fold(@PathVariable long id, @RequestParam Fold fold, From from, Model model) {
        Hand hand = kits.load().hand();
        return changes.change(
                id,
                from,
                model,
                "fold: " + fold.label(),
                batch -> Composing.fold(batch, from.lotOf(batch), fold, hand));
    }

    @PostMapping("/plan/portioning")
    String portioning(@PathVariable long id, @RequestParam PortionSchool school, From from, Model model) {
        return changes.change(
                id,
                from,
                model,
                "cut from " + school.label(),
                batch -> batch.mapLot(
                        from.lotOf(batch), lot -> lot.withCutting(lot.cutting().withSchool(school))));
    }

    @PostMapping("/plan/rolling")
    String rolling(@PathVariable long id, @RequestParam RollSchool school, From from, Model model) {
        return changes.change(
                id,
                from,
                model,
                school.label(),
                batch -> batch.mapLot(
                        from.lotOf(batch),
                        lot -> lot.withShape(lot.shape().withRolling(school).withCentreToRim(school.centreToRim()))));
    }

    @PostMapping("/plan/gives-way")
    String givesWay(@PathVariable long id, @RequestParam Lot.GivesWay which, From from, Model model) {
        return changes.change(
                id,
                from,
                model,
                which.label() + " follows",
                batch -> batch.mapLot(
                        from.lotOf(batch), lot -> lot.withShape(lot.shape().withGivesWay(which))));
    }

    @PostMapping("/plan/title")
    String title(@PathVariable long id, @RequestParam String title, From from, Model model) {
        if (title.isBlank() || title.strip().length() > 80) {
            throw new NotChanged(id, from, new FieldError("title", 0, title, Sentence.of("1 to 80 characters.")));
        }
        return changes.change(id, from, model, "title", batch -> batch.withTitle(title));
    }

    @PostMapping("/plan/lot-name")
    String lotName(@PathVariable long id, @RequestParam String name, From from, Model model) {
        if (name.isBlank() || name.strip().length() > 80) {
            throw new NotChanged(id, from, new FieldError("lot-name", 0, name, Sentence.of("1 to 80 characters.")));
        }
        return changes.change(
                id, from, model, name.strip(), batch -> batch.withLotName(from.lotOf(batch), name.strip()));
    }

    @PostMapping("/plan/serving")
    String serving(
            @PathVariable long id, @RequestParam String date, @RequestParam String time, From from, Model model) {
        LocalDateTime serving = Asked.serving(date, time)
                .orElseThrow(() -> new NotChanged(
                        id, from, new FieldError("serving", 0, date + " " + time, Sentence.of(Asked.SERVING_RULE))));
        return changes.change(
                id, from, model, "table at " + TimeOfDay.of(serving), batch -> batch.withServing(serving));
    }

    @PostMapping("/feel")
    String feel(@PathVariable long id, @RequestParam BenchFeel feel, From from, Model model) {
        return changes.kept(id, from, model, () -> felt(id, feel, from));
    }

    private StoredBatch felt(long id, BenchFeel feel, From from) {
        Batch before = batches.load(id).batch();
        int doughNo = before.lot(from.lotOf(before)).doughNo();
        BenchCorrection step = BenchCorrection.of(before, doughNo, feel).kept(doughNo);
        LoggedCorrection logged =
                new LoggedCorrection(doughNo, step.correction(), step.before(), step.hydration(), clock.instant());
        return corrections.make(
                id,
                "felt " + feel.label(),
                batch -> BenchCorrection.of(batch, doughNo, feel).kept(doughNo).batch(),
                logged);
    }

    @PostMapping("/undo")
    String undo(@PathVariable long id, From from, Model model) {
        return changes.kept(id, from, model, () -> batches.undo(id, from.revision()));
    }

    @PostMapping("/redo")
    String redo(@PathVariable long id, From from, Model model) {
        return changes.kept(id, from, model, () -> batches.redo(id, from.revision()));
    }
}
