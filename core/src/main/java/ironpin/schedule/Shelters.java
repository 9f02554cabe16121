package ironpin.schedule;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.IntStream;

/** Which gaps of jobs laid out by somebody else need their shelter and find room there. */
public final class Shelters {
    private Shelters() {}

    /** Numbers of the lags, those that begin first before the others. */
    public static Set<Integer> of(Problem problem, Answer answer) {
        List<Integer> needed = IntStream.range(0, problem.lags().size())
                .boxed()
                .filter(number -> needs(problem.lags().get(number), answer))
                .sorted(Comparator.comparingInt(
                        number -> answer.at(problem.lags().get(number).from())))
                .toList();
        Set<Integer> in = new HashSet<>();
        for (int number : needed) {
            Lag lag = problem.lags().get(number);
            List<Lag> beside = new ArrayList<>(List.of(lag));
            for (int other : in) {
                Lag one = problem.lags().get(other);
                boolean same = one.shelter().get().room() == lag.shelter().get().room();
                if (same && answer.at(one.to()) > answer.at(lag.from())) {
                    beside.add(one);
                }
            }
            int units =
                    beside.stream().mapToInt(one -> one.shelter().get().units()).sum();
            if (units <= problem.rooms().get(lag.shelter().get().room()).units()) {
                in.add(number);
            }
        }
        return in;
    }

    private static boolean needs(Lag lag, Answer answer) {
        return lag.shelter().isPresent()
                && answer.gap(lag) > lag.most().orElse(Integer.MAX_VALUE)
                && answer.gap(lag) <= lag.shelter().get().most().orElse(Integer.MAX_VALUE);
    }
}
