package ironpin.crew;

import ironpin.filling.RawNeed;
import ironpin.filling.Treatment;
import ironpin.quantity.Mass;

/** What a plan asks of its cook: how much of a vegetable is left in these hands, and how long their work takes. */
public interface Cook extends RawNeed {
    /** One of whom nothing is known. */
    Cook UNKNOWN = new Cook() {
        @Override
        public OwnMinutes minutes() {
            return OwnMinutes.NONE;
        }

        @Override
        public Mass raw(String food, Treatment done, Mass treated) {
            return USUAL.raw(food, done, treated);
        }
    };

    /** How long kinds of work take them. */
    OwnMinutes minutes();
}
