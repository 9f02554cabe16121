package ironpin.filling;

import ironpin.quantity.Mass;
import ironpin.quantity.Percentage;
import ironpin.refusal.Numbered;
import ironpin.refusal.Refused;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * A filling as shares of its finished mass.
 *
 * @param lines 1 to {@link #MOST_LINES}; the shares add up to 100 % within 0.01
 */
public record FillingFormula(List<FillingLine> lines) {
    /** More no bench sheet holds. */
    public static final int MOST_LINES = 40;

    private static final double TOLERANCE_PERCENT = 0.01;

    public FillingFormula {
        lines = List.copyOf(lines);
        if (lines.size() > MOST_LINES) {
            throw new Refused("a filling has up to " + MOST_LINES + " lines, not " + lines.size());
        }
        double sum = lines.stream().mapToDouble(line -> line.share().percent()).sum();
        if (Math.abs(sum - 100) > TOLERANCE_PERCENT) {
            throw new Refused("the lines of a filling add up to 100 %, not " + sum);
        }
    }

    /** A filling of these lines. */
    public static FillingFormula of(FillingLine... lines) {
        return new FillingFormula(List.of(lines));
    }

    /**
     * The same filling with one line's share changed; the others make room or fill up in proportion.
     *
     * @param index which line, from 0
     * @param share above 0 and below 100 %
     */
    public FillingFormula withShare(int index, Percentage share) {
        double others = 100 - Numbered.of(lines, index, "line").share().percent();
        List<FillingLine> changed = new ArrayList<>();
        for (int i = 0; i < lines.size(); i++) {
            FillingLine line = lines.get(i);
            double percent = i == index ? share.percent() : line.share().percent() * (100 - share.percent()) / others;
            changed.add(line.with(Percentage.of(percent)));
        }
        return new FillingFormula(changed);
    }

    /** The same filling with one line more; the others make room in proportion. */
    public FillingFormula plus(FillingLine line) {
        List<FillingLine> changed = new ArrayList<>();
        double room = 1 - line.share().fraction();
        lines.forEach(old -> changed.add(old.with(Percentage.of(old.share().percent() * room))));
        changed.add(line);
        return new FillingFormula(changed);
    }

    /** The same filling without one line; the others fill up in proportion. The last line stays. */
    public FillingFormula without(int index) {
        if (lines.size() == 1) {
            return this;
        }
        double kept = 1 - Numbered.of(lines, index, "line").share().fraction();
        List<FillingLine> changed = new ArrayList<>();
        for (int i = 0; i < lines.size(); i++) {
            if (i != index) {
                FillingLine line = lines.get(i);
                changed.add(line.with(Percentage.of(line.share().percent() / kept)));
            }
        }
        return new FillingFormula(changed);
    }

    /** The same filling with one line called something else. */
    public FillingFormula named(int index, String ingredient) {
        List<FillingLine> changed = new ArrayList<>(lines);
        changed.set(
                index,
                new FillingLine(
                        ingredient.strip(), Numbered.of(lines, index, "line").share()));
        return new FillingFormula(changed);
    }

    /** Whether its set stock is stewed from skin, and not set with gelatin out of a packet. */
    public boolean fromSkin() {
        return lines.stream().anyMatch(line -> line.spoken().done().equals(Optional.of(Treatment.SKIN)));
    }

    /** Share of set stock in it, if there is any. */
    public Optional<Percentage> aspic() {
        double percent = lines.stream()
                .filter(line -> line.spoken().done().filter(Treatment::sets).isPresent())
                .mapToDouble(line -> line.share().percent())
                .sum();
        return percent > 0 ? Optional.of(Percentage.of(percent)) : Optional.empty();
    }

    /**
     * The same filling before its vegetables were treated, in shares of the raw mass: each stands for as much as its
     * treatment usually leaves it of. Nothing if none is treated.
     */
    public Optional<Raw> beforeSqueezing() {
        double whole = 0;
        List<Double> percents = new ArrayList<>();
        for (FillingLine line : lines) {
            double percent = line.share().percent() / left(line);
            percents.add(percent);
            whole += percent;
        }
        if (whole < 100 + TOLERANCE_PERCENT) {
            return Optional.empty();
        }
        List<FillingLine> raw = new ArrayList<>();
        for (int i = 0; i < lines.size(); i++) {
            FillingLine line = lines.get(i);
            String name = left(line) < 1 ? line.bare() : line.ingredient();
            raw.add(FillingLine.of(name, 100 * percents.get(i) / whole));
        }
        return Optional.of(new Raw(new FillingFormula(raw), whole / 100));
    }

    /**
     * A filling before its vegetables were treated.
     *
     * @param formula in shares of the raw mass
     * @param times its raw mass as a multiple of the finished one, above 1
     */
    public record Raw(FillingFormula formula, double times) {}

    private static double left(FillingLine line) {
        Spoken spoken = line.spoken();
        return spoken.done()
                .filter(Treatment::shrinks)
                .map(done -> done.usuallyLeft(spoken.food().orElseThrow()))
                .orElse(1.0);
    }

    /** The mass of each line in this much filling; the last line takes the rounding, so the sum is exact. */
    public List<Mass> masses(Mass total) {
        List<Mass> masses = new ArrayList<>();
        Mass left = total;
        for (FillingLine line : lines.subList(0, lines.size() - 1)) {
            Mass mass = line.share().of(total);
            masses.add(mass);
            left = left.minus(mass);
        }
        masses.add(left);
        return List.copyOf(masses);
    }
}
