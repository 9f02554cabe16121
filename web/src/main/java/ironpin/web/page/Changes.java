package ironpin.web.page;

import ironpin.amount.UnreadableAmount;
import ironpin.batch.Balancer;
import ironpin.batch.Batch;
import ironpin.batch.MeasuredOf;
import ironpin.batch.OutOfRange;
import ironpin.batch.PlanField;
import ironpin.quantity.Quoted;
import ironpin.store.BatchStore;
import ironpin.store.KitStore;
import ironpin.store.MovedOn;
import ironpin.store.StoredBatch;
import ironpin.web.kitchen.Bell;
import ironpin.web.picture.Say;
import jakarta.servlet.http.HttpServletResponse;
import java.time.Clock;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import org.springframework.ui.Model;

/** The one door for changes of a plan: each is kept, told to other screens, and answered with the screen as it now stands. */
@Component
class Changes {
    /** The refusal of a press that came too late. */
    static final String MOVED = "moved";

    private static final String MOVED_ON =
            "This batch was changed meanwhile, so nothing was left out: look again, and press once more if it is still to go.";

    private final BatchStore batches;
    private final KitStore kit;
    private final Screens screens;
    private final Bell bell;
    private final Clock clock;

    Changes(BatchStore batches, KitStore kit, Screens screens, Bell bell, Clock clock) {
        this.batches = batches;
        this.kit = kit;
        this.screens = screens;
        this.bell = bell;
        this.clock = clock;
    }

    String change(long id, From from, Model model, String label, UnaryOperator<Batch> change) {
        return answer(batches.change(id, label, change, clock.instant()), from, model, Optional.empty());
    }

    /** Takes out what stood at a place when it was looked at; what has moved since is not taken for it. */
    String leaveOut(
            long id, From from, Model model, HttpServletResponse response, String label, UnaryOperator<Batch> change) {
        try {
            StoredBatch after = batches.changeSeen(id, from.revision(), label, change, clock.instant());
            return answer(after, from, model, Optional.empty());
        } catch (MovedOn moved) {
            return refuse(id, from, model, response, new FieldError(MOVED, 0, "", MOVED_ON));
        }
    }

    /** A number as it was typed. */
    String number(
            long id, From from, Model model, HttpServletResponse response, PlanField field, int no, String typed) {
        Batch before = batches.load(id).batch();
        Optional<TypedValue> value;
        try {
            value = TypedValue.read(
                    typed,
                    field.unit(),
                    field.dimension(),
                    from.units(),
                    MeasuredOf.of(field, before, no),
                    kit.load().cups());
        } catch (UnreadableAmount refused) {
            String message = FieldView.allowed(field) + " Here " + refused.getMessage() + ".";
            FieldError error = new FieldError(field.key(), no, typed, message, Marked.of(refused));
            return refuse(id, from, model, response, error);
        }
        if (value.isEmpty()) {
            return refuse(id, from, model, response, new FieldError(field.key(), no, typed, FieldView.allowed(field)));
        }
        double metric = value.get().metric();
        try {
            StoredBatch after = batches.change(
                    id, label(field, before, no, metric), batch -> field.write(batch, no, metric), clock.instant());
            return answer(after, from, model, value.get().reading().map(one -> ReadingNote.of(field, no, one)));
        } catch (OutOfRange refused) {
            return refuse(
                    id, from, model, response, new FieldError(field.key(), no, typed, FieldView.allowed(refused)));
        }
    }

    String answer(StoredBatch stored, From from, Model model, Optional<ReadingNote> read) {
        bell.ring(stored.id(), from.page());
        return show(screens.of(stored, from.at(), from.lot(), Optional.empty(), read), from, model);
    }

    String refuse(long id, From from, Model model, HttpServletResponse response, FieldError error) {
        response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
        return show(
                screens.of(batches.load(id), from.at(), from.lot(), Optional.of(error), Optional.empty()), from, model);
    }

    private static String show(Screen screen, From from, Model model) {
        model.addAttribute("s", screen);
        model.addAttribute("form", OutcomeForm.of(screen));
        model.addAttribute("bench", from.bench());
        return from.view();
    }

    private static String label(PlanField field, Batch before, int no, double value) {
        double old = field.read(before, Balancer.solve(before), no);
        int decimals = field.decimals();
        Function<Double, String> said = number -> Say.plain(number, Math.max(1, decimals));
        String change = field.dimension()
                .map(one -> Quoted.number(one, old, decimals) + " → " + Quoted.brief(one, value, Math.max(1, decimals)))
                .orElseGet(() -> Say.plain(old, decimals) + " → " + said.apply(value)
                        + (field.unit().isEmpty() ? "" : " " + field.unit()));
        return field.label() + " " + change;
    }
}
