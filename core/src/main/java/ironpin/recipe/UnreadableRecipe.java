package ironpin.recipe;

import ironpin.refusal.Refused;

/** A text that cannot be read as a recipe; the message says what is missing or which limit it breaks. */
public final class UnreadableRecipe extends Refused {
    private static final long serialVersionUID = 1L;

    public UnreadableRecipe(String message) {
        super(message);
    }
}
