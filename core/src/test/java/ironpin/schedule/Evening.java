package ironpin.schedule;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;

/** A small evening in minutes of the day: mixed, rested, filled, shaped, boiled, served. */
public final class Evening {
    public static final int MIX = 0;
    public static final int REST = 1;
    public static final int FILLING = 2;
    public static final int SHAPE = 3;
    public static final int BOIL = 4;
    public static final int SERVE = 5;

    private final List<Worker> workers = new ArrayList<>();
    private int filling = 20;
    private int mixing = 10;
    private boolean fridge;
    private boolean mixed;
    private int now = Job.ANY_TIME;

    private Evening(int people) {
        for (int i = 0; i < people; i++) {
            workers.add(Worker.always("cook " + (i + 1)));
        }
    }

    public static Evening of(int people) {
        return new Evening(people);
    }

    public static int at(int hour, int minute) {
        return hour * 60 + minute;
    }

    public Evening filling(int minutes) {
        filling = minutes;
        return this;
    }

    public Evening withFridge() {
        fridge = true;
        return this;
    }

    /** Mixing takes so long, and has been put where it begins at 17:35. */
    public Evening mixingPut(int minutes) {
        mixing = minutes;
        mixed = true;
        return this;
    }

    /** Mixing has been done, from 17:35 on. */
    public Evening mixedIn(int minutes) {
        mixingPut(minutes);
        now = at(17, 35) + minutes;
        return this;
    }

    /** The first cook goes. */
    public Evening until(int hour, int minute) {
        workers.set(0, new Worker(workers.get(0).key(), Job.ANY_TIME, at(hour, minute)));
        return this;
    }

    private List<Mode> anybody(int time, boolean shared) {
        List<Mode> modes = new ArrayList<>();
        for (int i = 0; i < workers.size(); i++) {
            modes.add(new Mode(List.of(i), time));
        }
        if (shared && workers.size() == 2) {
            modes.add(new Mode(List.of(0, 1), time / 2));
        }
        return modes;
    }

    public Problem problem() {
        Job mix = Job.manned("mix", "dough", false, anybody(mixing, false));
        List<Job> jobs = new ArrayList<>(List.of(
                mixed ? mix.at(at(17, 35)) : mix,
                Job.alone("rest", 30),
                Job.manned("filling", "filling", false, anybody(filling, false)),
                Job.manned("shape", "shape", false, anybody(30, true)),
                Job.alone("boil", 12),
                Job.manned("serve", "serve", false, anybody(3, false))));
        for (int i = mixed ? 1 : 0; i < jobs.size(); i++) {
            jobs.set(i, jobs.get(i).from(now));
        }
        Lag stands = Lag.between("the dough rests", MIX, SHAPE, 30, 45);
        List<Lag> lags = List.of(
                Lag.between("rest begins", MIX, REST, 0, 0),
                Lag.after("rested", REST, SHAPE),
                fridge
                        ? new Lag(
                                stands.key(),
                                stands.from(),
                                stands.to(),
                                30,
                                OptionalInt.of(45),
                                Optional.of(new Lag.Shelter(0, 1, OptionalInt.empty())),
                                1)
                        : stands,
                Lag.after("filled", FILLING, SHAPE),
                Lag.between("pieces wait", SHAPE, BOIL, 0, 30),
                Lag.between("hot", BOIL, SERVE, 0, 10));
        return new Problem(
                jobs, lags, List.of(), List.of(new Room("fridge", fridge ? 1 : 0)), workers, SERVE, at(19, 0));
    }
}
