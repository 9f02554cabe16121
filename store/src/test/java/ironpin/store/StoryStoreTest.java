package ironpin.store;

import static org.testng.Assert.assertEquals;

import ironpin.batch.Appetite;
import ironpin.batch.Batch;
import ironpin.book.Answers.Judged;
import ironpin.book.FillingVerdict;
import ironpin.book.Outcome;
import ironpin.book.SkinVerdict;
import ironpin.quantity.Mass;
import ironpin.style.Styles;
import java.io.IOException;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.Test;

public class StoryStoreTest {
    private static final Instant NOW = Instant.parse("2026-11-25T12:00:00Z");

    private Cupboard cupboard;
    private BatchStore batches;
    private StoryStore stories;
    private long old;
    private long middle;
    private long late;

    @BeforeMethod
    public void open() throws IOException {
        cupboard = Cupboard.open(TestFolder.fresh("stories"), Clock.systemUTC());
        batches = new BatchStore(cupboard);
        stories = new StoryStore(cupboard);
        // Written down in another order than they were served.
        late = cooked("boiled-crescent", "Guests again", 20, 3, "Too full at the seam.");
        old = cooked("steamed-leaf", "Leaves for guests", 2, 0, "Leathery.");
        middle = cooked("boiled-crescent", "A quiet evening", 9, 1, "Right for once.");
    }

    @AfterMethod
    public void close() {
        cupboard.close();
    }

    private long cooked(String style, String title, int day, int burst, String note) {
        Batch batch = Styles.start(Styles.get(style), title, LocalDateTime.of(2026, 11, day, 19, 0), 4, Appetite.USUAL);
        long id = batches.create(batch, "new", NOW);
        Outcome outcome = new Outcome(
                40,
                burst,
                0,
                0,
                Mass.ZERO,
                Mass.ofGrams(30),
                SkinVerdict.RIGHT,
                FillingVerdict.RIGHT,
                Optional.empty(),
                note);
        new BookStore(cupboard).record(id, 1, style, outcome, NOW);
        return id;
    }

    private List<Long> found(String words) {
        StoryStore.Found found = stories.find(words, 0, 10, NOW);
        assertEquals(found.count(), found.ids().size());
        return found.ids();
    }

    @Test
    public void allWordsStandInWhatIsFoundAndTheLatestServedComesFirst() {
        assertEquals(found("guests"), List.of(late, old));
        assertEquals(found("GUE"), List.of(late, old), "the beginning of a word");
        assertEquals(found("guests leath"), List.of(old));
        assertEquals(found("lamb"), List.of(late, middle));
        assertEquals(found("burst"), List.of(late, middle));
        assertEquals(found("burst faultless"), List.of());
        assertEquals(found("2026 november"), List.of(late, middle, old));
        assertEquals(stories.find("2026", 1, 1, NOW), new StoryStore.Found(List.of(middle), 3));
        batches.delete(middle);
        assertEquals(found("burst"), List.of(late));
    }

    @Test
    public void everyJudgedLotIsCountedOnce() {
        List<Judged> judged = stories.judged(NOW);
        assertEquals(judged.size(), 3);
        assertEquals(judged.stream().mapToInt(Judged::burst).sum(), 4);
        assertEquals(judged.stream().mapToDouble(Judged::fillingLeft).sum(), 90, 1e-9);
        assertEquals(judged.stream().map(Judged::cooked).distinct().count(), 2);
    }
}
