package ironpin.batch.balance;

import ironpin.batch.Dough;
import ironpin.batch.FlourShare;
import ironpin.dough.DoughAddition;
import ironpin.dough.DoughLine;
import ironpin.dough.DoughMasses;
import ironpin.household.DoughInCups;
import ironpin.pantry.Flour;
import ironpin.pantry.Food;
import ironpin.pantry.FoodName;
import ironpin.pantry.Foods;
import ironpin.quantity.Mass;
import ironpin.quantity.Measured;
import ironpin.quantity.Quantity;
import ironpin.quantity.Sentence;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/**
 * A dough as it is weighed out: every line that has mass, flours first.
 *
 * @param lines in order
 * @param inCups what it holds when it is measured in cups and spoons; says nothing in metric units
 */
public record WeighedDough(List<Line> lines, Sentence inCups) {
    /**
     * A line.
     *
     * @param key short stable name within the dough
     * @param name what it is
     * @param at its temperature, where that matters, as in " at 96 °C"; empty for most
     * @param flour whether it is one
     * @param measured how much, in the measures of all lines rounded together
     */
    public record Line(String key, String name, Sentence at, boolean flour, Measured measured) {
        /** How much, with its unit. */
        public Sentence amount() {
            return Sentence.of(measured);
        }

        /** What it is, with its temperature. */
        public Sentence said() {
            return Sentence.of(name, at);
        }

        /** What cups and spoons it fills, for where its mass stands beside. */
        public Sentence fills() {
            return Sentence.of(measured.alone());
        }
    }

    private record Weight(String key, String name, Sentence at, DoughInCups.Line line) {}

    public WeighedDough {
        lines = List.copyOf(lines);
    }

    /** This much of a dough; without lines where nothing is made of it. */
    public static WeighedDough of(Dough dough, DoughMasses made) {
        List<Weight> weights = new ArrayList<>();
        for (FlourShare part : dough.flours()) {
            Mass mass = part.share().of(made.flour());
            weights.add(new Weight(
                    "flour-" + part.flour().key(),
                    part.flour().name(),
                    Sentence.EMPTY,
                    new DoughInCups.Line(food(part.flour()), mass, 0, true)));
        }
        for (DoughLine line : dough.formula().lines()) {
            DoughAddition addition = line.addition();
            Sentence at = addition == DoughAddition.WATER
                    ? Sentence.of(" at ", Quantity.celsius(dough.water().celsius()))
                    : Sentence.EMPTY;
            weights.add(new Weight(
                    addition.name().toLowerCase(Locale.ROOT),
                    line.name(),
                    at,
                    new DoughInCups.Line(food(line), made.of(addition), addition.waterShare(), false)));
        }
        if (made.flour().isZero()) {
            return new WeighedDough(List.of(), Sentence.EMPTY);
        }
        DoughInCups.Filled filled =
                DoughInCups.of(weights.stream().map(Weight::line).toList());
        List<Line> lines = new ArrayList<>();
        for (int i = 0; i < weights.size(); i++) {
            Weight one = weights.get(i);
            if (!one.line.mass().isZero()) {
                lines.add(new Line(
                        one.key,
                        one.name,
                        one.at,
                        one.line.flour(),
                        filled.lines().get(i)));
            }
        }
        return new WeighedDough(lines, Sentence.of(filled.hydration()));
    }

    private static Food food(DoughLine line) {
        return line.said().isEmpty()
                ? line.addition().food()
                : FoodName.read(line.said()).food().orElseGet(() -> line.addition()
                        .food());
    }

    /** A flour that is called by no name of the table is one of its kind. */
    private static Food food(Flour flour) {
        return FoodName.read(flour.name())
                .food()
                .filter(food -> food.role() == Food.Role.FLOUR)
                .orElseGet(() -> Foods.get(
                        switch (flour.kind()) {
                            case WHEAT -> "flour-plain";
                            case WHOLEMEAL -> "flour-wholemeal";
                            case MAIZE -> "flour-maize";
                            case STARCH -> "starch";
                            case OTHER -> "flour-rice";
                        }));
    }

    /** The line of an addition, if it has mass. */
    public Sentence fills(DoughAddition addition) {
        return fills(addition.name().toLowerCase(Locale.ROOT));
    }

    /** What a line fills, by its key; nothing if there is no such line. */
    public Sentence fills(String key) {
        return lines.stream()
                .filter(line -> line.key.equals(key))
                .findFirst()
                .map(Line::fills)
                .orElse(Sentence.EMPTY);
    }
}
