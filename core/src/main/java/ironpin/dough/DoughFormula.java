package ironpin.dough;

import ironpin.pantry.Flour;
import ironpin.quantity.Mass;
import ironpin.quantity.Percentage;
import ironpin.refusal.NotThere;
import ironpin.refusal.Refused;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;

/**
 * A dough in baker's percentages: flour is 100 %, everything else is a share of it, so the dough weighs
 * {@code flour · (1 + Σ shares)}.
 *
 * @param lines everything but the flour, each addition at most once, in the order they are weighed
 */
public record DoughFormula(List<DoughLine> lines) {
    /** With less poured water no dough comes together; general practice. */
    public static final Percentage LEAST_WATER = Percentage.of(20);

    public DoughFormula {
        lines = List.copyOf(lines);
        Set<DoughAddition> seen = EnumSet.noneOf(DoughAddition.class);
        for (DoughLine line : lines) {
            if (!seen.add(line.addition())) {
                throw new Refused(line.addition().label() + " stands twice in the dough");
            }
        }
    }

    /** A dough of water, salt and oil; shares of zero are left out, but for the water. */
    public static DoughFormula of(double waterPercent, double saltPercent, double oilPercent) {
        DoughFormula bare = new DoughFormula(List.of(new DoughLine(DoughAddition.WATER, Percentage.of(waterPercent))));
        return bare.with(DoughAddition.SALT, Percentage.of(saltPercent))
                .with(DoughAddition.OIL, Percentage.of(oilPercent));
    }

    /** The baker's percentage of an addition; zero if it is not in the dough. */
    public Percentage share(DoughAddition addition) {
        return lines.stream()
                .filter(line -> line.addition() == addition)
                .map(DoughLine::share)
                .findFirst()
                .orElse(Percentage.ZERO);
    }

    /** The line of an addition. @throws IllegalArgumentException if it is not in the dough */
    public DoughLine line(DoughAddition addition) {
        return lines.stream()
                .filter(line -> line.addition() == addition)
                .findFirst()
                .orElseThrow(() -> new NotThere("no " + addition.label() + " in this dough"));
    }

    /** Poured water as a share of the flour. */
    public Percentage hydration() {
        return share(DoughAddition.WATER);
    }

    /** All water that wets the flour, from whichever line, as a share of the flour. */
    public Percentage effectiveHydration() {
        double percent = 0;
        for (DoughLine line : lines) {
            percent += line.share().percent() * line.addition().waterShare();
        }
        return Percentage.of(percent);
    }

    /**
     * All water as a share of all flour once so much is strewn over it and stays on: the water stays, the flour grows (a mass balance).
     *
     * @param dusting flour strewn, of the dough's weight, 0 % or more
     * @return effective hydration, %, at most what it was
     */
    public Percentage dusted(Percentage dusting) {
        return Percentage.of(effectiveHydration().percent() / (1 + dusting.fraction() * doughPerFlour()));
    }

    /**
     * How much may be strewn until so much water is lost: {@link #dusted} turned round.
     *
     * @param points of effective hydration, 0 or more and fewer than it has
     * @return flour, of the dough's weight
     */
    public Percentage dustingFor(double points) {
        double water = effectiveHydration().percent();
        return Percentage.ofFraction((water / (water - points) - 1) / doughPerFlour());
    }

    /** The same dough with the water that this flour was seen to want beyond its label. */
    public DoughFormula wetted(Flour flour) {
        Percentage water = hydration().plus(flour.absorption().offset());
        return water.compareTo(LEAST_WATER) < 0 ? this : with(DoughAddition.WATER, water);
    }

    /** The same dough with one share changed; a share of zero takes the line out, but for the water. */
    public DoughFormula with(DoughAddition addition, Percentage share) {
        List<DoughLine> changed = new ArrayList<>();
        boolean placed = false;
        for (DoughLine line : lines) {
            if (line.addition() != addition) {
                changed.add(line);
            } else {
                placed = true;
                if (!share.isZero() || addition == DoughAddition.WATER) {
                    changed.add(line.with(share));
                }
            }
        }
        if (!placed && !share.isZero()) {
            changed.add(new DoughLine(addition, share));
        }
        return new DoughFormula(changed);
    }

    /** Dough per gram of flour, 1 or more. */
    public double doughPerFlour() {
        double parts = 1;
        for (DoughLine line : lines) {
            parts += line.share().fraction();
        }
        return parts;
    }

    /** The dough that this much flour makes. */
    public DoughMasses fromFlour(Mass flour) {
        List<DoughMasses.Part> parts = new ArrayList<>();
        for (DoughLine line : lines) {
            parts.add(new DoughMasses.Part(line.addition(), line.share().of(flour)));
        }
        return new DoughMasses(flour, parts);
    }

    /** The least flour whose dough weighs at least this much, to the microgram per line. */
    public DoughMasses forDough(Mass dough) {
        return fromFlour(dough.dividedBy(doughPerFlour()));
    }
}
