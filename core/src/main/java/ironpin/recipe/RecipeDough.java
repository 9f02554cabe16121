package ironpin.recipe;

import ironpin.allergen.AllergenLines;
import ironpin.dough.DoughAddition;
import ironpin.dough.DoughBand;
import ironpin.dough.DoughFamily;
import ironpin.dough.DoughFormula;
import ironpin.dough.DoughLine;
import ironpin.pantry.Allergen;
import ironpin.pantry.Flour;
import ironpin.pantry.FlourKind;
import ironpin.quantity.Band;
import ironpin.quantity.Percentage;
import ironpin.quantity.Spread;
import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * A dough of a recipe, weighed up from the lines of it that were read.
 *
 * @param group which of several, 1 or more
 * @param name its heading, or "Dough"
 * @param lines that make it
 * @param flours grams of each, above 0 in all
 * @param additions grams of the rest
 * @param said what an addition is called, where that is more than its usual name
 * @param waterC temperature of its water, as far as the recipe says
 */
public record RecipeDough(
        int group,
        String name,
        List<RecipeLine> lines,
        Map<Flour, Spread> flours,
        Map<DoughAddition, Spread> additions,
        Map<DoughAddition, String> said,
        Optional<Double> waterC) {
    private static final double MOSTLY = 0.5;
    private static final double EGG_PERCENT = 8;
    private static final double SOURED_PERCENT = 5;
    private static final double FULL_SCALD_PERCENT = 57.5;
    private static final double SCALDS_C = 72;
    private static final double WARMS_C = 37;

    /** Share of all water from which the boiling one makes the dough. */
    private static final double FIRST_POURED = 0.7;

    public RecipeDough {
        lines = List.copyOf(lines);
        flours = Map.copyOf(flours);
        additions = Map.copyOf(additions);
        said = Map.copyOf(said);
    }

    /** The dough these lines make; none without flour that was read. */
    static Optional<RecipeDough> of(int group, List<RecipeLine> lines, Optional<Double> waterSaid) {
        Map<Flour, Spread> flours = new LinkedHashMap<>();
        Map<DoughAddition, Spread> additions = new EnumMap<>(DoughAddition.class);
        Map<DoughAddition, String> said = new EnumMap<>(DoughAddition.class);
        Map<Double, Double> waters = new LinkedHashMap<>();
        for (RecipeLine line : lines) {
            Optional<Spread> grams = line.grams();
            if (grams.isEmpty() || line.meaning().isEmpty()) {
                continue;
            }
            if (line.meaning().get() instanceof Meaning.OfFlour of) {
                flours.merge(of.flour(), grams.get(), Spread::plus);
            } else if (line.meaning().get() instanceof Meaning.OfAddition of) {
                additions.merge(of.addition(), grams.get(), Spread::plus);
                if (line.food()
                        .food()
                        .filter(food -> !food.equals(of.addition().food()))
                        .isPresent()) {
                    said.put(of.addition(), line.food().food().get().label());
                }
                Optional<Double> celsius =
                        of.addition() == DoughAddition.WATER ? WaterHint.ofLine(line.text()) : Optional.empty();
                celsius.ifPresent(one -> waters.merge(one, grams.get().usual(), Double::sum));
            }
        }
        if (flours.isEmpty()) {
            return Optional.empty();
        }
        return Optional.of(new RecipeDough(
                group,
                RecipeLine.named(lines.get(0).heading(), Place.Part.DOUGH, "Dough"),
                lines,
                flours,
                additions,
                said,
                waters.isEmpty() ? waterSaid : Optional.of(poured(waters))));
    }

    /**
     * How hot its water meets the flour, °C: where boiling water is poured on first and a little cold follows, the boiling one has
     * scalded the starch before; else they meet mixed.
     *
     * @param waters grams by temperature
     */
    private static double poured(Map<Double, Double> waters) {
        double all = waters.values().stream().mapToDouble(one -> one).sum();
        double hottest = Collections.max(waters.keySet());
        if (hottest >= SCALDS_C && waters.get(hottest) >= FIRST_POURED * all) {
            return hottest;
        }
        return waters.entrySet().stream()
                        .mapToDouble(one -> one.getKey() * one.getValue())
                        .sum()
                / all;
    }

    /** Lines that keep its mass from being known. */
    public List<RecipeLine> open() {
        double whole = mass().usual();
        return lines.stream().filter(line -> line.opensMass(whole)).toList();
    }

    /** Lines that keep its hydration from being known: not read, or guessed, and not only salt. */
    public List<RecipeLine> openWater() {
        List<RecipeLine> open = new ArrayList<>(open());
        lines.stream()
                .filter(line -> line.status() == RecipeLine.Status.OUTSIDE
                        && line.place().part() == Place.Part.DOUGH
                        && line.meaning().orElse(null) instanceof Meaning.OfAddition of
                        && of.addition().waterShare() > 0)
                .forEach(open::add);
        return open;
    }

    /** Effective hydration it is at home in, by its family and what it is made of. */
    Band<Percentage> band() {
        double wheatStarch = flours.entrySet().stream()
                .filter(one -> DoughBand.isWheatStarch(one.getKey()))
                .mapToDouble(one -> one.getValue().usual())
                .sum();
        boolean poured = additions.entrySet().stream()
                .anyMatch(one -> one.getValue().usual() > 0 && one.getKey().isPoured());
        return DoughBand.of(family(), poured, wheatStarch / flour().usual());
    }

    /** All flour in grams. */
    public Spread flour() {
        return flours.values().stream().reduce(Spread::plus).orElseThrow();
    }

    /** All of it in grams. */
    public Spread mass() {
        return additions.values().stream().reduce(flour(), Spread::plus);
    }

    /** Water of every line in grams. */
    private Spread wetting() {
        Spread sum = Spread.of(0);
        for (Map.Entry<DoughAddition, Spread> one : additions.entrySet()) {
            if (one.getKey().waterShare() > 0) {
                sum = sum.plus(one.getValue().times(one.getKey().waterShare()));
            }
        }
        return sum;
    }

    /** Whether the recipe measures anything that wets it. */
    public boolean wet() {
        return wetting().usual() > 0;
    }

    /** Effective hydration in percent, with the range that its cups and spoons leave open. */
    public Spread hydration() {
        Spread wet = wetting();
        Spread dry = flour();
        return new Spread(100 * wet.low() / dry.high(), 100 * wet.usual() / dry.usual(), 100 * wet.high() / dry.low());
    }

    /** One line's share of the flour in percent. */
    public double percent(DoughAddition addition) {
        return additions.containsKey(addition) ? 100 * additions.get(addition).usual() / flour().usual() : 0;
    }

    /** The family it reads like: by its flour first, then by what else is in it, then by its water. */
    public DoughFamily family() {
        if (mostly(FlourKind.MAIZE)) {
            return DoughFamily.MAIZE;
        }
        boolean hot = waterC.orElse(WaterHint.ROOM_C) >= SCALDS_C;
        if (mostly(FlourKind.STARCH) || hot && !glutinous()) {
            return DoughFamily.CLEAR_STARCH;
        }
        if (mostly(FlourKind.WHOLEMEAL)) {
            return DoughFamily.WHOLEMEAL;
        }
        if (percent(DoughAddition.SOURED_CREAM) + percent(DoughAddition.YOGHURT) >= SOURED_PERCENT) {
            return DoughFamily.SOFT_ENRICHED;
        }
        double water = waterC.orElse(WaterHint.ROOM_C);
        double egg = percent(DoughAddition.EGG) + percent(DoughAddition.YOLK) + percent(DoughAddition.EGG_WHITE);
        if (egg >= EGG_PERCENT && water < SCALDS_C) {
            return DoughFamily.EGG;
        }
        if (water >= SCALDS_C) {
            return hydration().usual() > FULL_SCALD_PERCENT ? DoughFamily.FULL_SCALD : DoughFamily.PART_SCALDED;
        }
        return water >= WARMS_C ? DoughFamily.WARM_WATER : DoughFamily.COLD_WATER;
    }

    /** Whether most of its flour has gluten: what has none is held together by its scalded starch. */
    private boolean glutinous() {
        double grams = flours.entrySet().stream()
                .filter(one -> AllergenLines.of(one.getKey()).sure().contains(Allergen.GLUTEN))
                .mapToDouble(one -> one.getValue().usual())
                .sum();
        return grams > MOSTLY * flour().usual();
    }

    private boolean mostly(FlourKind kind) {
        double of = flours.entrySet().stream()
                .filter(one -> one.getKey().kind() == kind)
                .mapToDouble(one -> one.getValue().usual())
                .sum();
        return of > MOSTLY * flour().usual();
    }

    /** The same dough in baker's percentages, each within what a dough of these families can have. */
    DoughFormula formula() {
        List<DoughLine> formula = new ArrayList<>();
        formula.add(new DoughLine(
                DoughAddition.WATER, share(DoughAddition.WATER), said.getOrDefault(DoughAddition.WATER, "")));
        for (DoughAddition addition : DoughAddition.values()) {
            if (addition != DoughAddition.WATER && percent(addition) > 0) {
                formula.add(new DoughLine(addition, share(addition), said.getOrDefault(addition, "")));
            }
        }
        return new DoughFormula(formula);
    }

    private Percentage share(DoughAddition addition) {
        return Percentage.of(Math.min(addition.most(), percent(addition)));
    }
}
