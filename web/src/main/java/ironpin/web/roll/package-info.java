/**
 * Rolling pieces out: what gives way when a number is set, and what a width that is being dragged would give. {@link
 * ironpin.web.roll.RollController} answers the drag.
 */
package ironpin.web.roll;
