/**
 * Where a batch begins: styles that are complete, so that one who knows nothing yet can start.
 *
 * <pre>{@code
 * Batch supper = Styles.start(Styles.get("steamed-leaf"), "Supper", serving, 12, Appetite.USUAL);
 * }</pre>
 */
package ironpin.style;
