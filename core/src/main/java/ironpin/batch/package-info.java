/**
 * Answers "how much of everything, so that nothing is left over?". A batch holds doughs, fillings and lots; a lot is
 * pieces that share a dough, a filling, their sizes, a fold and a way of cooking. The balance follows from
 * {@code Σ nᵢ·dᵢ = D·(1 − bench loss)} for each dough and {@code Σ nᵢ·fᵢ = (F − test patty)·(1 − bowl loss)} for each
 * filling, in whole pieces.
 */
package ironpin.batch;
