package ironpin.web.kitchen;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.io.IOException;
import java.time.Duration;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;
import org.testng.annotations.Test;

public class BellTest {
    /** The container can be ending a stream while the bell finds it gone; it refuses then to have it ended again. */
    @Test
    public void oneBadStreamDoesNotStopTheBeatOfTheOthers() throws InterruptedException {
        Bell bell = new Bell(Duration.ofMillis(20));
        CountDownLatch beaten = new CountDownLatch(6);
        try {
            for (int i = 0; i < 3; i++) {
                bell.listen(new SseEmitter() {
                    @Override
                    public void send(SseEventBuilder event) throws IOException {
                        throw new IOException("broken pipe");
                    }

                    @Override
                    public void completeWithError(Throwable gone) {
                        throw new IllegalStateException("it is ending already");
                    }
                });
            }
            bell.listen(new SseEmitter() {
                @Override
                public void send(SseEventBuilder event) {
                    beaten.countDown();
                }
            });
            assertTrue(beaten.await(20, TimeUnit.SECONDS), "the beat stopped");
            assertEquals(bell.listening(), 1);
        } finally {
            bell.close();
        }
    }
}
