package ironpin.store;

import static org.testng.Assert.assertEquals;

import java.util.concurrent.atomic.AtomicInteger;
import org.testng.annotations.Test;

public class RecentTest {
    @Test
    public void whatWasUsedLatelyIsNotReadAgain() {
        Recent<Integer, String> recent = new Recent<>(3);
        AtomicInteger reads = new AtomicInteger();
        for (int key : new int[] {1, 2, 3, 1, 2, 3, 1}) {
            assertEquals(
                    recent.get(key, () -> "read " + key + " " + reads.incrementAndGet())
                            .substring(0, 6),
                    "read " + key);
        }
        assertEquals(reads.get(), 3);
        recent.get(4, () -> "read 4 " + reads.incrementAndGet());
        recent.get(1, () -> "read 1 " + reads.incrementAndGet());
        assertEquals(reads.get(), 4, "1 was used last and stays");
        recent.get(2, () -> "read 2 " + reads.incrementAndGet());
        assertEquals(reads.get(), 5, "2 had to make room");
    }

    @Test
    public void whatIsWrittenReplacesWhatWasRead() {
        Recent<String, String> recent = new Recent<>(2);
        assertEquals(recent.get("plan", () -> "old"), "old");
        recent.put("plan", "new");
        assertEquals(recent.get("plan", () -> "read again"), "new");
    }
}
