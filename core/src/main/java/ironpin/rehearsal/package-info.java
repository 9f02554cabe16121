/** A simulated evening: what is hidden, what is decided, what comes of it, and which decisions cost most. */
package ironpin.rehearsal;
