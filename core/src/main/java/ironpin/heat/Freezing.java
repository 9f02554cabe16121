package ironpin.heat;

import ironpin.quantity.Temperature;
import ironpin.refusal.Refused;
import java.time.Duration;
import java.util.List;
import java.util.Optional;

/**
 * How long pieces apart on a tray take until they are hard enough to be bagged (est.), from heat content as in {@link Conduction}.
 *
 * @param usual until the middle is at −10 °C
 * @param least by a piece 15 % lighter
 * @param most by a piece 15 % heavier
 */
public record Freezing(Duration usual, Duration least, Duration most) {
    /** Where pieces no longer stick to one another. */
    public static final Temperature HARD = Temperature.ofCelsius(-10);

    /** Of a household freezer. */
    public static final Temperature FREEZER = Temperature.ofCelsius(-18);

    /** Still air of a full freezer over and a tray under them, W/(m²·K). */
    public static final double STILL_AIR = 12;

    private static final Duration LONGEST = Duration.ofHours(48);

    /**
     * @param start how warm they are, up to 40 °C
     * @param freezer how cold it is there, −60 to −12 °C
     * @param transfer what passes their surface, W/(m²·K), 2 to 500
     */
    public static Freezing of(HeatPiece piece, Temperature start, Temperature freezer, double transfer) {
        if (!(freezer.celsius() >= Matter.COLDEST && freezer.celsius() <= -12)) {
            throw new Refused("a freezer has −60 to −12 °C, not " + freezer);
        }
        if (!(transfer >= 2 && transfer <= 500) || !(start.celsius() > HARD.celsius() && start.celsius() <= 40)) {
            throw new Refused("pieces of up to 40 °C freeze where 2 to 500 W/(m²·K) pass their surface");
        }
        return new Freezing(
                hard(piece, start, freezer, transfer),
                hard(piece.scaled(1 - HeatPiece.UNEVEN), start, freezer, transfer),
                hard(piece.scaled(1 + HeatPiece.UNEVEN), start, freezer, transfer));
    }

    private static Duration hard(HeatPiece piece, Temperature start, Temperature freezer, double transfer) {
        Duration watched = Duration.ofHours(4);
        for (; ; watched = watched.multipliedBy(2)) {
            HeatRun run = Conduction.run(piece, start, List.of(new Around(transfer, freezer.celsius(), watched)));
            Optional<Duration> hard = run.frozen(HARD);
            if (hard.isPresent() || watched.compareTo(LONGEST) > 0) {
                return hard.orElse(watched);
            }
        }
    }
}
