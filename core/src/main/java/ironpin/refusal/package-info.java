/** Answers "what may not be asked?": what a cook or a caller can mend, told apart from what only we can. */
package ironpin.refusal;
