/**
 * Answers "how did it go, and what do I change next time?". An outcome is what the cook wrote down about one lot; the
 * next change is the single most likely cure for the worst thing in it, after the usual table of faults and likely causes.
 * One change at a time, or nobody learns which one helped.
 */
package ironpin.book;
