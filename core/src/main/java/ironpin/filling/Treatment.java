package ironpin.filling;

import ironpin.pantry.Food;
import ironpin.pantry.FoodName;
import ironpin.quantity.Band;
import ironpin.quantity.Percentage;
import ironpin.quantity.Spread;
import java.time.Duration;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/** What is done to a line before it goes into the filling, with its minutes and what is left of it (usual, est.). */
public enum Treatment {
    SALT(
            "salted and squeezed",
            60,
            70,
            "Mix with 1.5–2 % of the mass in salt and leave to weep",
            "Squeeze well",
            "weeping",
            3,
            15,
            3),
    BLANCH(
            "blanched and squeezed",
            45,
            60,
            "1 min in boiling water, then into cold water",
            "Squeeze well and chop",
            "",
            6,
            0,
            3),
    FROZEN("frozen, thawed and squeezed", 40, 50, "Thaw in the fridge", "Squeeze well", "thawing", 1, 240, 3),
    SAUTE("fried and cooled", 70, 80, "Fry until the water is gone; spread out to cool", "", "cooling", 10, 15, 0),
    OIL("coated in oil", 100, 100, "Coat in a little oil, no salt; use soon", "", "", 1, 0, 0),
    ROAST("roasted dry and mashed", 65, 75, "Roast until dry; let cool", "Mash", "cooling", 5, 55, 3),
    COOK(
            "boiled and cooled",
            95,
            105,
            "Boil until soft, drain, let it steam off and cool",
            "Mash or chop",
            "cooling",
            5,
            40,
            4),
    SOAK("soaked and squeezed", 200, 250, "Soak in warm water until soft", "Squeeze and chop", "soaking", 2, 25, 3),
    GOLDEN("fried golden and cooled", 50, 70, "Fry in oil until golden; let cool", "", "cooling", 10, 10, 0),
    STEEP(
            "steeped, strained and cooled",
            90,
            100,
            "Steep 10–15 min in the hot liquid",
            "Strain and let cool",
            "steeping and cooling",
            3,
            15,
            10),
    MELT("melted", 100, 100, "Melt gently; let cool until lukewarm", "", "cooling", 3, 8, 0),
    SYRUP(
            "boiled to a syrup, strained and cooled",
            100,
            100,
            "Boil with a little water until it falls in a thread; strain; let cool until lukewarm",
            "",
            "cooling",
            12,
            20,
            0),
    SKIN("stewed from skin, set and cubed", 100, 100, "", "Cut into small cubes, cold", "", 0, 0, 4),
    SET("set and cubed", 100, 100, "", "Cut into small cubes, cold", "", 0, 0, 4);

    /** Salt goes on at 1.5 to 2 %; part of it leaves with the juice, the rest stays, in parts of the squeezed mass (est.). */
    private static final Spread SALT_THAT_STAYS = new Spread(0.004, 0.010, 0.016);

    private static final Band<Percentage> SWELLS = Band.percent(400, 500);

    private final String label;
    private final Band<Percentage> left;
    private final String how;
    private final String finish;
    private final String meanwhile;
    private final Duration before;
    private final Duration wait;
    private final Duration after;

    Treatment(
            String label,
            double least,
            double most,
            String how,
            String finish,
            String meanwhile,
            int before,
            int wait,
            int after) {
        this.label = label;
        this.left = Band.percent(least, most);
        this.how = how;
        this.finish = finish;
        this.meanwhile = meanwhile;
        this.before = Duration.ofMinutes(before);
        this.wait = Duration.ofMinutes(wait);
        this.after = Duration.ofMinutes(after);
    }

    /** As it stands behind the name in a line. */
    public String label() {
        return label;
    }

    /** What is left of the raw mass of this food. */
    public Band<Percentage> left(Food food) {
        boolean swells = food.key().equals("mushroom-dried") || food.key().equals("wood-ear");
        return this == SOAK && swells ? SWELLS : left;
    }

    /** What is usually left: the middle of the band, parts of 1 (est.). */
    public double usuallyLeft(Food food) {
        return (left(food).low().fraction() + left(food).high().fraction()) / 2;
    }

    /** How it is begun, shortly. */
    public String how() {
        return how;
    }

    /** What is done at its end; empty if it only waits. */
    public String finish() {
        return finish;
    }

    /** What it does while it gets on by itself; empty if it does not. */
    public String meanwhile() {
        return meanwhile;
    }

