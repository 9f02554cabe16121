package ironpin.recipe;

import ironpin.refusal.Refused;

/** A text that cannot be read as a recipe; the message says what is missing or which limit it breaks. */
public final class UnreadableRecipe extends Refused {
    private static final long serialVersionUID = 1L;

    public UnreadableRecipe(String message) {
        super(message);
    }

    /** Called between lines: whoever asked may have stopped waiting. @throws UnreadableRecipe if this thread was told to stop */
    static void ifNobodyWaits() {
        if (Thread.currentThread().isInterrupted()) {
            throw tooLong();
        }
    }

    /** The refusal of a text that takes longer than anybody waits. */
    public static UnreadableRecipe tooLong() {
        return new UnreadableRecipe("This text takes too long to read. Paste only the ingredients and the steps.");
    }
}
