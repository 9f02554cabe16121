package ironpin.web.api;

import com.fasterxml.jackson.annotation.JsonCreator;
import ironpin.dip.Dip;
import ironpin.dip.Dips;
import java.util.List;
import java.util.Map;

/** A dip as JSON: its name and its lines, in parts by volume. */
record DipPart(String name, List<DipLinePart> lines) {
    /** Files from before dips could be composed name one of three. */
    private static final Map<String, Dip> ONCE = Map.of(
            "SHARP_SOY", Dips.SHARP_SOY,
            "SESAME_CHIVE", Dips.SESAME_CHIVE,
            "MINT_YOGHURT", Dips.MINT_YOGHURT);

    record DipLinePart(String ingredient, double parts) {}

    @JsonCreator(mode = JsonCreator.Mode.PROPERTIES)
    DipPart {}

    @JsonCreator(mode = JsonCreator.Mode.DELEGATING)
    static DipPart named(String once) {
        return of(ONCE.get(once));
    }

    static DipPart of(Dip dip) {
        return new DipPart(
                dip.name(),
                dip.parts().stream()
                        .map(part -> new DipLinePart(part.ingredient(), part.parts()))
                        .toList());
    }

    Dip dip() {
        return new Dip(
                name,
                lines.stream()
                        .map(line -> new Dip.Part(line.ingredient(), line.parts()))
                        .toList());
    }
}
