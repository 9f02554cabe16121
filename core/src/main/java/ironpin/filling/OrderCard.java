package ironpin.filling;

import ironpin.household.Household;
import ironpin.pantry.Food;
import ironpin.quantity.Mass;
import ironpin.quantity.Quantity;
import ironpin.quantity.Sentence;
import ironpin.wording.Name;
import java.time.Duration;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;

/**
 * The order of adding. Vegetables that weep, what steeps, browns or melts come first; then salt and liquid, so that the meat
 * binds; oil and vegetables last, because oil blocks the binding and vegetables would be crushed; set stock at the very end,
 * cold and in cubes. Minutes are those of practice for a pan or bowl of {@value #ONE_BOWL_GRAMS} g and grow with the square
 * root of the mass. They are the clock's minutes.
 *
 * @param steps in order; every line is weighed in exactly one {@link Kind#MIX} step
 */
public record OrderCard(List<Step> steps) {
    private static final Set<Food.Role> MEATS = EnumSet.of(Food.Role.MEAT, Food.Role.FAT);
    private static final Set<Food.Role> SALTY = EnumSet.of(Food.Role.SALT, Food.Role.SEASONING);
    private static final Set<Food.Role> LIQUIDS = EnumSet.of(Food.Role.LIQUID, Food.Role.DAIRY);
    private static final Set<Food.Role> GREENS = EnumSet.of(Food.Role.VEGETABLE, Food.Role.STARCHY);
    private static final Set<Food.Role> FRUIT_AND_NUTS =
            EnumSet.of(Food.Role.VEGETABLE, Food.Role.STARCHY, Food.Role.NUT);
    private static final Set<Food.Role> OILS = EnumSet.of(Food.Role.OIL);
    private static final Set<Food.Role> BODY =
            EnumSet.of(Food.Role.SOY, Food.Role.EGG, Food.Role.CHEESE, Food.Role.SWEET);
    private static final Set<Food.Role> FLAVOUR =
            EnumSet.of(Food.Role.AROMATIC, Food.Role.BINDER, Food.Role.NUT, Food.Role.FLOUR);
    private static final double ONE_BOWL_GRAMS = 600;
    private static final Duration PATTY = Duration.ofMinutes(5);
    private static final Duration COOLS = Duration.ofMinutes(15);
    /** Cool enough that fat does not smear and dough does not soften. */
    private static final Sentence COLD_PASTE = Sentence.of("keep it under ", Quantity.celsius(12));

    private static final String COOLING = "cooling";
    private static final Sentence COOL = Sentence.of("under ", Quantity.celsius(25));

    /** What a step is. */
    public enum Kind {
        /** Done to one line before anything is mixed. */
        PREPARE,
        /** Weighed into the bowl. */
        MIX,
        /** A patty, fried and tasted. */
        TASTE
    }

    /**
     * Something weighed.
     *
     * @param name what
     * @param mass of it
     */
    public record Weighed(String name, Mass mass) {}

    /**
     * A step.
     *
     * @param kind what it is
     * @param subject the line that something is done to first; empty for what is mixed
     * @param text what to do
     * @param lines what is weighed for it, in this order; raw and estimated where it is prepared
     * @param hands about how long the hands take
     * @param waits about how long it then gets on by itself
     * @param meanwhile what happens then, in a word or two; empty if nothing does
     * @param finish what is done after that; may be empty
     * @param after about how long that takes
     * @param cue what to look for; may be empty
     * @param done what is done to it before it is mixed; nothing where it is only weighed
     */
    public record Step(
            Kind kind,
            String subject,
            String text,
            List<Weighed> lines,
            Duration hands,
            Duration waits,
            String meanwhile,
            String finish,
            Duration after,
            Sentence cue,
            Optional<Treatment> done) {
        public Step {
            lines = List.copyOf(lines);
        }

        /** Whether it may be done the day before, kept cold. */
        public boolean dayBefore() {
            return done.filter(Treatment::keeps).isPresent();
        }

        /** Whether what comes of it should be wrapped soon. */
        public boolean weeps() {
            return done.equals(Optional.of(Treatment.SALT));
        }

        /** Whether it is done before the bowl: what is cooked dry has its pan and its cooling. */
        public boolean first() {
            return done.isPresent();
        }

        /** Hands and waiting together. */
        public Duration time() {
            return hands.plus(waits).plus(after);
        }

        /** As one line of text, its masses in it. */
        public Sentence said() {
            Sentence weighed =
                    Sentence.join(", ", lines.stream().map(OrderCard::said).toList());
            return Sentence.of(
                    text,
                    lines.isEmpty() ? "" : " ",
                    weighed,
                    ".",
                    finish.isEmpty() ? "" : Sentence.of(" ", finish, "."));
        }
    }

    public OrderCard {
        steps = List.copyOf(steps);
    }

    /** A mass with its name; as a scale is asked for it. */
    public static Sentence said(Weighed one) {
        return Sentence.of(Household.weighed(one.name(), one.mass()), " ", one.name());
    }

    /** All minutes of the hands. */
    public Duration hands() {
        return sum(step -> true);
    }

