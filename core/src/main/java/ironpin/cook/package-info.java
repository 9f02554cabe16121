/**
 * Answers "how many at once, for how long, and with how much water?". Vessels are packed by geometry, pots are loaded by
 * the heat that brings them back to the boil, water boils away at power ÷ 2257 kJ/kg. Cooking times are estimates that
 * grow with the square of a piece's thickness; a probe decides.
 */
package ironpin.cook;
