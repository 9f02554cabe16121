package ironpin.kit;

import io.soabase.recordbuilder.core.RecordBuilder;
import ironpin.amount.AmountReader;
import ironpin.amount.BySight;
import ironpin.amount.Legend;
import ironpin.dough.Bowl;
import ironpin.dough.BowlMaterial;
import ironpin.dough.Waters;
import ironpin.pantry.Flour;
import ironpin.pantry.Flours;
import ironpin.pantry.Food;
import ironpin.quantity.CupStandard;
import ironpin.quantity.Mass;
import ironpin.refusal.Refused;
import ironpin.wording.Typed;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * What stands in a kitchen.
 *
 * @param waters temperatures of room, tap and kettle
 * @param cups whose cup is meant by a cup
 * @param measures sizes and measures of the cook's own, as they wrote them ("1 walnut = 22 g"), up to {@value #LONGEST_MEASURES}
 *     characters; may be empty
 * @param flours 1 to 40, no key twice
 * @param bowls 0 to 20, no key twice
 * @param hand what was learned about the cook
 */
@RecordBuilder
public record Kit(Waters waters, CupStandard cups, String measures, List<Flour> flours, List<Bowl> bowls, Hand hand)
        implements KitBuilder.With {
    private static final int MOST_FLOURS = 40;
    private static final int MOST_BOWLS = 20;

    /** Characters of the cook's own measures. */
    public static final int LONGEST_MEASURES = 200;

    public Kit {
        measures = Typed.clean(measures);
        if (measures.length() > LONGEST_MEASURES) {
            throw new Refused("measures of one's own take up to " + LONGEST_MEASURES + " characters");
        }
        flours = List.copyOf(flours);
        bowls = List.copyOf(bowls);
        if (flours.isEmpty() || flours.size() > MOST_FLOURS || bowls.size() > MOST_BOWLS) {
            throw new Refused("a kit has 1 to 40 flours and up to 20 bowls");
        }
        Set<String> keys = new HashSet<>();
        for (Flour flour : flours) {
            demandNew(keys, flour.key());
        }
        for (Bowl bowl : bowls) {
            demandNew(keys, "bowl " + bowl.key());
        }
    }

    private static void demandNew(Set<String> keys, String key) {
        if (!keys.add(key)) {
            throw new Refused("'" + key + "' stands twice in the kit");
        }
    }

    /** An ordinary kitchen, until the cook says otherwise. */
    public static Kit usual() {
        return new Kit(
                Waters.USUAL,
                CupStandard.US,
                "",
                Flours.all(),
                List.of(
                        new Bowl("steel", "Steel bowl", BowlMaterial.STEEL, Mass.ofGrams(520)),
                        new Bowl("glazed", "Glazed bowl", BowlMaterial.CERAMIC, Mass.ofGrams(1_400))),
                Hand.UNKNOWN);
    }

    /** Reads amounts in this kitchen's cups and in its cook's own measures. */
    public AmountReader amounts() {
        return new AmountReader(cups, Legend.in(measures));
    }

    /** What a mass of a food is as large as, by this cook's eye: "a walnut" (est.). */
    public Optional<String> like(Mass mass, Food food) {
        return BySight.of(mass.grams(), food.measure().density().usual(), Legend.in(measures));
    }

    /** The flour with this key, if it stands in the kit. */
    public Optional<Flour> flour(String key) {
        return flours.stream().filter(flour -> flour.key().equals(key)).findFirst();
    }

    /** The bowl with this key, if it stands in the kit. */
    public Optional<Bowl> bowl(String key) {
        return bowls.stream().filter(bowl -> bowl.key().equals(key)).findFirst();
    }
}
