package ironpin.web.recipe;

import ironpin.recipe.UnreadableRecipe;

/**
 * Whether a page can be taken apart without harm. Each tag becomes an object of some hundred bytes and each attribute another, so
 * two megabytes of nothing but tags would become hundreds; they are counted before any of them is made.
 */
final class PageSize {
    /** Pages of recipes have 500 to 8,000. */
    static final int MOST_TAGS = 25_000;

    static final int MOST_ATTRIBUTES = 60_000;

    private PageSize() {}

    /** @throws UnreadableRecipe if it has more */
    static void demandReadable(String page) {
        int tags = 0;
        int attributes = 0;
        boolean within = false;
        boolean gap = false;
        for (int i = 0; i < page.length(); i++) {
            char c = page.charAt(i);
            if (c == '<') {
                tags++;
                within = true;
            } else if (c == '>') {
                within = false;
            }
            boolean blank = c <= ' ' || c == '/';
            if (within && gap && !blank) {
                attributes++;
            }
            gap = blank;
            if (tags > MOST_TAGS || attributes > MOST_ATTRIBUTES) {
                throw new UnreadableRecipe("This page has more than "
                        + (tags > MOST_TAGS ? "25,000 tags" : "60,000 attributes")
                        + ": it is too large to take apart. Paste only the recipe's text.");
            }
        }
    }
}
