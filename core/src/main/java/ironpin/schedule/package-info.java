/**
 * Who does what when: jobs, workers, rooms and the gaps between them, on a line of whole ticks. Nothing here knows what is
 * made.
 */
package ironpin.schedule;
