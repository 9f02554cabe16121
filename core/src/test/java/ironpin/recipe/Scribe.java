package ironpin.recipe;

import ironpin.quantity.Decimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Random;

/**
 * Writes a known recipe down as one of many people might: each thing it chooses (headings, marks, order, numbers, units, notes,
 * layout, where the yield stands) is drawn by itself. It knows nothing of how recipes are read.
 */
final class Scribe {
    /** What is measured how. */
    enum In {
        GRAMS,
        MILLILITRES,
        TABLESPOONS,
        TEASPOONS,
        CUPS,
        PIECES
    }

    /**
     * One thing that goes in.
     *
     * @param name as it is usually called, one of it where it is counted
     * @param many the same for several
     * @param food key of the food, or of the flour
     * @param note what may stand behind it; may be empty
     */
    record Thing(String name, String many, String food, double amount, In in, String note) {}

    /** A recipe before anybody wrote it down. */
    record Recipe(String title, int pieces, List<Thing> dough, List<Thing> filling, List<Thing> dip) {}

    private static final String[] MARKS = {"", "", "- ", "• ", "* ", "☐ ", "▢ ", "– ", "· ", "◦ ", "✓ ", "- [ ] ", "▪ "
    };
    private static final String[] TITLES = {
        "Evening crescents",
        "Lantern dumplings",
        "House pockets",
        "The Thursday ones",
        "Leaves for the crowd",
        "Auntie's half-moons"
    };

    private final Random random;
    private final String mark;
    private final int head;
    private final int order;
    private final int digits;
    private final int units;
    private final boolean glued;
    private final int layout;
    private final boolean notes;
    private final int slip;
    private final boolean twice;

    Scribe(Random random) {
        this.random = random;
        this.mark = MARKS[random.nextInt(MARKS.length)];
        this.head = random.nextInt(12);
        this.order = random.nextInt(9);
        this.digits = random.nextInt(6);
        this.units = random.nextInt(5);
        this.glued = random.nextInt(3) == 0;
        this.layout = random.nextInt(12);
        this.notes = random.nextBoolean();
        this.slip = random.nextInt(8);
        this.twice = random.nextInt(5) == 0;
    }

    /** Whether letters or digits may be wrong in it. */
    boolean slips() {
        return slip <= 1;
    }

    /** Everything a hand may change: headings, marks, orders, numbers, units, glued or not, layouts, notes, yields. */
    static int manners() {
        return 12 + MARKS.length + 9 + 6 + 5 + 2 + 12 + 2 + 9 + 3 + 2;
    }

    static String title(Random random) {
        return TITLES[random.nextInt(TITLES.length)];
    }

    String write(Recipe recipe) {
        StringBuilder out = new StringBuilder();
        int yield = random.nextInt(9);
        String title = recipe.title();
        int n = recipe.pieces();
        switch (yield) {
            case 0 -> title += " (makes " + n + ")";
            case 1 -> title += " – " + n + " pcs";
            case 2 -> title += " (" + n + " pieces)";
            default -> {}
        }
        out.append(layout == 9 ? "# " : "").append(title).append("\n\n");
        switch (yield) {
            case 3 -> out.append("Makes ").append(n).append("\n\n");
            case 4 -> out.append("Yield: about ").append(n).append(" pieces\n\n");
            case 5 -> out.append("Quantity: ").append(n).append("\n\n");
            case 6 -> out.append("(for ").append(n).append(" pieces)\n\n");
            default -> {}
        }
        if (layout == 8) {
            out.append("Ingredients\n");
        }
        if (layout == 1) {
            table(recipe, out);
        } else if (layout == 10) {
            told(recipe, out);
        } else {
            part("dough", recipe.dough(), out);
            part("filling", recipe.filling(), out);
            if (!recipe.dip().isEmpty()) {
                part("dip", recipe.dip(), out);
            }
        }
        out.append(random.nextBoolean() ? "\nMethod\n" : "\n");
        out.append("Rest the dough 30 minutes. ");
        if (yield == 7) {
            out.append("Divide the dough into ").append(n).append(" pieces. ");
        }
        out.append("Fill, seal and boil for 7 minutes.");
        if (yield == 8) {
            out.append(" Makes ").append(n).append('.');
        }
        return out.append('\n').toString();
    }

