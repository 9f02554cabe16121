package ironpin.book;

import static org.testng.Assert.assertEquals;

import ironpin.batch.Appetite;
import ironpin.batch.Dough;
import ironpin.batch.FlourShare;
import ironpin.pantry.Flours;
import ironpin.quantity.Percentage;
import ironpin.style.Styles;
import java.time.LocalDateTime;
import java.util.List;
import org.testng.annotations.Test;

public class FlourLessonTest {
    private static Dough mixed(double firstPercent) {
        Dough dough = Styles.start(
                        Styles.get("boiled-crescent"),
                        "Supper",
                        LocalDateTime.of(2026, 11, 28, 19, 0),
                        6,
                        Appetite.USUAL)
                .dough(1);
        return dough.withFlours(List.of(
                new FlourShare(Flours.get("all-round"), Percentage.of(firstPercent)),
                new FlourShare(Flours.get("wholemeal"), Percentage.of(100 - firstPercent))));
    }

    /** Two points more on a dough of which a flour is half are four points of that flour; under three tenths it teaches nothing. */
    @Test
    public void whatADoughWantedIsLaidOnItsFlours() {
        List<FlourLesson> half = FlourLesson.of(mixed(50), 2);
        assertEquals(half.size(), 2);
        assertEquals(
                half.get(0).seen().percent()
                        - Flours.get("all-round").absorption().offset().percent(),
                4,
                1e-6);
        assertEquals(half.get(0).share(), Percentage.of(50));
        assertEquals(FlourLesson.of(mixed(70), 2).size(), 2);
        assertEquals(FlourLesson.of(mixed(71), 2).size(), 1);
        assertEquals(FlourLesson.of(mixed(70), 2).get(1).seen().percent(), 2 / 0.3, 1e-3);
        assertEquals(FlourLesson.of(mixed(50), 90).get(0).seen(), Percentage.of(30));
        assertEquals(FlourLesson.of(mixed(50), -90).get(0).seen(), Percentage.of(-30));
    }
}
