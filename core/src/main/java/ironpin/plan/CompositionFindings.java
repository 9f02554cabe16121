package ironpin.plan;

import ironpin.allergen.AllergenAnswer;
import ironpin.batch.Filling;
import ironpin.batch.Guests;
import ironpin.batch.edit.Address;
import ironpin.batch.edit.FillingField;
import ironpin.batch.edit.Fix;
import ironpin.filling.Composition;
import ironpin.filling.FillingKind;
import ironpin.filling.FillingLine;
import ironpin.filling.MixSchool;
import ironpin.filling.SafeCore;
import ironpin.filling.SaltShare;
import ironpin.pantry.Food;
import ironpin.pantry.Foods;
import ironpin.quantity.Band;
import ironpin.quantity.Mass;
import ironpin.quantity.Percentage;
import ironpin.quantity.Quantity;
import ironpin.quantity.Sentence;
import ironpin.quantity.Side;
import ironpin.wording.Count;
import java.util.List;
import java.util.Optional;

/** Whether a filling is salted, juicy and moist enough, as far as its lines are known. */
final class CompositionFindings {
    private static final double LEAST_RATIO = 0.05;

    private CompositionFindings() {}

    static void of(BatchPlan plan, Mass made, LotPlan lot, List<Finding> found) {
        if (made.isZero()) {
            return;
        }
        Composition composed = Composition.of(lot.filling().formula());
        found.add(salt(made, composed, lot.filling(), plan.batch().guests().salt()));
        if (lot.filling().kind() != FillingKind.SEAFOOD) {
            fat(made, composed).ifPresent(found::add);
        }
        composed.liquidOfMeat()
                .ifPresent(liquid -> found.add(liquid(liquid, lot.filling().school())));
        if (composed.meat() > 0 && composed.vegetable() / composed.meat() > LEAST_RATIO) {
            found.add(Finding.of(
                    Saying.VEGETABLE_TO_MEAT,
                    Sentence.of(Words.two(composed.vegetable() / composed.meat()) + " : 1"),
                    Sentence.of("vegetable to meat (est.)."),
                    Sentence.of("From an accent at 0.1 to as much as meat: a matter of taste.")));
        }
        if (!composed.unknown().isEmpty()) {
            found.add(
                    Finding.of(
                            Saying.LINES_NOT_KNOWN,
                            Sentence.of(lines(composed.unknown().size())),
                            Sentence.of("not known: " + AllergenAnswer.quoted(composed.unknown()) + "."),
                            Sentence.of(
                                    "What they bring in salt, fat and allergens is not known here. Call them what they are, in plain words.")));
        }
        if (!composed.guessed().isEmpty()) {
            found.add(Finding.of(
                    Saying.LINES_GUESSED,
                    Sentence.of(lines(composed.guessed().size())),
                    Sentence.of("guessed: " + guesses(lot.filling(), composed.guessed()) + "."),
                    Sentence.of("Their allergens are not known. Call them what they are, in plain words.")));
        }
    }

    private static String lines(int count) {
        return Count.of(count, "line");
    }

    private static String guesses(Filling filling, List<String> guessed) {
        return filling.formula().lines().stream()
                .filter(line -> guessed.contains(line.ingredient()))
                .map(line -> "“" + line.ingredient() + "” taken for "
                        + line.spoken().food().orElseThrow().label())
                .reduce((a, b) -> a + ", " + b)
                .orElseThrow();
    }

    /** The sum of salt is a range where packets decide, and withheld where a line is not known. */
    private static Finding salt(Mass made, Composition of, Filling filling, Percentage wanted) {
        double low = 100 * of.salt().low();
        double high = 100 * of.salt().high();
        String figure = figure(low, high);
        if (!of.saltKnown()) {
            return Finding.of(
                    Saying.SALT_NOT_KNOWN,
                    Sentence.of("Salt not known"),
                    Sentence.of("because of " + AllergenAnswer.quoted(of.notSure()) + "; the other lines bring "
                            + figure + " (est.)."),
                    Sentence.of(taste(filling)));
        }
        if (filling.kind() == FillingKind.SWEET) {
            return Finding.of(
                    Saying.SALT_SWEET, Sentence.of(figure), Sentence.of("salt in the filling (est.)."), Sentence.EMPTY);
        }
        // What this cook likes moves the band.
        double moved = wanted.percent() - Guests.USUAL.salt().percent();
        double least = Composition.SALT_BAND.low().percent() + moved;
        double most = Composition.SALT_BAND.high().percent() + moved;
        String range = Words.two(least) + " to " + Words.two(most) + " %";
        String liking = Math.abs(moved) < 0.05
                ? "aim lower with a salty dip."
                : "your test patties say about " + Words.two(wanted.percent()) + " %.";
        String open = of.saltOpen().isEmpty()
                ? ""
                : " How much " + AllergenAnswer.quoted(of.saltOpen())
                        + (of.saltOpen().size() == 1 ? " brings" : " bring")
                        + " leaves it open: a packet or a taste tells.";
        String why = "From every line, soy and cheese counted in (est.); " + liking + open;
        Side lowSide = Side.of(low, least, most, 2);
        Side highSide = Side.of(high, least, most, 2);
        if (lowSide == Side.WITHIN && highSide == Side.WITHIN) {
            return Finding.of(
                    Saying.SALT_IN_BAND,
                    Sentence.of(figure),
                    Sentence.of("salt in the filling, within " + range + "."),
                    Sentence.of(why));
        }
        Mass whole = made.multipliedBy(of.salt().usual());
        if (highSide == Side.BELOW) {
            Mass add = new SaltShare(made, whole).toReach(wanted);
            return Finding.of(
                    Saying.SALT_LOW,
                    Sentence.of(figure),
                    Sentence.of(
                            "salt: under ",
                            range,
                            ". About ",
                            Quantity.fineGrams(add.grams()),
                            " of salt would bring it to ",
                            Words.two(wanted.percent()),
                            " %."),
                    Sentence.of(why),
                    saltFix(of, filling, wanted));
        }
        if (lowSide == Side.ABOVE) {
            Mass add = new SaltShare(made, whole).toDilute(wanted);
            return Finding.of(
                    Saying.SALT_HIGH,
                    Sentence.of(figure),
                    Sentence.of(
                            "salt: over ",
                            range,
                            ". About ",
                            Quantity.grams(add.grams()),
                            " more filling without salt would bring it down."),
                    Sentence.of(why),
                    saltFix(of, filling, wanted));
        }
        return Finding.of(
                Saying.SALT_OPEN,
                Sentence.of(figure),
                Sentence.of("salt in the filling; usual is " + range + ". " + taste(filling)),
                Sentence.of(why));
    }

