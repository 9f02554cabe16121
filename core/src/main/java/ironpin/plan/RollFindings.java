package ironpin.plan;

import ironpin.batch.edit.Address;
import ironpin.batch.edit.Fix;
import ironpin.batch.edit.RollField;
import ironpin.quantity.Band;
import ironpin.quantity.Dimension;
import ironpin.quantity.Length;
import ironpin.quantity.Quoted;
import ironpin.quantity.Side;
import ironpin.wrapper.BoughtWrapper;
import ironpin.wrapper.StuffedBread;
import ironpin.wrapper.WrapperProfile;
import java.util.ArrayList;
import java.util.List;

/** Whether the wrapper is thin enough at the rim and thick enough in the middle. */
final class RollFindings {
    private static final Band<Length> RIM = new Band<>(Length.ofMillimetres(0.8), Length.ofMillimetres(1.2));
    private static final Length GOOD_RIM = Length.ofMillimetres(1.0);
    private static final Length GOOD_SKIN = Length.ofMillimetres(0.8);

    private static final String RIM_SAID = Quoted.number(Dimension.LENGTH, 0.8, 1) + "–" + Quoted.length(1.2, 1);

    private RollFindings() {}

    static List<Finding> of(LotPlan lot) {
        if (lot.lot().bought().isPresent()) {
            return List.of(pack(lot.lot().bought().get()));
        }
        return lot.bread().isPresent() ? bread(lot, lot.bread().get()) : wrapper(lot);
    }

    private static List<Finding> wrapper(LotPlan lot) {
        List<Finding> found = new ArrayList<>();
        WrapperProfile profile = lot.wrapper();
        String figure = Words.fineMm(profile.rim().millimetres());
        String why = "Rims of " + RIM_SAID + " seal well and cook through where they lie double (est.).";
        Side side = Side.of(
                profile.rim().millimetres(), RIM.low().millimetres(), RIM.high().millimetres(), Words::fineMm);
        if (side == Side.WITHIN) {
            found.add(Finding.of(Saying.RIM_IN_BAND, figure, "at the rim (est.).", why));
        } else {
            double wanted = Math.rint(WrapperProfile.ofRim(
                            profile.mass(), GOOD_RIM, lot.lot().shape().centreToRim())
                    .diameter()
                    .millimetres());
            boolean thick = side == Side.ABOVE;
            found.add(Finding.of(
                    thick ? Saying.RIM_THICK : Saying.RIM_THIN,
                    figure,
                    thick ? "at the rim (est.): the seam may stay gummy." : "at the rim (est.): it may tear.",
                    why,
                    disc(lot, wanted)));
        }
        found.add(Finding.of(
                Saying.CENTRE,
                Words.fineMm(profile.centre().millimetres()),
                "in the middle (est.), " + Words.one(lot.lot().shape().centreToRim()) + " times the rim.",
                "The middle carries the filling; a cone over a disc gives both from the dough's mass."));
        return found;
    }

    private static Finding pack(BoughtWrapper wrapper) {
        return Finding.of(
                Saying.PACK_THICK,
                Words.fineMm(wrapper.thick().millimetres()),
                "thick all over (est.): nothing to roll.",
                "From its mass over its area. " + wrapper.thickness().label() + ": "
                        + wrapper.thickness().tradeOff() + ".");
    }

    private static List<Finding> bread(LotPlan lot, StuffedBread bread) {
        List<Finding> found = new ArrayList<>();
        String skin = Words.fineMm(bread.skin().millimetres());
        double thinnest = StuffedBread.THINNEST_SKIN.millimetres();
        if (Side.of(bread.skin().millimetres(), thinnest, Double.MAX_VALUE, Words::fineMm) == Side.WITHIN) {
            found.add(Finding.of(
                    Saying.SKIN_HOLDS,
                    skin,
                    "of skin on either side (est.).",
                    "It holds down to about " + Words.fineMm(thinnest) + "."));
        } else {
            double narrower = Math.floor(
                    bread.diameter().millimetres() * Math.sqrt(bread.skin().millimetres() / GOOD_SKIN.millimetres()));
            found.add(Finding.of(
                    Saying.SKIN_TEARS,
                    skin,
                    "of skin on either side tears (est.).",
                    "Below " + Words.fineMm(thinnest) + " it does not hold.",
                    disc(lot, narrower)));
        }
        found.add(Finding.of(
                Saying.BREAD_THICK,
                Words.fineMm(bread.thickness().millimetres()),
                "thick (est.) when pressed to " + Words.mm(bread.diameter().millimetres()) + ".",
                "Dough and filling spread over the same disc."));
        return found;
    }

    private static Fix disc(LotPlan lot, double wantedMm) {
        double mm = Math.max(RollField.DISC.low(), Math.min(RollField.DISC.high(), wantedMm));
        return new Fix(
                "Roll to " + Words.mm(mm),
                RollField.DISC.at(Address.lot(lot.lot().no())),
                mm);
    }
}
