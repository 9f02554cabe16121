/**
 * Answers "who must not eat this?". One answer for every line of doughs, bought wrappers, fillings, soup and dips, by lot and
 * for the supper; every screen, sheet, list and the API read this one. What the lines hold stands in {@code pantry/foods.csv}.
 * Front door: {@code AllergenLines.ofLot(batch, lot).said()}.
 */
package ironpin.allergen;