    private static String taste(Filling filling) {
        return SafeCore.of(filling.formula()).mindRaw() ? "Fry a patty and taste it." : "Taste it.";
    }

    private static String figure(double low, double high) {
        String from = Words.two(low);
        String to = Words.two(high);
        return from.equals(to) ? from + " %" : from + " to " + to + " %";
    }

    private static Optional<Fix> saltFix(Composition of, Filling filling, Percentage liked) {
        List<FillingLine> lines = filling.formula().lines();
        for (int i = 0; i < lines.size(); i++) {
            boolean salt = lines.get(i).spoken().is(Food.Role.SALT);
            double now = lines.get(i).share().percent();
            double wanted =
                    Words.toTenth(now + liked.percent() - 100 * of.salt().usual());
            if (salt && wanted >= FillingField.FILLING_SHARE.low() && wanted <= FillingField.FILLING_SHARE.high()) {
                return Optional.of(new Fix(
                        Sentence.of("Salt " + Words.one(wanted) + " %"),
                        FillingField.FILLING_SHARE.at(new Address.LineOf(filling.no(), i)),
                        wanted));
            }
        }
        return Optional.empty();
    }

    private static Optional<Finding> fat(Mass made, Composition of) {
        if (of.fatOfMeat().isEmpty()) {
            return Optional.empty();
        }
        if (!of.unknown().isEmpty()) {
            return Optional.of(Finding.of(
                    Saying.FAT_NOT_KNOWN,
                    Sentence.of("Fat not known"),
                    Sentence.of("because of " + AllergenAnswer.quoted(of.unknown()) + "."),
                    Sentence.EMPTY));
        }
        double fat = of.fatOfMeat().get().percent();
        Band<Percentage> band = Composition.JUICY_FAT;
        String figure = Words.one(fat) + " %";
        String usual = "Usual is " + Words.one(band.low().percent()) + " to "
                + Words.one(band.high().percent()) + " %.";
        String text = "fat in the meat, oil counted in";
        return Optional.of(
                switch (Side.of(fat, band.low().percent(), band.high().percent(), 1)) {
                    case WITHIN ->
                        Finding.of(
                                Saying.FAT_JUICY,
                                Sentence.of(figure),
                                Sentence.of(text + ": juicy (est.)."),
                                Sentence.of(usual));
                    case ABOVE ->
                        Finding.of(
                                Saying.FAT_RICH,
                                Sentence.of(figure),
                                Sentence.of(text + ": rich (est.)."),
                                Sentence.of(usual));
                    case BELOW -> lean(made, of, fat / 100, figure, text);
                });
    }

    private static Finding lean(Mass made, Composition of, double fat, String figure, String text) {
        double backFat = Foods.get("back-fat").fat();
        double meat = made.grams() * of.meat();
        double wanted = Composition.WANTED_FAT.fraction();
        double add = meat * (wanted - fat) / (backFat - wanted);
        return Finding.of(
                Saying.FAT_LEAN,
                Sentence.of(figure),
                Sentence.of(
                        text,
                        ": lean. About ",
                        Quantity.grams(add),
                        " of back fat would bring it to ",
                        Words.one(Composition.WANTED_FAT.percent()),
                        " % (est.)."),
                Sentence.of("Dry filling is what cooks fear; with poultry use thigh and skin, or oil."));
    }

    private static Finding liquid(Percentage liquid, MixSchool school) {
        Band<Percentage> band = school.liquid();
        String figure = Words.one(liquid.percent()) + " %";
        String range =
                Words.one(band.low().percent()) + " to " + Words.one(band.high().percent()) + " %";
        String why = school.label() + ": " + school.tradeOff() + ".";
        return switch (Side.of(
                liquid.percent(), band.low().percent(), band.high().percent(), 1)) {
            case WITHIN ->
                Finding.of(
                        Saying.LIQUID_IN_BAND,
                        Sentence.of(figure),
                        Sentence.of("liquid for the meat, within " + range + "."),
                        Sentence.of(why));
            case BELOW ->
                Finding.of(
                        Saying.LIQUID_LITTLE,
                        Sentence.of(figure),
                        Sentence.of("liquid for the meat: " + school.label() + " it takes " + range + "."),
                        Sentence.of(why));
            case ABOVE ->
                Finding.of(
                        Saying.LIQUID_MUCH,
                        Sentence.of(figure),
                        Sentence.of(
                                "liquid for the meat: " + school.label() + " it takes " + range + ", more runs out."),
                        Sentence.of(why));
        };
    }
}
