package ironpin.cook;

/** Lifted out, or the hob turned off: air of the kitchen, or what is left of the warmth under a lid. */
final class OffTheFire implements Medium {
    private static final double AIR = 10;
    private static final double UNDER_LID = 75;
    private boolean lid;

    @Override
    public void begin(Spell spell) {
        lid = spell.lid();
    }

    @Override
    public void advance(double seconds, double watts) {}

    @Override
    public double celsius(boolean below) {
        return lid ? UNDER_LID : ROOM;
    }

    @Override
    public double transfer(boolean below) {
        return AIR;
    }

    @Override
    public double thermometer() {
        return celsius(false);
    }

    @Override
    public double water() {
        return 0;
    }
}
