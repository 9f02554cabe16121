package ironpin.recipe;

import ironpin.amount.AmountReader;
import ironpin.quantity.CupStandard;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Understands a written recipe, with what the cook corrected in it. */
public final class RecipeReader {
    private final CupStandard cups;

    /** @param cups whose cups, spoons and pints are meant where a line does not say */
    public RecipeReader(CupStandard cups) {
        this.cups = cups;
    }

    /** Reads it as it stands. */
    public ReadRecipe read(WrittenRecipe written) {
        return read(written, Corrections.NONE);
    }

    /** Reads it with what was corrected. */
    public ReadRecipe read(WrittenRecipe written, Corrections corrections) {
        AmountReader amounts = new AmountReader(cups, written.legend());
        List<RecipeLine> lines = new LineSorter(amounts).sort(written.lines(), corrections.lines());
        RecipeHints hints = corrections.apply(RecipeHints.of(written, lines, amounts));
        List<RecipeDough> doughs = new ArrayList<>();
        List<RecipeFilling> fillings = new ArrayList<>();
        for (int group = 1; group <= Place.MOST_GROUPS; group++) {
            RecipeDough.of(group, in(lines, Place.Part.DOUGH, group), hints.waterC())
                    .ifPresent(doughs::add);
            RecipeFilling.of(group, in(lines, Place.Part.FILLING, group)).ifPresent(fillings::add);
        }
        return new ReadRecipe(written, RecipeYield.read(written.yield()), hints, lines, doughs, fillings);
    }

    /** What is divided counts in half wherever the same thing is named; salt goes to dough and filling alike. */
    private static List<RecipeLine> in(List<RecipeLine> lines, Place.Part part, int group) {
        List<RecipeLine> found = new ArrayList<>(lines.stream()
                .filter(line -> line.place().equals(new Place(part, group)))
                .toList());
        Place.Part other = part == Place.Part.DOUGH ? Place.Part.FILLING : Place.Part.DOUGH;
        if (group == 1 && !found.isEmpty()) {
            lines.stream()
                    .filter(line -> line.share() < 1 && line.place().equals(new Place(other, 1)))
                    .map(line -> at(line, new Place(part, group)))
                    .flatMap(Optional::stream)
                    .forEach(found::add);
        }
        return found;
    }

    private static Optional<RecipeLine> at(RecipeLine line, Place place) {
        Optional<Meaning> meaning = Meaning.at(place, line.food());
        return meaning.isEmpty() ? Optional.empty() : Optional.of(line.at(place, meaning));
    }
}
