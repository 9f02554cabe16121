package ironpin.web.page;

/**
 * A value that was refused.
 *
 * @param field key of the field
 * @param no which dough, filling or lot
 * @param typed what was typed, to be kept
 * @param message what is allowed
 * @param marked the place of the trouble in what was typed, or null
 */
record FieldError(String field, int no, String typed, String message, Marked marked) {
    FieldError(String field, int no, String typed, String message) {
        this(field, no, typed, message, null);
    }
}
