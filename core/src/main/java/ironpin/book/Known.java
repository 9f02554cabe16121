package ironpin.book;

import ironpin.quantity.Belief;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;

/**
 * A number that this kitchen has learned, with everything that taught it.
 *
 * @param kind what it is of
 * @param of which flour, vegetable, fold, way of cooking, work or person
 * @param before what was thought before anything was seen
 * @param lessons in their order
 */
public record Known(Kind kind, String of, Belief before, List<Lesson> lessons) {
    /** Of fewer lessons nobody can say which is odd. */
    private static final int FEWEST = 4;

    /** Standard deviations of the others from their mean. */
    private static final double FAR = 3;

    /** What is learned. */
    public enum Kind {
        THIRST("How much more a flour drinks than its book", "points", 1, "in the water of every dough of it"),
        SALT(
                "How salty you like a filling",
                "%",
                2,
                "in the salt that a filling is judged by, and in what a patty adds"),
        SQUEEZED("What your squeeze leaves of a vegetable", "%", 0, "in how much of it is bought and cut"),
        FULLNESS(
                "How full you close a fold with ease", "% of its room", 0, "in what a fold holds, and in its warnings"),
        SECONDS("What a piece takes you", "s", 0, "in the minutes of every tray"),
        ROUNDS("How long your rounds take against the reckoning", "%", 0, "in every round of that kind"),
        MINUTES("How long work takes you against what is usual", "%", 0, "in the minutes of that work on the clock"),
        PERSON("How long somebody takes against the plan", "%", 0, "in the plan that is made again while it runs");

        private final String label;
        private final String unit;
        private final int decimals;
        private final String used;

        Kind(String label, String unit, int decimals, String used) {
            this.label = label;
            this.unit = unit;
            this.decimals = decimals;
            this.used = used;
        }

        /** As a heading. */
        public String label() {
            return label;
        }

        /** Of its numbers, the same in all units. */
        public String unit() {
            return unit;
        }

        /** Decimals of its numbers. */
        public int decimals() {
            return decimals;
        }

        /** Where it is used. */
        public String used() {
            return used;
        }
    }

    /**
     * Something that was seen.
     *
     * @param key by which it is forgotten, and minded again
     * @param batch where it was seen; nothing for what was said beside any batch
     * @param at when
     * @param seen in the kind's unit
     */
    public record Seen(String key, Optional<Long> batch, Instant at, double seen) {}

    /**
     * What was seen, and what was thought after it.
     *
     * @param of what was seen
     * @param forgotten whether it is left out of account
     * @param after belief after it and everything before it
     */
    public record Lesson(Seen of, boolean forgotten, Belief after) {}

    public Known {
        lessons = List.copyOf(lessons);
    }

    /**
     * Lessons in their order, some of which are left out of account.
     *
     * @param learned what all that are minded so far teach: asked with those up to each
     */
    public static <T> Known of(
            Kind kind,
            String of,
            Belief before,
            List<T> rows,
            Function<T, Seen> seen,
            Function<T, Boolean> forgotten,
            Function<List<T>, Belief> learned) {
        List<Lesson> lessons = new ArrayList<>();
        List<T> minded = new ArrayList<>();
        Belief now = before;
        for (T row : rows) {
            boolean out = forgotten.apply(row);
            if (!out) {
                minded.add(row);
                now = learned.apply(minded);
            }
            lessons.add(new Lesson(seen.apply(row), out, now));
        }
        return new Known(kind, of, before, lessons);
    }

    /** What is thought now. */
    public Belief now() {
        return lessons.isEmpty() ? before : lessons.get(lessons.size() - 1).after();
    }

    /** Lessons that are minded. */
    public long minded() {
        return lessons.stream().filter(lesson -> !lesson.forgotten()).count();
    }

    /** Whether something seen lies far from the others: further from their mean than {@value #FAR} times their scatter. */
    public boolean odd(Lesson lesson) {
        if (lessons.size() < FEWEST) {
            return false;
        }
        List<Double> others = lessons.stream()
                .filter(one -> one != lesson && !one.forgotten())
                .map(one -> one.of().seen())
                .toList();
        double mean = others.stream()
                .mapToDouble(Double::doubleValue)
                .average()
                .orElse(lesson.of().seen());
        double squares =
                others.stream().mapToDouble(one -> (one - mean) * (one - mean)).sum();
        double scatter = Math.sqrt(squares / Math.max(1, others.size() - 1));
        return others.size() >= FEWEST - 1
                && scatter > 0
                && Math.abs(lesson.of().seen() - mean) > FAR * scatter;
    }
}
