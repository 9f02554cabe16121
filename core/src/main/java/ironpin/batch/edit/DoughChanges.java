package ironpin.batch.edit;

import ironpin.batch.Dough;
import ironpin.dough.DoughAddition;
import ironpin.quantity.Decimal;
import ironpin.quantity.Quantity;
import ironpin.quantity.Sentence;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;

/** What else changed in a dough when one thing was chosen, in words, so that nothing moves in silence. */
public final class DoughChanges {
    private DoughChanges() {}

    /** Every number that differs, as in "water 50 → 66 %"; a sentence each. */
    public static List<Sentence> between(Dough before, Dough after) {
        List<Sentence> changes = new ArrayList<>();
        if (!flours(before).equals(flours(after))) {
            changes.add(Sentence.of("flour " + flours(before) + " → " + flours(after)));
        }
        for (DoughAddition addition : DoughAddition.values()) {
            double was = before.formula().share(addition).percent();
            double is = after.formula().share(addition).percent();
            if (was != is) {
                String name = addition.label().toLowerCase(Locale.ROOT);
                changes.add(
                        is == 0
                                ? Sentence.of("no " + name)
                                : was == 0
                                        ? Sentence.of(name + " " + one(is) + " % added")
                                        : Sentence.of(name + " " + one(was) + " → " + one(is) + " %"));
            }
        }
        if (!before.water().equals(after.water())) {
            changes.add(Sentence.of(
                    "water at ",
                    Quantity.celsius(before.water().celsius()),
                    " → ",
                    Quantity.celsius(after.water().celsius())));
        }
        if (!before.rest().equals(after.rest())) {
            changes.add(Sentence.of(
                    "rest " + before.rest().toMinutes() + " → " + after.rest().toMinutes() + " min"));
        }
        if (before.kneading().school() != after.kneading().school()) {
            changes.add(Sentence.of(after.kneading().school().label()));
        }
        return List.copyOf(changes);
    }

    private static String flours(Dough dough) {
        return dough.flours().stream().map(part -> part.flour().name()).collect(Collectors.joining(", "));
    }

    private static String one(double percent) {
        return Decimal.trimmed(percent, 1);
    }
}
