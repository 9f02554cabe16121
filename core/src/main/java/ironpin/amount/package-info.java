/**
 * Answers "how many grams is that?" for amounts as cooks say them: cups of four countries, spoons, ounces, pieces, a knob
 * of ginger, a pinch. Every reading keeps its range and says what was assumed. Volumes become grams through densities in
 * {@code pantry/foods.csv}: usual kitchen values, with the range in which cooks' own cups were found to lie.
 */
package ironpin.amount;
