package ironpin.cook;

import ironpin.heat.Surroundings;
import java.util.ArrayList;
import java.util.List;

/** The vessels of a round, one spell after the other; the last spell goes on as long as anybody asks. */
final class Hearth implements Surroundings {
    /** A spell as it came about. @param from seconds after the first @param water grams in the vessel when it began */
    record Began(Spell spell, double from, double water) {}

    private final Load load;
    private final Unknowns unknowns;
    private final List<Began> began = new ArrayList<>();
    private int at = -1;
    private double now;
    private double left;
    private boolean turned;
    private Medium medium = new OffTheFire();
    private double dryAt = Double.NaN;
    private double wet;

    Hearth(Load load, Unknowns unknowns) {
        this.load = load;
        this.unknowns = unknowns;
        next();
    }

    private void next() {
        at++;
        Spell spell = load.spells().get(at);
        boolean same = at > 0
                && (spell.fire() == load.spells().get(at - 1).fire()
                        || spell.fire() == Fire.REST && medium.water() > 0);
        if (!same) {
            medium = medium(spell, at == 0);
            turned = false;
            wet = 0;
        }
        medium.begin(spell);
        turned ^= spell.turn();
        left = spell.time().toMillis() / 1_000.0;
        wet = Math.max(wet, medium.water());
        began.add(new Began(spell, now, medium.water()));
    }

    private Medium medium(Spell spell, boolean first) {
        Vessel vessel = load.vessel(spell.fire());
        return switch (spell.fire()) {
            case BOIL -> new PotWater(vessel, Medium.BOILS);
            case STEAM -> new SteamSpace(vessel, first && spell.cold() ? Medium.TAP : Medium.BOILS);
            case PAN -> HotMetal.pan(vessel, first && spell.cold());
            case FRY -> new OilBath(vessel);
            case GRIDDLE -> HotMetal.griddle(vessel);
            case BAKE -> new BrothDish(vessel, load.ovenCelsius());
            case REST -> new OffTheFire();
        };
    }

    @Override
    public void advance(double seconds, double wattsPerGram) {
        medium.advance(seconds, wattsPerGram * load.piece().grams() * load.count());
        now += seconds;
        left -= seconds;
        if (wet > 0 && medium.water() <= 0 && Double.isNaN(dryAt)) {
            dryAt = now;
        }
        while (left <= 1e-9 && at < load.spells().size() - 1) {
            next();
        }
    }

    @Override
    public double steady() {
        return at == load.spells().size() - 1 ? Double.MAX_VALUE : left;
    }

    @Override
    public double celsius(boolean below) {
        return medium.celsius(below ^ turned) + unknowns.mediumKelvin();
    }

    @Override
    public double transfer(boolean below) {
        return medium.transfer(below ^ turned) * unknowns.film();
    }

    @Override
    public double medium() {
        return medium.thermometer();
    }

    @Override
    public double coldest() {
        return Medium.TAP;
    }

    @Override
    public boolean sided() {
        return load.spells().stream().anyMatch(spell -> spell.fire().sided() || spell.fire() == Fire.BAKE);
    }

    List<Began> began() {
        return began;
    }

    /** When the last water of a vessel that had some was gone, s; or no number. */
    double dryAt() {
        return dryAt;
    }
}
