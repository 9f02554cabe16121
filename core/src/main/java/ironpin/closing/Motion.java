package ironpin.closing;

import ironpin.wrapper.Fold;

/** The movement of one fold, step by step; its steps are those of {@link Fold#steps()}. */
public interface Motion {
    /**
     * The piece at a moment.
     *
     * @param step from 0
     * @param done how much of the step is done, 0 to 1
     */
    Frame at(int step, double done);

    /**
     * How a fold moves.
     *
     * @param wideMm width of the wrapper, above 0
     * @param full filling as a share of the fold's geometric room; drawn between a tenth and all of it
     */
    static Motion of(Fold fold, double wideMm, double full) {
        double share = Math.max(0.1, Math.min(1, full));
        return switch (fold) {
            case HALF_MOON,
                    PRESSED_CORNERS,
                    JOINED_CORNERS,
                    CRIMPED_EDGE,
                    PLEATED_CRESCENT,
                    CENTRE_OUT,
                    ROPE_EDGE,
                    LEAF,
                    TRIANGLE -> new TubeMotion(fold, wideMm, share);
            case PURSE, GATHERED_BALL, CLOSED_BALL -> new GatheredMotion(fold, wideMm / 2);
            case TWO_DISCS -> new DiscsMotion(wideMm / 2);
            case LEAF_PARCEL -> new ParcelMotion(wideMm / 2);
            case ROLLED_STRIP -> new RollMotion(wideMm);
        };
    }
}
