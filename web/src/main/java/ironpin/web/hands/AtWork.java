package ironpin.web.hands;

import ironpin.hands.Beat;
import ironpin.hands.Fault;
import ironpin.hands.InStep;
import ironpin.hands.SharedWork;
import ironpin.plan.LotPlan;
import ironpin.portion.Tally;
import ironpin.quantity.Decimal;
import ironpin.quantity.Mass;
import ironpin.quantity.Percentage;
import ironpin.quantity.Quantity;
import ironpin.quantity.Sentence;
import ironpin.store.WorkStore;
import ironpin.store.WorkStore.PersonPace;
import ironpin.store.WorkStore.Seen;
import ironpin.store.WorkStore.Tapped;
import ironpin.store.WorkStore.What;
import ironpin.wording.Count;
import ironpin.wording.TimeOfDay;
import java.time.Duration;
import java.time.LocalTime;
import java.time.ZonedDateTime;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * What hands did with a lot so far.
 *
 * @param lot as it is planned
 * @param taps one a piece
 * @param faults that were seen
 * @param pieces as they were weighed
 * @param spoonfuls as they were weighed
 * @param paces of everybody who was ever counted at this fold
 * @param now kitchen time
 */
public record AtWork(
        LotPlan lot,
        List<Tapped> taps,
        List<Seen> faults,
        List<Mass> pieces,
        List<Mass> spoonfuls,
        List<PersonPace> paces,
        ZonedDateTime now) {

    /** What stands in the store about a lot. */
    public static AtWork of(WorkStore work, long batch, LotPlan lot, ZonedDateTime now) {
        WorkStore.Of of = new WorkStore.Of(batch, lot.lot().no());
        return new AtWork(
                lot,
                work.taps(of),
                work.faults(of),
                work.weights(of, What.DOUGH),
                work.weights(of, What.FILLING),
                work.paces(lot.lot().fold()),
                now);
    }

    /** The pace of a job. */
    public Beat beat(SharedWork job) {
        return Beat.of(
                taps.stream().filter(tap -> tap.job() == job).map(Tapped::at).toList());
    }

    /** How many of a job are still to come. */
    public int open(SharedWork job) {
        return Math.max(0, lot.share().pieces() - beat(job).pieces());
    }

    /** Pieces an hour, pieces left, when done; in a sentence. */
    public String said(SharedWork job) {
        Beat beat = beat(job);
        int open = open(job);
        String counted = beat.pieces() + " of " + lot.share().pieces();
        if (beat.perHour().isEmpty()) {
            return counted + " done; the pace is known after a few more.";
        }
        if (open == 0) {
            return "All " + beat.pieces() + " done, " + beat.perHour().get() + " an hour.";
        }
        Duration left = beat.left(open).orElseThrow();
        LocalTime done = now.plus(left).toLocalTime();
        return counted + " done, " + beat.perHour().get() + " an hour; " + open + " left: done at " + TimeOfDay.of(done)
                + " (est.).";
    }

    /** Who waits for whom, once both paces of two people are known. */
    public Optional<String> inStep() {
        InStep both = new InStep(beat(SharedWork.ROLL), beat(SharedWork.FOLD));
        return both.waiting().map(who -> {
            String ahead = both.ahead() == 0 ? "" : " " + Count.of(both.ahead(), "wrapper") + " lie ready.";
            long wait = Math.round(both.waitEach().orElseThrow().toMillis() / 1_000.0);
            String by = who == InStep.Waiting.NOBODY ? "" : " (" + wait + " s a piece)";
            return "Two in step: " + who.label() + by + "." + ahead;
        });
    }

    /** How fast everybody is at this fold, in a sentence; empty before anybody was counted. */
    public String people() {
        return String.join(
                "; ",
                paces.stream()
                        .map(one -> one.person() + ", to " + one.job().label() + ": " + Math.round(one.seconds())
                                + " s (" + Count.of(one.sittings(), "sitting") + ")")
                        .toList());
    }

    /** Seconds a piece takes one pair of hands: all by one, or both jobs together. */
    public Optional<Double> secondsEach() {
        Optional<Double> all = beat(SharedWork.ALL).secondsEach();
        return all.isPresent()
                ? all
                : beat(SharedWork.ROLL)
                        .secondsEach()
                        .flatMap(roll -> beat(SharedWork.FOLD).secondsEach().map(fold -> roll + fold));
    }

    /** How many of each fault; only those that were seen. */
    public Map<Fault, Long> counts() {
        Map<Fault, Long> counts = new LinkedHashMap<>();
        for (Fault fault : Fault.values()) {
            long seen = faults.stream().filter(one -> one.fault() == fault).count();
            if (seen > 0) {
                counts.put(fault, seen);
            }
        }
        return counts;
    }

    /** How often a fault was seen. */
    public long count(Fault fault) {
        return counts().getOrDefault(fault, 0L);
    }

    /** The pieces with a fault, each in a sentence, the latest first. */
    public List<Sentence> seen() {
        List<Sentence> said = new ArrayList<>();
        for (int i = faults.size() - 1; i >= 0; i--) {
            Seen one = faults.get(i);
            said.add(Sentence.of(
                    one.place().map(place -> "Piece " + place).orElse("A piece"),
                    ", ",
                    Quantity.mass(one.skin().grams(), 1),
                    " of skin round ",
                    Quantity.mass(one.filling().grams(), 1),
                    one.room()
                            .map(room -> " (" + Decimal.trimmed(room.percent(), 0) + " % of the room)")
                            .orElse(""),
                    ": ",
                    one.fault().label(),
                    ". Usually ",
                    one.fault().cause(),
                    "."));
        }
        return said;
    }

    /** A fault of a piece as it was weighed, or as it is planned if it was not. */
    Seen fault(Fault fault, Optional<Integer> place) {
        Mass skin = place.filter(no -> no <= pieces.size())
                .map(no -> pieces.get(no - 1))
                .orElse(lot.share().doughEach());
        Mass filling = place.filter(no -> no <= spoonfuls.size())
                .map(no -> spoonfuls.get(no - 1))
                .orElse(lot.share().fillingEach());
        Optional<Percentage> room =
                lot.room().map(one -> Percentage.of(Math.min(400, 100 * filling.ratioTo(one.bound()))));
        return new Seen(fault, place, skin, filling, room, now.toInstant());
    }

    /** Filling that was meant, or on the whole weighed, of the fold's room; absent for what has none. */
    public Optional<Percentage> room() {
        Mass filling = spoonfuls.isEmpty()
                ? lot.share().fillingEach()
                : spoonfuls.stream().reduce(Mass.ZERO, Mass::plus).dividedBy(spoonfuls.size());
        return lot.room().map(one -> Percentage.of(Math.min(400, 100 * filling.ratioTo(one.bound()))));
    }

    /** Everything of it in sentences, for the Book; empty if nothing was counted. */
    public List<Sentence> forTheBook() {
        List<Sentence> said = new ArrayList<>();
        weighed("pieces", pieces, lot.share().doughEach()).ifPresent(said::add);
        weighed("spoonfuls", spoonfuls, lot.share().fillingEach()).ifPresent(said::add);
        for (SharedWork job : SharedWork.values()) {
            Beat beat = beat(job);
            beat.secondsEach()
                    .ifPresent(seconds -> said.add(Sentence.of(
                            "Pace, to ",
                            job.label(),
                            ": ",
                            Math.round(seconds),
                            " s a piece, ",
                            beat.perHour().orElseThrow(),
                            " an hour, from ",
                            Count.of(beat.pieces(), "piece"),
                            ", by ",
                            people(job),
                            ".")));
        }
        if (!faults.isEmpty()) {
            List<String> each = counts().entrySet().stream()
                    .map(one -> one.getValue() + " " + one.getKey().label())
                    .toList();
            said.add(Sentence.of("Faults: ", String.join(", ", each), "."));
        }
        return said;
    }

    private String people(SharedWork job) {
        return String.join(
                " and ",
                taps.stream()
                        .filter(tap -> tap.job() == job)
                        .map(Tapped::person)
                        .distinct()
                        .toList());
    }

    private Optional<Sentence> weighed(String what, List<Mass> masses, Mass each) {
        if (masses.size() < 2) {
            return Optional.empty();
        }
        Tally tally = new Tally(each.times(masses.size()), masses.size(), masses);
        long outside = masses.stream().filter(one -> !tally.inBand(one)).count();
        return Optional.of(Sentence.of(
                masses.size(),
                " ",
                what,
                " weighed: ",
                Quantity.mass(tally.mean().orElseThrow().grams(), 1),
                " on the whole, spread ±",
                Decimal.trimmed(100 * tally.spread().orElseThrow(), 1),
                " %, ",
                outside,
                " outside ±",
                Decimal.trimmed(100 * Tally.BAND, 0),
                " %."));
    }

    public List<Fault> kinds() {
        return Arrays.asList(Fault.values());
    }

    public List<SharedWork> jobs() {
        return Arrays.asList(SharedWork.values());
    }
}
