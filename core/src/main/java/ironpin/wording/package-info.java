/** Answers "how is it written?": what every sentence does with the names that it is made of. */
package ironpin.wording;
