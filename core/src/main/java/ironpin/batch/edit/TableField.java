package ironpin.batch.edit;

import static ironpin.batch.edit.PlanField.table;

import ironpin.batch.Batch;
import ironpin.batch.Station;
import java.util.List;

/** The numbers of the whole table. */
public final class TableField {
    /** Minutes that the table waits longer. */
    public static final PlanField<Address.Table> LATER = table("later", "later by", Station.CLOCK)
            .range(0, 2_880, "min", 5, 0)
            .reads((batch, balance, at) -> 0)
            .writes((batch, at, minutes) -> batch.withServing(batch.serving().plusMinutes((long) minutes)));

    /** Whoever eats; every lot is counted by them again. */
    public static final PlanField<Address.Table> EATERS = table("eaters", "eaters", Station.TABLE)
            .range(1, Batch.MOST_EATERS, "", 1, 0)
            .reads((batch, balance, at) -> batch.eaters())
            .writes((batch, at, eaters) ->
                    Pins.countPerEater(Pins.release(batch)).withEaters((int) eaters));

    static final List<PlanField<?>> ALL = List.of(LATER, EATERS);

    private TableField() {}
}
