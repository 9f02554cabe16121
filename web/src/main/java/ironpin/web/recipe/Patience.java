package ironpin.web.recipe;

import ironpin.recipe.UnreadableRecipe;
import java.time.Duration;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Future;
import java.util.concurrent.SynchronousQueue;
import java.util.concurrent.ThreadPoolExecutor;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import java.util.function.Supplier;

/** How long anybody waits for a recipe to be read: what takes longer is given up, whatever the text has in it. */
public final class Patience {
    private static final Duration LONGEST = Duration.ofSeconds(5);
    private static final int MOST_AT_ONCE = 4;
    private static final ExecutorService READERS = new ThreadPoolExecutor(
            0,
            MOST_AT_ONCE,
            10,
            TimeUnit.SECONDS,
            new SynchronousQueue<>(),
            work -> {
                Thread thread = new Thread(work, "reader");
                thread.setDaemon(true);
                return thread;
            },
            new ThreadPoolExecutor.CallerRunsPolicy());

    private Patience() {}

    /** @throws UnreadableRecipe if it cannot be read, or not in time */
    public static <T> T with(Supplier<T> reading) {
        return with(LONGEST, reading);
    }

    static <T> T with(Duration longest, Supplier<T> reading) {
        Future<T> read = READERS.submit(reading::get);
        try {
            return read.get(longest.toMillis(), TimeUnit.MILLISECONDS);
        } catch (TimeoutException tooLong) {
            throw UnreadableRecipe.tooLong();
        } catch (ExecutionException problem) {
            throw problem.getCause() instanceof RuntimeException ours
                    ? ours
                    : new IllegalStateException(problem.getCause());
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
            throw UnreadableRecipe.tooLong();
        } finally {
            read.cancel(true);
        }
    }
}
