package ironpin.recipe;

import ironpin.allergen.AllergenAnswer;
import ironpin.batch.Guests;
import ironpin.filling.Composition;
import ironpin.filling.FillingKind;
import ironpin.filling.SaltShare;
import ironpin.plan.Finding;
import ironpin.plan.Saying;
import ironpin.quantity.Decimal;
import ironpin.quantity.Mass;
import ironpin.quantity.Percentage;
import ironpin.quantity.Quantity;
import ironpin.quantity.Sentence;
import ironpin.quantity.Side;
import java.util.ArrayList;
import java.util.List;

/** Whether the fillings of a recipe are salted and juicy, as far as their lines were read. */
final class FillingCheck {
    private FillingCheck() {}

    static void of(ReadRecipe recipe, List<Finding> findings) {
        for (RecipeFilling filling : recipe.fillings()) {
            Composition composed = Composition.of(filling.formula());
            boolean several = recipe.fillings().size() > 1;
            if (filling.kind() != FillingKind.SWEET) {
                findings.add(salt(filling, composed, several));
            }
            if (filling.kind() != FillingKind.SEAFOOD && composed.fatOfMeat().isPresent()) {
                findings.add(
                        filling.open().isEmpty()
                                ? fat(composed.fatOfMeat().get())
                                : Doubt.about("how fat the meat is", filling.open()));
            }
        }
    }

    private static Finding salt(RecipeFilling filling, Composition composed, boolean several) {
        String of = "salt in the filling" + (several ? " (" + filling.name() + ")" : "");
        List<RecipeLine> open = new ArrayList<>(filling.openSalt());
        filling.open().stream().filter(line -> !open.contains(line)).forEach(open::add);
        if (!open.isEmpty()) {
            return Doubt.about("how much " + of, open);
        }
        double low = 100 * composed.salt().low();
        double high = 100 * composed.salt().high();
        double least = Composition.SALT_BAND.low().percent();
        double most = Composition.SALT_BAND.high().percent();
        String figure = two(low).equals(two(high)) ? two(low) + " %" : two(low) + " to " + two(high) + " %";
        String usual = two(least) + " to " + two(most) + " %";
        Side lowSide = Side.of(low, least, most, 2);
        Side highSide = Side.of(high, least, most, 2);
        String counted = "Salt, sauces and cheese counted in.";
        if (lowSide == Side.WITHIN && highSide == Side.WITHIN) {
            return Finding.of(
                    Saying.RECIPE_SALT_IN_BAND,
                    Sentence.of(figure),
                    Sentence.of(of + ", within " + usual + " (est.)."),
                    Sentence.EMPTY);
        }
        if (highSide == Side.BELOW) {
            Mass whole = Mass.ofGrams(filling.mass().usual());
            Mass add = new SaltShare(whole, whole.multipliedBy(composed.salt().usual())).toReach(Guests.USUAL.salt());
            return Finding.of(
                    Saying.RECIPE_SALT_LOW,
                    Sentence.of(figure),
                    Sentence.of(
                            of,
                            ": bland; about ",
                            Quantity.mass(add.grams(), 1),
                            " of salt would bring it to ",
                            two(Guests.USUAL.salt().percent()),
                            " % (est.)."),
                    Sentence.of(counted));
        }
        if (lowSide == Side.ABOVE) {
            return Finding.of(
                    Saying.RECIPE_SALT_HIGH,
                    Sentence.of(figure),
                    Sentence.of(of + ": salty; usual is " + usual + " (est.)."),
                    Sentence.of(counted));
        }
        String lines = composed.saltOpen().isEmpty()
                ? ""
                : " It depends on " + AllergenAnswer.quoted(composed.saltOpen()) + ".";
        return Finding.of(
                Saying.RECIPE_SALT_OPEN,
                Sentence.of(figure),
                Sentence.of(of + "; usual is " + usual + " (est.)."),
                Sentence.of(counted + lines));
    }

    private static Finding fat(Percentage fat) {
        double least = Composition.JUICY_FAT.low().percent();
        double most = Composition.JUICY_FAT.high().percent();
        String said =
                switch (Side.of(fat.percent(), least, most, 1)) {
                    case WITHIN -> "juicy";
                    case BELOW -> "lean; usual is " + one(least) + " to " + one(most) + " %";
                    case ABOVE -> "rich; usual is " + one(least) + " to " + one(most) + " %";
                };
        return Finding.of(
                Saying.RECIPE_FAT,
                Sentence.of(one(fat.percent()) + " %"),
                Sentence.of("fat in the meat, oil counted in: " + said + " (est.)."),
                Sentence.EMPTY);
    }

    private static String one(double value) {
        return Decimal.fixed(value, 1);
    }

    private static String two(double value) {
        return Decimal.fixed(value, 2);
    }
}
