package ironpin.schedule;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Random;

/** Random problems of 4 to 9 jobs, 1 to 3 workers and 1 or 2 places on the stove, all of which lead to the last job. */
public final class SmallKitchens {
    private final Random random;

    public SmallKitchens(long seed) {
        random = new Random(seed);
    }

    private int between(int low, int high) {
        return low + random.nextInt(high - low + 1);
    }

    public Problem next() {
        int workers = between(1, 3);
        int count = between(4, 9);
        List<Job> jobs = new ArrayList<>();
        List<Hold> holds = new ArrayList<>();
        int manned = 0;
        for (int i = 0; i < count - 1; i++) {
            int kind = random.nextInt(10);
            if (kind < 5 && manned < 4) {
                manned++;
                jobs.add(Job.manned("hands " + i, "trade " + i % 3, random.nextInt(3) == 0, modes(workers)));
            } else if (kind < 8) {
                int time = between(6, 15);
                List<Integer> some = some(workers);
                jobs.add(Job.touched(
                        "round " + i, "fire", time, some, List.of(new Touch(0, 1), new Touch(time - 2, 2))));
                holds.add(Hold.during(0, 1, i));
            } else {
                jobs.add(Job.alone("rest " + i, between(5, 30)));
            }
        }
        jobs.add(Job.manned("serve", "table", false, modes(workers).subList(0, 1)));
        return new Problem(
                jobs,
                lags(count),
                holds,
                List.of(new Room("burners", between(1, 2)), new Room("fridge", random.nextInt(3) == 0 ? 1 : 0)),
                who(workers),
                count - 1,
                600);
    }

    /** One in which something has been put, often too late for it to be in time. */
    public Problem nextHeld() {
        Problem problem = next();
        List<Job> jobs = new ArrayList<>(problem.jobs());
        int held = between(0, jobs.size() - 2);
        jobs.set(held, jobs.get(held).at(between(530, 595)));
        return problem.with(jobs);
    }

    private List<Lag> lags(int count) {
        List<Lag> lags = new ArrayList<>();
        for (int i = 0; i < count - 1; i++) {
            int to = between(i + 1, count - 1);
            int least = random.nextInt(4) == 0 ? between(5, 20) : 0;
            boolean limited = random.nextInt(2) == 0;
            OptionalInt most =
                    limited ? OptionalInt.of(least + between(0, random.nextBoolean() ? 4 : 25)) : OptionalInt.empty();
            Optional<Lag.Shelter> shelter = limited && random.nextInt(4) == 0
                    ? Optional.of(new Lag.Shelter(1, 1, OptionalInt.empty()))
                    : Optional.empty();
            lags.add(new Lag("gap " + i, Moment.end(i), Moment.start(to), least, most, shelter, 1));
        }
        return lags;
    }

    private List<Worker> who(int workers) {
        List<Worker> all = new ArrayList<>();
        for (int i = 0; i < workers; i++) {
            all.add(
                    i > 0 && random.nextInt(3) == 0
                            ? new Worker("helper " + i, 600 - between(20, 90), 600)
                            : Worker.always("cook " + i));
        }
        return all;
    }

    private List<Integer> some(int workers) {
        List<Integer> some = new ArrayList<>(List.of(0));
        for (int i = 1; i < workers; i++) {
            if (random.nextBoolean()) {
                some.add(i);
            }
        }
        return some;
    }

    private List<Mode> modes(int workers) {
        List<Mode> modes = new ArrayList<>();
        int time = between(4, 24);
        for (int one : some(workers)) {
            modes.add(new Mode(List.of(one), time + (one == 0 ? 0 : random.nextInt(5))));
        }
        if (workers > 1 && random.nextInt(3) == 0) {
            modes.add(new Mode(List.of(0, 1), time / 2 + 1));
        }
        return modes;
    }
}
