/**
 * A kitchen scale: {@link ironpin.devices.scale.KitchenScale} is what a page knows of one. {@link
 * ironpin.devices.scale.SimulatedScale} stands in for it, with a {@link ironpin.devices.scale.SimulatedHand} that puts things
 * on; {@link ironpin.devices.scale.PostedScale} takes what a script reads off a real one.
 *
 * <pre>{@code
 * SimulatedScale scale = new SimulatedScale(ScaleTraits.USUAL, 7, now);
 * scale.put(Mass.ofGrams(15.2), now);
 * Reading settled = scale.read(now.plusSeconds(2));   // READY, 15 g
 * scale.tare(now.plusSeconds(2));
 * }</pre>
 */
package ironpin.devices.scale;
