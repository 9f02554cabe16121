package ironpin.plan;

import ironpin.batch.Balance;
import ironpin.batch.Dough;
import ironpin.batch.Fix;
import ironpin.batch.PlanField;
import ironpin.dough.Scald;
import ironpin.quantity.Band;
import ironpin.quantity.Percentage;
import ironpin.quantity.Temperature;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;

/** Whether the dough is in its band, its water right and its rest long enough. */
final class DoughFindings {
    private DoughFindings() {}

    static List<Finding> of(BatchPlan plan, LotPlan lot) {
        List<Finding> found = new ArrayList<>();
        found.add(hydration(lot));
        found.add(water(lot.dough()));
        found.add(mixed(lot));
        found.add(rest(lot.dough()));
        Balance.OfDough share = plan.balance().dough(lot.dough().no());
        found.add(Finding.note(
                Words.grams(share.made().total().grams()),
                "of dough, " + Words.grams(share.lost().grams()) + " of it kept by bowl and bench.",
                "Flour " + Words.grams(share.made().flour().grams()) + " and everything else as a share of it."));
        return found;
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
        double method = lot.hydration().methodShift();
        String forFlour = Math.abs(flour) < 0.05 ? "" : ", moved " + signed(flour) + " for this flour";
        String forMethod = method == 0
                ? ""
                : ", moved " + signed(method) + " because it is "
                        + lot.lot().method().done();
        return "The family's band" + forFlour + forMethod + ".";
    }

    private static Finding water(Dough dough) {
        Band<Temperature> band = dough.family().water();
        String figure = Math.round(dough.water().celsius()) + " °C";
        if (band.contains(dough.water())) {
            return Finding.good(figure, "water suits this family.", "");
        }
        double wanted = Math.round(band.clamp(dough.water()).celsius());
        String range =
                Math.round(band.low().celsius()) + "–" + Math.round(band.high().celsius()) + " °C";
        String why = dough.water().compareTo(band.low()) < 0
                ? "Cooler water scalds less starch: the skin comes out firmer than this family."
                : "Hotter water scalds starch: the skin comes out softer than this family.";
        return Finding.look(
                figure,
                "water: this family wants " + range + ".",
                why,
                new Fix("Set to " + Math.round(wanted) + " °C", PlanField.WATER_TEMPERATURE, dough.no(), wanted));
    }

    private static Finding mixed(LotPlan lot) {
        Temperature mixed = lot.mixed();
        double share = Scald.share(mixed);
        String scalded = share < 0.05 ? "no scald" : "scald share " + Words.two(share);
        Duration wait = lot.mixing().untilHands(mixed);
        String hands = wait.isZero()
                ? "Hands may go in at once. "
                : "Hands may go in after about " + Math.max(1, Math.round(wait.toSeconds() / 60.0))
                        + " min, under 45 °C. ";
        String wish = share < 0.05
                ? ""
                : "A scald this far wants about " + Math.round(Scald.POINTS_FROM_NONE_TO_ALL * share)
                        + " points more water than a cold dough. "
                        + "The first flour the water touches is hotter than the mean.";
        return Finding.note(
                Math.round(mixed.celsius()) + " °C",
                "just after mixing (est.): " + scalded + ".",
                (hands + wish).strip());
    }

    private static Finding rest(Dough dough) {
        Band<Duration> band = dough.family().rest();
        long minutes = dough.rest().toMinutes();
        String range = band.low().toMinutes() + "–" + band.high().toMinutes() + " min";
        if (band.contains(dough.rest())) {
            return Finding.good(minutes + " min", "of rest, within " + range + ".", "");
        }
        boolean shortRest = dough.rest().compareTo(band.low()) < 0;
        double wanted = band.clamp(dough.rest()).toMinutes();
        return Finding.look(
                minutes + " min",
                "of rest: " + range + " at room temperature.",
                shortRest ? "Too little rest springs back under the pin." : "A longer rest belongs in the fridge.",
                new Fix("Rest " + Math.round(wanted) + " min", PlanField.REST, dough.no(), wanted));
    }

    private static String signed(double points) {
        return (points < 0 ? "−" : "+") + Words.one(Math.abs(points));
    }
}
