/**
 * How many pieces there are and how much dough and filling they need, from whatever is held. The front door is
 * {@link ironpin.batch.balance.Balancer}:
 *
 * <pre>{@code
 * Balance balance = Balancer.solve(batch);
 * int pieces = balance.lot(1).pieces();
 * Mass flour = balance.dough(1).made().flour();
 * }</pre>
 */
package ironpin.batch.balance;
