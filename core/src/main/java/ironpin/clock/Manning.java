package ironpin.clock;

import ironpin.crew.Person;
import ironpin.crew.Skill;
import ironpin.schedule.Mode;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;

/** Who can do what kind of work, alone or in step, and how long it takes them. */
final class Manning {
    /** Of the time for rolling, filling and folding a piece, what rolling takes (est.): with two in step one has this part. */
    private static final double ROLLING = 0.45;

    private final List<Person> people;

    Manning(List<Person> people) {
        this.people = people;
    }

    private List<Integer> alone(Craft craft) {
        List<Integer> able = new ArrayList<>();
        for (int i = 0; i < people.size(); i++) {
            if (people.get(i).does().containsAll(craft.skills())) {
                able.add(i);
            }
        }
        return able;
    }

    /** Who does it; everybody where nobody does. */
    List<Integer> able(Craft craft) {
        List<Integer> able = alone(craft);
        return able.isEmpty() ? IntStream.range(0, people.size()).boxed().toList() : able;
    }

    /** Whoever can do it alone, and any two who can in step; everybody where nobody can, and the page says so. */
    List<Mode> modes(Craft craft, Duration time) {
        List<Mode> modes = new ArrayList<>();
        for (int one : alone(craft)) {
            modes.add(new Mode(List.of(one), Layout.ticks(paced(time, people.get(one)))));
        }
        for (int a = 0; craft.shared() && a < people.size(); a++) {
            for (int b = a + 1; b < people.size(); b++) {
                Optional<Duration> both = inStep(craft, time, people.get(a), people.get(b));
                if (both.isPresent()) {
                    modes.add(new Mode(List.of(a, b), Layout.ticks(both.get())));
                }
            }
        }
        if (modes.isEmpty()) {
            for (int one : able(craft)) {
                modes.add(new Mode(List.of(one), Layout.ticks(paced(time, people.get(one)))));
            }
        }
        return modes;
    }

    private static Duration paced(Duration time, Person person) {
        return Duration.ofMillis(Math.round(time.toMillis() * person.pace() / 100));
    }

    /** How long two take together: side by side where both do everything, else one rolls and the other fills and folds. */
    static Optional<Duration> inStep(Craft craft, Duration time, Person one, Person other) {
        boolean first = one.does().containsAll(craft.skills());
        boolean second = other.does().containsAll(craft.skills());
        double a = paced(time, one).toMillis();
        double b = paced(time, other).toMillis();
        if (first && second) {
            return Optional.of(Duration.ofMillis(Math.round(a * b / (a + b))));
        }
        if (craft != Craft.SHAPING) {
            return Optional.empty();
        }
        double best = Double.POSITIVE_INFINITY;
        if (one.does(Skill.ROLL) && other.does(Skill.FOLD)) {
            best = Math.max(ROLLING * a, (1 - ROLLING) * b);
        }
        if (other.does(Skill.ROLL) && one.does(Skill.FOLD)) {
            best = Math.min(best, Math.max(ROLLING * b, (1 - ROLLING) * a));
        }
        return best == Double.POSITIVE_INFINITY ? Optional.empty() : Optional.of(Duration.ofMillis(Math.round(best)));
    }
}
