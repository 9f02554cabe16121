package ironpin.schedule;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;

/** What is laid out backwards lies as late as it may; what comes after the target nobody waits for, and is done as soon as it can be. */
final class Afterwards {
    private Afterwards() {}

    /** The same answer with every job that begins after the target's end moved to the earliest time that breaks nothing. */
    static Answer soon(Problem problem, Answer answer) {
        int over = answer.slots().get(problem.target()).end();
        // The last first: one that waits for no other makes room for those before it to come sooner, and then follows
        // them.
        List<Integer> jobs = IntStream.range(0, problem.jobs().size())
                .filter(job -> answer.slots().get(job).start() >= over
                        && problem.jobs().get(job).held().isEmpty())
                .boxed()
                .sorted(Comparator.comparing(
                                (Integer job) -> answer.slots().get(job).start())
                        .reversed())
                .toList();
        Answer best = answer;
        Answer before;
        do {
            before = best;
            for (int job : jobs) {
                best = sooner(problem, best, job, over);
            }
        } while (!best.equals(before));
        return best;
    }

    /** A job becomes free to begin when another ends. */
    private static Answer sooner(Problem problem, Answer answer, int job, int over) {
        Answer.Slot now = answer.slots().get(job);
        Score score = Checked.of(problem, answer).score();
        List<Lag> its = problem.lags().stream()
                .filter(lag -> lag.from().job() == job || lag.to().job() == job)
                .toList();
        return answer.slots().stream()
                .mapToInt(Answer.Slot::end)
                .filter(end -> end >= over && end < now.start())
                .sorted()
                .distinct()
                .mapToObj(start -> at(answer, job, start))
                // Most times are too soon for what it waits for: nothing else need be looked at then.
                .filter(moved -> score.broken() > 0 || its.stream().allMatch(lag -> moved.gap(lag) >= lag.least()))
                .filter(moved -> Checked.of(problem, moved).score().compareTo(score) <= 0)
                .findFirst()
                .orElse(answer);
    }

    private static Answer at(Answer answer, int job, int start) {
        List<Answer.Slot> slots = new ArrayList<>(answer.slots());
        Answer.Slot slot = slots.get(job);
        slots.set(job, new Answer.Slot(start, start + slot.end() - slot.start(), slot.mode()));
        return new Answer(slots, answer.sheltered());
    }
}