    /** Minutes of the hands for mixing alone, the patty with it. */
    public Duration mixing() {
        return sum(step -> step.kind() != Kind.PREPARE);
    }

    private Duration sum(Predicate<Step> which) {
        return steps.stream()
                .filter(which)
                .map(step -> step.hands().plus(step.after()))
                .reduce(Duration.ZERO, Duration::plus);
    }

    /** The card for so much of a filling. @param patty fried and tasted; nothing for none @param need of what is raw */
    public static OrderCard of(FillingFormula formula, Mass made, MixSchool school, Mass patty, RawNeed need) {
        Card card = new Card(formula, formula.masses(made), need);
        card.prepare(school);
        switch (school) {
            case ONE_DIRECTION -> {
                card.mix(MEATS, SALTY, "Stir one way:", 2, Sentence.of("even, the salt dissolved"));
                card.mix(
                        LIQUIDS,
                        Set.of(),
                        "A spoon at a time, always the same way:",
                        6,
                        Sentence.of("sticky, pulls threads on the bowl; ", COLD_PASTE));
                card.mix(FLAVOUR, BODY, "Stir in:", 1, Sentence.EMPTY);
                card.mix(GREENS, Set.of(), "Fold in:", 1, Sentence.of("just mixed, not crushed"));
                card.mix(OILS, Set.of(), "Last, because oil blocks the binding:", 1, Sentence.of("glossy"));
            }
            case GENTLE -> {
                card.mix(MEATS, BODY, "Loosen with a fork:", 1, Sentence.EMPTY);
                card.mix(SALTY, LIQUIDS, "Sprinkle over:", 1, Sentence.EMPTY);
                card.mix(FLAVOUR, GREENS, "Lift under with a fork:", 2, Sentence.of("loose, not a paste"));
                card.mix(OILS, Set.of(), "Last:", 1, Sentence.EMPTY);
            }
            case COOKED -> {
                card.cookDry();
                card.mix(BODY, MEATS, "Break in:", 2, Sentence.of("no lump larger than half the finished thickness"));
                card.mix(GREENS, Set.of(), "Fold in:", 1, Sentence.EMPTY);
                card.mix(FLAVOUR, LIQUIDS, "Season with:", 1, Sentence.EMPTY);
                card.mix(SALTY, OILS, "Salt and finish with:", 1, Sentence.of("holds a ball"));
            }
            case SWEET -> {
                card.mix(FRUIT_AND_NUTS, BODY, "Mix:", 2, Sentence.EMPTY);
                card.mix(FLAVOUR, SALTY, "Stir in:", 1, Sentence.EMPTY);
                card.mix(OILS, LIQUIDS, "Bind with:", 1, Sentence.of("holds a ball"));
            }
        }
        card.others();
        card.cubes();
        card.taste(patty);
        return new OrderCard(card.steps);
    }

    /** Collects lines by what they do; every line ends up in exactly one mixing step. */
    private static final class Card {
        private final List<FillingLine> lines;
        private final List<Mass> masses;
        private final boolean[] placed;
        private final RawNeed need;
        private final List<Step> steps = new ArrayList<>();

        Card(FillingFormula formula, List<Mass> masses, RawNeed need) {
            this.need = need;
            this.lines = formula.lines();
            this.masses = masses;
            this.placed = new boolean[masses.size()];
        }

        private Optional<Treatment> treatment(int i, MixSchool school) {
            Spoken spoken = lines.get(i).spoken();
            // Solid fat binds a sweet filling melted.
            boolean solid = spoken.is(Food.Role.OIL)
                    && Set.of("butter", "butter-salted", "ghee", "lard", "shortening", "margarine")
                            .contains(spoken.food().orElseThrow().key());
            return school == MixSchool.SWEET && solid ? Optional.of(Treatment.MELT) : spoken.done();
        }

        void prepare(MixSchool school) {
            for (int i = 0; i < lines.size(); i++) {
                int line = i;
                treatment(i, school).filter(done -> !done.sets()).ifPresent(done -> steps.add(prepared(line, done)));
            }
        }

        private Step prepared(int i, Treatment done) {
            Food food = lines.get(i).spoken().food().orElseThrow();
            Mass raw = need.raw(food, done, masses.get(i));
            String name = lines.get(i).bare();
            boolean changes = done.left(food).low().percent() != 100;
            return new Step(
                    Kind.PREPARE,
                    name,
                    changes ? raised(name) + ": " + Name.within(done.how()) + "; take about" : done.how() + ":",
                    List.of(new Weighed(changes ? what(food) : name, raw)),
                    grown(done.before(), raw),
                    done.waits(),
                    done.meanwhile(),
                    done.finish(),
                    grown(done.after(), raw),
                    Sentence.EMPTY,
                    Optional.of(done));
        }

        private static String what(Food food) {
            boolean liquid = food.role() == Food.Role.LIQUID || food.role() == Food.Role.OIL;
            return liquid ? "of the liquid (est.)" : "raw (est.)";
        }

        void mix(Set<Food.Role> first, Set<Food.Role> then, String how, int minutes, Sentence cue) {
            mix(first, then, how, Duration.ofMinutes(minutes), Duration.ZERO, cue, Optional.empty(), i -> true);
        }

