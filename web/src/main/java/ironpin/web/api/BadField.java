package ironpin.web.api;

/** A field of a request that cannot be used. */
class BadField extends RuntimeException {
    private static final long serialVersionUID = 1L;

    private final String field;
    private final String allowed;

    BadField(String field, String allowed, Object given) {
        super(field + " must be " + allowed + ", not " + given);
        this.field = field;
        this.allowed = allowed;
    }

    String field() {
        return field;
    }

    String allowed() {
        return allowed;
    }
}
