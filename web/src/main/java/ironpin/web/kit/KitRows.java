package ironpin.web.kit;

import ironpin.dough.Bowl;
import ironpin.dough.BowlMaterial;
import ironpin.kit.Kit;
import ironpin.pantry.Absorption;
import ironpin.pantry.Flour;
import ironpin.pantry.FlourKind;
import ironpin.quantity.Mass;
import ironpin.quantity.Percentage;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Predicate;

/** Rows of the kit that come and go. A full kit, and the last flour, stay as they are. */
final class KitRows {
    private static final int MOST_FLOURS = 40;
    private static final int MOST_BOWLS = 20;

    private KitRows() {}

    static Kit withNewFlour(Kit kit) {
        if (kit.flours().size() >= MOST_FLOURS) {
            return kit;
        }
        List<Flour> flours = new ArrayList<>(kit.flours());
        String key = free("flour", one -> kit.flour(one).isPresent());
        flours.add(Flour.labelled(key, "New flour", FlourKind.WHEAT, Percentage.of(11)));
        return kit.withFlours(flours);
    }

    static Kit withoutFlour(Kit kit, String key) {
        List<Flour> left =
                kit.flours().stream().filter(one -> !one.key().equals(key)).toList();
        return left.isEmpty() ? kit : kit.withFlours(left);
    }

    static Kit forgetting(Kit kit, String key) {
        return kit.withFlours(kit.flours().stream()
                .map(one -> one.key().equals(key) ? one.withAbsorption(Absorption.UNKNOWN) : one)
                .toList());
    }

    static Kit withNewBowl(Kit kit) {
        if (kit.bowls().size() >= MOST_BOWLS) {
            return kit;
        }
        List<Bowl> bowls = new ArrayList<>(kit.bowls());
        String key = free("bowl", one -> kit.bowl(one).isPresent());
        bowls.add(new Bowl(key, "New bowl", BowlMaterial.STEEL, Mass.ofGrams(500)));
        return kit.withBowls(bowls);
    }

    static Kit withoutBowl(Kit kit, String key) {
        return kit.withBowls(
                kit.bowls().stream().filter(one -> !one.key().equals(key)).toList());
    }

    private static String free(String stem, Predicate<String> taken) {
        int no = 1;
        while (taken.test(stem + "-" + no)) {
            no++;
        }
        return stem + "-" + no;
    }
}
