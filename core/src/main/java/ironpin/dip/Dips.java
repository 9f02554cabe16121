package ironpin.dip;

import java.util.List;
import java.util.Optional;

/** The dips that ship with Ironpin. */
public final class Dips {
    /** Soy and black vinegar. */
    public static final Dip SHARP_SOY = new Dip(
            "Sharp soy",
            List.of(
                    new Dip.Part("light soy sauce", 3),
                    new Dip.Part("black rice vinegar", 2),
                    new Dip.Part("ginger, in threads", 0.5)));

    /** Soy, rice vinegar, sesame oil and chives. */
    public static final Dip SESAME_CHIVE = new Dip(
            "Sesame and chive",
            List.of(
                    new Dip.Part("light soy sauce", 2),
                    new Dip.Part("rice vinegar", 1),
                    new Dip.Part("toasted sesame oil", 0.5),
                    new Dip.Part("chives, cut", 1)));

    /** Thick yoghurt with lemon and mint. */
    public static final Dip MINT_YOGHURT = new Dip(
            "Mint yoghurt",
            List.of(
                    new Dip.Part("thick yoghurt", 6),
                    new Dip.Part("lemon juice", 1),
                    new Dip.Part("mint, chopped", 1)));

    /** Nothing beside it. */
    public static final Dip NONE = new Dip("No dip", List.of());

    private static final List<Dip> ALL = List.of(SHARP_SOY, SESAME_CHIVE, MINT_YOGHURT, NONE);

    private Dips() {}

    /** All of them, in the order they are offered. */
    public static List<Dip> all() {
        return ALL;
    }

    /** The dip of this name, if it ships. */
    public static Optional<Dip> named(String name) {
        return ALL.stream().filter(dip -> dip.name().equals(name)).findFirst();
    }
}
