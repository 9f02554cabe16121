package ironpin.web.page;

import ironpin.batch.Batch;
import ironpin.batch.Station;
import ironpin.quantity.UnitSystem;
import java.util.Optional;

/**
 * Where a change was made, so that the answer shows the same place.
 *
 * @param place key of the station, "run" or "bench"
 * @param lot the lane in hand; 0 for the first
 * @param who number of the person whose bench it is, from 0; -1 for everybody's
 * @param page a name the browser gave its page, so that it is not told what it did itself
 * @param htmx whether only the screen is wanted
 * @param revision of the batch that was looked at; 0 if that was not said
 * @param units that its numbers are typed in
 */
public record From(String place, int lot, int who, String page, boolean htmx, int revision, UnitSystem units) {
    public Optional<Station> at() {
        return Station.ofKey(place);
    }

    /** The lane in hand. @throws NotThere if it has been left out; no other is taken for it */
    public int lotOf(Batch batch) {
        return lot == 0 ? batch.lots().get(0).no() : batch.lot(lot).no();
    }

    public String view() {
        String template = at().isPresent() ? "batch" : place.equals("bench") ? "bench" : "run";
        return htmx ? template + " :: screen" : template;
    }
}
