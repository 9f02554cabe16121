/**
 * Remembers what was worked out, so that asking twice costs once: {@link ironpin.worked.WorkedOut}. What is asked is a value, and the
 * answer depends on nothing else.
 */
package ironpin.worked;
