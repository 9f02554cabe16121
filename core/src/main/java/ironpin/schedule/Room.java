package ironpin.schedule;

/**
 * Something that has room for so much at a time.
 *
 * @param key name, for whoever asked
 * @param units there are, 0 or more
 */
public record Room(String key, int units) {}
