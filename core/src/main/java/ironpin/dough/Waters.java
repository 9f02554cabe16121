package ironpin.dough;

import ironpin.quantity.Temperature;
import ironpin.refusal.Refused;

/**
 * What a kitchen mixes its water from.
 *
 * @param room temperature of the room, and of the flour in it
 * @param tap temperature of the cold water
 * @param kettle temperature of boiling water as it is poured, above the tap's
 */
public record Waters(Temperature room, Temperature tap, Temperature kettle) {
    /** An ordinary kitchen: boiling water loses a few degrees on its way into the bowl. */
    public static final Waters USUAL =
            new Waters(Temperature.ofCelsius(21), Temperature.ofCelsius(12), Temperature.ofCelsius(96));

    public Waters {
        if (kettle.compareTo(tap) <= 0) {
            throw new Refused("the kettle is hotter than the tap, not " + kettle + " and " + tap);
        }
    }
}
