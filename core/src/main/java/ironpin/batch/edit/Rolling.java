package ironpin.batch.edit;

import ironpin.batch.Batch;
import ironpin.batch.Lot;
import ironpin.batch.balance.Balancer;
import ironpin.quantity.Length;
import ironpin.quantity.Mass;
import ironpin.refusal.Refused;
import ironpin.wrapper.WrapperProfile;

/**
 * A wrapper's dough, width, centre to rim and rim hang together ({@link WrapperProfile}). Three are held; when one of them is set
 * the one that gives way follows. If that is the one that was set, the rim follows, or the width where the rim was set.
 */
final class Rolling {
    private Rolling() {}

    static Batch mass(Batch batch, int lotNo, double grams) {
        WrapperProfile old = profile(batch, lotNo);
        Batch set = batch.mapLot(lotNo, lot -> lot.withDoughEach(Mass.ofGrams(grams)));
        return switch (gives(batch, lotNo)) {
            case WIDTH ->
                width(
                        set,
                        lotNo,
                        WrapperProfile.ofRim(Mass.ofGrams(grams), old.rim(), ratio(batch, lotNo))
                                .diameter());
            case RATIO -> ratio(set, lotNo, meanRatio(Mass.ofGrams(grams), old.diameter(), old.rim()));
            case RIM, DOUGH -> set;
        };
    }

    static Batch width(Batch batch, int lotNo, double mm) {
        WrapperProfile old = profile(batch, lotNo);
        Length wide = Length.ofMillimetres(mm);
        Batch set = width(batch, lotNo, wide);
        return switch (gives(batch, lotNo)) {
            case DOUGH -> dough(set, lotNo, massOf(wide, old.rim(), ratio(batch, lotNo)));
            case RATIO -> ratio(set, lotNo, meanRatio(old.mass(), wide, old.rim()));
            case RIM, WIDTH -> set;
        };
    }

    static Batch ratio(Batch batch, int lotNo, double centreToRim) {
        WrapperProfile old = profile(batch, lotNo);
        Batch set = ratioAlone(batch, lotNo, centreToRim);
        return switch (gives(batch, lotNo)) {
            case DOUGH -> dough(set, lotNo, massOf(old.diameter(), old.rim(), centreToRim));
            case WIDTH ->
                width(
                        set,
                        lotNo,
                        WrapperProfile.ofRim(old.mass(), old.rim(), centreToRim).diameter());
            case RIM, RATIO -> set;
        };
    }

    static Batch rim(Batch batch, int lotNo, double mm) {
        WrapperProfile old = profile(batch, lotNo);
        Length rim = Length.ofMillimetres(mm);
        return switch (gives(batch, lotNo)) {
            case DOUGH -> dough(batch, lotNo, massOf(old.diameter(), rim, ratio(batch, lotNo)));
            case RATIO -> ratio(batch, lotNo, meanRatio(old.mass(), old.diameter(), rim));
            case RIM, WIDTH ->
                width(
                        batch,
                        lotNo,
                        WrapperProfile.ofRim(old.mass(), rim, ratio(batch, lotNo))
                                .diameter());
        };
    }

    /** The wrapper as it is solved now. */
    static WrapperProfile profile(Batch batch, int lotNo) {
        Lot lot = batch.lot(lotNo);
        return WrapperProfile.ofDiameter(
                Balancer.solve(batch).lot(lotNo).doughEach(), lot.shape().disc(), ratio(batch, lotNo));
    }

    private static double ratio(Batch batch, int lotNo) {
        return batch.lot(lotNo).shape().centreToRim();
    }

    private static Lot.GivesWay gives(Batch batch, int lotNo) {
        return batch.lot(lotNo).shape().givesWay();
    }

    private static Batch width(Batch batch, int lotNo, Length wide) {
        demand(RollField.DISC, wide.millimetres());
        return batch.mapLot(lotNo, lot -> lot.withShape(lot.shape().withDisc(wide)));
    }

    private static Batch ratio(Batch batch, int lotNo, Double centreToRim) {
        demand(RollField.CENTRE_TO_RIM, centreToRim);
        return ratioAlone(batch, lotNo, centreToRim);
    }

    private static Batch ratioAlone(Batch batch, int lotNo, double centreToRim) {
        return batch.mapLot(lotNo, lot -> lot.withShape(lot.shape().withCentreToRim(centreToRim)));
    }

    private static Batch dough(Batch batch, int lotNo, Mass each) {
        demand(CountField.DOUGH_EACH, each.grams());
        return batch.mapLot(lotNo, lot -> lot.withDoughEach(each));
    }

    /** The cone over a disc, asked for its mass. */
    private static Mass massOf(Length wide, Length rim, double centreToRim) {
        Mass one = Mass.ofGrams(1);
        double oneRim = WrapperProfile.ofDiameter(one, wide, centreToRim).rim().millimetres();
        return one.multipliedBy(rim.millimetres() / oneRim);
    }

    /** Asked for its ratio: mean ÷ rim is 1 + (ratio − 1)/3. */
    private static double meanRatio(Mass mass, Length wide, Length rim) {
        double mean = WrapperProfile.ofDiameter(mass, wide, 1).rim().millimetres();
        return 1 + 3 * (mean / rim.millimetres() - 1);
    }

    private static void demand(PlanField<?> field, double value) {
        if (!(value >= field.low() && value <= field.high())) {
            throw new Refused(field.label() + " would have to be " + said(value) + " " + field.unit() + "; "
                    + said(field.low()) + " to " + said(field.high()) + " is allowed: let another number give way");
        }
    }

    private static String said(double value) {
        double tenth = Math.rint(value * 10) / 10;
        return tenth == Math.rint(tenth) ? String.valueOf((long) tenth) : String.valueOf(tenth);
    }
}
