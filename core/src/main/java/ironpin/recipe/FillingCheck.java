package ironpin.recipe;

import ironpin.batch.Guests;
import ironpin.filling.Composition;
import ironpin.filling.FillingKind;
import ironpin.filling.SaltShare;
import ironpin.plan.Finding;
import ironpin.quantity.Decimal;
import ironpin.quantity.Mass;
import ironpin.quantity.Percentage;
import ironpin.quantity.Quoted;
import java.util.List;

/** Whether the fillings of a recipe are salted and juicy. */
final class FillingCheck {
    private FillingCheck() {}

    static void of(ReadRecipe recipe, List<Finding> findings) {
        for (RecipeFilling filling : recipe.fillings()) {
            Composition composed = Composition.of(filling.formula());
            if (filling.kind() != FillingKind.SWEET) {
                salt(filling, composed, recipe.fillings().size() > 1, findings);
            }
            composed.fatOfMeat(filling.formula())
                    .filter(fat -> filling.kind() != FillingKind.SEAFOOD)
                    .ifPresent(fat -> fat(fat, findings));
        }
    }

    private static void salt(RecipeFilling filling, Composition composed, boolean several, List<Finding> findings) {
        Mass whole = Mass.ofGrams(filling.mass().usual());
        SaltShare share = new SaltShare(whole, whole.multipliedBy(composed.salt()));
        String figure = Decimal.fixed(share.share().percent(), 2) + " %";
        String of = "salt in the filling" + (several ? " (" + filling.name() + ")" : "");
        if (Composition.SALT_BAND.contains(share.share())) {
            findings.add(Finding.good(figure, of + ", within 1.0 to 1.4 % (est.).", ""));
            return;
        }
        Mass add = share.toReach(Guests.USUAL.salt());
        findings.add(Finding.look(
                figure,
                add.isZero()
                        ? of + ": salty; usual is 1.0 to 1.4 % (est.)."
                        : of + ": bland; " + Quoted.mass(add.grams(), 1) + " of salt would bring it to 1.2 % (est.).",
                "Salt, sauces and cheese counted in.",
                null));
    }

    private static void fat(Percentage fat, List<Finding> findings) {
        String figure = Decimal.fixed(fat.percent(), 1) + " %";
        boolean lean = fat.compareTo(Composition.JUICY_FAT.low()) < 0;
        findings.add(
                Composition.JUICY_FAT.contains(fat)
                        ? Finding.good(figure, "fat in the meat, oil counted in: juicy (est.).", "")
                        : Finding.note(
                                figure,
                                "fat in the meat, oil counted in: " + (lean ? "lean" : "rich")
                                        + "; usual is 20 to 30 % (est.).",
                                ""));
    }
}
