package ironpin.recipe;

import ironpin.amount.AmountReader;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Pattern;

/**
 * A line that says what the lines below it are for, in whatever dress: "DOUGH", "For the wrappers –", "Filling 1: potato and
 * cheese", "## Dip".
 *
 * @param text as it names the group
 * @param part what the lines are for; absent where it only says that a new group begins
 * @param joins whether its lines belong to the group before it, as a seasoning belongs to its filling
 */
record Heading(String text, Optional<Place.Part> part, boolean joins) {
    private static final int LONGEST = 60;
    private static final int MOST_WORDS = 8;
    private static final Pattern DRESS =
            Pattern.compile("^[\\s#*_=>\\[~•·▪◆\\p{So}/—–-]+|[\\s#*_=\\]~:;\\p{So}/—–-]+$");
    private static final Pattern BULLET = Pattern.compile("^[\\s*~•·▪◆☐✓–—-]+");
    private static final Pattern NUMBERING = Pattern.compile("^(?:[A-Ha-h]|\\d{1,2}|[ivIV]{1,4})[.)]\\s+");
    private static final Pattern FOR = Pattern.compile(
            "(?i)^(?:ingredients )?(?:for |to make )(?:the |an? |your )?|^the |\\s*\\bingredients?$|^ingredients?\\s*[-–:]\\s*");

    private static final Pattern DIP = words(
            "dip|dips|dipping|dressing|chutneys?|relish|salsas?|sauces?|condiments?|achar|achaar|sambal|mojo|gravy");
    /** What stands over a few lines as a name of its own, and is spooned over or beside. */
    private static final Pattern BESIDE_A_PLATE =
            words("yoghurt|yogurt|curtido|slaw|salad|aioli|vinaigrette|raita|butter|chilli oil|chili oil");

    private static final Pattern SEASONING_SAUCE = Pattern.compile(
            "(?i)\\b(?:soy|soya|oyster|fish|chilli|chili|hot|plum|hoisin|worcester(?:shire)?|tomato) sauce\\b");
    private static final Pattern FILLING =
            words("fillings?|stuffings?|inside|farce|meat mixture|vegetable mixture" + "|filling mixture|meatballs?");
    private static final Pattern JOINS = words("seasonings?|marinade|aspic|jelly|soup|stock|gelatine?|spices?"
            + "|flavourings?|flavorings?|aromatics?|vegetables|greens|meat|spice mix|mixture");
    private static final Pattern JOINS_ALONE = Pattern.compile(
            "(?i)(?:seasonings?|marinade|aspic|jelly|spices|flavou?rings|aromatics|spice mix|vegetables|meat mixture)");
    private static final Pattern SETS = words("aspic|jelly|jellied|soup cubes|gelatine? stock|stock jelly|soup");
    private static final Pattern DOUGH = words(
            "doughs?|wrappers?|skins?|pastry|pastries|breads?|flatbreads?|crust|shells?|outside|outer|casing|sheets?|base");
    private static final Pattern BESIDE = words(
            "broth|to serve|to cook|to fry|to boil|to steam|to brush|serve|serving|garnish|garnishes|frying|cooking|topping|toppings"
                    + "|slurry|skirt|dusting|finish|glaze|brushing|assembly|assemble|equipment|tools|optional|extras?|decoration"
                    + "|boiling|steaming|pan|sides?|accompaniments?|you will also need");

    private static Pattern words(String any) {
        return Pattern.compile("(?i)\\b(?:" + any + ")\\b");
    }

