package ironpin.web.page;

import ironpin.batch.Appetite;
import ironpin.batch.Balancer;
import ironpin.batch.Batch;
import ironpin.batch.BenchCorrection;
import ironpin.batch.OutOfRange;
import ironpin.batch.Pin;
import ironpin.batch.Pins;
import ironpin.batch.PlanField;
import ironpin.cook.CookMethod;
import ironpin.dough.BenchFeel;
import ironpin.store.BatchStore;
import ironpin.store.CorrectionStore;
import ironpin.store.LoggedCorrection;
import ironpin.store.StoredBatch;
import ironpin.web.kitchen.Bell;
import ironpin.web.picture.Say;
import ironpin.wrapper.Fold;
import jakarta.servlet.http.HttpServletResponse;
import java.time.Clock;
import java.time.DateTimeException;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import org.springframework.http.HttpStatus;
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
    private final Screens screens;
    private final CorrectionStore corrections;
    private final Bell bell;
    private final Clock clock;

    PlanController(BatchStore batches, CorrectionStore corrections, Screens screens, Bell bell, Clock clock) {
        this.corrections = corrections;
        this.batches = batches;
        this.screens = screens;
        this.bell = bell;
        this.clock = clock;
    }

    @PostMapping("/plan")
    String number(
            @PathVariable long id,
            @RequestParam String field,
            @RequestParam int no,
            @RequestParam String value,
            From from,
            Model model,
            HttpServletResponse response) {
        PlanField target = PlanField.ofKey(field).orElseThrow(() -> new NoSuchThing("number", field));
        OptionalDouble typed = TypedNumber.read(value, target.unit());
        if (typed.isEmpty()) {
            return refuse(id, from, model, response, new FieldError(field, no, value, FieldView.allowed(target)));
        }
        try {
            return change(id, from, model, before -> label(target, before, no, typed.getAsDouble()), batch -> {
                return target.write(batch, no, typed.getAsDouble());
            });
        } catch (OutOfRange refused) {
            return refuse(id, from, model, response, new FieldError(field, no, value, FieldView.allowed(refused)));
        }
    }

    @PostMapping("/plan/pin")
    String pin(@PathVariable long id, @RequestParam Pin pin, From from, Model model) {
        return change(
                id,
                from,
                model,
                before -> "hold " + pin.name().toLowerCase(Locale.ROOT),
                batch -> Pins.move(batch, from.lotOf(batch), pin));
    }

    @PostMapping("/plan/appetite")
    String appetite(@PathVariable long id, @RequestParam Appetite appetite, From from, Model model) {
        return change(
                id, from, model, before -> "appetite: " + appetite.label(), batch -> batch.withAppetite(appetite));
    }

    @PostMapping("/plan/method")
    String method(@PathVariable long id, @RequestParam String method, From from, Model model) {
        CookMethod chosen = CookMethod.ofKey(method);
        return change(
                id,
                from,
                model,
                before -> chosen.done() + ": " + chosen.school(),
                batch -> batch.withMethod(from.lotOf(batch), chosen));
    }

    @PostMapping("/plan/fold")
    String fold(@PathVariable long id, @RequestParam Fold fold, From from, Model model) {
        return change(
                id, from, model, before -> "fold: " + fold.label(), batch -> batch.withFold(from.lotOf(batch), fold));
    }

    @PostMapping("/plan/title")
    String title(
            @PathVariable long id, @RequestParam String title, From from, Model model, HttpServletResponse response) {
        if (title.isBlank() || title.strip().length() > 80) {
            return refuse(id, from, model, response, new FieldError("title", 0, title, "1 to 80 characters."));
        }
        return change(id, from, model, before -> "title", batch -> batch.withTitle(title));
    }

    @PostMapping("/plan/serving")
    String serving(
            @PathVariable long id,
            @RequestParam String date,
            @RequestParam String time,
            From from,
            Model model,
            HttpServletResponse response) {
        LocalDateTime serving;
        try {
            serving = LocalDateTime.of(LocalDate.parse(date), LocalTime.parse(time));
        } catch (DateTimeException e) {
            return refuse(
                    id,
                    from,
                    model,
                    response,
                    new FieldError("serving", 0, date + " " + time, "A date, and a time from 00:00 to 23:59."));
        }
        int year = serving.getYear();
        if (year < 2000 || year > 2100) {
            return refuse(
                    id,
                    from,
                    model,
                    response,
                    new FieldError("serving", 0, date + " " + time, "A year from 2000 to 2100."));
        }
        return change(id, from, model, before -> "table at " + Say.clock(serving), batch -> batch.withServing(serving));
    }

    @PostMapping("/feel")
    String feel(@PathVariable long id, @RequestParam BenchFeel feel, From from, Model model) {
        Batch before = batches.load(id).batch();
        int doughNo = before.lot(from.lotOf(before)).doughNo();
        BenchCorrection step = BenchCorrection.of(before, doughNo, feel);
        LoggedCorrection logged = new LoggedCorrection(doughNo, step.correction(), step.hydration(), clock.instant());
        StoredBatch after = corrections.make(
                id,
                "felt " + feel.label(),
                batch -> BenchCorrection.of(batch, doughNo, feel).batch(),
                logged);
        return answer(after, from, model);
    }

    @PostMapping("/undo")
    String undo(@PathVariable long id, From from, Model model) {
        return answer(batches.undo(id), from, model);
    }

    @PostMapping("/redo")
    String redo(@PathVariable long id, From from, Model model) {
        return answer(batches.redo(id), from, model);
    }

    private String change(long id, From from, Model model, Function<Batch, String> label, UnaryOperator<Batch> change) {
        StoredBatch before = batches.load(id);
        return answer(batches.change(id, label.apply(before.batch()), change, clock.instant()), from, model);
    }

    private String answer(StoredBatch stored, From from, Model model) {
        bell.ring(stored.id(), from.page());
        return show(screens.of(stored, from.at(), from.lot(), Optional.empty()), from, model);
    }

    private String refuse(long id, From from, Model model, HttpServletResponse response, FieldError error) {
        response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
        return show(screens.of(batches.load(id), from.at(), from.lot(), Optional.of(error)), from, model);
    }

    private static String show(Screen screen, From from, Model model) {
        model.addAttribute("s", screen);
        model.addAttribute("form", OutcomeForm.of(screen));
        model.addAttribute("bench", from.bench());
        return from.view();
    }

    private static String label(PlanField field, Batch before, int no, double value) {
        double old = field.read(before, Balancer.solve(before), no);
        String unit = field.unit().isEmpty() ? "" : " " + field.unit();
        return field.label() + " " + Say.plain(old, field.decimals()) + " → "
                + Say.plain(value, Math.max(1, field.decimals())) + unit;
    }
}
