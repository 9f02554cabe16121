package ironpin.recipe;

import ironpin.filling.FillingFormula;
import ironpin.filling.FillingKind;
import ironpin.filling.FillingLine;
import ironpin.filling.Spoken;
import ironpin.filling.Treatment;
import ironpin.pantry.Food;
import ironpin.quantity.Band;
import ironpin.quantity.Percentage;
import ironpin.quantity.Spread;
import ironpin.wording.Name;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/**
 * A filling of a recipe, weighed up from the lines of it that were read.
 *
 * @param group which of several, 1 or more
 * @param name its heading, or "Filling"
 * @param lines that make it
 * @param parts those with a mass, as they go in: vegetables after they are squeezed
 */
public record RecipeFilling(int group, String name, List<RecipeLine> lines, List<Part> parts) {
    private static final int MOST_NAME = 80;

    /**
     * One thing in it.
     *
     * @param ingredient what it is
     * @param food what it is made of, if that is known
     * @param grams as it goes in, with its range
     */
    public record Part(String ingredient, Optional<Food> food, Spread grams) {}

    public RecipeFilling {
        lines = List.copyOf(lines);
        parts = List.copyOf(parts);
    }

    /** The filling these lines make; none if nothing of it has a mass. */
    static Optional<RecipeFilling> of(int group, List<RecipeLine> lines) {
        List<Part> parts = new ArrayList<>();
        for (RecipeLine line : lines) {
            line.grams().filter(grams -> grams.usual() > 0).ifPresent(grams -> parts.add(part(line, grams)));
        }
        if (parts.isEmpty()) {
            return Optional.empty();
        }
        return Optional.of(new RecipeFilling(
                group,
                RecipeLine.named(lines.get(0).heading(), Place.Part.FILLING, "Filling"),
                lines,
                parts.subList(0, Math.min(FillingFormula.MOST_LINES, parts.size()))));
    }

    private static Part part(RecipeLine line, Spread grams) {
        String plain = plain(line);
        String name = sets(line, plain) ? cut(FillingLine.bare(plain) + ", " + Treatment.SET.label()) : plain;
        Spoken spoken = Spoken.of(name);
        Optional<Treatment> done = spoken.done().filter(one -> one.shrinks() || one == Treatment.SOAK && dry(line));
        if (done.isEmpty()) {
            return new Part(name, line.food().food(), grams);
        }
        Band<Percentage> left = done.get().left(spoken.food().orElseThrow());
        Spread squeezed = new Spread(
                grams.low() * left.low().fraction(),
                grams.usual() * done.get().usuallyLeft(spoken.food().get()),
                grams.high() * left.high().fraction());
        return new Part(name, line.food().food(), squeezed);
    }

    /** What stands under a heading of its own to be set is cubes in the end. */
    private static boolean sets(RecipeLine line, String name) {
        return Heading.sets(line.heading())
                && Spoken.of(name)
                        .food()
                        .filter(food -> Treatment.suiting(food).contains(Treatment.SET))
                        .isPresent();
    }

    /** Whether it was weighed before it was soaked. */
    private static boolean dry(RecipeLine line) {
        String key = line.food().food().map(Food::key).orElse("");
        return line.food().says("dried", "dry") || key.equals("mushroom-dried") || key.equals("wood-ear");
    }

    /** Its own words with what is done to it, or what the cook says it stands for. */
    private static String plain(RecipeLine line) {
        String bare = line.name()
                .replaceAll("\\(.*?\\)", "")
                .replaceAll("\\s+", " ")
                .replace(" ,", ",")
                .strip();
        Optional<Food> food = line.food().food();
        boolean own =
                food.isPresent() && Spoken.of(bare).name().food().map(Food::key).equals(food.map(Food::key));
        String name = own ? bare : food.map(Food::label).orElse(bare);
        Optional<Treatment> done = Spoken.of(line.name()).done();
        boolean heard = Spoken.of(name).done().equals(done);
        String with = heard || done.isEmpty()
                ? name
                : FillingLine.bare(name) + ", " + done.get().label();
        return cut(with.toLowerCase(Locale.ROOT).equals(with) ? with : Name.within(with));
    }

    private static String cut(String text) {
        String said = text.isBlank() ? "something" : text;
        return said.length() <= MOST_NAME ? said : said.substring(0, MOST_NAME);
    }

    /** Lines that keep its mass from being known. */
    public List<RecipeLine> open() {
        double whole = mass().usual();
        return lines.stream().filter(line -> line.opensMass(whole)).toList();
    }

    /** Lines that keep its salt from being known. */
    public List<RecipeLine> openSalt() {
        double whole = mass().usual();
        return lines.stream().filter(line -> line.opensSalt(whole)).toList();
    }

    /** All of it in grams. */
    public Spread mass() {
        return parts.stream().map(Part::grams).reduce(Spread::plus).orElseThrow();
    }

    /** The same filling in shares. */
    FillingFormula formula() {
        double whole = mass().usual();
        List<FillingLine> shares = new ArrayList<>();
        parts.forEach(part -> shares.add(new FillingLine(
                part.ingredient(), Percentage.ofFraction(part.grams().usual() / whole))));
        return new FillingFormula(shares);
    }

    /** What it is mostly about. */
    public FillingKind kind() {
        return FillingKind.mostly(formula());
    }
}
