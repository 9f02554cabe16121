/**
 * Answers "what can hurt here?". One short line for each spot where the work can do harm, shown at that spot and nowhere
 * else. It is the usual public guidance and defers to the local food-safety authority.
 */
package ironpin.caution;
