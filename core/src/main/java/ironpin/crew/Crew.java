package ironpin.crew;

import io.soabase.recordbuilder.core.RecordBuilder;
import ironpin.cook.VesselKind;
import ironpin.refusal.Refused;
import java.util.Collections;
import java.util.EnumMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * Who is there and what there is.
 *
 * @param people 1 to 4, no name twice
 * @param burners that can be used at once, 1 to 8
 * @param trays that fit into the fridge, 0 to 12
 * @param vessels of each kind, 1 to 4; 1 of a kind that is not there
 * @param plates how they go out
 */
@RecordBuilder
public record Crew(List<Person> people, int burners, int trays, Map<VesselKind, Integer> vessels, Plates plates)
        implements CrewBuilder.With {
    public static final int MOST_PEOPLE = 4;
    public static final int MOST_BURNERS = 8;
    public static final int MOST_TRAYS = 12;
    public static final int MOST_VESSELS = 4;

    /** One cook, two burners, two pots, room for four trays in the fridge. */
    public static final Crew USUAL =
            new Crew(List.of(Person.cook("You")), 2, 4, Map.of(VesselKind.POT, 2), Plates.USUAL);

    public Crew {
        people = List.copyOf(people);
        Map<VesselKind, Integer> all = new EnumMap<>(VesselKind.class);
        for (VesselKind kind : VesselKind.values()) {
            all.put(kind, vessels.getOrDefault(kind, 1));
        }
        vessels = Collections.unmodifiableMap(all);
        if (people.isEmpty() || people.size() > MOST_PEOPLE) {
            throw new Refused("1 to " + MOST_PEOPLE + " people work, not " + people.size());
        }
        Set<String> names = new HashSet<>();
        for (Person one : people) {
            if (!names.add(one.name())) {
                throw new Refused("two people are called " + one.name());
            }
        }
        demand("burners", burners, 1, MOST_BURNERS);
        demand("trays in the fridge", trays, 0, MOST_TRAYS);
        vessels.forEach((kind, count) -> demand("of a vessel", count, 1, MOST_VESSELS));
    }

    private static void demand(String what, int count, int low, int high) {
        if (count < low || count > high) {
            throw new Refused(low + " to " + high + " " + what + ", not " + count);
        }
    }

    /** How many of a kind of vessel there are. */
    public int vessels(VesselKind kind) {
        return vessels.get(kind);
    }
}