        private void mix(
                Set<Food.Role> first,
                Set<Food.Role> then,
                String how,
                Duration hands,
                Duration waits,
                Sentence cue,
                Optional<Treatment> done,
                Predicate<Integer> which) {
            List<Weighed> weighed = new ArrayList<>();
            collect(first, which, weighed);
            collect(then, which, weighed);
            if (!weighed.isEmpty()) {
                add(how, weighed, hands, waits, cue, done);
            }
        }

        private void collect(Set<Food.Role> wanted, Predicate<Integer> which, List<Weighed> weighed) {
            for (int i = 0; i < lines.size(); i++) {
                Spoken spoken = lines.get(i).spoken();
                boolean cubes = spoken.done().filter(Treatment::sets).isPresent();
                boolean here = spoken.food()
                        .filter(food -> wanted.contains(food.role()))
                        .isPresent();
                if (!placed[i] && here && !cubes && which.test(i)) {
                    placed[i] = true;
                    weighed.add(weighed(i));
                }
            }
        }

        /** Vegetables that nothing was done to are cooked in the fat of the filling; what finishes it stays out. */
        void cookDry() {
            boolean raw = false;
            for (int i = 0; i < lines.size(); i++) {
                raw |= rawGreen(i);
            }
            if (raw) {
                mix(
                        GREENS,
                        OILS,
                        "Cook dry:",
                        Duration.ofMinutes(10),
                        COOLS,
                        Sentence.of("no water runs when pressed; then spread out to cool, ", COOL),
                        Optional.of(Treatment.SAUTE),
                        i -> rawGreen(i) || fryingFat(i));
            }
        }

        private boolean rawGreen(int i) {
            Spoken spoken = lines.get(i).spoken();
            boolean green =
                    spoken.food().filter(food -> GREENS.contains(food.role())).isPresent();
            return green && spoken.done().isEmpty() && !readyToEat(spoken);
        }

        /** Pulses, grains and pickles come cooked or ready. */
        private static boolean readyToEat(Spoken spoken) {
            Food food = spoken.food().orElseThrow();
            boolean grown = food.key().equals("potato") || food.key().equals("sweet-potato");
            return food.role() == Food.Role.STARCHY && !grown || food.saltOpen();
        }

        private boolean fryingFat(int i) {
            Spoken spoken = lines.get(i).spoken();
            return spoken.is(Food.Role.OIL)
                    && !Set.of("oil-sesame", "oil-chilli", "oil-nut", "oil-infused")
                            .contains(spoken.food().orElseThrow().key());
        }

        void others() {
            List<Weighed> weighed = new ArrayList<>();
            for (int i = 0; i < lines.size(); i++) {
                boolean cubes =
                        lines.get(i).spoken().done().filter(Treatment::sets).isPresent();
                if (!placed[i] && !cubes) {
                    placed[i] = true;
                    weighed.add(weighed(i));
                }
            }
            if (!weighed.isEmpty()) {
                add("And:", weighed, Duration.ofMinutes(1), Duration.ZERO, Sentence.EMPTY, Optional.empty());
            }
        }

        void cubes() {
            List<Weighed> weighed = new ArrayList<>();
            for (int i = 0; i < lines.size(); i++) {
                if (!placed[i]) {
                    weighed.add(weighed(i));
                }
            }
            if (!weighed.isEmpty()) {
                add(
                        "Last of all, cold, cut into small cubes and folded in, never stirred, so that they stay whole:",
                        weighed,
                        Treatment.SET.after(),
                        Duration.ZERO,
                        Sentence.EMPTY,
                        Optional.empty());
            }
        }

        void taste(Mass patty) {
            if (!patty.isZero()) {
                steps.add(new Step(
                        Kind.TASTE,
                        "",
                        "Fry a patty and taste that, never the raw filling:",
                        List.of(new Weighed("of the filling", patty)),
                        PATTY,
                        Duration.ZERO,
                        "",
                        "",
                        Duration.ZERO,
                        Sentence.EMPTY,
                        Optional.empty()));
            }
        }

        private void add(
                String how,
                List<Weighed> weighed,
                Duration hands,
                Duration waits,
                Sentence cue,
                Optional<Treatment> done) {
            Mass all = weighed.stream().map(Weighed::mass).reduce(Mass.ZERO, Mass::plus);
            steps.add(new Step(
                    Kind.MIX,
                    "",
                    how,
                    weighed,
                    grown(hands, all),
                    waits,
                    waits.isZero() ? "" : COOLING,
                    "",
                    Duration.ZERO,
                    cue,
                    done));
        }

        private Weighed weighed(int i) {
            return new Weighed(lines.get(i).bare(), masses.get(i));
        }

        private static Duration grown(Duration minutes, Mass mass) {
            double times = Math.max(1, Math.sqrt(mass.grams() / ONE_BOWL_GRAMS));
            return Duration.ofMinutes(Math.round(minutes.toMinutes() * times));
        }

        private static String raised(String text) {
            return Character.toUpperCase(text.charAt(0)) + text.substring(1);
        }
    }
}
