package ironpin.plan;

import ironpin.batch.Lot;
import ironpin.batch.edit.Address;
import ironpin.batch.edit.Fix;
import ironpin.batch.edit.RollField;
import ironpin.dough.DoughFormula;
import ironpin.portion.RopePlan;
import ironpin.quantity.Band;
import ironpin.quantity.Dimension;
import ironpin.quantity.Length;
import ironpin.quantity.Percentage;
import ironpin.quantity.Quantity;
import ironpin.quantity.Sentence;
import ironpin.quantity.Side;
import ironpin.wording.Count;
import ironpin.wrapper.BoughtWrapper;
import ironpin.wrapper.FillRoom;
import ironpin.wrapper.StuffedBread;
import ironpin.wrapper.WrapperProfile;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** Whether the wrapper is thin enough at the rim and thick enough in the middle. */
final class RollFindings {
    private static final Band<Length> RIM = new Band<>(Length.ofMillimetres(0.8), Length.ofMillimetres(1.2));
    private static final Length GOOD_RIM = Length.ofMillimetres(1.0);
    private static final Length GOOD_SKIN = Length.ofMillimetres(0.8);
    private static final Length THIN_SKIN = Length.ofMillimetres(0.7);
    private static final Length THICK_SKIN = Length.ofMillimetres(2);

    /** Wrappers that lie on one another without sticking. */
    private static final int STACK = 10;

    private static final Sentence RIM_SAID =
            Sentence.of(Quantity.number(Dimension.LENGTH, 0.8, 1), "–", Quantity.length(1.2, 1));

    /** Points of water that a skin may lose to what is strewn before it is said to be stiffer (est.). */
    private static final double POINTS_DUSTED = 2;

    private RollFindings() {}

    static List<Finding> of(LotPlan lot) {
        return Stream.concat(wrappers(lot).stream(), dusted(lot).stream()).toList();
    }

    private static List<Finding> wrappers(LotPlan lot) {
        if (lot.lot().bought().isPresent()) {
            return List.of(pack(lot.lot().bought().get()));
        }
        if (lot.bread().isPresent()) {
            return bread(lot, lot.bread().get());
        }
        return switch (lot.lot().outline()) {
            case STRIP -> List.of(even(lot), roll(lot));
            case SQUARE -> List.of(even(lot), stacked(lot));
            case ROUND -> lot.lot().fromSheet() ? List.of(even(lot), stacked(lot)) : wrapper(lot);
        };
    }

    private static Optional<Finding> dusted(LotPlan lot) {
        Percentage dusting = lot.lot().shape().dusting();
        if (lot.lot().bought().isPresent() || dusting.isZero()) {
            return Optional.empty();
        }
        DoughFormula formula = lot.dough().formula();
        double before = formula.effectiveHydration().percent();
        double skin = formula.dusted(dusting).percent();
        Percentage most = formula.dustingFor(POINTS_DUSTED);
        boolean dry = Side.of(before - skin, 0, POINTS_DUSTED, 1) == Side.ABOVE;
        Sentence says = Sentence.of(
                "water is what the skin holds, not " + Words.one(before) + " %, if all the dusting stays on (est.)"
                        + (dry ? ": it rolls and seals like a stiffer dough." : "."));
        Sentence why = Sentence.of("Flour that is strewn wants water too: brush off what is loose, and wet the rim.");
        return Optional.of(
                dry
                        ? Finding.of(
                                Saying.DUSTED_DRY,
                                Sentence.of(Words.one(skin) + " %"),
                                says,
                                why,
                                new Fix(
                                        Sentence.of("Strew " + Words.one(tenths(most)) + " %"),
                                        RollField.DUSTING.at(
                                                Address.lot(lot.lot().no())),
                                        tenths(most)))
                        : Finding.of(Saying.DUSTED, Sentence.of(Words.one(skin) + " %"), says, why));
    }

    private static double tenths(Percentage share) {
        return Math.floor(10 * share.percent()) / 10;
    }

    private static Finding even(LotPlan lot) {
        return Finding.of(
                Saying.EVEN_THICK,
                Quantity.fineMm(lot.wrapper().rim().millimetres()),
                Sentence.of("thick all over (est.)."),
                Sentence.of("From the mass of a piece and its area, dough at 1.22 g/cm³."));
    }

    /** Of a rolled strip: the circle with the area of its section. */
    private static Finding roll(LotPlan lot) {
        double slice = lot.lot().shape().slice().centimetres();
        double cm3 = lot.share().doughEach().grams() / RopePlan.DOUGH_DENSITY
                + lot.share().fillingEach().grams() / FillRoom.FILLING_DENSITY;
        double across = Math.sqrt(4 * cm3 / slice / Math.PI);
        double free = lot.lot().fold().seamMm();
        return Finding.of(
                Saying.ROLL_THICK,
                Quantity.mm(10 * across),
                Sentence.of("across is the roll (est.), if no air is rolled in."),
                Sentence.of("Spread up to ", Quantity.mm(free), " from the long edge; that edge seals it."));
    }

    private static Finding stacked(LotPlan lot) {
        int pieces = lot.share().pieces();
        int stacks = Math.max(1, (pieces + STACK - 1) / STACK);
        return Finding.of(
                Saying.STACKED,
                Sentence.of(Count.of(stacks, "stack")),
                Sentence.of("of at most " + STACK + ", dusted between, under a damp cloth."),
                Sentence.of(
                        "Uncovered they skin over in 5 to 10 minutes, covered they keep for half an hour and more (est.)."));
    }

