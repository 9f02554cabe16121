package ironpin.pantry;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;

/**
 * What is known of the allergens in something. It is never "none" unless {@code known} says so.
 *
 * @param sure in it by its nature
 * @param maybe in some of it: its packet says
 * @param known whether the thing was understood at all; if not, it may hold any of them
 */
public record Allergens(Set<Allergen> sure, Set<Allergen> maybe, boolean known) {
    /** Something understood that holds none. */
    public static final Allergens NONE = new Allergens(Set.of(), Set.of(), true);

    /** Something that was not understood. */
    public static final Allergens NOT_KNOWN = new Allergens(Set.of(), Set.of(), false);

    public Allergens {
        sure = Set.copyOf(sure);
        Set<Allergen> open = new TreeSet<>(maybe);
        open.removeAll(sure);
        maybe = Set.copyOf(open);
    }

    /** Something understood that holds exactly this. */
    public static Allergens of(Allergen... sure) {
        return new Allergens(Set.of(sure), Set.of(), true);
    }

    /** Read from a cell such as {@code GLUTEN|EGG?}. @throws IllegalArgumentException if a name is none */
    static Allergens read(String cell) {
        Set<Allergen> sure = EnumSet.noneOf(Allergen.class);
        Set<Allergen> maybe = EnumSet.noneOf(Allergen.class);
        for (String name : cell.split("\\|")) {
            if (name.endsWith("?")) {
                maybe.add(Allergen.valueOf(name.substring(0, name.length() - 1)));
            } else if (!name.isEmpty()) {
                sure.add(Allergen.valueOf(name));
            }
        }
        return new Allergens(sure, maybe, true);
    }

    /** Of both together: known only if both are. */
    public Allergens plus(Allergens other) {
        return new Allergens(union(sure, other.sure), union(maybe, other.maybe), known && other.known);
    }

    /** Of one or the other: sure is what both hold, and what only one of them holds may be in it. */
    public Allergens or(Allergens other) {
        Set<Allergen> both = new TreeSet<>(sure);
        both.retainAll(other.sure);
        return new Allergens(both, union(union(sure, other.sure), union(maybe, other.maybe)), known && other.known);
    }

    /** The same, with what may be in it besides. */
    public Allergens perhaps(Allergens other) {
        return new Allergens(sure, union(maybe, union(other.sure, other.maybe)), known);
    }

    /** In words, as beside a thing on a list: "contains gluten; may hold egg"; empty if it is known to hold none. */
    public String said() {
        List<String> said = new ArrayList<>();
        if (!sure.isEmpty()) {
            said.add("contains " + names(sure));
        }
        if (!maybe.isEmpty()) {
            said.add("may hold " + names(maybe));
        }
        if (!known) {
            said.add(said.isEmpty() ? "allergens not known" : "the rest is not known");
        }
        return String.join("; ", said);
    }

    /** Names of allergens, always in the same order. */
    public static String names(Set<Allergen> some) {
        return new TreeSet<>(some).stream().map(Allergen::label).collect(Collectors.joining(", "));
    }

    private static Set<Allergen> union(Set<Allergen> a, Set<Allergen> b) {
        Set<Allergen> all = new TreeSet<>(a);
        all.addAll(b);
        return all;
    }
}
