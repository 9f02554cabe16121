/**
 * Answers "how much water, how hot, and how long must it rest?". Every line of a dough is a baker's percentage of the
 * flour; effective hydration also counts the water that egg, dairy and fat bring. Bands are those of practice,
 * one row per family, and the cook may leave them.
 */
package ironpin.dough;
