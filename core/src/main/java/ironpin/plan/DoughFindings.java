package ironpin.plan;

import ironpin.batch.Batch;
import ironpin.batch.Dough;
import ironpin.batch.FlourShare;
import ironpin.batch.balance.Balance;
import ironpin.batch.edit.Address;
import ironpin.batch.edit.Composing;
import ironpin.batch.edit.DoughField;
import ironpin.batch.edit.Fix;
import ironpin.clock.Gap;
import ironpin.cook.VesselKind;
import ironpin.dough.DoughFamily;
import ironpin.dough.KneadSchool;
import ironpin.dough.Mixing;
import ironpin.dough.Scald;
import ironpin.dough.StrangeFlour;
import ironpin.pantry.Absorption;
import ironpin.pantry.Flour;
import ironpin.quantity.Band;
import ironpin.quantity.Percentage;
import ironpin.quantity.Quantity;
import ironpin.quantity.Sentence;
import ironpin.quantity.Side;
import ironpin.quantity.Temperature;
import ironpin.style.DoughStart;
import ironpin.wording.Count;
import ironpin.wording.Name;
import ironpin.wording.Span;
import ironpin.wrapper.BoughtWrapper;
import java.time.Duration;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/** Whether the dough is in its band, its water right and its rest long enough. */
final class DoughFindings {
    /** Below this no starch swells, whatever is poured. */
    private static final double SCALDS_C = 55;

    private static final Duration A_MINUTE = Duration.ofMinutes(1);

    private static final double BOILING_C = 95;
    private static final double NO_SCALD = 0.05;
    private static final String ONLY_BOILING =
            "Raw starch binds only in boiling water; with any other it stays a slurry.";

    private DoughFindings() {}

    static List<Finding> of(BatchPlan plan, LotPlan lot) {
        List<Finding> found = new ArrayList<>();
        if (lot.lot().bought().isPresent()) {
            found.add(bought(lot.lot().bought().get(), lot.packs().orElseThrow()));
            return found;
        }
        plan.gaps(Gap.Kind.DOUGH_RESTS, lot.dough().no()).stream()
                .map(gap -> ClockFindings.said(plan, gap))
                .flatMap(Optional::stream)
                .forEach(found::add);
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
        found.add(Finding.of(
                Saying.DOUGH_MASS,
                Quantity.grams(share.made().total().grams()),
                Sentence.of("of dough, ", Quantity.grams(share.lost().grams()), " of it kept by bowl and bench."),
                Sentence.of(
                        "Flour ",
                        Quantity.grams(share.made().flour().grams()),
                        " and everything else as a share of it.",
                        price)));
        return found;
    }

    private static Finding bought(BoughtWrapper wrapper, BoughtWrapper.Packs packs) {
        return Finding.of(
                Saying.WRAPPERS_BOUGHT,
                Sentence.of(Count.of(packs.wrappers(), "wrapper")),
                Sentence.of("out of " + Count.of(packs.packs(), "pack") + ", no dough to make."),
                Sentence.of("Homemade seals dry and stretches; bought is quick and even. "
                        + wrapper.thickness().label() + ": "
                        + wrapper.thickness().tradeOff() + "."));
    }

