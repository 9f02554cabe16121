package ironpin.rehearsal;

import ironpin.quantity.Length;
import ironpin.quantity.Mass;
import ironpin.wrapper.FillRoom;
import ironpin.wrapper.Fold;
import ironpin.wrapper.WrapperProfile;

/** What a dough and its pieces are like under these hands, by the rules that the plan has too. */
record Bench(Truth truth, Chosen chosen) {
    /** By how much a disc draws back that had no rest at all, as a share (est.). */
    private static final double SPRINGS = 0.14;

    /** And for as much again that it is too dry as hands feel. */
    private static final double STIFF = 0.03;

    private static final double DRY = 0.5;
    private static final double[] SPREAD = {0.09, 0.05, 0.02};
    private static final double[] NOTICED = {0, 0.7, 1};

    /** How far from its best the dough was felt after mixing: 1 where hands feel it; below 0 it is too dry. */
    double mixed() {
        return (chosen.water() - Scene.water() - truth.thirst()) / Scene.half();
    }

    /** And after what was worked in. */
    double felt() {
        return mixed() + chosen.corrected() / Scene.half();
    }

    /** A disc as it lies on the board after it has drawn back, mm. */
    double drawnBack() {
        return drawnBack(chosen.disc());
    }

    /** And one that the pin leaves so wide. */
    double drawnBack(double disc) {
        double need = Scene.LOT.dough().family().rest().low().toMinutes();
        double tired = Math.max(0, 1 - chosen.rest() / need);
        double stiff = Math.max(0, -felt() - DRY);
        return disc * (1 - SPRINGS * tired - STIFF * stiff);
    }

    /** By how much the pieces are heavier than planned, as a share: what was noticed is cut back. */
    double heavier() {
        return truth.cutsLong() * (1 - NOTICED[chosen.way(Decision.CUT)]);
    }

    /** How far pieces are apart, as a share. */
    double spread() {
        return SPREAD[chosen.way(Decision.CUT)];
    }

    /** How many the rope gives. */
    int pieces() {
        return (int) Math.round(Scene.pieces() / (1 + heavier()));
    }

    /** Dough in a piece. */
    Mass dough() {
        return Scene.LOT.share().doughEach().multipliedBy(1 + heavier());
    }

    /** A closed piece. */
    Mass piece() {
        return dough().plus(Mass.ofGrams(chosen.fill()));
    }

    Fold fold() {
        boolean plain = chosen.ways().size() > Decision.SEAM.ordinal() && chosen.way(Decision.SEAM) == 1;
        return plain ? Fold.HALF_MOON : Scene.LOT.lot().fold();
    }

    /** How full a piece is: filling ÷ what this disc closes with ease. */
    double full() {
        return chosen.fill() / holds();
    }

    /** What a disc of these closes with ease, g. */
    double holds() {
        FillRoom.Skin planned = Scene.LOT.skin();
        FillRoom.Skin skin = new FillRoom.Skin(wide(), planned.slice(), planned.stretch(), planned.comfortable());
        return FillRoom.of(skin, fold()).comfortable().grams();
    }

    Length wide() {
        return Length.ofMillimetres(drawnBack());
    }

    /** The rim's thickness, as a share of the plan's. */
    double rim() {
        WrapperProfile planned = Scene.LOT.wrapper();
        double ratio = Scene.LOT.lot().shape().centreToRim();
        WrapperProfile rolled = WrapperProfile.ofDiameter(dough(), wide(), ratio);
        return rolled.rim().millimetres() / planned.rim().millimetres();
    }
}
