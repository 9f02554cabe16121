/**
 * Keeps batches, their revisions, their runs and what came of them in an H2 file, through jOOQ over tables generated from
 * the Flyway scripts. It loads and saves core's values and decides nothing. A change is on disk before it is acknowledged.
 */
package ironpin.store;
