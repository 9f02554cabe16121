package ironpin.plan;

import ironpin.batch.Filling;
import ironpin.batch.Fix;
import ironpin.batch.Guests;
import ironpin.batch.PlanField;
import ironpin.filling.Allergen;
import ironpin.filling.Composition;
import ironpin.filling.FillingKind;
import ironpin.filling.FillingLine;
import ironpin.filling.Food;
import ironpin.filling.Foods;
import ironpin.filling.MixSchool;
import ironpin.filling.SaltShare;
import ironpin.pantry.FlourKind;
import ironpin.quantity.Band;
import ironpin.quantity.Mass;
import ironpin.quantity.Percentage;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;

/** Whether a filling is salted, juicy and moist enough, and who must not eat it. */
final class CompositionFindings {
    private static final double BACK_FAT = 0.85;
    private static final double LEAST_RATIO = 0.05;

    private CompositionFindings() {}

    static void of(BatchPlan plan, Mass made, LotPlan lot, List<Finding> found) {
        if (made.isZero()) {
            return;
        }
        Composition composed = Composition.of(lot.filling().formula());
        found.add(salt(made, composed, lot.filling(), plan.batch().guests().salt()));
        composed.fatOfMeat(lot.filling().formula()).ifPresent(fat -> found.add(fat(made, composed, fat)));
        composed.liquidOfMeat()
                .ifPresent(liquid -> found.add(liquid(liquid, lot.filling().school())));
        if (composed.meat() > 0 && composed.vegetable() / composed.meat() > LEAST_RATIO) {
            found.add(Finding.note(
                    Words.two(composed.vegetable() / composed.meat()) + " : 1",
                    "vegetable to meat (est.).",
                    "From an accent at 0.1 to as much as meat: a matter of taste."));
        }
        allergens(composed, lot, plan.batch().guests().avoided(), found);
        if (!composed.unknown().isEmpty()) {
            found.add(Finding.note(
                    composed.unknown().size() + (composed.unknown().size() == 1 ? " line" : " lines"),
                    "not known by name: " + String.join(", ", composed.unknown()) + ".",
                    "Their salt, fat and allergens are not counted."));
        }
    }

    private static Finding salt(Mass made, Composition of, Filling filling, Percentage wanted) {
        SaltShare share = new SaltShare(made, made.multipliedBy(of.salt()));
        // What this cook likes moves the band.
        double moved = wanted.percent() - Guests.USUAL.salt().percent();
        Band<Percentage> band = Band.percent(
                Composition.SALT_BAND.low().percent() + moved,
                Composition.SALT_BAND.high().percent() + moved);
        String figure = Words.two(share.share().percent()) + " %";
        String range =
                Words.one(band.low().percent()) + " to " + Words.one(band.high().percent()) + " %";
        String why = "From every line, soy and cheese counted in (est.); "
                + (Math.abs(moved) < 0.05
                        ? "aim lower with a salty dip."
                        : "your test patties say about " + Words.two(wanted.percent()) + " %.");
        boolean sweet = filling.kind() == FillingKind.SWEET;
        if (sweet || band.contains(share.share())) {
            return Finding.good(figure, "salt in the filling" + (sweet ? "." : ", within " + range + "."), why);
        }
        Mass add = share.toReach(wanted);
        String text = add.isZero()
                ? "salt: over " + range + ". "
                        + Words.grams(share.toDilute(wanted).grams())
                        + " more filling without salt would bring it down."
                : "salt: under " + range + ". " + Words.fine(add.grams()) + " of salt would bring it to "
                        + Words.one(wanted.percent()) + " %.";
        return Finding.look(figure, text, why, saltFix(of, filling, wanted));
    }

    private static Fix saltFix(Composition of, Filling filling, Percentage liked) {
        List<FillingLine> lines = filling.formula().lines();
        for (int i = 0; i < lines.size(); i++) {
            boolean salt = Foods.named(lines.get(i).ingredient())
                    .filter(food -> food.role() == Food.Role.SALT)
                    .isPresent();
            double now = lines.get(i).share().percent();
            double wanted = Words.toTenth(now + liked.percent() - 100 * of.salt());
            if (salt && wanted >= PlanField.FILLING_SHARE.low() && wanted <= PlanField.FILLING_SHARE.high()) {
                return new Fix(
                        "Salt " + Words.one(wanted) + " %",
                        PlanField.FILLING_SHARE,
                        filling.no() * PlanField.LINES + i,
                        wanted);
            }
        }
        return null;
    }