    /** What earlier batches taught about this flour, and how sure that is. */
    private static Optional<Finding> learned(LotPlan lot) {
        for (FlourShare part : lot.dough().flours()) {
            Absorption known = part.flour().absorption();
            if (known.batches() > 0) {
                return Optional.of(Finding.of(
                        Saying.FLOUR_LEARNED,
                        Sentence.of(Words.signed(known.offset().percent())),
                        Sentence.of(
                                "points learned for the " + part.flour().name().toLowerCase(Locale.ROOT) + " (est.)."),
                        Sentence.of("From " + Count.of(known.batches(), "batch", "batches")
                                + "; nine times in ten between "
                                + Words.signed(known.likely().low().percent()) + " and "
                                + Words.signed(known.likely().high().percent())
                                + ". The plan counts it in; the kit can forget it.")));
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
        return Optional.of(Finding.of(
                Saying.FAMILY_RARE,
                Sentence.of(family.label()),
                Sentence.of("is rarely " + lot.lot().method().done() + ": usual is "
                        + offered.get(0).label().toLowerCase(Locale.ROOT) + "."),
                Sentence.of(why)));
    }

    private static Finding hydration(LotPlan lot) {
        Dough dough = lot.dough();
        Percentage now = dough.formula().effectiveHydration();
        Band<Percentage> band = lot.hydration().band();
        double low = band.low().percent();
        double high = band.high().percent();
        String figure = Words.one(now.percent()) + " %";
        String range = Words.one(low) + "–" + Words.one(high) + " %";
        Map<Flour, Double> shares = new HashMap<>();
        dough.flours().forEach(part -> shares.merge(part.flour(), part.share().fraction(), Double::sum));
        Optional<Flour> strange = StrangeFlour.in(shares);
        if (strange.isPresent()) {
            return Finding.of(
                    Saying.HYDRATION_NOT_KNOWN,
                    Sentence.of(figure),
                    Sentence.of("water: whether that is wet or dry with "
                            + Name.within(strange.get().name()) + " in it is not known here."),
                    Sentence.of("Keep a tenth of the water back, and go by the feel."));
        }
        String why = reason(lot);
        Side side = Side.of(now.percent(), low, high, 1);
        if (side == Side.WITHIN) {
            return Finding.of(
                    Saying.HYDRATION_IN_BAND,
                    Sentence.of(figure),
                    Sentence.of("water lies in the band " + range + "."),
                    Sentence.of(why));
        }
        boolean dry = side == Side.BELOW;
        double edge = dough.formula().hydration().percent()
                + band.clamp(now).minus(now).percent();
        double wanted = dry ? -Words.floorTenth(-edge) : Words.floorTenth(edge);
        Optional<Fix> fix = wanted >= DoughField.HYDRATION.low() && wanted <= DoughField.HYDRATION.high()
                ? Optional.of(new Fix(
                        Sentence.of("Set water to " + Words.one(wanted) + " %"),
                        DoughField.HYDRATION.at(Address.dough(dough.no())),
                        wanted))
                : Optional.empty();
        return Finding.of(
                dry ? Saying.HYDRATION_DRY : Saying.HYDRATION_WET,
                Sentence.of(figure),
                Sentence.of((dry ? "is dry: " : "is wet: ") + "this dough wants " + range + "."),
                Sentence.of((dry ? "It will crack at the rim. " : "It will stick and tear. ") + why),
                fix);
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
        Sentence figure = Quantity.celsius(dough.water().celsius());
        Side side = Side.of(
                dough.water().celsius(), band.low().celsius(), band.high().celsius(), 0);
        // What is poured from a kettle is as hot as this kitchen's boiling water gets.
        if (side == Side.WITHIN || boiling && dough.water().compareTo(kettle) >= 0) {
            return Finding.of(
                    Saying.WATER_SUITS,
                    figure,
                    Sentence.of("water suits this family."),
                    dough.family().onlyBoiling() ? Sentence.of(ONLY_BOILING) : Sentence.EMPTY);
        }
        Temperature hottest = kettle.compareTo(band.high()) < 0 && boiling ? kettle : band.high();
        Temperature lowest = band.low().compareTo(hottest) < 0 ? band.low() : hottest;
        double wanted =
                Math.floor(new Band<>(lowest, hottest).clamp(dough.water()).celsius());
        Fix fix = new Fix(
                Sentence.of("Set to ", Quantity.celsius(wanted)),
                DoughField.WATER_TEMPERATURE.at(Address.dough(dough.no())),
                wanted);
        boolean cool = side == Side.BELOW;
        if (cool && dough.family().onlyBoiling()) {
            return Finding.of(
                    Saying.WATER_NOT_BOILING,
                    figure,
                    Sentence.of("water does nothing here: this family needs it boiling."),
                    Sentence.of(ONLY_BOILING),
                    fix);
        }
        Sentence text = Sentence.of("water: this family wants ", Quantity.celsius(band), ".");
        if (!dough.family().wheat()) {
            return cool
                    ? Finding.of(
                            Saying.WATER_COOL,
                            figure,
                            text,
                            Sentence.of("Cooler water makes it crack at the edge."),
                            fix)
                    : Finding.of(
                            Saying.WATER_HOT,
                            figure,
                            text,
                            Sentence.of("Hotter water makes it sticky, and hot to the hands."),
                            fix);
        }
        return cool
                ? Finding.of(
                        Saying.WATER_COOL,
                        figure,
                        text,
                        Sentence.of(
                                dough.family().water().high().celsius() < SCALDS_C
                                        ? "Cold water slows the dough: it takes longer to come together and to rest."
                                        : "Cooler water scalds less starch: the skin comes out firmer than this family."),
                        fix)
                : Finding.of(
                        Saying.WATER_HOT,
                        figure,
                        text,
                        Sentence.of("Hotter water scalds starch: the skin comes out softer than this family."),
                        fix);
    }

    private static Finding mixed(LotPlan lot) {
        Temperature mixed = lot.mixed();
        Duration wait = lot.mixing().untilHands(mixed);
        Sentence hands = wait.isZero()
                ? Sentence.of("Hands may go in at once.")
                : Sentence.of(
                        "Hands may go in after about ",
                        Span.inMinutes(wait.compareTo(A_MINUTE) < 0 ? A_MINUTE : wait),
                        ", under ",
                        Quantity.celsius(Mixing.HANDS.celsius()),
                        ".");
        Sentence figure = Quantity.celsius(mixed.celsius());
        if (!lot.dough().family().wheat()) {
            return Finding.of(Saying.MIXED_NO_WHEAT, figure, Sentence.of("just after mixing (est.)."), hands);
        }
        double share = Scald.share(mixed);
        if (share < NO_SCALD) {
            return Finding.of(Saying.MIXED_COLD, figure, Sentence.of("just after mixing (est.): no scald."), hands);
        }
        return Finding.of(
                Saying.MIXED_SCALDED,
                figure,
                Sentence.of("just after mixing (est.): scald share " + Words.two(share) + "."),
                Sentence.of(
                        hands,
                        " A scald this far wants about ",
                        Math.round(Scald.POINTS_FROM_NONE_TO_ALL * share),
                        " points more water than a cold dough. "
                                + "The first flour the water touches is hotter than the mean."));
    }

    private static Finding rest(Dough dough) {
        KneadSchool school = dough.kneading().school();
        Band<Duration> band = school.rest(dough.family());
        String rested = Span.inMinutes(dough.rest());
        if (band.high().isZero() && dough.rest().isZero()) {
            return Finding.of(
                    Saying.REST_NONE,
                    Sentence.of("No rest"),
                    Sentence.of("for this family: work it warm."),
                    Sentence.of("It stiffens as it cools."));
        }
        String range = Span.between(band.low(), band.high());
        String planned = "of rest planned, ";
        if (band.contains(dough.rest())) {
            boolean cold = dough.restPlan().cold();
            return Finding.of(
                    cold ? Saying.REST_COLD : Saying.REST_IN_BAND,
                    Sentence.of(rested),
                    Sentence.of(planned + (cold ? "most of it in the fridge: within " : "within ") + range + "."),
                    Sentence.of(school.label() + ": " + school.tradeOff() + "."));
        }
        boolean shortRest = dough.rest().compareTo(band.low()) < 0;
        double wanted = band.clamp(dough.rest()).toMinutes();
        Fix fix = new Fix(
                Sentence.of("Rest " + Span.inMinutes(Duration.ofMinutes((long) wanted))),
                DoughField.REST.at(Address.dough(dough.no())),
                wanted);
        if (shortRest) {
            return Finding.of(
                    Saying.REST_SHORT,
                    Sentence.of(rested),
                    Sentence.of(planned, "usual is ", range, "."),
                    Sentence.of(
                            dough.family().wheat()
                                    ? "Too little rest springs back under the pin."
                                    : "The flour has not drunk yet: it cracks at the edge."),
                    fix);
        }
        boolean none = band.high().isZero();
        return Finding.of(
                Saying.REST_LONG,
                Sentence.of(rested),
                none
                        ? Sentence.of(planned, "but this family is worked warm, without any.")
                        : Sentence.of(
                                planned,
                                "over ",
                                Span.inMinutes(dough.family().rest().high()),
                                ", so most of it moves into the fridge."),
                Sentence.of(
                        none
                                ? "It stiffens as it cools."
                                : "In the room it turns sticky and may sour; cold and wrapped it keeps a day."),
                fix);
    }
}
