package ironpin.batch.edit;

import static ironpin.batch.edit.PlanField.table;

import ironpin.batch.Batch;
import ironpin.batch.Station;
import ironpin.cook.VesselKind;
import ironpin.crew.Crew;
import ironpin.crew.Plates;
import java.time.Duration;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.function.UnaryOperator;

/** The numbers of what there is in the kitchen, and of how plates go out. */
public final class CrewField {
    /** Burners that can be used at once. */
    public static final PlanField<Address.Table> BURNERS = table("burners", "burners", Station.CLOCK)
            .range(1, Crew.MOST_BURNERS, "", 1, 0)
            .reads((batch, balance, at) -> batch.crew().burners())
            .writes((batch, at, count) -> crew(batch, crew -> crew.withBurners((int) count)));

    /** Trays that fit into the fridge. */
    public static final PlanField<Address.Table> TRAYS = table("fridge-trays", "trays in the fridge", Station.CLOCK)
            .range(0, Crew.MOST_TRAYS, "", 1, 0)
            .reads((batch, balance, at) -> batch.crew().trays())
            .writes((batch, at, count) -> crew(batch, crew -> crew.withTrays((int) count)));

    /** How long rounds may be kept warm for the others. */
    public static final PlanField<Address.Table> WARM = table("kept-warm", "kept warm for up to", Station.CLOCK)
            .range(0, Plates.LONGEST_WARM.toMinutes(), "min", 5, 0)
            .when((batch, at) -> !batch.crew().plates().asReady())
            .reads((batch, balance, at) -> batch.crew().plates().warm().toSeconds() / 60.0)
            .writes((batch, at, minutes) ->
                    plates(batch, old -> new Plates(old.way(), Duration.ofMinutes((long) minutes), old.span())));

    /** How long after the first plates the last may come. */
    public static final PlanField<Address.Table> SPAN = table("last-plates", "last plates within", Station.CLOCK)
            .range(Plates.SHORTEST_SPAN.toMinutes(), Plates.LONGEST_SPAN.toMinutes(), "min", 5, 0)
            .when((batch, at) -> batch.crew().plates().asReady())
            .reads((batch, balance, at) -> batch.crew().plates().span().toSeconds() / 60.0)
            .writes((batch, at, minutes) ->
                    plates(batch, old -> new Plates(old.way(), old.warm(), Duration.ofMinutes((long) minutes))));

    static final List<PlanField<?>> ALL = all();

    private CrewField() {}

    private static List<PlanField<?>> all() {
        List<PlanField<?>> all = new ArrayList<>(List.of(BURNERS, TRAYS));
        all.add(vessels("pots", "pots", VesselKind.POT));
        all.add(vessels("baskets", "stacks of baskets", VesselKind.BASKET));
        all.add(vessels("pans", "pans with a lid", VesselKind.PAN));
        all.add(vessels("griddles", "griddles", VesselKind.GRIDDLE));
        all.add(vessels("dishes", "baking dishes", VesselKind.DISH));
        all.add(WARM);
        all.add(SPAN);
        return List.copyOf(all);
    }

    private static PlanField<Address.Table> vessels(String key, String label, VesselKind kind) {
        return table(key, label, Station.CLOCK)
                .range(1, Crew.MOST_VESSELS, "", 1, 0)
                .when((batch, at) ->
                        batch.lots().stream().anyMatch(lot -> lot.vessel().kind() == kind)
                                || batch.fillings().stream().anyMatch(filling -> filling.uses(kind)))
                .reads((batch, balance, at) -> batch.crew().vessels(kind))
                .writes((batch, at, count) -> crew(batch, crew -> {
                    Map<VesselKind, Integer> changed = new EnumMap<>(crew.vessels());
                    changed.put(kind, (int) count);
                    return crew.withVessels(changed);
                }));
    }

    private static Batch plates(Batch batch, UnaryOperator<Plates> change) {
        return crew(batch, crew -> crew.withPlates(change.apply(crew.plates())));
    }

    private static Batch crew(Batch batch, UnaryOperator<Crew> change) {
        return batch.withCrew(change.apply(batch.crew()));
    }
}
