package ironpin.devices.scale;

import ironpin.quantity.Mass;
import java.time.Instant;

/**
 * What a scale shows at a moment.
 *
 * @param state whether the mass means anything
 * @param shown since the last tare; may be negative
 * @param settled whether it has stood still long enough to be written down
 * @param at when it was read
 */
public record ScaleReading(State state, Mass shown, boolean settled, Instant at) {
    /** How a scale is. */
    public enum State {
        READY("ready"),
        OVERLOAD("overloaded: take something off"),
        OFF("switched off"),
        LOST("not connected");

        private final String label;

        State(String label) {
            this.label = label;
        }

        /** In a cook's words. */
        public String label() {
            return label;
        }
    }

    /** Whether the mass can be taken. */
    public boolean taken() {
        return state == State.READY && settled;
    }

    /** Whether a page that shows the other needs to be told of this one. */
    public boolean differs(ScaleReading other) {
        return state != other.state || settled != other.settled || !shown.equals(other.shown);
    }
}
