package ironpin.style;

import ironpin.batch.Appetite;
import ironpin.batch.Batch;
import ironpin.batch.Dough;
import ironpin.batch.Filling;
import ironpin.batch.Guests;
import ironpin.batch.Lot;
import ironpin.crew.Crew;
import ironpin.kit.Kit;
import ironpin.refusal.NotThere;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;

/** The styles that ship with Ironpin, in the order of {@code starts.csv}. */
public final class Styles {
    private static final List<Style> ALL = Starts.read();

    private Styles() {}

    /** Every style, in the order they are offered. */
    public static List<Style> all() {
        return ALL;
    }

    /** The style with this key. @throws NotThere if there is none */
    public static Style get(String key) {
        return ALL.stream()
                .filter(style -> style.key().equals(key))
                .findFirst()
                .orElseThrow(() -> new NotThere("no style is called '" + key + "'"));
    }

    /** A complete batch of one style in an ordinary kitchen. */
    public static Batch start(Style style, String title, LocalDateTime serving, int eaters, Appetite appetite) {
        return start(List.of(style), title, serving, eaters, appetite, Kit.usual());
    }

    /** A complete batch of one style in this kitchen. */
    public static Batch start(
            Style style, String title, LocalDateTime serving, int eaters, Appetite appetite, Kit kit) {
        return start(List.of(style), title, serving, eaters, appetite, kit);
    }

    /** A complete batch of several styles in an ordinary kitchen. */
    public static Batch start(List<Style> styles, String title, LocalDateTime serving, int eaters, Appetite appetite) {
        return start(styles, title, serving, eaters, appetite, Kit.usual());
    }

    /**
     * A complete batch of several styles, each with a dough, a filling and a lot of its own. They share the eaters' appetite:
     * every lot gives an equal part of what fills one eater, by the mass of its pieces.
     */
    public static Batch start(
            List<Style> styles, String title, LocalDateTime serving, int eaters, Appetite appetite, Kit kit) {
        List<Dough> doughs = new ArrayList<>();
        List<Filling> fillings = new ArrayList<>();
        List<Lot> lots = new ArrayList<>();
        double grams = styles.stream()
                .mapToDouble(style -> style.gramsEach(appetite))
                .average()
                .orElseThrow();
        for (Style style : styles) {
            int no = lots.size() + 1;
            doughs.add(style.startDough(no, kit));
            fillings.add(style.startFilling(no));
            int each = styles.size() == 1 ? style.perEater(appetite) : style.perEater(grams / styles.size());
            lots.add(style.startLot(no, no, no, each, kit));
        }
        return new Batch(
                title,
                serving,
                eaters,
                appetite,
                kit.waters(),
                guests(kit),
                doughs,
                fillings,
                lots,
                Crew.USUAL,
                List.of(),
                List.of());
    }

    private static Guests guests(Kit kit) {
        return Guests.USUAL.liking(kit.hand().salt().mean());
    }
}
