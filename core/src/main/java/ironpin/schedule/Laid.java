package ironpin.schedule;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/** What is laid so far: which jobs, when and by whom, and the gaps that make use of their shelter. */
final class Laid {
    private final Problem problem;
    private final boolean[] laid;
    private final int[] start;
    private final int[] end;
    private final int[] mode;
    private final Set<Integer> sheltered = new HashSet<>();

    Laid(Problem problem) {
        int count = problem.jobs().size();
        this.problem = problem;
        laid = new boolean[count];
        start = new int[count];
        end = new int[count];
        mode = new int[count];
    }

    boolean has(int job) {
        return laid[job];
    }

    boolean has(Lag lag) {
        return laid[lag.from().job()] && laid[lag.to().job()];
    }

    /** When a moment of a job that is laid is. */
    int at(Moment moment) {
        return moment.edge() == Moment.Edge.START ? start[moment.job()] : end[moment.job()];
    }

    int gap(Lag lag) {
        return at(lag.to()) - at(lag.from());
    }

    /** Workers of a job that is laid. */
    List<Integer> workers(int job) {
        return problem.jobs().get(job).modes().get(mode[job]).workers();
    }

    void put(int job, int m, int from, int until) {
        laid[job] = true;
        mode[job] = m;
        start[job] = from;
        end[job] = until;
    }

    /** A job was interrupted. */
    void until(int job, int tick) {
        end[job] = tick;
    }

    void shelter(int lag) {
        sheltered.add(lag);
    }

    Set<Integer> sheltered() {
        return sheltered;
    }

    /** All of it, when nothing is left to lay. */
    Answer answer() {
        List<Answer.Slot> slots = new ArrayList<>();
        for (int i = 0; i < laid.length; i++) {
            boolean alone = problem.jobs().get(i).modes().isEmpty();
            slots.add(new Answer.Slot(start[i], end[i], alone ? -1 : mode[i]));
        }
        return new Answer(slots, sheltered);
    }
}
