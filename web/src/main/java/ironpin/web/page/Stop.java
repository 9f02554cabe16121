package ironpin.web.page;

import ironpin.batch.Station;
import ironpin.batch.balance.Balance;
import ironpin.plan.BatchPlan;
import ironpin.plan.Finding;
import ironpin.plan.LotPlan;
import ironpin.quantity.Dimension;
import ironpin.quantity.Quantity;
import ironpin.quantity.Sentence;
import ironpin.wording.Count;
import ironpin.wording.TimeOfDay;
import java.util.Arrays;
import java.util.List;

/**
 * A station on the ribbon.
 *
 * @param station which
 * @param figure its live number
 * @param level the most pressing thing there
 */
public record Stop(Station station, Sentence figure, Finding.Level level) {
    static List<Stop> along(PlanSays says, int past) {
        return Arrays.stream(Station.values())
                .map(station -> new Stop(station, figure(station, says.plan(), past), says.worst(station)))
                .toList();
    }

    /** Whether something there needs a decision. */
    public boolean marked() {
        return level.compareTo(Finding.Level.LOOK) >= 0;
    }

    private static Sentence figure(Station station, BatchPlan plan, int past) {
        Balance balance = plan.balance();
        return switch (station) {
            case TABLE -> Sentence.of(plan.batch().eaters() + " eat");
            case DOUGH ->
                Quantity.grams(balance.doughs().stream()
                        .mapToDouble(one -> one.made().total().grams())
                        .sum());
            case FILLING ->
                Quantity.grams(balance.fillings().stream()
                        .mapToDouble(one -> one.made().grams())
                        .sum());
            case PORTION -> Sentence.of(Count.of(balance.pieces(), "piece", "pieces"));
            case ROLL ->
                Sentence.of(
                        Sentence.join(
                                " · ",
                                plan.lots().stream()
                                        .map(lot -> Quantity.number(
                                                Dimension.LENGTH,
                                                lot.lot().wide().millimetres(),
                                                0))
                                        .distinct()
                                        .toList()),
                        " ",
                        Quantity.unit(Dimension.LENGTH));
            case FOLD -> worstRoom(plan);
            case COOK ->
                Sentence.of(Count.of(
                        plan.lots().stream()
                                .mapToInt(lot -> lot.rounds().sizes().size())
                                .sum(),
                        "round",
                        "rounds"));
            case CLOCK ->
                Sentence.of("start "
                        + TimeOfDay.of(
                                plan.timetable().latestStart(), plan.batch().serving()));
            case BOOK -> past == 0 ? Sentence.of("no past") : Sentence.of(past + " past");
        };
    }

    private static Sentence worstRoom(BatchPlan plan) {
        return plan.lots().stream()
                .flatMap(lot -> lot
                        .room()
                        .map(room -> room.spare(lot.share().fillingEach()).grams())
                        .stream())
                .min(Double::compare)
                .map(spare -> spare < 0
                        ? Sentence.of(Quantity.grams(-spare), " too full")
                        : Sentence.of(Quantity.grams(spare), " spare"))
                .orElseGet(() -> Sentence.of(plan.lots().stream()
                        .map(LotPlan::lot)
                        .findFirst()
                        .map(lot -> lot.fold().pleats() + " pleats")
                        .orElse("")));
    }
}