    private static List<Finding> wrapper(LotPlan lot) {
        List<Finding> found = new ArrayList<>();
        WrapperProfile profile = lot.wrapper();
        Sentence figure = Quantity.fineMm(profile.rim().millimetres());
        Sentence why = Sentence.of("Rims of ", RIM_SAID, " seal well and cook through where they lie double (est.).");
        Side side = Side.of(
                profile.rim().millimetres(), RIM.low().millimetres(), RIM.high().millimetres(), 1);
        if (side == Side.WITHIN) {
            found.add(Finding.of(Saying.RIM_IN_BAND, figure, Sentence.of("at the rim (est.)."), why));
        } else {
            double wanted = Math.rint(WrapperProfile.ofRim(
                            profile.mass(), GOOD_RIM, lot.lot().shape().centreToRim())
                    .diameter()
                    .millimetres());
            boolean thick = side == Side.ABOVE;
            found.add(Finding.of(
                    thick ? Saying.RIM_THICK : Saying.RIM_THIN,
                    figure,
                    Sentence.of(
                            thick ? "at the rim (est.): the seam may stay gummy." : "at the rim (est.): it may tear."),
                    why,
                    disc(lot, wanted)));
        }
        found.add(Finding.of(
                Saying.CENTRE,
                Quantity.fineMm(profile.centre().millimetres()),
                Sentence.of(
                        "in the middle (est.), " + Words.one(lot.lot().shape().centreToRim()) + " times the rim."),
                Sentence.of("The middle carries the filling; a cone over a disc gives both from the dough's mass.")));
        if (lot.lot().taken() > 1) {
            double each = lot.share().doughEach().grams();
            found.add(Finding.of(
                    Saying.CUT_AWAY,
                    Quantity.fineGrams(each * (lot.lot().taken() - 1)),
                    Sentence.of(
                            "of each piece is cut away (est.): cut ",
                            Quantity.fineGrams(each * lot.lot().taken()),
                            " off the rope."),
                    Sentence.of("A piece has to be rolled larger than the cutter all round.")));
        }
        found.add(stacked(lot));
        return found;
    }

    private static Finding pack(BoughtWrapper wrapper) {
        return Finding.of(
                Saying.PACK_THICK,
                Quantity.fineMm(wrapper.thick().millimetres()),
                Sentence.of("thick all over (est.): nothing to roll."),
                Sentence.of(
                        "From its mass over its area. " + wrapper.thickness().label() + ": "
                                + wrapper.thickness().tradeOff() + "."));
    }

    private static List<Finding> bread(LotPlan lot, StuffedBread bread) {
        List<Finding> found = new ArrayList<>();
        Sentence skin = Quantity.fineMm(bread.skin().millimetres());
        double thinnest = StuffedBread.THINNEST_SKIN.millimetres();
        if (Side.of(bread.skin().millimetres(), thinnest, Double.MAX_VALUE, 1) == Side.WITHIN) {
            found.add(Finding.of(
                    Saying.SKIN_HOLDS,
                    skin,
                    Sentence.of("of skin on either side (est.)."),
                    Sentence.of("It holds down to about ", Quantity.fineMm(thinnest), ".")));
        } else {
            double narrower = Math.floor(
                    bread.diameter().millimetres() * Math.sqrt(bread.skin().millimetres() / GOOD_SKIN.millimetres()));
            found.add(Finding.of(
                    Saying.SKIN_TEARS,
                    skin,
                    Sentence.of("of skin on either side tears (est.)."),
                    Sentence.of("Below ", Quantity.fineMm(thinnest), " it does not hold."),
                    disc(lot, narrower)));
        }
        found.add(Finding.of(
                Saying.BREAD_THICK,
                Quantity.fineMm(bread.thickness().millimetres()),
                Sentence.of(
                        "thick (est.) when pressed to ",
                        Quantity.mm(bread.diameter().millimetres()),
                        "."),
                Sentence.of("Dough and filling spread over the same disc.")));
        found.add(schools(lot));
        return found;
    }

    /** As thin as it goes, or thick: the width that gives the skin of either. */
    private static Finding schools(LotPlan lot) {
        double thin = wideFor(lot, THIN_SKIN);
        double thick = wideFor(lot, THICK_SKIN);
        return new Finding(
                Saying.BREAD_SCHOOLS,
                Sentence.of(Quantity.mm(thick), " or ", Quantity.mm(thin)),
                Sentence.of(
                        "wide: the thick ones stop at a skin of ",
                        Quantity.fineMm(THICK_SKIN.millimetres()),
                        " on either side, the thin one goes on to ",
                        Quantity.fineMm(THIN_SKIN.millimetres()),
                        " (est.)."),
                Sentence.of("Thick ones stay soft and forgive; thin ones crisp and tear."),
                List.of(disc(lot, thick), disc(lot, thin)));
    }

    private static double wideFor(LotPlan lot, Length skin) {
        StuffedBread now = lot.bread().orElseThrow();
        return Math.floor(now.diameter().millimetres() * Math.sqrt(now.skin().millimetres() / skin.millimetres()));
    }

    private static Fix disc(LotPlan lot, double wantedMm) {
        Lot.GivesWay gives = lot.lot().shape().givesWay();
        if (lot.bread().isEmpty() && (gives == Lot.GivesWay.DOUGH || gives == Lot.GivesWay.RATIO)) {
            // Another width would leave the rim as it is: the cook lets something else follow.
            return new Fix(
                    Sentence.of("Make the rim ", Quantity.fineMm(GOOD_RIM.millimetres())),
                    RollField.RIM.at(Address.lot(lot.lot().no())),
                    GOOD_RIM.millimetres());
        }
        double mm = Math.max(RollField.DISC.low(), Math.min(RollField.DISC.high(), wantedMm));
        return new Fix(
                Sentence.of("Roll to ", Quantity.mm(mm)),
                RollField.DISC.at(Address.lot(lot.lot().no())),
                mm);
    }
}
