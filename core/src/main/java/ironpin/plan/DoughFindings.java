package ironpin.plan;

import ironpin.batch.Balance;
import ironpin.batch.Batch;
import ironpin.batch.Composing;
import ironpin.batch.Dough;
import ironpin.batch.DoughStart;
import ironpin.batch.Fix;
import ironpin.batch.FlourShare;
import ironpin.batch.PlanField;
import ironpin.cook.VesselKind;
import ironpin.dough.DoughFamily;
import ironpin.dough.KneadSchool;
import ironpin.dough.Mixing;
import ironpin.dough.Scald;
import ironpin.pantry.Absorption;
import ironpin.quantity.Band;
import ironpin.quantity.Percentage;
import ironpin.quantity.Temperature;
import ironpin.wrapper.BoughtWrapper;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** Whether the dough is in its band, its water right and its rest long enough. */
final class DoughFindings {
    private static final double BOILING_C = 95;
    private static final String ONLY_BOILING =
            "Raw starch binds only in boiling water; with any other it stays a slurry.";

    private DoughFindings() {}

    static List<Finding> of(BatchPlan plan, LotPlan lot) {
        List<Finding> found = new ArrayList<>();
        if (lot.lot().bought().isPresent()) {
            found.add(bought(lot.lot().bought().get(), lot.packs().orElseThrow()));
            return found;
        }
        found.add(hydration(lot));
        learned(lot).ifPresent(found::add);
        suits(lot).ifPresent(found::add);
        found.add(water(plan.batch(), lot.dough()));
        found.add(mixed(lot));
        found.add(rest(lot.dough()));
        Balance.OfDough share = plan.balance().dough(lot.dough().no());
        String price = Composing.flourCost(lot.dough(), share.made().flour())
                .map(cost -> " The flour costs " + Words.two(cost) + ".")
                .orElse("");
        found.add(Finding.note(
                Words.grams(share.made().total().grams()),
                "of dough, " + Words.grams(share.lost().grams()) + " of it kept by bowl and bench.",
                "Flour " + Words.grams(share.made().flour().grams()) + " and everything else as a share of it."
                        + price));
        return found;
    }

    private static Finding bought(BoughtWrapper wrapper, BoughtWrapper.Packs packs) {
        return Finding.note(
                packs.wrappers() + " wrappers",
                "out of " + packs.packs() + (packs.packs() == 1 ? " pack" : " packs") + ", no dough to make.",
                "Homemade seals dry and stretches; bought is quick and even. "
                        + wrapper.thickness().label() + ": "
                        + wrapper.thickness().tradeOff() + ".");
    }

    /** What earlier batches taught about this flour, and how sure that is. */
    private static Optional<Finding> learned(LotPlan lot) {
        for (FlourShare part : lot.dough().flours()) {
            Absorption known = part.flour().absorption();
            if (known.batches() > 0) {
                return Optional.of(Finding.note(
                        Words.signed(known.offset().percent()),
                        "points learned for the " + part.flour().name().toLowerCase(Locale.ROOT) + " (est.).",
                        "From " + known.batches() + (known.batches() == 1 ? " batch" : " batches")
                                + "; nine times in ten between "
                                + Words.signed(known.likely().low().percent()) + " and "
                                + Words.signed(known.likely().high().percent())
                                + ". The plan counts it in; the kit can forget it."));
            }
        }
        return Optional.empty();
    }

    private static Optional<Finding> suits(LotPlan lot) {
        List<DoughFamily> offered = DoughStart.offered(lot.lot().method());
        DoughFamily family = lot.dough().family();
        if (offered.contains(family)) {
            return Optional.empty();
        }
        boolean steamed = lot.lot().vessel().kind() == VesselKind.BASKET;
        String why = steamed
                ? "Steam gives the skin no water: a dough that is not scalded comes out tough."
                : "It is at home in other vessels; expect another skin.";
        return Optional.of(Finding.look(
                family.label(),
                "is rarely " + lot.lot().method().done() + ": usual is "
                        + offered.get(0).label().toLowerCase(Locale.ROOT) + ".",
                why,
                null));
    }

    private static Finding hydration(LotPlan lot) {
        Dough dough = lot.dough();
        Percentage now = dough.formula().effectiveHydration();
        Band<Percentage> band = lot.hydration().band();
        String figure = Words.one(now.percent()) + " %";
        String range =
                Words.one(band.low().percent()) + "–" + Words.one(band.high().percent()) + " %";
        String why = reason(lot);
        if (band.contains(now)) {
            return Finding.good(figure, "water lies in the band " + range + ".", why);
        }
        boolean dry = now.compareTo(band.low()) < 0;
        double edge = dough.formula().hydration().percent()
                + band.clamp(now).minus(now).percent();
        double wanted = dry ? -Words.floorTenth(-edge) : Words.floorTenth(edge);
        Fix fix = new Fix("Set water to " + Words.one(wanted) + " %", PlanField.HYDRATION, dough.no(), wanted);
        String text = (dry ? "is dry: " : "is wet: ") + "this dough wants " + range + ".";
        String outcome = dry ? "It will crack at the rim. " : "It will stick and tear. ";
        return Finding.look(figure, text, outcome + why, fix);
    }

