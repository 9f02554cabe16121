package ironpin.web.kitchen;

import ironpin.cook.Course;
import ironpin.cook.Load;
import ironpin.devices.hob.Hob;
import ironpin.devices.hob.SimulatedHob;
import ironpin.devices.probe.CoreProbe;
import ironpin.devices.probe.PostedProbe;
import ironpin.devices.probe.ProbeTraits;
import ironpin.devices.probe.SimulatedProbe;
import ironpin.plan.BatchPlan;
import ironpin.plan.LotPlan;
import ironpin.quantity.Quantity;
import ironpin.quantity.Sentence;
import ironpin.quantity.Temperature;
import ironpin.quantity.UnitSystem;
import ironpin.refusal.NotThere;
import ironpin.store.BatchStore;
import ironpin.store.FireStore;
import ironpin.store.FireStore.Cooked;
import ironpin.store.NoSuchBatch;
import ironpin.store.WorkStore;
import ironpin.wording.Span;
import jakarta.annotation.PreDestroy;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/**
 * The rounds that are on the fire, each with a simulated hob under it and a simulated probe in one of its pieces. What they show goes to
 * every open page as it changes. A restart finds them again: when a round went in is kept.
 */
@Component
public class FireDesk {
    private static final Duration EVERY = Duration.ofMillis(500);
    private static final long SEED = 20_261_127;
    private static final Logger LOG = LoggerFactory.getLogger(FireDesk.class);

    private final PostedProbe posted = new PostedProbe();

    /** A real kitchen is not the model: in the simulated one pieces warm a little more slowly. */
    private static final double SIMULATED_KITCHEN = 1.08;

    private final Bell bell;
    private final Clock clock;
    private final JsonMapper json;
    private final FireStore fire;
    private final BatchStore batches;
    private final Map<Long, Burning> burning = new ConcurrentHashMap<>();
    /** Rounds of lots that have been left out since; an undo may bring them back. */
    private final Map<Long, Cooked> ofNoLot = new ConcurrentHashMap<>();

    private volatile boolean found;
    private volatile ProbeTraits traits = ProbeTraits.USUAL;
    private final ScheduledExecutorService looker = Executors.newSingleThreadScheduledExecutor(work -> {
        Thread thread = new Thread(work, "fire");
        thread.setDaemon(true);
        return thread;
    });

    FireDesk(Bell bell, Clock clock, JsonMapper json, FireStore fire, BatchStore batches) {
        this.bell = bell;
        this.clock = clock;
        this.json = json;
        this.fire = fire;
        this.batches = batches;
        looker.scheduleWithFixedDelay(this::look, EVERY.toMillis(), EVERY.toMillis(), TimeUnit.MILLISECONDS);
    }

    /**
     * A round with what is expected of it.
     *
     * @param round as it was written down
     * @param expected its course by the plan as it stood when it went in
     * @param probe in a piece from its middle
     * @param hob under it
     */
    private record Burning(Cooked round, Course expected, LotPlan lot, CoreProbe probe, Hob hob) {}

    /**
     * What pages show of it.
     *
     * @param seconds since it went in
     * @param spell the one that is on, from 0
     * @param left of it, in words; empty when the spells are over
     * @param read what the probe shows, in the units of either kind of page
     * @param meant what the model has in the middle now
     * @param watts that reach the vessel
     * @param simulated whether the probe is only a stand-in
     */
    public record Shown(
            long batch,
            int lot,
            int round,
            long seconds,
            int spell,
            String left,
            Map<String, String> read,
            Map<String, String> meant,
            long watts,
            boolean simulated) {}

    private void look() {
        try {
            if (bell.listening() > 0) {
                rounds().values().forEach(one -> bell.tell("fire", json.writeValueAsString(shown(one))));
            }
        } catch (RuntimeException odd) {
            // Thrown on, it would be the last look of all.
            LOG.error("the fire could not be looked at", odd);
        }
    }

    private Map<Long, Burning> rounds() {
        if (!found) {
            synchronized (this) {
                if (!found) {
                    fire.onTheFire().forEach(this::add);
                    found = true;
                }
            }
        }
        return burning;
    }

    /** Other rounds may be on the fire than before: the kitchen went back to a backup, or another one came in. */
    public synchronized void lookAgain() {
        burning.clear();
        ofNoLot.clear();
        found = false;
    }

    /** A round has gone in. */
    public void in(Cooked round) {
        rounds();
        burning.values().removeIf(one -> one.round().of().equals(round.of()));
        add(round);
    }

    /** Nothing of this lot is on the fire any more. */
    public void out(WorkStore.Of lot) {
        ofNoLot.values().removeIf(one -> one.of().equals(lot));
        rounds().values().removeIf(one -> one.round().of().equals(lot));
    }

