package ironpin.refusal;

/**
 * Something that whoever asked can mend: a value outside its range, a name too long. The message is a sentence for a cook
 * that says what is allowed. Whatever else goes wrong is a mistake of ours and is not of this type.
 */
public class Refused extends IllegalArgumentException {
    private static final long serialVersionUID = 1L;

    /** @param allowed what is allowed, and what came instead */
    public Refused(String allowed) {
        super(allowed);
    }
}
