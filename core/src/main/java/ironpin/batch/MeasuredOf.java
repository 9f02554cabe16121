package ironpin.batch;

import ironpin.pantry.FlourKind;
import ironpin.pantry.Food;
import ironpin.pantry.Foods;
import java.util.Optional;

/** What the grams of a plan's number are grams of, so that "two cups" needs no more words where it is typed. */
public final class MeasuredOf {
    private MeasuredOf() {}

    /** The ingredient behind a number; absent where it is not a mass. */
    public static Optional<Food> of(PlanField field, Batch batch, int no) {
        return switch (field) {
            case FLOUR ->
                Optional.of(flour(batch.dough(no).flours().get(0).flour().kind()));
            case FLOUR_GRAMS ->
                Optional.of(flour(PlanField.flour(batch, no).flour().kind()));
            case ADDITION_GRAMS -> Optional.of(PlanField.addition(no).food());
            case KETTLE_WATER -> Optional.of(Foods.get("water"));
            case FILLING_GRAMS -> PlanField.line(batch, no).spoken().name().food();
            case FILLING, FILLING_EACH, TEST_PATTY -> Optional.of(Foods.get("filling"));
            case DOUGH_EACH, WRAPPER_EACH -> Optional.of(Foods.get("dough"));
            default -> Optional.empty();
        };
    }

    private static Food flour(FlourKind kind) {
        return Foods.get(
                switch (kind) {
                    case WHEAT -> "flour-plain";
                    case WHOLEMEAL -> "flour-wholemeal";
                    case MAIZE -> "flour-maize";
                    case STARCH -> "starch-tapioca";
                });
    }
}
