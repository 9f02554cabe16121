package ironpin.web.page;

/**
 * A value that was refused.
 *
 * @param field key of the field
 * @param no which dough, filling or lot
 * @param typed what was typed, to be kept
 * @param message what is allowed
 */
record FieldError(String field, int no, String typed, String message) {}
