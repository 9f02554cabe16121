/** Measurements, kept out of the tests: machines are noisy, and a test must not be. */
package ironpin.bench;
