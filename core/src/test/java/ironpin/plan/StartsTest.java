package ironpin.plan;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import ironpin.batch.Appetite;
import ironpin.batch.Batch;
import ironpin.batch.Station;
import ironpin.quantity.Sentence;
import ironpin.quantity.UnitSystem;
import ironpin.style.Style;
import ironpin.style.Styles;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.testng.annotations.Test;

/** Every start, with whatever may fill it, ships so that nothing is left to decide. */
public class StartsTest {
    private static final LocalDateTime EVENING = LocalDateTime.of(2026, 11, 28, 19, 0);

    @Test
    public void noStartNeedsADecision() {
        Set<String> fillings = new HashSet<>();
        List<String> open = new ArrayList<>();
        for (Style style : Styles.all()) {
            for (Style.FillingStart filling : style.fillings()) {
                fillings.add(filling.key());
                Batch batch = Styles.start(style.filledWith(filling.key()), style.name(), EVENING, 4, Appetite.USUAL);
                BatchPlan plan = BatchPlan.of(batch);
                for (Station station : Station.values()) {
                    Findings.at(station, plan, 1, Optional.empty()).stream()
                            .filter(one -> one.level() == Finding.Level.LOOK || one.level() == Finding.Level.STOP)
                            .map(one -> style.key() + "/" + filling.key() + " "
                                    + Sentence.of(one.saying().name(), " ", one.figure(), " ", one.text())
                                            .render(UnitSystem.METRIC))
                            .forEach(open::add);
                }
            }
        }
        assertEquals(String.join("\n", open), "");
        assertTrue(Styles.all().size() >= 18, Styles.all().size() + " starts");
        assertTrue(fillings.size() >= 24, fillings.size() + " fillings");
    }
}
