package ironpin.shopping;

import ironpin.amount.Ingredient;
import ironpin.amount.Ingredients;
import ironpin.batch.Balance;
import ironpin.batch.Batch;
import ironpin.batch.Dough;
import ironpin.batch.Filling;
import ironpin.batch.FlourShare;
import ironpin.batch.Lot;
import ironpin.dip.Dip;
import ironpin.dough.DoughAddition;
import ironpin.dough.DoughMasses;
import ironpin.filling.FillingLine;
import ironpin.filling.Food;
import ironpin.filling.Foods;
import ironpin.filling.Treatment;
import ironpin.kit.Hand;
import ironpin.quantity.Mass;
import ironpin.wrapper.BoughtWrapper;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/**
 * Everything to buy for a batch.
 *
 * @param items by aisle, the heaviest first
 */
public record ShoppingList(List<ShoppingItem> items) {
    private static final double UNKNOWN_DENSITY = 1;

    public ShoppingList {
        items = List.copyOf(items);
    }

    /** The list of a solved batch. Water from the tap is not on it. */
    public static ShoppingList of(Batch batch, Balance balance) {
        return of(batch, balance, Hand.UNKNOWN);
    }

    /** The same with what was learned about how much the cook's vegetables lose. */
    public static ShoppingList of(Batch batch, Balance balance, Hand hand) {
        Map<String, ShoppingItem> found = new LinkedHashMap<>();
        for (Dough dough : batch.doughs()) {
            dough(dough, balance.dough(dough.no()).made(), found);
        }
        for (Filling filling : batch.fillings()) {
            filling(filling, balance.filling(filling.no()).made(), hand, found);
        }
        for (Lot lot : batch.lots()) {
            int pieces = balance.lot(lot.no()).pieces();
            lot.bought().ifPresent(wrapper -> wrappers(wrapper, pieces, found));
            for (Dip.Measure measure : lot.dip().forEaters(batch.eaters())) {
                dip(lot, measure, found);
            }
        }
        List<ShoppingItem> items = new ArrayList<>(found.values());
        items.sort(Comparator.comparing(ShoppingItem::aisle)
                .thenComparing(ShoppingItem::needed, Comparator.reverseOrder())
                .thenComparing(ShoppingItem::key));
        return new ShoppingList(items);
    }

    private static void dough(Dough dough, DoughMasses made, Map<String, ShoppingItem> found) {
        if (made.flour().isZero()) {
            return;
        }
        for (FlourShare part : dough.flours()) {
            add(part.flour().name(), Aisle.FLOUR, part.share().of(made.flour()), "", found);
        }
        for (DoughMasses.Part part : made.parts()) {
            if (part.addition() != DoughAddition.WATER && !part.mass().isZero()) {
                add(part.addition().label(), aisle(part.addition()), part.mass(), "", found);
            }
        }
    }

    private static Aisle aisle(DoughAddition addition) {
        return switch (addition) {
            case EGG, YOLK, MILK, YOGHURT, SOURED_CREAM, BUTTER -> Aisle.DAIRY;
            case WATER, SALT, OIL, LARD, HONEY, SUGAR, LEAVENING -> Aisle.PANTRY;
        };
    }

    private static void filling(Filling filling, Mass made, Hand hand, Map<String, ShoppingItem> found) {
        List<Mass> masses = filling.formula().masses(made);
        for (int i = 0; i < masses.size(); i++) {
            FillingLine line = filling.formula().lines().get(i);
            if (!masses.get(i).isZero()) {
                line(line.ingredient(), masses.get(i), hand, found);
            }
        }
    }

    private static void line(String ingredient, Mass mass, Hand hand, Map<String, ShoppingItem> found) {
        Optional<Food> food = Foods.named(ingredient);
        Aisle aisle = food.map(ShoppingList::aisle).orElse(Aisle.PANTRY);
        Optional<Treatment> treatment = Treatment.spokenOf(ingredient);
        boolean shrinks = treatment.isPresent() && aisle == Aisle.GREENS;
        String name = aisle == Aisle.MEAT ? ingredient : ingredient.replaceAll(",.*", "");
        if (shrinks) {
            add(
                    name,
                    aisle,
                    hand.raw(food.get().key(), treatment.get(), mass),
                    "counted raw, then " + treatment.get().label(),
                    found);
        } else {
            add(name, aisle, mass, "", found);
        }
    }

    private static Aisle aisle(Food food) {
        return switch (food.role()) {
            case MEAT, FAT -> Aisle.MEAT;
            case SOY, EGG, CHEESE -> Aisle.DAIRY;
            case VEGETABLE, AROMATIC, STARCHY -> Aisle.GREENS;
            case OIL, LIQUID, SEASONING, SALT, BINDER, SWEET -> Aisle.PANTRY;
        };
    }

    private static void dip(Lot lot, Dip.Measure measure, Map<String, ShoppingItem> found) {
        double density = Ingredients.named(measure.ingredient())
                .map(Ingredient::density)
                .map(spread -> spread.usual())
                .orElse(UNKNOWN_DENSITY);
        Aisle aisle = Foods.named(measure.ingredient()).map(ShoppingList::aisle).orElse(Aisle.PANTRY);
        Mass mass = Mass.ofGrams(measure.millilitres() * density);
        if (!mass.isZero() && !measure.ingredient().equals("water")) {
            add(measure.ingredient(), aisle, mass, "dips counted in", found);
        }
    }

    private static void wrappers(BoughtWrapper wrapper, int pieces, Map<String, ShoppingItem> found) {
        String name =
                wrapper.shape().label() + " wrappers, " + wrapper.thickness().label();
        int packs = wrapper.packsFor(pieces).packs();
        Mass mass = wrapper.each().times((long) packs * wrapper.perPack());
        String key = name.toLowerCase(Locale.ROOT);
        ShoppingItem item = new ShoppingItem(
                key,
                name,
                Aisle.WRAPPERS,
                mass,
                Optional.of(packs),
                pieces + " pieces, " + wrapper.perPack() + " in a pack");
        found.merge(key, item, ShoppingItem::plus);
    }

    private static void add(String name, Aisle aisle, Mass mass, String note, Map<String, ShoppingItem> found) {
        String key = name.toLowerCase(Locale.ROOT).strip();
        found.merge(key, new ShoppingItem(key, name.strip(), aisle, mass, Optional.empty(), note), ShoppingItem::plus);
    }
}
