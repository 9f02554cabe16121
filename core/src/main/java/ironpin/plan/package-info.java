/**
 * Answers "what is the whole plan, and what do its numbers say?". A plan is everything that follows from one batch, worked
 * out in one go so that no two parts can disagree; findings are short sentences about it, each with its figure, its reason
 * and, where one helps, a fix. The rules stand one class per station.
 */
package ironpin.plan;
