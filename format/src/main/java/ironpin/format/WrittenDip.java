package ironpin.format;

import ironpin.dip.Dip;
import java.util.List;

/** A dip as JSON: its name and its lines, in parts by volume. */
public record WrittenDip(String name, List<DipLinePart> lines) {
    public record DipLinePart(String ingredient, double parts) {}

    public static WrittenDip of(Dip dip) {
        return new WrittenDip(
                dip.name(),
                dip.parts().stream()
                        .map(part -> new DipLinePart(part.ingredient(), part.parts()))
                        .toList());
    }

    public Dip dip() {
        return new Dip(
                name,
                lines.stream()
                        .map(line -> new Dip.Part(line.ingredient(), line.parts()))
                        .toList());
    }
}
