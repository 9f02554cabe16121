package ironpin.web.hands;

import ironpin.batch.Station;
import ironpin.store.WorkStore;
import ironpin.web.page.Screen;
import ironpin.web.page.StationPart;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.ui.Model;

/** Hands at work, on one of the stations where they are. */
record HandsPart(Station station, WorkStore work) implements StationPart {
    @Override
    public void show(Screen screen, Model model) {
        model.addAttribute("work", AtWork.of(work, screen.id(), screen.lot(), screen.now()));
    }

    /** Every station where hands close and cook pieces, and the one that looks back. */
    @Configuration
    static class Stations {
        @Bean
        StationPart rollingHands(WorkStore work) {
            return new HandsPart(Station.ROLL, work);
        }

        @Bean
        StationPart foldingHands(WorkStore work) {
            return new HandsPart(Station.FOLD, work);
        }

        @Bean
        StationPart cookingHands(WorkStore work) {
            return new HandsPart(Station.COOK, work);
        }

        @Bean
        StationPart judgedHands(WorkStore work) {
            return new HandsPart(Station.BOOK, work);
        }
    }
}
