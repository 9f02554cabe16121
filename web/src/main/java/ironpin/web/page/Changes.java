package ironpin.web.page;

import ironpin.amount.Reading;
import ironpin.amount.UnreadableAmount;
import ironpin.batch.Batch;
import ironpin.batch.balance.Balancer;
import ironpin.batch.edit.AtHand;
import ironpin.batch.edit.Fix;
import ironpin.batch.edit.OutOfRange;
import ironpin.batch.edit.PlanField;
import ironpin.batch.edit.PlanNumber;
import ironpin.plan.BatchPlan;
import ironpin.plan.SaidOtherwise;
import ironpin.quantity.Decimal;
import ironpin.quantity.Quantity;
import ironpin.quantity.Sentence;
import ironpin.refusal.NotThere;
import ironpin.refusal.Refused;
import ironpin.store.BatchStore;
import ironpin.store.KitStore;
import ironpin.store.MovedOn;
import ironpin.store.StoredBatch;
import ironpin.web.kitchen.Bell;
import ironpin.wording.Name;
import jakarta.servlet.http.HttpServletResponse;
import java.time.Clock;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.Supplier;
import java.util.function.UnaryOperator;
import org.springframework.stereotype.Component;
import org.springframework.ui.Model;

/** The one door for changes of a plan: each is kept, told to other screens, and answered with the screen as it now stands. */
@Component
public class Changes {
    /** Key of a refusal that belongs to no field. */
    static final String REFUSED = "refused";

    private static final String MOVED_ON =
            "This batch was changed meanwhile, so nothing was done here: look again, and do it once more if it is still wanted.";

    private final BatchStore batches;
    private final KitStore kit;
    private final Screens screens;
    private final Shown shown;
    private final Bell bell;
    private final Clock clock;

    Changes(BatchStore batches, KitStore kit, Screens screens, Shown shown, Bell bell, Clock clock) {
        this.batches = batches;
        this.kit = kit;
        this.screens = screens;
        this.shown = shown;
        this.bell = bell;
        this.clock = clock;
    }

    public String change(long id, From from, Model model, String label, UnaryOperator<Batch> change) {
        return kept(id, from, model, () -> batches.change(id, label, change, clock.instant()));
    }

    /**
     * Changes what stood at a place when it was looked at, or takes it out; what has moved since is not taken for it.
     *
     * @param bearer what stands at the place, by what it is called
     */
    public String changeSeen(
            long id,
            From from,
            Model model,
            Function<Batch, String> bearer,
            String label,
            UnaryOperator<Batch> change) {
        return kept(
                id,
                from,
                model,
                () -> batches.changeSeen(id, from.revision(), bearer, Sentence.of(label), change, clock.instant()));
    }

    /** What may be refused on the way is said on the screen where it was asked. */
    public String kept(long id, From from, Model model, Supplier<StoredBatch> change) {
        StoredBatch after;
        try {
            after = change.get();
        } catch (MovedOn moved) {
            throw NotChanged.meanwhile(id, from, new FieldError(REFUSED, 0, "", Sentence.of(MOVED_ON)));
        } catch (NotThere gone) {
            throw NotChanged.meanwhile(id, from, said(gone));
        } catch (Refused refused) {
            throw new NotChanged(id, from, said(refused));
        }
        return answer(after, from, model, Optional.empty());
    }

    private static FieldError said(Refused refused) {
        return new FieldError(REFUSED, 0, "", Sentence.of(Name.first(refused.getMessage()) + ". Nothing was changed."));
    }