    /** Minutes of the hands at its beginning. */
    public Duration before() {
        return before;
    }

    /** Minutes in which it gets on by itself. */
    public Duration waits() {
        return wait;
    }

    /** Minutes of the hands at its end. */
    public Duration after() {
        return after;
    }

    /** What it wants of the stove; nothing where it is done cold, or is a task of its own as stock is. */
    public Optional<MadeHot> fire() {
        return switch (this) {
            case BLANCH, STEEP, SYRUP -> Optional.of(MadeHot.watched(MadeHot.Where.POT));
            case SAUTE, GOLDEN, MELT -> Optional.of(MadeHot.watched(MadeHot.Where.PAN));
            case COOK -> Optional.of(MadeHot.alone(MadeHot.Where.POT, 25, "boiling"));
            case ROAST -> Optional.of(MadeHot.alone(MadeHot.Where.OVEN, 40, "roasting"));
            case SALT, FROZEN, OIL, SOAK, SKIN, SET -> Optional.empty();
        };
    }

    /** Whether it is stock that sets cold and goes in last, in cubes. */
    public boolean sets() {
        return this == SET || this == SKIN;
    }

    /** Whether it may be done the day before and kept cold. Salted greens go on weeping, and oil only holds for a while. */
    public boolean keeps() {
        return this != SALT && this != OIL && this != MELT && this != SYRUP;
    }

    /** Whether what was raw is cooked by it. */
    public boolean cooks() {
        return this == SAUTE || this == ROAST || this == COOK || this == GOLDEN;
    }

    /** Whether water goes out of it. */
    public boolean shrinks() {
        return left.high().percent() < 100 && this != STEEP;
    }

    /** The food as it is after it. */
    Food after(Food food) {
        return this == SALT ? food.salted(SALT_THAT_STAYS) : food;
    }

    /** What may be done to a food of this kind, the usual first. */
    public static List<Treatment> suiting(Food food) {
        return switch (food.role()) {
            case VEGETABLE, STARCHY -> List.of(SALT, BLANCH, FROZEN, SAUTE, OIL, ROAST, COOK, SOAK);
            case AROMATIC -> List.of(GOLDEN);
            case LIQUID -> food.key().equals("aspic") ? List.of(SET, SKIN) : List.of(STEEP, SET);
            case SWEET -> List.of(SYRUP);
            case OIL -> food.water() < 0.5 ? List.of(STEEP, MELT) : List.of(MELT);
            default -> food.key().equals("gelatine") ? List.of(SET) : List.of();
        };
    }

    /** What a line says is done to it, or what its name means is done to it. */
    static Optional<Treatment> spokenOf(FoodName name, Food food) {
        List<Treatment> suits = suiting(food);
        Optional<Treatment> said = Arrays.stream(values())
                .filter(suits::contains)
                .filter(one -> one.heardIn(name))
                .findFirst();
        return said.or(() -> byName(food));
    }

    private static Optional<Treatment> byName(Food food) {
        return switch (food.key()) {
            case "water-infused", "oil-infused" -> Optional.of(STEEP);
            case "aspic" -> Optional.of(SET);
            case "potato-mashed" -> Optional.of(COOK);
            default -> Optional.empty();
        };
    }

    private boolean heardIn(FoodName name) {
        return switch (this) {
            case SALT ->
                name.says("salted")
                        && (name.says("squeezed", "wrung") || name.afterComma().contains("salted"));
            case BLANCH -> name.says("blanched", "scalded", "parboiled");
            case FROZEN -> name.says("frozen", "thawed", "defrosted");
            case SAUTE -> name.says("fried", "sauteed", "wilted");
            case OIL -> name.says("oiled") || name.says("coated") && name.says("oil");
            case ROAST -> name.says("roasted", "roast", "baked");
            case COOK -> name.says("boiled", "steamed", "simmered", "mashed", "poached");
            case SOAK -> name.says("soaked", "rehydrated", "reconstituted");
            case GOLDEN -> name.says("fried", "browned", "golden", "caramelised", "sauteed");
            case STEEP -> name.says("steeped", "infused");
            case MELT -> name.says("melted");
            case SYRUP -> name.says("strained") || name.says("boiled") && name.says("thread", "syrup");
            case SKIN -> name.says("skin", "skins", "rind") && name.says("stewed", "simmered", "boiled");
            case SET -> name.says("set", "jellied");
        };
    }
}
