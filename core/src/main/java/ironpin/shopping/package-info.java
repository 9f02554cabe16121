/**
 * Answers "what must I buy?": everything of every lot in one list, vegetables as they are bought and not as they are left,
 * what stands at home taken off, the rest rounded up to what a shop sells.
 */
package ironpin.shopping;
