package ironpin.recipe;

import ironpin.dough.DoughAddition;
import ironpin.pantry.Flour;
import ironpin.pantry.Flours;
import ironpin.pantry.Food;
import ironpin.pantry.FoodName;
import ironpin.pantry.Foods;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** What a line of a recipe stands for in the pantry. */
public sealed interface Meaning {
    /** Flour in a dough. */
    record OfFlour(Flour flour) implements Meaning {
        @Override
        public String key() {
            return "flour:" + flour.key();
        }

        @Override
        public String label() {
            return flour.name().toLowerCase(Locale.ROOT);
        }
    }

    /** Something else in a dough. */
    record OfAddition(DoughAddition addition) implements Meaning {
        @Override
        public String key() {
            return "dough:" + addition.name();
        }

        @Override
        public String label() {
            return addition.label().toLowerCase(Locale.ROOT);
        }
    }

    /** Something in a filling or a dip. */
    record OfFood(Food food) implements Meaning {
        @Override
        public String key() {
            return "food:" + food.key();
        }

        @Override
        public String label() {
            return food.label();
        }
    }

    /** Wrappers out of a pack. */
    record Wrappers() implements Meaning {
        @Override
        public String key() {
            return "wrappers";
        }

        @Override
        public String label() {
            return "bought wrappers";
        }
    }

    /** A short stable name. */
    String key();

    /** In a cook's words. */
    String label();

    /** All that a line of a dough may stand for. */
    static List<Meaning> inDough() {
        List<Meaning> all = new ArrayList<>();
        Flours.all().forEach(flour -> all.add(new OfFlour(flour)));
        for (DoughAddition addition : DoughAddition.values()) {
            all.add(new OfAddition(addition));
        }
        all.add(new Wrappers());
        return all;
    }

    /** All that a line of a filling may stand for, by name. */
    static List<Meaning> inFilling() {
        return Foods.all().stream()
                .filter(food -> food.role() != Food.Role.WRAPPER && food.role() != Food.Role.BESIDE)
                .sorted(Comparator.comparing(Food::label))
                .<Meaning>map(OfFood::new)
                .toList();
    }

    /** The meaning with this key, if there is one. */
    static Optional<Meaning> ofKey(String key) {
        List<Meaning> all = new ArrayList<>(inDough());
        all.addAll(inFilling());
        return all.stream().filter(one -> one.key().equals(key)).findFirst();
    }

    /** What a food is in a dough; nothing if the families here do not know it there. */
    static Optional<Meaning> inDough(FoodName name) {
        String dough = name.food().map(Food::dough).orElse("");
        if (dough.isEmpty()) {
            return name.food().flatMap(food -> otherwise(food, name)).map(OfAddition::new);
        }
        if (dough.equals("WRAPPERS")) {
            return Optional.of(new Wrappers());
        }
        return dough.startsWith("FLOUR:")
                ? Optional.of(new OfFlour(Flours.get(dough.substring("FLOUR:".length()))))
                : Optional.of(new OfAddition(DoughAddition.valueOf(dough)));
    }

    /** What no family expects and a dough may hold all the same: something mashed, or something dry. */
    private static Optional<DoughAddition> otherwise(Food food, FoodName name) {
        boolean mashed = name.says("puree", "pureed", "mashed", "riced", "blended", "blitzed")
                || name.said().toLowerCase(Locale.ROOT).matches(".*\\b(?:pur[ée]e|mash|mashed|riced)\\b.*");
        return switch (food.role()) {
            case VEGETABLE, STARCHY -> mashed ? Optional.of(DoughAddition.PUREE) : Optional.empty();
            case AROMATIC, BINDER, DAIRY, NUT -> food.water() < 0.5 ? Optional.of(DoughAddition.DRY) : Optional.empty();
            default -> Optional.empty();
        };
    }

    /** What a food is where it stands. */
    static Optional<Meaning> at(Place place, FoodName name) {
        boolean wrappers =
                name.food().filter(food -> food.role() == Food.Role.WRAPPER).isPresent();
        if (place.part() == Place.Part.DOUGH || wrappers) {
            return wrappers ? Optional.of(new Wrappers()) : inDough(name);
        }
        return name.food().map(OfFood::new);
    }
}
