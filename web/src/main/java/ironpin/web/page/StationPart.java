package ironpin.web.page;

import ironpin.batch.Station;
import org.springframework.ui.Model;

/** What one station shows beyond what every page of a batch does. */
public interface StationPart {
    Station station();

    /** Adds what its template asks for. */
    void show(Screen screen, Model model);
}
