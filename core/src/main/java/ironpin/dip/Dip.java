package ironpin.dip;

import java.util.List;

/** The dips that ship with Ironpin, as parts by volume. */
public enum Dip {
    SHARP_SOY(
            "Sharp soy",
            List.of(
                    new Part("light soy sauce", 3),
                    new Part("black rice vinegar", 2),
                    new Part("ginger, in threads", 0.5))),
    SESAME_CHIVE(
            "Sesame and chive",
            List.of(
                    new Part("light soy sauce", 2),
                    new Part("rice vinegar", 1),
                    new Part("toasted sesame oil", 0.5),
                    new Part("cut chives", 1))),
    MINT_YOGHURT(
            "Mint yoghurt",
            List.of(new Part("thick yoghurt", 6), new Part("lemon juice", 1), new Part("chopped mint", 1)));

    private static final double ML_PER_EATER = 18;

    /**
     * One line of a dip.
     *
     * @param ingredient what it is
     * @param parts by volume
     */
    public record Part(String ingredient, double parts) {}

    /**
     * One line measured out.
     *
     * @param ingredient what it is
     * @param millilitres how much
     */
    public record Measure(String ingredient, double millilitres) {}

    private final String label;
    private final List<Part> parts;

    Dip(String label, List<Part> parts) {
        this.label = label;
        this.parts = parts;
    }

    /** What a cook calls it. */
    public String label() {
        return label;
    }

    /** Every line for this many eaters, 0 or more. */
    public List<Measure> forEaters(int eaters) {
        double sum = parts.stream().mapToDouble(Part::parts).sum();
        return parts.stream()
                .map(part -> new Measure(part.ingredient(), eaters * ML_PER_EATER * part.parts() / sum))
                .toList();
    }
}