    private void add(Cooked round) {
        LotPlan lot;
        try {
            lot = BatchPlan.of(batches.load(round.of().batch()).batch())
                    .lot(round.of().lot());
        } catch (NotThere | NoSuchBatch leftOut) {
            ofNoLot.put(round.id(), round);
            return;
        }
        Load load = lot.load().counting(round.pieces());
        Course expected = Course.of(load);
        Load real = new Load(
                load.body()
                        .slower(SIMULATED_KITCHEN
                                / lot.lot().cooking().correction().mean()),
                load.piece(),
                load.count(),
                load.spells(),
                load.start(),
                load.vessel(),
                load.ovenCelsius());
        Temperature kitchen = Temperature.ofCelsius(20);
        CoreProbe probe = new SimulatedProbe(Course.of(real).run(), round.in(), traits, kitchen, SEED + round.id());
        double full = load.vessel().watts();
        burning.put(round.id(), new Burning(round, expected, lot, probe, new Turned(full, expected, round.in())));
    }

    /** A hob that is turned as the spells say. */
    private static final class Turned implements Hob {
        private final SimulatedHob plate;
        private final double full;
        private final List<Course.Mark> marks;
        private final Instant in;
        private int next;

        private Turned(double full, Course course, Instant in) {
            this.full = full;
            this.in = in;
            marks = course.marks();
            plate = new SimulatedHob(SimulatedHob.PLATE, in.minus(Duration.ofMinutes(10)));
            plate.set(full, in.minus(Duration.ofMinutes(10)));
        }

        @Override
        public void set(double watts, Instant now) {
            plate.set(watts, now);
        }

        @Override
        public synchronized double watts(Instant now) {
            while (next < marks.size() && !in.plus(marks.get(next).from()).isAfter(now)) {
                plate.set(
                        full * marks.get(next).spell().flame().share(),
                        in.plus(marks.get(next).from()));
                next++;
            }
            return plate.watts(now);
        }
    }

    /** What is on the fire of a lot, if anything is. */
    public Optional<Shown> shown(WorkStore.Of lot) {
        return of(lot).map(this::shown);
    }

    private Optional<Burning> of(WorkStore.Of lot) {
        rounds();
        ofNoLot.values().stream().filter(one -> one.of().equals(lot)).toList().forEach(back -> {
            ofNoLot.remove(back.id());
            add(back);
        });
        return rounds().values().stream()
                .filter(one -> one.round().of().equals(lot))
                .findFirst();
    }

    private Shown shown(Burning one) {
        Instant now = clock.instant();
        Duration since = Duration.between(one.round().in(), now);
        int spell = 0;
        List<Course.Mark> marks = one.expected().marks();
        while (spell < marks.size() - 1 && marks.get(spell + 1).from().compareTo(since) <= 0) {
            spell++;
        }
        Duration end = marks.get(spell).from().plus(marks.get(spell).spell().time());
        Duration left = end.minus(since);
        return new Shown(
                one.round().of().batch(),
                one.round().of().lot(),
                one.round().round(),
                since.toSeconds(),
                spell,
                left.isNegative() ? "" : Span.of(Duration.ofSeconds(left.toSeconds())),
                said(read(one, now).orElse(Temperature.ofCelsius(0)).celsius()),
                said(expected(one, since).celsius()),
                Math.round(one.hob().watts(now)),
                posted.read(now).isEmpty());
    }

    /** A real probe showed this; where several rounds are on the fire, it is in the one that is written down. */
    public void post(Temperature temperature) {
        posted.post(temperature, clock.instant());
    }

    private Optional<Temperature> read(Burning one, Instant now) {
        return posted.read(now).or(() -> one.probe().read(now));
    }

    private static Temperature expected(Burning one, Duration since) {
        return Temperature.ofCelsius(
                one.expected().run().core()[one.expected().run().sample(since)]);
    }

    private static Map<String, String> said(double celsius) {
        Sentence text = Quantity.celsius(Math.rint(celsius * 10) / 10);
        return Map.of(
                UnitSystem.METRIC.name(),
                text.render(UnitSystem.METRIC),
                UnitSystem.US.name(),
                text.render(UnitSystem.US));
    }

    /**
     * A reading of a round: of the probe, or as somebody read it off their own.
     *
     * @param round which
     * @param at after it went in
     * @param read the temperature
     * @param meant what the model has then
     */
    public record Taken(Cooked round, LotPlan lot, Course expected, Duration at, Temperature read, Temperature meant) {}

    /** @param typed what was read off another probe; empty for what the simulated one shows */
    public Optional<Taken> take(WorkStore.Of lot, Optional<Temperature> typed) {
        Instant now = clock.instant();
        return of(lot).flatMap(one -> {
            Duration since = Duration.between(one.round().in(), now);
            return typed.or(() -> read(one, now))
                    .map(read -> new Taken(one.round(), one.lot(), one.expected(), since, read, expected(one, since)));
        });
    }

    /** How the simulated probe behaves, from the next round on. */
    public void behave(ProbeTraits other) {
        traits = other;
    }

    public ProbeTraits traits() {
        return traits;
    }

    @PreDestroy
    void close() {
        looker.shutdownNow();
    }
}
