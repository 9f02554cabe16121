/**
 * A thermometer in the middle of a piece: {@link ironpin.devices.probe.CoreProbe} is the port, {@link
 * ironpin.devices.probe.SimulatedProbe} the stand-in that ships, with the lag, the noise and the misplacement that real ones have.
 */
package ironpin.devices.probe;
