package ironpin.shopping;

import ironpin.allergen.AllergenLines;
import ironpin.batch.Batch;
import ironpin.batch.Dough;
import ironpin.batch.Filling;
import ironpin.batch.FlourShare;
import ironpin.batch.Lot;
import ironpin.batch.balance.Balance;
import ironpin.cook.ShallowFry;
import ironpin.dip.Dip;
import ironpin.dough.DoughAddition;
import ironpin.dough.DoughLine;
import ironpin.dough.DoughMasses;
import ironpin.filling.Aspic;
import ironpin.filling.FillingLine;
import ironpin.filling.SkinStock;
import ironpin.filling.Spoken;
import ironpin.filling.Treatment;
import ironpin.kit.Hand;
import ironpin.pantry.Allergens;
import ironpin.pantry.Food;
import ironpin.pantry.FoodName;
import ironpin.pantry.Foods;
import ironpin.quantity.Mass;
import ironpin.quantity.Percentage;
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
    /** Of its raw mass, to draw the juice out of a vegetable. */
    private static final double SALTING = 0.0175;

    /** One to two tablespoons for a dozen, g a piece. */
    private static final double OIL_A_PIECE = 1.7;

    /** Half a litre, a finger deep in a pan (est.). */
    private static final Mass OIL_BATH = Mass.ofGrams(460);

    /** Spices and roots for steeping, as a part of the water (est.). */
    private static final double STEEPED = 0.05;

    private static final Percentage GELATIN = Percentage.of(3);

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
            fat(lot, balance.lot(lot.no()).toTable(), found);
            lot.bought()
                    .ifPresentOrElse(
                            wrapper -> wrappers(wrapper, pieces, found), () -> dusting(batch, lot, balance, found));
            for (Dip.Measure measure : lot.dip().forEaters(batch.eaters())) {
                dip(measure, found);
            }
        }
        List<ShoppingItem> items = new ArrayList<>(found.values());
        items.sort(Comparator.comparing(ShoppingItem::aisle)
                .thenComparing(ShoppingItem::needed, Comparator.reverseOrder())
                .thenComparing(ShoppingItem::key));
        return new ShoppingList(items);
    }

    /** What a pan, a griddle or a pot of oil takes; nothing of it is in a plan's sums. */
    private static void fat(Lot lot, int cooked, Map<String, ShoppingItem> found) {
        if (cooked == 0) {
            return;
        }
        Mass oil =
                switch (lot.vessel().kind()) {
                    case PAN -> lot.method() instanceof ShallowFry ? OIL_BATH : Mass.ofGrams(OIL_A_PIECE * cooked);
                    case GRIDDLE -> Mass.ofGrams(OIL_A_PIECE * cooked);
                    case POT, BASKET, DISH -> Mass.ZERO;
                };
        if (!oil.isZero()) {
            add(
                    "frying oil",
                    Aisle.PANTRY,
                    oil,
                    "for the " + lot.vessel().kind().label() + " (est.)",
                    Allergens.NONE,
                    found);
        }
    }

    /** Strewn while rolling, of the dough's own flours. */
    private static void dusting(Batch batch, Lot lot, Balance balance, Map<String, ShoppingItem> found) {
        Mass rolled =
                balance.lot(lot.no()).doughEach().times(balance.lot(lot.no()).pieces());
        Mass strewn = lot.shape().dusting().of(rolled);
        if (!lot.stashed() && !strewn.isZero()) {
            flours(batch.dough(lot.doughNo()), strewn, "dusting counted in", found);
        }
    }

    private static void dough(Dough dough, DoughMasses made, Map<String, ShoppingItem> found) {
        if (made.flour().isZero()) {
            return;
        }
        flours(dough, made.flour(), "", found);
        for (DoughMasses.Part part : made.parts()) {
            if (part.addition() != DoughAddition.WATER && !part.mass().isZero()) {
                DoughLine line = dough.formula().line(part.addition());
                add(line.name(), aisle(part.addition().food()), part.mass(), "", line.allergens(), found);
            }
        }
    }

    private static void flours(Dough dough, Mass flour, String note, Map<String, ShoppingItem> found) {
        for (FlourShare part : dough.flours()) {
            add(part.flour().name(), Aisle.FLOUR, part.share().of(flour), note, AllergenLines.of(part.flour()), found);
        }
    }

    private static void filling(Filling filling, Mass made, Hand hand, Map<String, ShoppingItem> found) {
        List<Mass> masses = filling.formula().masses(made);
        for (int i = 0; i < masses.size(); i++) {
            FillingLine line = filling.formula().lines().get(i);
            if (!masses.get(i).isZero()) {
                line(line, masses.get(i), hand, found);
            }
        }
    }

    private static void line(FillingLine line, Mass mass, Hand hand, Map<String, ShoppingItem> found) {
        Spoken spoken = line.spoken();
        Optional<Food> food = spoken.food();
        Aisle aisle = food.map(ShoppingList::aisle).orElse(Aisle.PANTRY);
        String name = aisle == Aisle.MEAT ? line.ingredient() : line.bare();
        Optional<Treatment> done = spoken.done();
        if (done.filter(Treatment::sets).isPresent()) {
            soup(mass, done.get() == Treatment.SKIN, found);
        } else if (food.filter(one -> one.key().equals("water-infused")).isPresent()) {
            add(
                    "what flavours the " + name,
                    Aisle.GREENS,
                    mass.multipliedBy(STEEPED),
                    "to steep (est.)",
                    spoken.allergens(),
                    found);
        } else if (done.filter(one -> one.shrinks() || one == Treatment.SOAK).isPresent()) {
            String how = done.get() == Treatment.SOAK ? "counted dry, then " : "counted raw, then ";
            add(
                    name,
                    aisle,
                    hand.raw(food.get().key(), done.get(), mass),
                    how + done.get().label(),
                    spoken.allergens(),
                    found);
            if (done.get() == Treatment.SALT) {
                // It leaves with the juice, and is bought all the same.
                add(
                        "fine salt",
                        Aisle.PANTRY,
                        hand.raw(food.get().key(), Treatment.SALT, mass).multipliedBy(SALTING),
                        "to draw the juice (est.)",
                        Allergens.NONE,
                        found);
            }
        } else if (food.filter(one -> one.key().equals("water")).isEmpty()) {
            add(name, aisle, mass, "", spoken.allergens(), found);
        }
    }

    /** Set stock is bought as skin, or as stock and gelatin. */
    private static void soup(Mass mass, boolean fromSkin, Map<String, ShoppingItem> found) {
        if (fromSkin) {
            add(
                    "skin, scraped",
                    Aisle.MEAT,
                    SkinStock.skin(mass),
                    "to stew, for the soup (est.)",
                    Allergens.NONE,
                    found);
            return;
        }
        Mass powder = Aspic.gelatin(mass, GELATIN);
        add(
                "unsalted stock",
                Aisle.PANTRY,
                mass,
                "to set, for the soup",
                Foods.get("stock-unsalted").allergens(),
                found);
        add(
                "gelatin powder",
                Aisle.PANTRY,
                powder,
                "or skin stock that sets by itself",
                Foods.get("gelatine").allergens(),
                found);
    }

    private static Aisle aisle(Food food) {
        return switch (food.role()) {
            case MEAT, FAT -> Aisle.MEAT;
            case SOY, EGG, CHEESE, DAIRY -> Aisle.DAIRY;
            case VEGETABLE, AROMATIC, STARCHY -> Aisle.GREENS;
            case FLOUR -> Aisle.FLOUR;
            case WRAPPER -> Aisle.WRAPPERS;
            case OIL, LIQUID, SEASONING, SALT, BINDER, SWEET, NUT, LEAVENING, FILLING, BESIDE -> Aisle.PANTRY;
        };
    }

    private static void dip(Dip.Measure measure, Map<String, ShoppingItem> found) {
        FoodName read = FoodName.read(measure.ingredient());
        Optional<Food> food = read.food();
        Aisle aisle = food.map(ShoppingList::aisle).orElse(Aisle.PANTRY);
        Mass mass = measure.mass();
        boolean tap = food.filter(one -> one.key().equals("water")).isPresent();
        if (!mass.isZero() && !tap) {
            add(FillingLine.bare(measure.ingredient()), aisle, mass, "dips counted in", read.allergens(), found);
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
                pieces + " pieces, " + wrapper.perPack() + " in a pack",
                Foods.get("wrapper").allergens());
        found.merge(key, item, ShoppingItem::plus);
    }

    private static void add(
            String name, Aisle aisle, Mass mass, String note, Allergens allergens, Map<String, ShoppingItem> found) {
        String key = name.toLowerCase(Locale.ROOT).strip();
        found.merge(
                key,
                new ShoppingItem(key, name.strip(), aisle, mass, Optional.empty(), note, allergens),
                ShoppingItem::plus);
    }
}
