package ironpin.filling;

import ironpin.quantity.Mass;
import ironpin.quantity.Quoted;
import java.time.Duration;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.StringJoiner;

/**
 * The order of adding. Salt and liquid first, so that the meat binds; oil and vegetables last, because oil blocks the
 * binding and vegetables would be crushed. Minutes are those of practice.
 *
 * @param steps in order; those without lines are left out
 */
public record OrderCard(List<Step> steps) {
    private static final Set<Food.Role> MEATS = EnumSet.of(Food.Role.MEAT, Food.Role.FAT);
    private static final Set<Food.Role> SALTY = EnumSet.of(Food.Role.SALT, Food.Role.SEASONING);
    private static final Set<Food.Role> LIQUIDS = EnumSet.of(Food.Role.LIQUID);
    private static final Set<Food.Role> GREENS = EnumSet.of(Food.Role.VEGETABLE, Food.Role.STARCHY);
    private static final Set<Food.Role> OILS = EnumSet.of(Food.Role.OIL);
    private static final Set<Food.Role> BODY =
            EnumSet.of(Food.Role.SOY, Food.Role.EGG, Food.Role.CHEESE, Food.Role.SWEET);
    private static final Set<Food.Role> FLAVOUR = EnumSet.of(Food.Role.AROMATIC, Food.Role.BINDER);

    /**
     * A step.
     *
     * @param text what to add and how; masses are quoted
     * @param time about how long
     * @param cue what to look for; may be empty
     * @param dayBefore whether it may be done the day before, kept cold
     */
    public record Step(String text, Duration time, String cue, boolean dayBefore) {}

    public OrderCard {
        steps = List.copyOf(steps);
    }

    /** The card for so much of a filling. */
    public static OrderCard of(FillingFormula formula, Mass made, MixSchool school) {
        Card card = new Card(formula, formula.masses(made));
        switch (school) {
            case ONE_DIRECTION -> {
                card.treat();
                card.add(MEATS, SALTY, "Stir one way: ", 2, "even, the salt dissolved");
                card.add(
                        LIQUIDS,
                        Set.of(),
                        "A spoon at a time, always the same way: ",
                        6,
                        "sticky, pulls threads on the bowl; keep it under " + Quoted.temperature(12));
                card.add(FLAVOUR, BODY, "Stir in: ", 1, "");
                card.add(GREENS, Set.of(), "Fold in: ", 1, "just mixed, not crushed");
                card.add(OILS, Set.of(), "Last, because oil blocks the binding: ", 1, "glossy");
            }
            case GENTLE -> {
                card.treat();
                card.add(MEATS, BODY, "Loosen with a fork: ", 1, "");
                card.add(SALTY, LIQUIDS, "Sprinkle over: ", 1, "");
                card.add(FLAVOUR, GREENS, "Lift under with a fork: ", 2, "loose, not a paste");
                card.add(OILS, Set.of(), "Last: ", 1, "");
            }
            case COOKED -> {
                card.treat();
                card.add(GREENS, OILS, "Cook dry: ", 10, "no water runs when pressed", true);
                card.step("Spread out to cool.", 15, "under " + Quoted.temperature(25), true);
                card.add(BODY, MEATS, "Break in: ", 2, "no lump larger than half the finished thickness");
                card.add(FLAVOUR, LIQUIDS, "Season with: ", 1, "");
                card.add(SALTY, Set.of(), "Salt with: ", 1, "holds a ball");
            }
            case SWEET -> {
                card.add(GREENS, BODY, "Mix: ", 2, "");
                card.add(FLAVOUR, SALTY, "Season with: ", 1, "");
                card.add(OILS, LIQUIDS, "Bind with: ", 1, "holds a ball");
            }
        }
        card.others();
        return new OrderCard(card.steps);
    }

    /** Collects lines by what they do; every line ends up in exactly one step. */
    private static final class Card {
        private final FillingFormula formula;
        private final List<Mass> masses;
        private final boolean[] placed;
        private final List<Optional<Food.Role>> roles;
        private final List<Step> steps = new ArrayList<>();

        Card(FillingFormula formula, List<Mass> masses) {
            this.formula = formula;
            this.masses = masses;
            this.placed = new boolean[masses.size()];
            this.roles = formula.lines().stream()
                    .map(line -> Foods.named(line.ingredient()).map(Food::role))
                    .toList();
        }

        void treat() {
            for (int i = 0; i < masses.size(); i++) {
                FillingLine line = formula.lines().get(i);
                Optional<Treatment> treatment = Treatment.spokenOf(line.ingredient());
                boolean green = roles.get(i).filter(GREENS::contains).isPresent();
                if (green && treatment.isPresent()) {
                    boolean early = treatment.get() != Treatment.SALT;
                    step(bare(line) + ": " + treatment.get().how() + ".", 15, "", early);
                }
            }
        }

        void add(Set<Food.Role> first, Set<Food.Role> then, String how, int minutes, String cue) {
            add(first, then, how, minutes, cue, false);
        }

        void add(Set<Food.Role> first, Set<Food.Role> then, String how, int minutes, String cue, boolean early) {
            StringJoiner said = new StringJoiner(", ");
            collect(first, said);
            collect(then, said);
            if (said.length() > 0) {
                step(how + said + ".", minutes, cue, early);
            }
        }

        private void collect(Set<Food.Role> wanted, StringJoiner said) {
            for (int i = 0; i < masses.size(); i++) {
                if (!placed[i] && roles.get(i).filter(wanted::contains).isPresent()) {
                    placed[i] = true;
                    said.add(weighed(i));
                }
            }
        }

        void others() {
            StringJoiner said = new StringJoiner(", ");
            for (int i = 0; i < masses.size(); i++) {
                if (!placed[i]) {
                    said.add(weighed(i));
                }
            }
            if (said.length() > 0) {
                step("And: " + said + ".", 1, "", false);
            }
        }

        void step(String text, int minutes, String cue, boolean early) {
            steps.add(new Step(text, Duration.ofMinutes(minutes), cue, early));
        }

        private String weighed(int i) {
            double grams = masses.get(i).grams();
            return Quoted.mass(grams, grams < 50 ? 1 : 0) + " "
                    + bare(formula.lines().get(i));
        }

        private static String bare(FillingLine line) {
            return line.ingredient().replaceAll(",(?! \\d).*", "").strip();
        }
    }
}
