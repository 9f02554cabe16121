package ironpin.amount;

import ironpin.pantry.Food;
import ironpin.pantry.FoodName;
import ironpin.quantity.CupStandard;
import java.util.Optional;

/**
 * What an amount is of, as it was written.
 *
 * @param text the whole of it
 * @param restAt where what stands behind the number and unit begins
 * @param name what was written there, without brackets
 * @param read that, as a name of a food
 * @param of the food it is taken for, if that is known
 * @param way how it gets into a cup
 * @param cups whose cups are meant where nothing is said
 */
record MeasuredThing(
        String text, int restAt, String name, FoodName read, Optional<Food> of, Way way, CupStandard cups) {
    CupStandard standard(Part part) {
        return part.cups().orElse(cups);
    }

    Food demand(String why) {
        return of.orElseThrow(() -> unreadable(
                name.isEmpty()
                        ? "of what? " + why
                        : "'" + name + "' is not known by volume or number: say it in grams"));
    }

    UnreadableAmount unreadable(String message) {
        return new UnreadableAmount(text, restAt, text.length(), message);
    }

    /** What it is of, as it was written, or as it was known before. */
    String named() {
        String label = label();
        return label.isEmpty() ? "" : " " + label;
    }

    String bare() {
        return label().replaceAll("(?i),?\\s*(?:scooped|dipped|sifted|spooned)(?: in)?", "")
                .strip();
    }

    private String label() {
        return name.isEmpty() ? of.map(Food::label).orElse("") : name;
    }
}
