/**
 * Answers "when must I start?". The day is laid out backwards from the serving time: every task as late as what follows
 * it, the hands and the vessels allow. Task times come from the masses and from usual paces, so they are estimates until
 * the log knows better.
 */
package ironpin.clock;