    /** A number as it was typed. */
    String number(long id, From from, Model model, PlanNumber<?> number, String typed) {
        Batch before = batches.load(id).batch();
        TypedValue value = read(id, from, number, typed, before);
        double metric = value.metric();
        try {
            StoredBatch after = batches.changeSeen(
                    id,
                    from.revision(),
                    number::bearer,
                    label(number, before, metric),
                    batch -> number.write(batch, metric),
                    clock.instant());
            List<Fix> ways = AtHand.ways(before, number, metric);
            Optional<ReadingNote> other = ReadingNote.otherwise(number, typed, metric);
            return answer(
                    after,
                    from,
                    model,
                    ways.isEmpty()
                            ? value.reading()
                                    .map(one -> ReadingNote.of(number, one))
                                    .or(() -> other)
                            : Optional.of(ReadingNote.weighed(number, value.reading(), ways)
                                    .behind(other)));
        } catch (OutOfRange refused) {
            FieldError error = new FieldError(number, typed, refused.demand());
            throw new NotChanged(id, from, error.with(AtHand.ways(before, number, metric)));
        } catch (MovedOn moved) {
            throw NotChanged.meanwhile(id, from, new FieldError(REFUSED, 0, typed, Sentence.of(MOVED_ON)));
        } catch (NotThere gone) {
            throw NotChanged.meanwhile(id, from, said(gone));
        } catch (Refused refused) {
            Sentence rule = Sentence.of(Name.first(refused.getMessage()), ".");
            throw new NotChanged(id, from, new FieldError(number, typed, rule));
        }
    }

    private TypedValue read(long id, From from, PlanNumber<?> number, String typed, Batch before) {
        PlanField<?> field = number.field();
        try {
            Optional<Reading> otherwise = SaidOtherwise.maybe(typed)
                    ? SaidOtherwise.of(
                            number, typed, BatchPlan.of(before, kit.load().hand()))
                    : Optional.empty();
            if (otherwise.isPresent()) {
                double said = otherwise.get().mass().grams();
                return new TypedValue(said, otherwise.filter(Reading::guessed));
            }
            return TypedValue.read(
                            typed,
                            field.unit(),
                            field.dimension(),
                            from.units(),
                            number.food(before),
                            kit.load().amounts())
                    .orElseThrow(
                            () -> new NotChanged(id, from, new FieldError(number, typed, OutOfRange.demand(field))));
        } catch (UnreadableAmount refused) {
            Sentence message = Sentence.of(OutOfRange.demand(field), " Here ", refused.getMessage(), ".");
            throw new NotChanged(id, from, new FieldError(number, typed, message, Marked.of(refused)));
        } catch (NotThere gone) {
            throw NotChanged.meanwhile(id, from, said(gone));
        } catch (Refused full) {
            Sentence rule = Sentence.of(Name.first(full.getMessage()), ".");
            throw new NotChanged(id, from, new FieldError(number, typed, rule));
        }
    }

    public String answer(StoredBatch stored, From from, Model model, Optional<ReadingNote> read) {
        bell.ring(stored.id(), from.page());
        return show(screens.of(stored, from.at(), from.lot(), Optional.empty(), read), from, model);
    }

    /** The screen as it still stands, with what was refused. */
    String unchanged(NotChanged refused, Model model, HttpServletResponse response) {
        response.setStatus(refused.status().value());
        From from = refused.from();
        return show(
                screens.of(
                        batches.load(refused.id()),
                        from.at(),
                        from.lot(),
                        Optional.of(refused.error()),
                        Optional.empty()),
                from,
                model);
    }

    private String show(Screen screen, From from, Model model) {
        shown.show(screen, from.who(), model);
        return from.view();
    }

    private static Sentence label(PlanNumber<?> number, Batch before, double value) {
        PlanField<?> field = number.field();
        double old = number.read(before, Balancer.solve(before));
        int decimals = field.decimals();
        Function<Double, String> said = given -> Decimal.trimmed(given, Math.max(1, decimals));
        Sentence change = field.dimension()
                .map(one -> Sentence.of(
                        Quantity.number(one, old, decimals), " → ", Quantity.brief(one, value, Math.max(1, decimals))))
                .orElseGet(() -> Sentence.of(Decimal.trimmed(old, decimals) + " → " + said.apply(value)
                        + (field.unit().isEmpty() ? "" : " " + field.unit())));
        return Sentence.of(field.label(), " ", change);
    }
}