    private static String reason(LotPlan lot) {
        double flour = lot.hydration().flourShift();
        double learned = lot.hydration().learned();
        double method = lot.hydration().methodShift();
        String forFlour = Math.abs(flour) < 0.05 ? "" : ", moved " + Words.signed(flour) + " for this flour";
        String forBag = Math.abs(learned) < 0.05 ? "" : ", " + Words.signed(learned) + " learned";
        String forMethod = method == 0
                ? ""
                : ", moved " + Words.signed(method) + " because it is "
                        + lot.lot().method().done();
        return "The family's band" + forFlour + forBag + forMethod + ".";
    }

    private static Finding water(Batch batch, Dough dough) {
        Band<Temperature> band = dough.family().water();
        Temperature kettle = batch.waters().kettle();
        boolean boiling = band.low().celsius() >= BOILING_C;
        String figure = Words.celsius(dough.water().celsius());
        // What is poured from a kettle is as hot as this kitchen's boiling water gets.
        if (band.contains(dough.water()) || boiling && dough.water().compareTo(kettle) >= 0) {
            return Finding.good(
                    figure, "water suits this family.", dough.family().onlyBoiling() ? ONLY_BOILING : "");
        }
        Temperature hottest = kettle.compareTo(band.high()) < 0 && boiling ? kettle : band.high();
        Temperature lowest = band.low().compareTo(hottest) < 0 ? band.low() : hottest;
        double wanted =
                Math.floor(new Band<>(lowest, hottest).clamp(dough.water()).celsius());
        Fix fix = new Fix("Set to " + Words.celsius(wanted), PlanField.WATER_TEMPERATURE, dough.no(), wanted);
        boolean cool = dough.water().compareTo(band.low()) < 0;
        if (cool && dough.family().onlyBoiling()) {
            return Finding.stop(figure, "water does nothing here: this family needs it boiling.", ONLY_BOILING, fix);
        }
        String why = cool
                ? "Cooler water scalds less starch: the skin comes out firmer than this family."
                : "Hotter water scalds starch: the skin comes out softer than this family.";
        return Finding.look(figure, "water: this family wants " + Words.celsius(band) + ".", why, fix);
    }

    private static Finding mixed(LotPlan lot) {
        Temperature mixed = lot.mixed();
        double share = Scald.share(mixed);
        String scalded = share < 0.05 ? "no scald" : "scald share " + Words.two(share);
        Duration wait = lot.mixing().untilHands(mixed);
        String hands = wait.isZero()
                ? "Hands may go in at once. "
                : "Hands may go in after about " + Math.max(1, Math.round(wait.toSeconds() / 60.0)) + " min, under "
                        + Words.celsius(Mixing.HANDS.celsius()) + ". ";
        String wish = share < 0.05
                ? ""
                : "A scald this far wants about " + Math.round(Scald.POINTS_FROM_NONE_TO_ALL * share)
                        + " points more water than a cold dough. "
                        + "The first flour the water touches is hotter than the mean.";
        return Finding.note(
                Words.celsius(mixed.celsius()), "just after mixing (est.): " + scalded + ".", (hands + wish).strip());
    }

    private static Finding rest(Dough dough) {
        KneadSchool school = dough.kneading().school();
        Band<Duration> band = school.rest(dough.family());
        String rested = said(dough.rest());
        String range = said(band.low()) + " to " + said(band.high());
        if (band.contains(dough.rest())) {
            String where = dough.restPlan().cold() ? "of rest, most of it in the fridge: within " : "of rest, within ";
            return Finding.good(rested, where + range + ".", school.label() + ": " + school.tradeOff() + ".");
        }
        boolean shortRest = dough.rest().compareTo(band.low()) < 0;
        double wanted = band.clamp(dough.rest()).toMinutes();
        String text = shortRest
                ? "of rest: " + range + " is usual."
                : "of rest: over " + said(dough.family().rest().high()) + ", so most of it moves into the fridge.";
        return Finding.look(
                rested,
                text,
                shortRest
                        ? "Too little rest springs back under the pin."
                        : "In the room it turns sour and sticky; cold and wrapped it keeps a day.",
                new Fix("Rest " + said(Duration.ofMinutes((long) wanted)), PlanField.REST, dough.no(), wanted));
    }

    private static String said(Duration time) {
        long minutes = time.toMinutes();
        return minutes < 120 ? minutes + " min" : Words.trimmed(minutes / 60.0) + " h";
    }
}
