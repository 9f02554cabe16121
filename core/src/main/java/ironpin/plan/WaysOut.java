package ironpin.plan;

import ironpin.batch.edit.Address;
import ironpin.batch.edit.CountField;
import ironpin.batch.edit.Fix;
import ironpin.batch.edit.TableField;
import ironpin.clock.Forecast;
import ironpin.clock.TaskKey;
import ironpin.crew.Cook;
import ironpin.quantity.Sentence;
import ironpin.wording.TimeOfDay;
import java.time.Duration;
import java.time.ZonedDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** What can be done about a day that runs late: a later table, or the last round of a lot into the freezer, uncooked. */
final class WaysOut {
    /** Less is not worth a round. */
    private static final Duration WORTH = Duration.ofMinutes(4);

    private WaysOut() {}

    /** A later table; nothing where it would be too much later to ask for. */
    static Optional<Fix> later(BatchPlan plan, Forecast late) {
        ZonedDateTime serving = plan.day().serving();
        double minutes = Duration.between(serving, late.serving()).toMinutes();
        return minutes <= TableField.LATER.high()
                ? Optional.of(new Fix(
                        Sentence.of("Table at " + TimeOfDay.of(late.serving(), serving)),
                        TableField.LATER.at(Address.table()),
                        minutes))
                : Optional.empty();
    }

    /** For each lot whose last round has not gone in: freeze it, where that brings the table forward. */
    static List<Fix> freezing(BatchPlan plan, Forecast late) {
        List<Fix> ways = new ArrayList<>();
        for (LotPlan lot : plan.lots()) {
            List<Integer> sizes = lot.rounds().sizes();
            if (sizes.size() > 1
                    && !lot.lot().stashed()
                    && waits(late, lot.lot().no(), sizes.size())) {
                freeze(plan, late, lot, sizes.get(sizes.size() - 1)).ifPresent(ways::add);
            }
        }
        return ways;
    }

    private static boolean waits(Forecast late, int lot, int round) {
        String key = new TaskKey.Cooked(lot, round).text();
        return !late.standing().done().containsKey(key)
                && !late.standing().timed().containsKey(key);
    }

    private static Optional<Fix> freeze(BatchPlan plan, Forecast late, LotPlan lot, int pieces) {
        int frozen = lot.lot().toFreezer() + pieces;
        Fix fix = new Fix(
                Sentence.EMPTY, CountField.TO_FREEZER.at(Address.lot(lot.lot().no())), frozen);
        BatchPlan less = BatchPlan.of(
                fix.applyTo(plan.batch()), Cook.UNKNOWN, plan.day().serving().getZone());
        Forecast then = Forecast.again(less.day(), plan.timetable(), late.standing());
        if (late.late().minus(then.late()).compareTo(WORTH) < 0) {
            return Optional.empty();
        }
        String table = TimeOfDay.of(then.serving(), plan.day().serving());
        return Optional.of(new Fix(
                Sentence.of("Freeze the last " + pieces + " uncooked: table at " + table), fix.number(), fix.value()));
    }
}
