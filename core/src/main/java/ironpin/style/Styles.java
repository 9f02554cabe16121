package ironpin.style;

import static ironpin.filling.FillingLine.of;

import ironpin.batch.Appetite;
import ironpin.batch.Batch;
import ironpin.batch.Dough;
import ironpin.batch.Filling;
import ironpin.batch.Guests;
import ironpin.batch.Lot;
import ironpin.cook.Boil;
import ironpin.cook.Griddle;
import ironpin.cook.PanFrySteam;
import ironpin.cook.Steam;
import ironpin.crew.Crew;
import ironpin.dip.Dips;
import ironpin.dough.DoughFamily;
import ironpin.dough.DoughFormula;
import ironpin.filling.FillingFormula;
import ironpin.filling.FillingKind;
import ironpin.kit.Kit;
import ironpin.quantity.Band;
import ironpin.quantity.Length;
import ironpin.quantity.Mass;
import ironpin.quantity.Temperature;
import ironpin.refusal.NotThere;
import ironpin.wrapper.Fold;
import java.time.Duration;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;

/** The styles that ship with Ironpin. To add one, add it here and draw it in the web module's style pictures. */
public final class Styles {
    private static final Style BOILED_CRESCENT = new Style(
            "boiled-crescent",
            "Boiled crescents",
            "Firm skins on cold-water dough, pleated on one side, for the pot.",
            new DoughStart(
                    DoughFamily.COLD_WATER,
                    "all-round",
                    DoughFormula.of(50, 1.2, 0),
                    Temperature.ofCelsius(20),
                    Duration.ofMinutes(40)),
            new Style.FillingStart(
                    "Lamb and carrot",
                    FillingKind.RED_MEAT,
                    FillingFormula.of(
                            of("lamb mince, 20 % fat", 55.2),
                            of("carrots, grated, salted and squeezed", 22),
                            of("unsalted stock, worked in", 10),
                            of("spring onions, sliced", 6),
                            of("toasted sesame oil", 3.2),
                            of("light soy sauce", 2),
                            of("fine salt", 0.7),
                            of("cumin and pepper", 0.9))),
            Band.grams(12, 20),
            Band.grams(12, 26),
            Mass.ofGrams(15),
            Mass.ofGrams(18),
            shape(28, 102, 2),
            Fold.PLEATED_CRESCENT,
            new Boil(Boil.School.COLD_ADDITIONS),
            Dips.SHARP_SOY,
            12);

    private static final Style PAN_CRESCENT = new Style(
            "pan-crescent",
            "Pan-fry-steamed crescents",
            "Tender skins on part-scalded dough, a golden seat, steamed under the lid.",
            new DoughStart(
                    DoughFamily.PART_SCALDED,
                    "plain",
                    DoughFormula.of(54, 1, 0),
                    Temperature.ofCelsius(90),
                    Duration.ofMinutes(30)),
            new Style.FillingStart(
                    "Pork, cabbage and ginger",
                    FillingKind.RED_MEAT,
                    FillingFormula.of(
                            of("pork mince, 25 % fat", 52.4),
                            of("cabbage, salted and squeezed", 26),
                            of("unsalted stock, worked in", 10),
                            of("ginger and spring onion", 5.5),
                            of("light soy sauce", 2.6),
                            of("toasted sesame oil", 3),
                            of("fine salt", 0.5))),
            Band.grams(12, 20),
            Band.grams(12, 26),
            Mass.ofGrams(14),
            Mass.ofGrams(17),
            shape(28, 98, 2),
            Fold.PLEATED_CRESCENT,
            new PanFrySteam(PanFrySteam.Start.HOT),
            Dips.SHARP_SOY,
            10);

    private static final Style STEAMED_LEAF = new Style(
            "steamed-leaf",
            "Steamed leaves",
            "Soft skins on fully scalded dough, closed like the veins of a leaf.",
            new DoughStart(
                    DoughFamily.FULL_SCALD,
                    "plain",
                    DoughFormula.of(64, 1, 1),
                    Temperature.ofCelsius(96),
                    Duration.ofMinutes(25)),
            new Style.FillingStart(
                    "Smoked tofu and king oyster",
                    FillingKind.VEGETABLE,
                    FillingFormula.of(
                            of("smoked tofu, crumbled", 46.2),
                            of("king oyster mushrooms, fried and cooled", 34),
                            of("spinach, blanched and squeezed", 12),
                            of("toasted sesame oil", 3),
                            of("light soy sauce", 2.4),
                            of("potato starch", 2),
                            of("fine salt", 0.4))),
            Band.grams(10, 14),
            Band.grams(10, 20),
            Mass.ofGrams(12),
            Mass.ofGrams(14),
            shape(26, 94, 1.8),
            Fold.LEAF,
            new Steam(Steam.Start.BOILING),
            Dips.SESAME_CHIVE,
            9);

    private static final Style GRIDDLE_BREAD = new Style(
            "griddle-bread",
            "Griddle breads",
            "Wholemeal dough gathered round a ball of filling, pressed flat and griddled.",
            new DoughStart(
                    DoughFamily.WHOLEMEAL,
                    "wholemeal",
                    DoughFormula.of(66, 1.4, 3),
                    Temperature.ofCelsius(30),
                    Duration.ofMinutes(25)),
            new Style.FillingStart(
                    "Pumpkin and feta",
                    FillingKind.CHEESE,
                    FillingFormula.of(
                            of("pumpkin, roasted dry and mashed", 60.2),
                            of("feta, crumbled", 31),
                            of("onions, fried golden and cooled", 7),
                            of("dried mint and chilli flakes", 1.6),
                            of("fine salt", 0.2))),
            Band.grams(45, 80),
            Band.grams(40, 90),
            Mass.ofGrams(60),
            Mass.ofGrams(58),
            shape(45, 140, 1),
            Fold.GATHERED_BALL,
            new Griddle(Griddle.Fat.LAST),
            Dips.MINT_YOGHURT,
            2);

    private static final List<Style> ALL = List.of(BOILED_CRESCENT, PAN_CRESCENT, STEAMED_LEAF, GRIDDLE_BREAD);

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

    private static Lot.Shape shape(double ropeMm, double discMm, double centreToRim) {
        return Lot.Shape.of(Length.ofMillimetres(ropeMm), Length.ofMillimetres(discMm), centreToRim);
    }
}
