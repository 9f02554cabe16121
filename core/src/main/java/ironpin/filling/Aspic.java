package ironpin.filling;

import ironpin.quantity.Band;
import ironpin.quantity.Length;
import ironpin.quantity.Mass;
import ironpin.quantity.Percentage;
import ironpin.quantity.Temperature;
import ironpin.refusal.Refused;
import java.time.Duration;

/**
 * Soup inside: stock set with gelatin, and how fast a tray of it cools (est.). Newton cooling,
 * {@code t = τ·ln((T₀−T_f)/(T_s−T_f))}, {@code τ = ρ·c·depth/(h·sides)}, with ρ 1040 kg/m³, c 4000 J/(kg·K) and h 10 W/(m²·K)
 * for air in a fridge.
 *
 * @param depth of the stock, 1 to 200 mm
 * @param sides open to the cold: 1 on a shelf or a board, 2 on a rack
 * @param fridge its temperature
 */
public record Aspic(Length depth, int sides, Temperature fridge) {
    private static final double DENSITY = 1_040;
    private static final double HEAT = 4_000;
    private static final double AIR = 10;

    /** Stock six millimetres deep on a tray, in a usual fridge. */
    public static final Aspic TRAY = new Aspic(Length.ofMillimetres(6), 1, Temperature.ofCelsius(4));

    /** Gelatin that sets soft to firm cubes. */
    public static final Band<Percentage> GELATIN = Band.percent(2, 4);

    /** Stock as it is poured on a tray. */
    public static final Temperature HOT = Temperature.ofCelsius(75);

    /** Stock with 2 to 4 % of gelatin is set. */
    public static final Temperature SET = Temperature.ofCelsius(12);

    /** Hot stock passes this within two hours. */
    public static final Temperature WARM = Temperature.ofCelsius(21);

    /** And this within four hours more. */
    public static final Temperature COLD = Temperature.ofCelsius(5);

    private static final Duration TO_WARM = Duration.ofHours(2);
    private static final Duration TO_COLD = Duration.ofHours(4);

    public Aspic {
        if (depth.millimetres() < 1 || depth.millimetres() > 200 || sides < 1 || sides > 2) {
            throw new Refused("stock stands 1 to 200 mm deep and cools on one or two sides");
        }
    }

    /** τ, the time constant. */
    public Duration constant() {
        double seconds = DENSITY * HEAT * depth.millimetres() / 1_000 / (AIR * sides);
        return Duration.ofSeconds(Math.round(seconds));
    }

    /**
     * How long from one temperature to another.
     *
     * @throws IllegalArgumentException if the fridge is not colder than both, or it does not cool
     */
    public Duration cools(Temperature from, Temperature to) {
        double over = from.celsius() - fridge.celsius();
        double left = to.celsius() - fridge.celsius();
        if (!(left > 0) || !(over >= left)) {
            throw new Refused("stock at " + from + " does not cool to " + to + " at " + fridge);
        }
        return Duration.ofSeconds(Math.round(constant().toSeconds() * Math.log(over / left)));
    }

    /** How long hot stock on it needs to set. */
    public Duration sets() {
        return cools(HOT, SET);
    }

    /** Whether hot stock is under 21 °C within two hours and under 5 °C within four more. */
    public boolean meetsTheCoolingRule(Temperature from) {
        if (fridge.compareTo(COLD) >= 0) {
            return false;
        }
        Temperature start = from.compareTo(WARM) < 0 ? WARM : from;
        return cools(start, WARM).compareTo(TO_WARM) <= 0 && cools(WARM, COLD).compareTo(TO_COLD) <= 0;
    }

    /** Gelatin powder for this much stock, at a share of all of it. */
    public static Mass gelatin(Mass stock, Percentage share) {
        return stock.multipliedBy(share.fraction() / (1 - share.fraction()));
    }

    /** What skin stock is reduced to so that its gelatin comes to a share. */
    public static Mass reducedTo(Mass stock, Percentage now, Percentage wanted) {
        if (now.compareTo(wanted) > 0 || wanted.millionths() <= 0) {
            throw new Refused("stock of " + now + " is stronger than " + wanted + " already");
        }
        return stock.multipliedBy(now.percent() / wanted.percent());
    }

    /** Soup in one piece. */
    public static Mass soupPerPiece(Mass filling, Percentage aspicShare) {
        return aspicShare.of(filling);
    }
}
