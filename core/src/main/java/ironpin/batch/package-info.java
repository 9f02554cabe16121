/**
 * What the cook wants: a batch of doughs, fillings and lots, as values.
 *
 * <pre>{@code
 * Batch supper = Styles.start(Styles.get("boiled-crescent"), "Supper", serving, 8, Appetite.USUAL);
 * Batch milder = supper.mapDough(1, dough -> dough.with(DoughAddition.SALT, Percentage.of(0.9)));
 * }</pre>
 *
 * How much of everything that is stands in {@link ironpin.batch.balance}; what a cook may change, in
 * {@link ironpin.batch.edit}; where a batch begins, in {@link ironpin.style}.
 */
package ironpin.batch;
