package ironpin.batch;

import ironpin.amount.Ingredient;
import ironpin.amount.Ingredients;
import ironpin.dough.DoughAddition;
import ironpin.pantry.FlourKind;
import java.util.Optional;

/** What the grams of a plan's number are grams of, so that "two cups" needs no more words where it is typed. */
public final class MeasuredOf {
    private MeasuredOf() {}

    /** The ingredient behind a number; absent where it is not a mass. */
    public static Optional<Ingredient> of(PlanField field, Batch batch, int no) {
        return switch (field) {
            case FLOUR ->
                Optional.of(flour(batch.dough(no).flours().get(0).flour().kind()));
            case FLOUR_GRAMS ->
                Optional.of(flour(batch.dough(no / PlanField.LINES)
                        .flours()
                        .get(no % PlanField.LINES)
                        .flour()
                        .kind()));
            case ADDITION_GRAMS -> Optional.of(addition(DoughAddition.values()[no % PlanField.LINES]));
            case KETTLE_WATER -> Optional.of(Ingredients.get("water"));
            case FILLING_GRAMS ->
                Ingredients.named(batch.filling(no / PlanField.LINES)
                        .formula()
                        .lines()
                        .get(no % PlanField.LINES)
                        .ingredient());
            case FILLING, FILLING_EACH, TEST_PATTY -> Optional.of(Ingredients.get("filling"));
            case DOUGH_EACH, WRAPPER_EACH -> Optional.of(Ingredients.get("dough"));
            default -> Optional.empty();
        };
    }

    private static Ingredient flour(FlourKind kind) {
        return Ingredients.get(
                switch (kind) {
                    case WHEAT -> "plain-flour";
                    case WHOLEMEAL -> "wholemeal-flour";
                    case MAIZE -> "maize-flour";
                    case STARCH -> "starch";
                });
    }

    private static Ingredient addition(DoughAddition addition) {
        return Ingredients.get(
                switch (addition) {
                    case WATER -> "water";
                    case SALT -> "fine-salt";
                    case OIL -> "oil";
                    case LARD -> "lard";
                    case BUTTER -> "butter";
                    case EGG -> "egg";
                    case YOLK -> "yolk";
                    case MILK -> "milk";
                    case YOGHURT -> "yoghurt";
                    case SOURED_CREAM -> "soured-cream";
                    case HONEY -> "honey";
                    case SUGAR -> "sugar";
                    case LEAVENING -> "leavening";
                });
    }
}