    private void part(String name, List<Thing> things, StringBuilder out) {
        if (layout == 2) {
            out.append(Character.toUpperCase(name.charAt(0)))
                    .append(name.substring(1))
                    .append(": ");
            List<String> items = things.stream().map(this::item).toList();
            out.append(String.join(digits == 1 ? "; " : ", ", items)).append("\n");
            return;
        }
        // Without headings an empty line has to do, as long as a reader can know what follows it.
        out.append(layout == 11 && !name.equals("dip") ? "" : heading(name) + "\n");
        for (Thing thing : things) {
            if (layout == 3) {
                out.append(named(thing)).append('\t').append(amount(thing)).append('\n');
            } else if (layout == 4) {
                out.append(amount(thing)).append("    ").append(named(thing)).append('\n');
            } else {
                out.append(mark).append(item(thing)).append('\n');
            }
        }
        out.append('\n');
    }

    /** In sentences: "For the dough take 300 g of flour, …". */
    private void told(Recipe recipe, StringBuilder out) {
        sentence("For the dough take ", recipe.dough(), ". ", out);
        sentence("For the filling mix ", recipe.filling(), ".\n", out);
        if (!recipe.dip().isEmpty()) {
            sentence("The dip is ", recipe.dip(), ".\n", out);
        }
    }

    private void sentence(String begins, List<Thing> things, String ends, StringBuilder out) {
        List<String> said = things.stream()
                .map(thing -> amount(thing) + (thing.in() == In.PIECES ? " " : " of ") + named(thing))
                .toList();
        out.append(begins);
        for (int i = 0; i < said.size(); i++) {
            out.append(i == 0 ? "" : i == said.size() - 1 ? " and " : ", ").append(said.get(i));
        }
        out.append(ends);
    }

    private void table(Recipe recipe, StringBuilder out) {
        out.append("| Ingredient | Amount | For |\n|---|---|---|\n");
        rows("dough", recipe.dough(), out);
        rows("filling", recipe.filling(), out);
        rows("dip", recipe.dip(), out);
    }

    private void rows(String part, List<Thing> things, StringBuilder out) {
        things.forEach(thing -> out.append("| ")
                .append(named(thing))
                .append(" | ")
                .append(amount(thing))
                .append(" | ")
                .append(part)
                .append(" |\n"));
    }

    private String heading(String name) {
        String first = Character.toUpperCase(name.charAt(0)) + name.substring(1);
        return switch (head) {
            case 0 -> first;
            case 1 -> first + ":";
            case 2 -> name.toUpperCase(Locale.ROOT);
            case 3 -> "For the " + name + ":";
            case 4 -> "For the " + name;
            case 5 -> "## " + first;
            case 6 -> "**" + first + "**";
            case 7 -> first + " –";
            case 8 -> "== " + first + " ==";
            case 9 -> "The " + name;
            case 10 -> "◆ " + name + " ◆";
            default -> "FOR THE " + name.toUpperCase(Locale.ROOT) + ":";
        };
    }

    private String item(Thing thing) {
        String amount = amount(thing);
        String name = named(thing);
        String note = notes && !thing.note().isEmpty() && layout != 2 ? ", " + thing.note() : "";
        return switch (order) {
            case 0, 1, 2 -> amount + " " + name + note;
            case 3 -> name + " " + amount + note;
            case 4 -> name + ": " + amount + note;
            case 5 -> name + " – " + amount + note;
            case 6 -> name + " (" + amount + ")" + note;
            case 7 -> layout == 2 ? amount + " " + name : name + " ..... " + amount;
            default -> thing.in() == In.PIECES ? amount + " " + name + note : amount + " of " + name + note;
        };
    }

