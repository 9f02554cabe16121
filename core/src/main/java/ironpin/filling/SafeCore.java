package ironpin.filling;

import ironpin.pantry.RawKind;
import ironpin.quantity.Temperature;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;

/**
 * The core temperature at which a filling is safe, by what is really raw in it: of several the hottest, after the usual public
 * guidance. Stock is no meat. Where nothing is raw it is the figure for reheated food; where a line is not known, the hottest
 * there is.
 *
 * @param core at least this in the middle
 * @param raw what is raw in it, the one that wants the hottest core last
 * @param unknown lines that nobody knows, which may be raw
 */
public record SafeCore(Temperature core, Set<RawKind> raw, List<String> unknown) {
    /** Food that was cooked before is heated to this. */
    public static final Temperature REHEATED = Temperature.ofCelsius(74);

    public SafeCore {
        raw = raw.isEmpty() ? Set.of() : EnumSet.copyOf(raw);
        unknown = List.copyOf(unknown);
    }

    /** Of a filling. */
    public static SafeCore of(FillingFormula formula) {
        Set<RawKind> raw = EnumSet.noneOf(RawKind.class);
        List<String> unknown = new ArrayList<>();
        for (FillingLine line : formula.lines()) {
            Spoken spoken = line.spoken();
            boolean cooked = spoken.done().filter(Treatment::cooks).isPresent();
            if (spoken.food().isEmpty()) {
                unknown.add(line.ingredient());
            } else if (!cooked) {
                spoken.food().get().raw().ifPresent(raw::add);
            }
        }
        Temperature hottest =
                raw.stream().map(RawKind::safeCore).max(Temperature::compareTo).orElse(REHEATED);
        return new SafeCore(unknown.isEmpty() ? hottest : REHEATED, raw, unknown);
    }

    /** Whether it may not be tasted before it is cooked; what is not known may not either. */
    public boolean mindRaw() {
        return !raw.isEmpty() || !unknown.isEmpty();
    }

    /** What decides it, in a cook's words; empty where nothing is known to be raw. */
    public String because() {
        return raw.stream()
                .filter(kind -> kind.safeCore().equals(core))
                .map(RawKind::label)
                .reduce((a, b) -> b)
                .orElse("");
    }
}
