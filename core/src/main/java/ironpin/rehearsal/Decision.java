package ironpin.rehearsal;

/** What is decided in a rehearsed evening, in this order. */
public enum Decision {
    WATER("How much water goes in first?", 4),
    CORRECT("It is kneaded together. What does it want?", 4),
    REST("How long does it rest, covered?", 3),
    CUT("The rope is rolled. How do you cut it?", 3),
    DISC("How wide do you roll them?", 3),
    FILL("How much filling goes in?", 4),
    SEAM("The helper is to come now. How do you go on?", 3),
    LOAD("The pot boils. How many go in at once?", 3),
    LIFT("When do you lift them out?", 4),
    AGAIN("The first round is out. And the next?", 3);

    private final String question;
    private final int options;

    Decision(String question, int options) {
        this.question = question;
        this.options = options;
    }

    /** As it is asked. */
    public String question() {
        return question;
    }

    /** How many ways there are, 3 or 4. */
    public int options() {
        return options;
    }
}