    private String named(Thing thing) {
        String name = thing.in() == In.PIECES && thing.amount() != 1 ? thing.many() : thing.name();
        return slip == 0 && random.nextInt(6) == 0 ? slipped(name) : name;
    }

    /** Two letters in the wrong order, one twice, or one left out, not the first. */
    private String slipped(String name) {
        int at = 1 + random.nextInt(Math.max(1, name.length() - 2));
        if (at + 1 >= name.length()
                || !Character.isLetter(name.charAt(at))
                || !Character.isLetter(name.charAt(at + 1))) {
            return name;
        }
        String before = name.substring(0, at);
        return switch (random.nextInt(3)) {
            case 0 -> before + name.charAt(at + 1) + name.charAt(at) + name.substring(at + 2);
            case 1 -> before + name.charAt(at) + name.substring(at);
            default -> before + name.substring(at + 1);
        };
    }

    private String amount(Thing thing) {
        String number = number(thing.amount());
        boolean one = thing.amount() <= 1;
        String unit =
                switch (thing.in()) {
                    case GRAMS -> new String[] {"g", "g", "gr", "grams", "g."}[units];
                    case MILLILITRES -> new String[] {"ml", "ml", "mL", "millilitres", "cc"}[units];
                    case TABLESPOONS ->
                        new String[] {"tbsp", "Tbsp.", "T", one ? "tablespoon" : "tablespoons", "tbs"}[units];
                    case TEASPOONS -> new String[] {"tsp", "tsp.", "t", one ? "teaspoon" : "teaspoons", "tspn"}[units];
                    case CUPS -> new String[] {one ? "cup" : "cups", "c.", "c", one ? "cup" : "cups", "C"}[units];
                    case PIECES -> "";
                };
        boolean word = Character.isLetter(number.charAt(number.length() - 1));
        boolean fits = glued && !word && (thing.in() == In.GRAMS || thing.in() == In.MILLILITRES);
        String scanned = slip == 1 && number.matches("\\d*0\\d*") && thing.in() == In.GRAMS
                ? number.replace("0", "O").replaceFirst("^O", "0")
                : number;
        String second = twice && thing.in() == In.GRAMS && thing.amount() >= 100 && order <= 2 && layout != 10
                ? " (" + Decimal.trimmed(thing.amount() / 28.35, 1) + " oz)"
                : "";
        return unit.isEmpty() ? number : scanned + (fits ? "" : " ") + unit + second;
    }

    private String number(double value) {
        double whole = Math.floor(value);
        double rest = value - whole;
        String glyph = rest == 0.5 ? "½" : rest == 0.25 ? "¼" : rest == 0.75 ? "¾" : "";
        String slash = rest == 0.5 ? "1/2" : rest == 0.25 ? "1/4" : rest == 0.75 ? "3/4" : "";
        String before = whole == 0 ? "" : Decimal.trimmed(whole, 0);
        if (rest == 0 && value <= 10 && digits == 5) {
            return new String[] {"zero", "one", "two", "three", "four", "five", "six", "seven", "eight", "nine", "ten"}
                    [(int) value];
        }
        return switch (digits) {
            case 0, 5 -> Decimal.trimmed(value, 2);
            case 1 -> Decimal.trimmed(value, 2).replace('.', ',');
            case 2 -> slash.isEmpty() ? Decimal.trimmed(value, 2) : (before.isEmpty() ? "" : before + " ") + slash;
            case 3 -> glyph.isEmpty() ? Decimal.trimmed(value, 2) : before + glyph;
            default -> "about " + Decimal.trimmed(value, 2);
        };
    }

    /** All that stands in a recipe, with the part it belongs to. */
    static List<Thing> all(Recipe recipe) {
        List<Thing> all = new ArrayList<>(recipe.dough());
        all.addAll(recipe.filling());
        all.addAll(recipe.dip());
        return all;
    }
}
