/**
 * What a cook may change of a batch. A number is a {@link ironpin.batch.edit.PlanField} at an
 * {@link ironpin.batch.edit.Address}, listed by what it belongs to; what is no number has a verb of its own.
 *
 * <pre>{@code
 * Batch wetter = DoughField.HYDRATION.write(batch, Address.dough(1), 52);
 * Batch typed = PlanField.ofKey("filling-grams").at("filling-1-line-3").write(batch, 240);
 * Batch held = Pins.move(batch, 1, Pin.FLOUR);
 * }</pre>
 */
package ironpin.batch.edit;
