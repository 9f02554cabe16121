package ironpin.dough;

import ironpin.quantity.Band;
import ironpin.quantity.Percentage;
import ironpin.quantity.Temperature;
import java.time.Duration;
import java.util.List;

/**
 * The families of unleavened dough, each with the band of effective hydration, the temperature of its water, and its
 * rest at room temperature. Bands are practice, not law: they are shown, never enforced.
 */
public enum DoughFamily {
    COLD_WATER("Cold-water dough", 46, 54, 15, 30, 30, 60),
    WARM_WATER("Warm-water dough", 50, 56, 40, 60, 30, 90),
    PART_SCALDED("Part-scalded dough", 48, 58, 85, 100, 15, 60),
    FULL_SCALD("Fully scalded dough", 58, 68, 95, 100, 15, 30),
    EGG("Egg dough", 44, 54, 15, 30, 30, 90),
    SOFT_ENRICHED("Soft enriched dough", 45, 58, 10, 25, 15, 30),
    WHOLEMEAL("Wholemeal flatbread dough", 62, 75, 15, 45, 20, 30),
    OILED_SHEET("Rolled sheet with oil", 48, 56, 30, 40, 30, 90),
    MAIZE("Maize dough", 130, 200, 35, 50, 10, 15),
    CLEAR_STARCH("Clear starch dough", 65, 95, 98, 100, 0, 0);

    private final String label;
    private final Band<Percentage> hydration;
    private final Band<Temperature> water;
    private final Band<Duration> rest;

    DoughFamily(
            String label, double dryest, double wettest, double coolest, double hottest, int leastRest, int mostRest) {
        this.label = label;
        this.hydration = Band.percent(dryest, wettest);
        this.water = Band.celsius(coolest, hottest);
        this.rest = new Band<>(Duration.ofMinutes(leastRest), Duration.ofMinutes(mostRest));
    }

    /** What a cook calls it. */
    public String label() {
        return label;
    }

    /** Area that it gains while it is pleated, as a share (est.): practice says 10–35 %. */
    public double stretch() {
        return switch (this) {
            case COLD_WATER, WARM_WATER, PART_SCALDED -> 0.20;
            case FULL_SCALD, EGG, WHOLEMEAL -> 0.15;
            case SOFT_ENRICHED -> 0.30;
            case OILED_SHEET -> 0.35;
            case MAIZE, CLEAR_STARCH -> 0.10;
        };
    }

    /** Effective hydration it is at home in, for wheat of about 11 % protein where it is wheat. */
    public Band<Percentage> hydration() {
        return hydration;
    }

    /** Temperature of the water as it is poured. */
    public Band<Temperature> water() {
        return water;
    }

    /** What to rest it for when nothing says otherwise. */
    public Duration usualRest() {
        return rest.low().plus(rest.high().minus(rest.low()).dividedBy(3));
    }

    /** Whether no water but boiling water works at all: raw starch takes up nothing colder. */
    public boolean onlyBoiling() {
        return this == CLEAR_STARCH;
    }

    /** Whether it lives by gluten. */
    public boolean wheat() {
        return this != MAIZE && this != CLEAR_STARCH;
    }

    /** The ways of kneading that suit it, the usual one first. */
    public List<KneadSchool> schools() {
        return switch (this) {
            case COLD_WATER, EGG ->
                List.of(KneadSchool.LONG, KneadSchool.SHORT_WITH_RESTS, KneadSchool.THREE_RESTS, KneadSchool.OVERNIGHT);
            case WARM_WATER, OILED_SHEET ->
                List.of(KneadSchool.LONG, KneadSchool.SHORT_WITH_RESTS, KneadSchool.THREE_RESTS);
            case PART_SCALDED, FULL_SCALD, SOFT_ENRICHED, WHOLEMEAL ->
                List.of(KneadSchool.LONG, KneadSchool.SHORT_WITH_RESTS);
            case MAIZE, CLEAR_STARCH -> List.of(KneadSchool.WORK_SMOOTH);
        };
    }

    /** Rest at room temperature, from the least that works to the most that is wise. */
    public Band<Duration> rest() {
        return rest;
    }
}
