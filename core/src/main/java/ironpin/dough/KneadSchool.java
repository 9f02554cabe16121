package ironpin.dough;

import ironpin.quantity.Band;
import java.time.Duration;

/** How a dough is made smooth: by work, by time, or both. */
public enum KneadSchool {
    LONG("long knead", "one go, most work, least waiting"),
    SHORT_WITH_RESTS("short knead with rests", "rest does the work of kneading; easy on the arms"),
    THREE_RESTS("three rests", "stretches thinnest; the kitchen is busy for longer"),
    OVERNIGHT("overnight, cold", "the most even dough, made the day before"),
    WORK_SMOOTH("worked smooth", "no gluten to develop: only mix until smooth");

    private final String label;
    private final String tradeOff;

    KneadSchool(String label, String tradeOff) {
        this.label = label;
        this.tradeOff = tradeOff;
    }

    /** In a cook's words. */
    public String label() {
        return label;
    }

    /** What it gives and what it takes. */
    public String tradeOff() {
        return tradeOff;
    }

    /** All rests of this school together, for this family. */
    public Band<Duration> rest(DoughFamily family) {
        return switch (this) {
            case LONG, SHORT_WITH_RESTS, WORK_SMOOTH -> family.rest();
            case THREE_RESTS -> new Band<>(Duration.ofMinutes(30), Duration.ofMinutes(90));
            case OVERNIGHT -> new Band<>(Duration.ofHours(8), Duration.ofHours(24));
        };
    }

    /** What to start from: the rest there is, if it suits this school. */
    public Duration restFrom(DoughFamily family, Duration now) {
        if (rest(family).contains(now)) {
            return now;
        }
        return switch (this) {
            case OVERNIGHT -> Duration.ofHours(20);
            case THREE_RESTS -> Duration.ofMinutes(family == DoughFamily.WARM_WATER ? 90 : 45);
            case LONG, SHORT_WITH_RESTS, WORK_SMOOTH -> family.usualRest();
        };
    }
}
