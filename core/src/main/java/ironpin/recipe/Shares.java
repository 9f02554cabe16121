package ironpin.recipe;

import ironpin.amount.Reading;
import ironpin.pantry.Food;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;

/** Weighs what is told as a share: of the flour of its dough, of the meat or of all else that is weighed in its filling. */
final class Shares {
    private final LineReader reader;
    private final List<LineReader.Read> lines;
    private final List<Place> places;

    Shares(LineReader reader, List<LineReader.Read> lines, List<Place> places) {
        this.reader = reader;
        this.lines = lines;
        this.places = places;
    }

    /** A line with its mass, where it is a share of what is weighed. */
    LineReader.Read weighed(int i) {
        LineReader.Read line = lines.get(i);
        if (line.share().isEmpty() || line.reading().isPresent()) {
            return line;
        }
        double whole = whole(line.share().get(), places.get(i));
        Optional<Reading> mass =
                whole > 0 ? reader.weighed(whole * line.share().get().percent() / 100, line.name()) : Optional.empty();
        return mass.map(line::weighed).orElse(line);
    }

    private double whole(LineReader.Share share, Place place) {
        boolean flour = share.of().equals("flour") || share.of().isEmpty() && place.part() == Place.Part.DOUGH;
        if (flour) {
            return grams(
                    place,
                    food -> food.role() == Food.Role.FLOUR || food.dough().startsWith("FLOUR:"));
        }
        boolean meat = share.of().equals("meat") || share.of().equals("mince");
        return grams(place, food -> !meat || food.role() == Food.Role.MEAT || food.role() == Food.Role.FAT);
    }

    private double grams(Place place, Predicate<Food> counted) {
        double grams = 0;
        for (int i = 0; i < lines.size(); i++) {
            boolean here = places.get(i).equals(place) && !lines.get(i).beside();
            if (here && lines.get(i).food().food().filter(counted).isPresent()) {
                grams += lines.get(i).reading().map(one -> one.mass().grams()).orElse(0.0);
            }
        }
        return grams;
    }
}
