/**
 * Answers "how thin, how wide, and how much filling does it hold?". A rolled wrapper is a disc that tapers in a straight
 * line from centre to rim; what a fold can hold is bounded by geometry, derived beside each formula, and a comfortable
 * fill is a share of that bound. Stuffed breads are a disc of dough around a disc of filling.
 */
package ironpin.wrapper;
