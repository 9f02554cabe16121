package ironpin.dough;

import ironpin.quantity.Band;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Kneading and resting as steps. Minutes are those of practice: 8 to 10 at once; or 1 to 2, a rest of 8 to 10 and ten
 * folds; or 3 to 5 and a little more after each rest. The rests add up to the rest the cook wants; what is longer than a
 * family may stand in the room goes into the fridge.
 *
 * @param steps in order
 */
public record RestPlan(List<Step> steps) {
    private static final Duration FIRST_REST = Duration.ofMinutes(9);
    private static final Duration COLD_NEEDS_WARMING = Duration.ofMinutes(60);
    private static final Duration WARMING = Duration.ofMinutes(20);

    /** What a step is. */
    public enum Kind {
        KNEAD("knead"),
        FOLD("fold"),
        REST("rest"),
        FRIDGE("fridge"),
        WARM_UP("warm up");

        private final String label;

        Kind(String label) {
            this.label = label;
        }

        /** In a word. */
        public String label() {
            return label;
        }

        /** Whether hands or a machine are at it. */
        public boolean work() {
            return this == KNEAD || this == FOLD;
        }
    }

    /**
     * One step.
     *
     * @param kind what it is
     * @param band least and most minutes
     * @param time planned
     * @param text what to do
     * @param cue what to look for at its end
     */
    public record Step(Kind kind, Band<Duration> band, Duration time, String text, Optional<Cue> cue) {}

    public RestPlan {
        steps = List.copyOf(steps);
    }

    /**
     * The steps for a dough.
     *
     * @param rest all rests together, 0 or more
     */
    public static RestPlan of(DoughFamily family, Kneading kneading, Duration rest) {
        List<Step> steps = new ArrayList<>();
        switch (kneading.school()) {
            case LONG -> {
                steps.add(knead(8, 9, 10, "Knead without stopping.", Cue.SMOOTH));
                steps.addAll(standing(family, rest));
            }
            case SHORT_WITH_RESTS -> shortWithRests(family, rest, steps);
            case THREE_RESTS -> threeRests(rest, steps);
            case OVERNIGHT -> {
                steps.add(knead(3, 4, 5, "Knead until it holds together.", Cue.SMOOTH));
                steps.addAll(standing(family, rest));
            }
            case WORK_SMOOTH -> {
                steps.add(knead(2, 3, 4, "Press and turn until smooth.", Cue.SMOOTH));
                steps.addAll(standing(family, rest));
            }
        }
        return new RestPlan(steps);
    }

    private static void shortWithRests(DoughFamily family, Duration rest, List<Step> steps) {
        steps.add(knead(1, 2, 2, "Knead only until it is one lump.", null));
        Duration half = rest.dividedBy(2);
        Duration first = half.compareTo(FIRST_REST) < 0 ? half : FIRST_REST;
        if (!first.isZero()) {
            steps.add(step(Kind.REST, 8, first, 10, "Cover; rest does the work of kneading.", null));
        }
        steps.add(step(Kind.FOLD, 1, Duration.ofMinutes(1), 2, "Ten folds, a quarter turn each.", Cue.SMOOTH));
        steps.addAll(standing(family, rest.minus(first)));
    }

    private static void threeRests(Duration rest, List<Step> steps) {
        steps.add(knead(3, 4, 5, "Knead until it is even.", null));
        Duration third = Duration.ofMinutes(rest.toMinutes() / 3);
        Duration last = rest.minus(third.multipliedBy(2));
        for (int i = 1; i <= 3; i++) {
            Duration time = i < 3 ? third : last;
            if (!time.isZero()) {
                Cue cue = i == 3 ? Cue.ROLLS_OUT : Cue.SPRINGS_BACK;
                steps.add(step(Kind.REST, 10, time, 30, "Cover; rest " + i + " of 3.", cue));
            }
            if (i < 3) {
                steps.add(knead(1, 2, 3, "Knead a little, and no more.", Cue.SMOOTH));
            }
        }
    }

    /** A rest in the room; if that is longer than the family may stand there, most of it in the fridge. */
    private static List<Step> standing(DoughFamily family, Duration rest) {
        if (rest.isZero()) {
            return List.of();
        }
        Band<Duration> room = family.rest();
        if (rest.compareTo(room.high()) <= 0) {
            return List.of(new Step(Kind.REST, room, rest, "Cover and rest.", Optional.of(rested(family))));
        }
        Duration cold = rest.minus(room.low());
        boolean warm = cold.compareTo(COLD_NEEDS_WARMING) > 0;
        List<Step> steps = new ArrayList<>();
        if (!room.low().isZero()) {
            steps.add(new Step(
                    Kind.REST,
                    room,
                    room.low(),
                    "Cover; first in the room.",
                    family.wheat() ? Optional.of(Cue.SPRINGS_BACK) : Optional.empty()));
        }
        Duration fridge = warm ? cold.minus(WARMING) : cold;
        Band<Duration> band = new Band<>(Duration.ZERO, Duration.ofHours(24));
        Optional<Cue> end = warm ? Optional.empty() : Optional.of(rested(family));
        steps.add(new Step(Kind.FRIDGE, band, fridge, "Into the fridge, wrapped.", end));
        if (warm) {
            steps.add(step(Kind.WARM_UP, 15, WARMING, 30, "Out of the fridge, still wrapped.", rested(family)));
        }
        return steps;
    }

    /** Only gluten shrinks back and relaxes; other flours drink. */
    private static Cue rested(DoughFamily family) {
        return family.wheat() ? Cue.ROLLS_OUT : Cue.EDGE_HOLDS;
    }

    private static Step knead(int least, int usual, int most, String text, Cue cue) {
        return step(Kind.KNEAD, least, Duration.ofMinutes(usual), most, text, cue);
    }

    private static Step step(Kind kind, int least, Duration time, int most, String text, Cue cue) {
        Band<Duration> band = new Band<>(Duration.ofMinutes(least), Duration.ofMinutes(most));
        return new Step(kind, band, time, text, Optional.ofNullable(cue));
    }

    /** Whether part of it is cold. */
    public boolean cold() {
        return steps.stream().anyMatch(step -> step.kind() == Kind.FRIDGE);
    }

    /** All rests together, in the room and in the fridge. */
    public Duration resting() {
        return total(false);
    }

    /** All work together. */
    public Duration working() {
        return total(true);
    }

    private Duration total(boolean work) {
        return steps.stream()
                .filter(step -> step.kind().work() == work)
                .map(Step::time)
                .reduce(Duration.ZERO, Duration::plus);
    }
}
