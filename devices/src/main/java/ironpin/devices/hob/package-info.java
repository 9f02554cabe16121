/**
 * A hob under a vessel: {@link ironpin.devices.hob.Hob} is the port, {@link ironpin.devices.hob.SimulatedHob} the stand-in that ships,
 * slow to follow as plates are.
 */
package ironpin.devices.hob;