    private static Finding fat(Mass made, Composition of, Percentage fat) {
        Band<Percentage> band = Composition.JUICY_FAT;
        String figure = Words.one(fat.percent()) + " %";
        String range =
                Words.one(band.low().percent()) + " to " + Words.one(band.high().percent()) + " %";
        if (band.contains(fat)) {
            return Finding.good(figure, "fat in the meat, oil counted in: juicy (est.).", "Usual is " + range + ".");
        }
        if (fat.compareTo(band.high()) > 0) {
            return Finding.note(figure, "fat in the meat, oil counted in: rich (est.).", "Usual is " + range + ".");
        }
        double meat = made.grams() * of.meat();
        double add = meat
                * (Composition.WANTED_FAT.fraction() - fat.fraction())
                / (BACK_FAT - Composition.WANTED_FAT.fraction());
        return Finding.note(
                figure,
                "fat in the meat: lean. " + Words.grams(add) + " of back fat would bring it to "
                        + Words.one(Composition.WANTED_FAT.percent()) + " % (est.).",
                "Dry filling is what cooks fear; with poultry use thigh and skin, or oil.");
    }

    private static Finding liquid(Percentage liquid, MixSchool school) {
        Band<Percentage> band = school.liquid();
        String figure = Words.one(liquid.percent()) + " %";
        String range =
                Words.one(band.low().percent()) + " to " + Words.one(band.high().percent()) + " %";
        String why = school.label() + ": " + school.tradeOff() + ".";
        return band.contains(liquid)
                ? Finding.good(figure, "liquid for the meat, within " + range + ".", why)
                : Finding.note(figure, "liquid for the meat: " + school.label() + " it takes " + range + ".", why);
    }

    private static void allergens(Composition of, LotPlan lot, Set<Allergen> avoided, List<Finding> found) {
        Set<Allergen> all = inLot(of, lot);
        String names = names(all);
        Set<Allergen> hit = new TreeSet<>(all);
        hit.retainAll(avoided);
        avoided(hit).ifPresent(found::add);
        found.add(Finding.note(
                all.size() + (all.size() == 1 ? " allergen" : " allergens"),
                all.isEmpty() ? "known in skin and filling." : "in skin and filling: " + names + ".",
                avoided.isEmpty() || !hit.isEmpty()
                        ? "Read the labels of what you use; this knows only the usual."
                        : "None that somebody avoids (" + names(avoided)
                                + "), as far as is known here: read the labels."));
    }

    /** What a lot holds that somebody at the table avoids. */
    static Optional<Finding> avoided(BatchPlan plan, LotPlan lot) {
        Set<Allergen> hit = inLot(Composition.of(lot.filling().formula()), lot);
        hit.retainAll(plan.batch().guests().avoided());
        return avoided(hit);
    }

    private static Optional<Finding> avoided(Set<Allergen> hit) {
        return hit.isEmpty()
                ? Optional.empty()
                : Optional.of(Finding.stop(
                        hit.size() + (hit.size() == 1 ? " allergen" : " allergens"),
                        "in this lot that somebody at the table avoids: " + names(hit) + ".",
                        "Make a lot without it, on clean boards, in its own water and oil.",
                        null));
    }

    private static Set<Allergen> inLot(Composition of, LotPlan lot) {
        Set<Allergen> all = new TreeSet<>(of.allergens());
        boolean wheat = lot.lot().bought().isPresent()
                || lot.dough().flours().stream()
                        .anyMatch(part -> part.flour().kind() == FlourKind.WHEAT
                                || part.flour().kind() == FlourKind.WHOLEMEAL);
        if (wheat) {
            all.add(Allergen.GLUTEN);
        }
        return all;
    }

    private static String names(Set<Allergen> some) {
        return new TreeSet<>(some).stream().map(Allergen::label).collect(Collectors.joining(", "));
    }
}
