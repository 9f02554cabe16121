package ironpin.amount;

import ironpin.pantry.Food;
import ironpin.quantity.CupStandard;
import ironpin.quantity.Decimal;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/** How an amount is told back: in one form, with what was assumed, and how else it may have been meant. */
final class Retold {
    private static final double WORTH_A_WORD_G = 2;

    private final MeasuredThing thing;
    private final PartGrams grams;

    Retold(MeasuredThing thing, PartGrams grams) {
        this.thing = thing;
        this.grams = grams;
    }

    String said(List<Part> parts) {
        StringBuilder out = new StringBuilder();
        for (Part part : parts) {
            out.append(out.length() == 0 ? "" : part.sign() < 0 ? " minus " : " + ")
                    .append(said(part));
        }
        return out.toString();
    }

    private String said(Part part) {
        StringBuilder out = new StringBuilder(part.about() ? "about " : "");
        out.append(Numbers.written(part.low()));
        if (part.high() > part.low()) {
            out.append('–').append(Numbers.written(part.high()));
        }
        part.size().ifPresent(size -> out.append(' ').append(size.word()));
        part.fill().ifPresent(fill -> out.append(' ').append(fill.word()));
        if (part.unit() == KitchenUnit.CUP || part.cups().isPresent()) {
            out.append(' ').append(thing.standard(part).label());
        }
        boolean one = part.high() <= 1 && part.low() == part.high();
        String unit = part.counted()
                ? part.word().orElse("")
                : one ? part.unit().one() : part.unit().written();
        return out.append(unit.isEmpty() ? "" : " " + unit).toString();
    }

    /** Whether the mass rests on a guess. */
    boolean guessed(List<Part> parts) {
        boolean volume = parts.stream().anyMatch(part -> part.unit().kind().filled());
        boolean ofItsKind =
                thing.of().filter(food -> food.measure().usualOfItsKind()).isPresent();
        boolean hand = Part.byHand(parts);
        // A pinch is a pinch.
        boolean matters = grams.of(parts).usual() >= WORTH_A_WORD_G;
        boolean nameGuessed = !thing.read().known() && thing.read().food().isPresent();
        return volume && matters && (ofItsKind || hand) || nameGuessed && !Part.plainMass(parts);
    }

    /** What was assumed, in a sentence; empty for a plain mass. */
    String assumption(List<Part> parts) {
        List<String> assumed = new ArrayList<>();
        for (Part part : parts) {
            switch (part.unit().kind()) {
                case NATIONAL -> {
                    double ml = part.unit().millilitres(thing.standard(part));
                    if (part.unit() != KitchenUnit.TABLESPOON || ml != CupStandard.US.tablespoon()) {
                        assumed.add(thing.standard(part).label() + " "
                                + (part.unit() == KitchenUnit.FLUID_OUNCE
                                        ? "fluid ounces"
                                        : part.unit() == KitchenUnit.TABLESPOON
                                                ? "tablespoons"
                                                : part.unit().written())
                                + " of " + Decimal.trimmed(ml, 1) + " ml");
                    }
                }
                case ROUGH ->
                    assumed.add("a " + part.unit().one() + " of about "
                            + (grams.handful(part)
                                    .map(one -> one.usual() + " g")
                                    .orElse(Decimal.trimmed(part.unit().size(), 2) + " ml")));
                case KNOB -> assumed.add("a knob of usual size");
                case PIECE ->
                    assumed.add(part.size().map(size -> size.word() + " ones").orElse("middling ones"));
                case LENGTH -> assumed.add("a root of usual thickness");
                case MASS, VOLUME -> {}
            }
            if (part.high() > part.low()) {
                assumed.add("the middle of the range");
            }
        }
        boolean poured = parts.stream()
                .anyMatch(part ->
                        part.unit().kind().filled() && grams.handful(part).isEmpty());
        if (poured && thing.of().isPresent()) {
            Food food = thing.of().get();
            assumed.add((thing.read().known() ? food.label() : "if it is " + food.label() + ",")
                    + (food.measure().scooped().isPresent() && thing.way() == Way.UNSAID ? " spooned in" : "")
                    + " at " + Decimal.trimmed(grams.density(food).usual(), 2) + " g/ml");
        }
        return assumed.isEmpty()
                ? ""
                : "Taken as " + String.join(", ", assumed.stream().distinct().toList()) + " (est.).";
    }

    /** What else it may have meant: another country's cup, another way into the cup, another size. */
    List<String> alternatives(List<Part> parts) {
        Part part = parts.get(0);
        if (parts.size() > 1 || thing.of().isEmpty()) {
            return List.of();
        }
        List<String> others = new ArrayList<>();
        if (thing.of().get().measure().scooped().isPresent()
                && part.unit().kind().filled()) {
            Way other = thing.way() == Way.SCOOPED ? Way.SPOONED : Way.SCOOPED;
            others.add(said(part) + " " + thing.bare() + ", " + other.word());
        }
        if (part.unit() == KitchenUnit.CUP) {
            Arrays.stream(CupStandard.values())
                    .filter(one -> one.millilitres() != thing.standard(part).millilitres())
                    .filter(one -> one != CupStandard.AUSTRALIAN)
                    .forEach(one -> others.add(said(part.withCups(one)) + thing.named()));
        }
        if (part.counted() && part.word().isEmpty()) {
            Arrays.stream(Part.PieceSize.values())
                    .filter(size -> size != part.size().orElse(Part.PieceSize.MEDIUM))
                    .forEach(size -> others.add(said(part.withSize(size)) + thing.named()));
        }
        return others;
    }
}
