package ironpin.web.kitchen;

import jakarta.servlet.ServletException;
import jakarta.servlet.ServletInputStream;
import java.io.IOException;
import java.time.Duration;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import org.apache.catalina.connector.Request;
import org.apache.catalina.connector.Response;
import org.apache.catalina.valves.ValveBase;
import org.apache.coyote.ActionCode;
import org.apache.coyote.InputBuffer;
import org.apache.tomcat.util.net.ApplicationBufferHandler;

/**
 * How what is sent comes in, before anybody reads any of it. A large body has its turn like an answer has, since reading one may
 * take thirty times its size; one that comes byte by byte has a deadline in all; and those that have to be waited for keep a share
 * of the threads, never all of them. Whoever is refused is told why.
 */
final class BodyGate extends ValveBase {
    /** What is larger waits for its turn. Forms of ours have a few hundred bytes. */
    static final long LARGE = 64_000;

    static final int LARGE_AT_ONCE = 2;

    /** Threads, of the connector's 64, that may wait for the turn of a large body. */
    private static final int LARGE_WAITING = 8;

    /** Threads that may wait for bytes that have not arrived. */
    static final int SLOW_AT_ONCE = 16;

    private static final Duration TURN = Duration.ofSeconds(10);
    private static final Duration DEADLINE = Duration.ofSeconds(12);
    /** A poor connection brings this much a second. */
    private static final long BYTES_A_SECOND = 50_000;

    private static final Duration DRAIN = Duration.ofSeconds(2);
    private static final int DRAINED_AT_ONCE = 8_192;

    private final Semaphore large = new Semaphore(LARGE_AT_ONCE, true);
    private final Semaphore largeWaiting = new Semaphore(LARGE_WAITING);
    private final Semaphore slow = new Semaphore(SLOW_AT_ONCE);

    BodyGate() {
        super(true);
    }

    @Override
    public void invoke(Request request, Response response) throws IOException, ServletException {
        long length = request.getContentLengthLong();
        boolean unsaid = length < 0 && request.getHeader("Transfer-Encoding") != null;
        if (length <= 0 && !unsaid) {
            getNext().invoke(request, response);
            return;
        }
        org.apache.coyote.Request wire = request.getCoyoteRequest();
        InputBuffer bytes = wire.getInputBuffer();
        Timed timed = new Timed(wire, bytes, DEADLINE.plusSeconds(Math.max(0, length) / BYTES_A_SECOND));
        wire.setInputBuffer(timed);
        try {
            if (bytes.available() < length && slow.availablePermits() == 0) {
                refuse(request, response, timed, "Too many are sending slowly just now. Try again in a moment.");
            } else if (unsaid || length > LARGE) {
                inTurn(request, response, timed);
            } else {
                getNext().invoke(request, response);
            }
        } finally {
            wire.setInputBuffer(bytes);
        }
    }

    private void inTurn(Request request, Response response, Timed timed) throws IOException, ServletException {
        if (!turn()) {
            refuse(request, response, timed, "Too much is being brought in at once. Try again in a moment.");
            return;
        }
        try {
            getNext().invoke(request, response);
        } finally {
            large.release();
        }
    }

    private boolean turn() {
        if (large.tryAcquire()) {
            return true;
        }
        if (!largeWaiting.tryAcquire()) {
            return false;
        }
        try {
            return large.tryAcquire(TURN.toMillis(), TimeUnit.MILLISECONDS);
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
            return false;
        } finally {
            largeWaiting.release();
        }
    }

    private static void refuse(Request request, Response response, Timed timed, String why) throws IOException {
        TryLater.say(response.getResponse(), why);
        response.flushBuffer();
        // What is still on its way is let in and dropped for a moment, or the answer would not arrive.
        timed.hurry(DRAIN);
        try {
            ServletInputStream rest = request.getInputStream();
            byte[] dropped = new byte[DRAINED_AT_ONCE];
            while (rest.read(dropped) >= 0) {
                // Nothing is kept of it.
            }
        } catch (IOException late) {
            request.getCoyoteRequest().action(ActionCode.CLOSE_NOW, late);
        }
    }

    /** The bytes of one body, for as long as it may take in all. */
    private final class Timed implements InputBuffer {
        private final org.apache.coyote.Request wire;
        private final InputBuffer bytes;
        private long end;

        Timed(org.apache.coyote.Request wire, InputBuffer bytes, Duration allowed) {
            this.wire = wire;
            this.bytes = bytes;
            hurry(allowed);
        }

        private void hurry(Duration allowed) {
            end = System.nanoTime() + allowed.toNanos();
        }

        @Override
        public int doRead(ApplicationBufferHandler handler) throws IOException {
            if (System.nanoTime() > end) {
                throw over("it took too long in all");
            }
            if (bytes.available() > 0) {
                return bytes.doRead(handler);
            }
            if (!slow.tryAcquire()) {
                throw over("too many are sending slowly");
            }
            try {
                return bytes.doRead(handler);
            } finally {
                slow.release();
            }
        }

        /** Nothing that comes after it is waited for either. */
        private IOException over(String why) {
            IOException given = new IOException("A body was not waited for: " + why);
            wire.action(ActionCode.CLOSE_NOW, given);
            return given;
        }

        @Override
        public int available() {
            return bytes.available();
        }
    }
}
