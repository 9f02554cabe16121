package ironpin.web.kitchen;

import ironpin.devices.scale.KitchenScale;
import ironpin.devices.scale.PostedScale;
import ironpin.devices.scale.ScaleReading;
import ironpin.devices.scale.ScaleTraits;
import ironpin.devices.scale.SimulatedHand;
import ironpin.devices.scale.SimulatedScale;
import ironpin.quantity.Mass;
import ironpin.quantity.Quantity;
import ironpin.quantity.Sentence;
import ironpin.quantity.UnitSystem;
import jakarta.annotation.PreDestroy;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Map;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.locks.LockSupport;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/**
 * The one scale that stands in the kitchen: a real one whose readings are posted, as long as it is heard of; otherwise the
 * simulated one. What it shows goes to every open page as it changes.
 */
@Component
public class ScaleDesk {
    /** How often it is looked at; a page may be told that much later. */
    private static final Duration EVERY = Duration.ofMillis(50);

    /** A press that came a little early is waited for. */
    private static final Duration PATIENCE = Duration.ofSeconds(2);

    private static final long SEED = 20_261_113;
    private static final Logger LOG = LoggerFactory.getLogger(ScaleDesk.class);

    private final Bell bell;
    private final Clock clock;
    private final JsonMapper json;
    private final PostedScale posted = new PostedScale();
    private final SimulatedScale simulated;
    private final ScheduledExecutorService looker = Executors.newSingleThreadScheduledExecutor(work -> {
        Thread thread = new Thread(work, "scale");
        thread.setDaemon(true);
        return thread;
    });
    private SimulatedHand hand = SimulatedHand.USUAL;
    private ScaleTraits traits = ScaleTraits.USUAL;
    private ScaleReading told;

    ScaleDesk(Bell bell, Clock clock, JsonMapper json) {
        this.bell = bell;
        this.clock = clock;
        this.json = json;
        simulated = new SimulatedScale(ScaleTraits.USUAL, SEED, clock.instant());
        told = simulated.read(clock.instant());
        looker.scheduleWithFixedDelay(this::look, EVERY.toMillis(), EVERY.toMillis(), TimeUnit.MILLISECONDS);
    }

    /**
     * What a page shows of it.
     *
     * @param state name of the state
     * @param label the same in a cook's words
     * @param grams since the last tare
     * @param said the mass in the units of either kind of page
     * @param simulated whether it is only a stand-in
     */
    public record Shown(
            String state, String label, double grams, Map<String, String> said, boolean settled, boolean simulated) {}

    private void look() {
        // Nobody looks at it: then it need not be looked at either.
        try {
            if (bell.listening() > 0) {
                tell(false);
            }
        } catch (RuntimeException odd) {
            // Thrown on, it would be the last look of all.
            LOG.error("the scale could not be looked at", odd);
        }
    }

    private synchronized void tell(boolean always) {
        ScaleReading now = read();
        if (always || now.differs(told)) {
            told = now;
            bell.tell("scale", json.writeValueAsString(shown(now)));
        }
    }

    private KitchenScale scale(Instant now) {
        return posted.alive(now) ? posted : simulated;
    }

    /** What it shows now. */
    public synchronized ScaleReading read() {
        Instant now = clock.instant();
        return scale(now).read(now);
    }

    /** What it shows once it has settled; what it shows after a while if it does not. */
    public ScaleReading settled() {
        ScaleReading now = read();
        for (Instant end = clock.instant().plus(PATIENCE);
                now.state() == ScaleReading.State.READY
                        && !now.settled()
                        && clock.instant().isBefore(end);
                now = read()) {
            LockSupport.parkNanos(EVERY.toNanos());
        }
        return now;
    }

    /** The same, as pages show it. */
    public synchronized Shown shown() {
        return shown(read());
    }

    private Shown shown(ScaleReading reading) {
        Sentence text = Quantity.mass(reading.shown().grams(), 1);
        Map<String, String> said = Map.of(
                UnitSystem.METRIC.name(), text.render(UnitSystem.METRIC),
                UnitSystem.US.name(), text.render(UnitSystem.US));
        return new Shown(
                reading.state().name(),
                reading.state().label(),
                reading.shown().grams(),
                said,
                reading.settled(),
                !posted.alive(clock.instant()));
    }

    /** What lies on it counts as nothing from now on. */
    public synchronized void tare() {
        Instant now = clock.instant();
        scale(now).tare(now);
        tell(true);
    }

    /** A real scale was read. */
    public synchronized void post(Mass mass, boolean settled) {
        posted.post(mass, settled, clock.instant());
        tell(true);
    }

    /** The simulated hand cuts a piece and puts it on in place of what lay there. @param meant what it was told to cut */
    public synchronized void putNext(int place, Mass meant) {
        put(hand.cut(place, meant));
    }

    /** So much lies on the simulated scale from now on, on top of what was tared away. */
    public synchronized void put(Mass mass) {
        simulated.put(mass, clock.instant());
        tell(true);
    }

    /** The simulated scale's switch is pressed. */
    public synchronized void wake() {
        simulated.wake(clock.instant());
        tell(true);
    }

    /** The simulated scale's connection goes, or comes back. */
    public synchronized void lose(boolean gone) {
        simulated.lose(gone);
        tell(true);
    }

    /** Another hand, and another simulated scale. */
    public synchronized void simulate(SimulatedHand other, ScaleTraits otherTraits) {
        hand = other;
        traits = otherTraits;
        simulated.behave(otherTraits, clock.instant());
        tell(true);
    }

    public synchronized SimulatedHand hand() {
        return hand;
    }

    public synchronized ScaleTraits traits() {
        return traits;
    }

    @PreDestroy
    void close() {
        looker.shutdownNow();
    }
}
