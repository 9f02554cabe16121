package ironpin.clock;

import ironpin.batch.Batch;
import ironpin.batch.Lot;
import java.time.Duration;
import java.time.ZonedDateTime;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Predicate;

/** Every wait of a day held against its limit, as the timetable stands: those of one dough, filling or lot are one gap. */
public final class Gaps {
    private record Of(Gap.Kind kind, int no) {}

    private Gaps() {}

    /** All of them, doughs first. */
    public static List<Gap> of(Batch batch, DayPlan day, Timetable table) {
        Map<Of, List<Wait>> grouped = new LinkedHashMap<>();
        for (Wait wait : day.waits()) {
            grouped.computeIfAbsent(new Of(wait.kind(), wait.no()), key -> new ArrayList<>())
                    .add(wait);
        }
        List<Gap> all = new ArrayList<>();
        grouped.forEach((of, waits) -> all.add(gap(batch, day, table, of, waits)));
        return List.copyOf(all);
    }

    private static Gap gap(Batch batch, DayPlan day, Timetable table, Of of, List<Wait> waits) {
        Duration longest = Duration.ZERO;
        Duration away = Duration.ZERO;
        for (Wait wait : waits) {
            Duration waited = table.waited(wait);
            if (table.putAway().contains(wait) && mayStay(day, wait, waited)) {
                away = longer(away, waited.minus(wait.before()));
            } else {
                longest = longer(longest, waited);
            }
        }
        Duration until = longer(longest, until(batch, table, of, waits.get(0)));
        return new Gap(of.kind, of.no, longest, waits.get(0).most(), until, away);
    }

    /** What is kept warm is so for as long as was said, and no longer. */
    private static boolean mayStay(DayPlan day, Wait wait, Duration waited) {
        return wait.longer() != Wait.Place.KEPT_WARM
                || waited.compareTo(day.crew().plates().warm()) <= 0;
    }

    /** Until the last piece of a dough or of a filling has been shaped. */
    private static Duration until(Batch batch, Timetable table, Of of, Wait wait) {
        Predicate<Lot> uses =
                switch (of.kind) {
                    case DOUGH_RESTS -> lot -> lot.doughNo() == of.no;
                    case GREENS_WEEP -> lot -> lot.fillingNo() == of.no;
                    default -> lot -> false;
                };
        List<Integer> lots = batch.lots().stream().filter(uses).map(Lot::no).toList();
        ZonedDateTime from = table.slot(wait.from()).end();
        return table.slots().stream()
                .filter(slot -> slot.task().of() instanceof TaskKey.Shaped tray && lots.contains(tray.lot()))
                .map(slot -> wait.before().plus(Duration.between(from, slot.end())))
                .max(Duration::compareTo)
                .orElse(Duration.ZERO);
    }

    private static Duration longer(Duration a, Duration b) {
        return a.compareTo(b) >= 0 ? a : b;
    }
}
