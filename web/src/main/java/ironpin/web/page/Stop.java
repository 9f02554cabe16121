package ironpin.web.page;

import ironpin.batch.Station;
import ironpin.batch.balance.Balance;
import ironpin.plan.BatchPlan;
import ironpin.plan.Finding;
import ironpin.plan.Findings;
import ironpin.plan.LotPlan;
import ironpin.quantity.Dimension;
import ironpin.quantity.Quoted;
import ironpin.web.picture.Say;
import ironpin.wording.Count;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Collectors;

/**
 * A station on the ribbon.
 *
 * @param station which
 * @param figure its live number
 * @param level the most pressing thing there
 */
public record Stop(Station station, String figure, Finding.Level level) {
    static List<Stop> along(BatchPlan plan, int past) {
        return Arrays.stream(Station.values())
                .map(station -> new Stop(station, figure(station, plan, past), Findings.worst(station, plan)))
                .toList();
    }

    /** Whether something there needs a decision. */
    public boolean marked() {
        return level.compareTo(Finding.Level.LOOK) >= 0;
    }

    private static String figure(Station station, BatchPlan plan, int past) {
        Balance balance = plan.balance();
        return switch (station) {
            case TABLE -> plan.batch().eaters() + " eat";
            case DOUGH ->
                Say.grams(balance.doughs().stream()
                        .mapToDouble(one -> one.made().total().grams())
                        .sum());
            case FILLING ->
                Say.grams(balance.fillings().stream()
                        .mapToDouble(one -> one.made().grams())
                        .sum());
            case PORTION -> Count.of(balance.pieces(), "piece", "pieces");
            case ROLL ->
                plan.lots().stream()
                                .map(lot -> Quoted.number(
                                        Dimension.LENGTH, lot.lot().wide().millimetres(), 0))
                                .distinct()
                                .collect(Collectors.joining(" · "))
                        + " " + Quoted.unit(Dimension.LENGTH);
            case FOLD -> worstRoom(plan);
            case COOK ->
                Count.of(
                        plan.lots().stream()
                                .mapToInt(lot -> lot.rounds().sizes().size())
                                .sum(),
                        "round",
                        "rounds");
            case CLOCK ->
                "start "
                        + Say.clock(plan.timetable().latestStart(), plan.batch().serving());
            case BOOK -> past == 0 ? "no past" : past + " past";
        };
    }

    private static String worstRoom(BatchPlan plan) {
        return plan.lots().stream()
                .flatMap(lot -> lot
                        .room()
                        .map(room -> room.spare(lot.share().fillingEach()).grams())
                        .stream())
                .min(Double::compare)
                .map(spare -> spare < 0 ? Say.grams(-spare) + " too full" : Say.grams(spare) + " spare")
                .orElseGet(() -> plan.lots().stream()
                        .map(LotPlan::lot)
                        .findFirst()
                        .map(lot -> lot.fold().pleats() + " pleats")
                        .orElse(""));
    }
}
