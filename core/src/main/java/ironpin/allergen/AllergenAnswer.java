package ironpin.allergen;

import ironpin.pantry.Allergen;
import ironpin.pantry.Allergens;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;

/**
 * What some must avoid in a lot or a supper, with the lines it comes from. "None" is said only when every line is known.
 *
 * @param sure allergens that are in it, each with the lines that bring it
 * @param maybe allergens that the packets of some lines decide, each with those lines
 * @param unknown lines that were not understood: they may hold any
 */
public record AllergenAnswer(
        Map<Allergen, List<String>> sure, Map<Allergen, List<String>> maybe, List<String> unknown) {
    public AllergenAnswer {
        sure = Map.copyOf(sure);
        maybe = Map.copyOf(maybe);
        unknown = List.copyOf(unknown);
    }

    /**
     * A line that is asked.
     *
     * @param name as the cook knows it
     * @param allergens what is known of it
     */
    public record Line(String name, Allergens allergens) {}

    /** The answer for these lines together. */
    public static AllergenAnswer of(List<Line> lines) {
        Map<Allergen, Set<String>> sure = new EnumMap<>(Allergen.class);
        Map<Allergen, Set<String>> maybe = new EnumMap<>(Allergen.class);
        Set<String> unknown = new LinkedHashSet<>();
        for (Line line : lines) {
            line.allergens().sure().forEach(one -> at(sure, one).add(line.name()));
            line.allergens().maybe().forEach(one -> at(maybe, one).add(line.name()));
            if (!line.allergens().known()) {
                unknown.add(line.name());
            }
        }
        sure.keySet().forEach(maybe::remove);
        return new AllergenAnswer(lists(sure), lists(maybe), List.copyOf(unknown));
    }

    private static Set<String> at(Map<Allergen, Set<String>> map, Allergen one) {
        return map.computeIfAbsent(one, none -> new LinkedHashSet<>());
    }

    private static Map<Allergen, List<String>> lists(Map<Allergen, Set<String>> sets) {
        return sets.entrySet().stream()
                .collect(Collectors.toMap(Map.Entry::getKey, one -> List.copyOf(one.getValue())));
    }

    /** Whether every line is known. */
    public boolean known() {
        return unknown.isEmpty();
    }

    /** Those of these that are in it. */
    public Set<Allergen> hit(Set<Allergen> avoided) {
        Set<Allergen> hit = new TreeSet<>(avoided);
        hit.retainAll(sure.keySet());
        return hit;
    }

    /** Those of these that nobody can rule out: a packet decides, or a line is not known. */
    public Set<Allergen> open(Set<Allergen> avoided) {
        Set<Allergen> open = new TreeSet<>(avoided);
        open.removeAll(sure.keySet());
        if (known()) {
            open.retainAll(maybe.keySet());
        }
        return open;
    }

    /** The lines that keep these from being ruled out. */
    public List<String> openLines(Set<Allergen> avoided) {
        Set<String> lines = new LinkedHashSet<>();
        avoided.forEach(one -> lines.addAll(maybe.getOrDefault(one, List.of())));
        lines.addAll(unknown);
        return new ArrayList<>(lines);
    }

    /** All of it in words: "gluten, soy; may hold egg (bought wrappers: read the packet); not known: “relish”". */
    public String said() {
        List<String> said = new ArrayList<>();
        if (!sure.isEmpty()) {
            said.add(Allergens.names(sure.keySet()));
        }
        if (!maybe.isEmpty()) {
            Set<String> lines = new LinkedHashSet<>();
            new TreeSet<>(maybe.keySet()).forEach(one -> lines.addAll(maybe.get(one)));
            said.add("may hold " + Allergens.names(maybe.keySet()) + " (" + String.join(", ", lines)
                    + ": read the packet)");
        }
        if (!unknown.isEmpty()) {
            said.add("not known: " + quoted(unknown));
        }
        return said.isEmpty() ? "none of those known here" : String.join("; ", said);
    }

    /** Lines as they were written, in quotation marks. */
    public static String quoted(List<String> lines) {
        return lines.stream().map(line -> "“" + line + "”").collect(Collectors.joining(", "));
    }
}
