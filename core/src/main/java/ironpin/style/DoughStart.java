package ironpin.style;

import ironpin.cook.CookMethod;
import ironpin.dough.DoughAddition;
import ironpin.dough.DoughFamily;
import ironpin.dough.DoughFormula;
import ironpin.quantity.Percentage;
import ironpin.quantity.Temperature;
import java.time.Duration;
import java.util.List;

/**
 * What a dough of a family starts from: the middle of its band, wetter where the way of cooking gives the skin no water.
 *
 * @param family what kind
 * @param flour key of its flour
 * @param formula its lines
 * @param water temperature as poured
 * @param rest how long
 */
public record DoughStart(DoughFamily family, String flour, DoughFormula formula, Temperature water, Duration rest) {
    /** The families that suit a way of cooking, the usual one first. */
    public static List<DoughFamily> offered(CookMethod method) {
        return switch (method.vessel()) {
            case POT ->
                List.of(
                        DoughFamily.COLD_WATER,
                        DoughFamily.EGG,
                        DoughFamily.PART_SCALDED,
                        DoughFamily.SOFT_ENRICHED,
                        DoughFamily.CLEAR_STARCH);
            case BASKET ->
                List.of(
                        DoughFamily.FULL_SCALD,
                        DoughFamily.WARM_WATER,
                        DoughFamily.CLEAR_STARCH,
                        DoughFamily.OILED_SHEET);
            case PAN ->
                List.of(
                        DoughFamily.PART_SCALDED,
                        DoughFamily.COLD_WATER,
                        DoughFamily.SOFT_ENRICHED,
                        DoughFamily.OILED_SHEET);
            case DISH -> List.of(DoughFamily.EGG, DoughFamily.COLD_WATER, DoughFamily.OILED_SHEET);
            case GRIDDLE -> List.of(DoughFamily.WHOLEMEAL, DoughFamily.FULL_SCALD, DoughFamily.MAIZE);
        };
    }

    /** The start of a family, for a way of cooking. */
    public static DoughStart of(DoughFamily family, CookMethod method) {
        DoughStart start = of(family);
        double water = start.formula().hydration().percent() + method.hydrationShift();
        DoughFormula formula = start.formula().with(DoughAddition.WATER, Percentage.of(water));
        return new DoughStart(family, start.flour(), formula, start.water(), start.rest());
    }

    private static DoughStart of(DoughFamily family) {
        return switch (family) {
            case COLD_WATER -> start(family, "all-round", DoughFormula.of(50, 1.2, 0), 20, 40);
            case WARM_WATER -> start(family, "all-round", DoughFormula.of(53, 1, 0), 50, 30);
            case PART_SCALDED -> start(family, "plain", DoughFormula.of(54, 1, 0), 90, 30);
            case FULL_SCALD -> start(family, "plain", DoughFormula.of(62, 1, 1), 96, 25);
            case EGG ->
                start(
                        family,
                        "all-round",
                        DoughFormula.of(33, 1, 0).with(DoughAddition.EGG, Percentage.of(20)),
                        20,
                        45);
            case SOFT_ENRICHED ->
                start(
                        family,
                        "plain",
                        DoughFormula.of(30, 1, 0).with(DoughAddition.SOURED_CREAM, Percentage.of(28)),
                        18,
                        25);
            case WHOLEMEAL -> start(family, "wholemeal", DoughFormula.of(66, 1.4, 3), 30, 25);
            case OILED_SHEET -> start(family, "plain", DoughFormula.of(51, 1.2, 6), 35, 40);
            case MAIZE -> start(family, "maize", DoughFormula.of(160, 1.4, 0), 45, 12);
            case CLEAR_STARCH -> start(family, "tapioca", DoughFormula.of(80, 0.6, 2), 98, 0);
        };
    }

    private static DoughStart start(
            DoughFamily family, String flour, DoughFormula formula, double waterC, long restMinutes) {
        return new DoughStart(family, flour, formula, Temperature.ofCelsius(waterC), Duration.ofMinutes(restMinutes));
    }
}
