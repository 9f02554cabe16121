/**
 * Answers "what is this made of?" for the things in the cupboard: flours with their protein, and what other dough lines
 * bring in water and fat. Figures are ordinary food-composition values; those of flours stand in {@code flours.csv}
 * beside this package. A cook's own flour replaces ours by its name.
 */
package ironpin.pantry;