    /** The heading that a line is, if it is one and no ingredient. */
    static Optional<Heading> of(String line) {
        String trimmed =
                line.replaceAll("\\([^()]*\\)", " ").replaceAll("\\s+", " ").strip();
        String first = BULLET.matcher(trimmed).replaceFirst("");
        boolean counted = !first.isEmpty()
                && (Character.isDigit(first.charAt(0)) || "½⅓⅔¼¾⅛".indexOf(first.charAt(0)) >= 0)
                && !NUMBERING.matcher(first).find();
        if (counted || trimmed.isEmpty() || trimmed.length() > LONGEST || AmountReader.holdsMeasure(trimmed)) {
            return Optional.empty();
        }
        boolean dressed = DRESS.matcher(trimmed).find();
        boolean colon =
                trimmed.endsWith(":") || trimmed.endsWith("–") || trimmed.endsWith("—") || trimmed.endsWith("-");
        String bare = DRESS.matcher(NUMBERING.matcher(strip(trimmed)).replaceFirst(""))
                .replaceAll("")
                .strip();
        String plain = bare.replaceAll("\\(.*?\\)", "").strip();
        boolean shouted = plain.length() > 2 && plain.equals(plain.toUpperCase(Locale.ROOT));
        boolean purpose =
                FOR.matcher(plain).find() && plain.toLowerCase(Locale.ROOT).matches("^(?:for|to|ingredients).*");
        if (plain.isEmpty() || plain.split("\\s+").length > MOST_WORDS || plain.endsWith(".") || plain.contains(",")) {
            return Optional.empty();
        }
        Optional<Place.Part> part = part(plain);
        boolean only = part.isPresent() && (colon || shouted || purpose || dressed || endsWithItsWord(plain));
        if (only) {
            return Optional.of(new Heading(bare, part, false));
        }
        if (JOINS_ALONE.matcher(plain).matches()) {
            return Optional.of(new Heading(bare, Optional.empty(), true));
        }
        if (JOINS.matcher(plain).find() && (colon || shouted || purpose || dressed)) {
            return Optional.of(new Heading(bare, Optional.empty(), true));
        }
        return colon && !dressedBullet(trimmed)
                ? Optional.of(new Heading(bare, Optional.empty(), false))
                : Optional.empty();
    }

    private static boolean dressedBullet(String line) {
        return line.startsWith("-") || line.startsWith("•") || line.startsWith("*") && !line.startsWith("**");
    }

    private static String strip(String text) {
        return DRESS.matcher(text).replaceAll("").strip();
    }

    /** "Lamb filling", "Dough", "Filling 2", "Filling 1: potato and cheese". */
    private static boolean endsWithItsWord(String plain) {
        String lower = plain.toLowerCase(Locale.ROOT);
        return lower.matches(
                        "(?:[\\p{L}&'/ -]{0,40} )?(?:doughs?|wrappers?|skins?|pastry|fillings?|stuffing|dips?|dipping sauce"
                                + "|breads?|flatbreads?|crust)(?: (?:no\\.? ?)?\\d)?")
                || lower.matches("(?:doughs?|fillings?|dips?|stuffing)(?: \\d)? ?[:–—-] .*")
                || lower.matches("(?:dipping )?sauce|to serve|to garnish|garnish|for serving");
    }

    /** What a heading's words say its lines are for. */
    static Optional<Place.Part> part(String heading) {
        String bare = SEASONING_SAUCE.matcher(heading).replaceAll("");
        if (DIP.matcher(bare).find()) {
            return Optional.of(Place.Part.DIP);
        }
        if (FILLING.matcher(bare).find()) {
            return Optional.of(Place.Part.FILLING);
        }
        if (DOUGH.matcher(bare).find()) {
            return Optional.of(Place.Part.DOUGH);
        }
        if (BESIDE_A_PLATE.matcher(bare).find()) {
            return Optional.of(Place.Part.DIP);
        }
        return BESIDE.matcher(bare).find() ? Optional.of(Place.Part.BESIDE) : Optional.empty();
    }

    /** Whether what stands below is set to a jelly before it goes into the filling. */
    static boolean sets(String heading) {
        return SETS.matcher(heading).find();
    }

    /** Whether these words speak of what joins the group before. */
    static boolean joins(String heading) {
        return part(heading).isEmpty() && JOINS.matcher(heading).find();
    }
}
