/**
 * What a cook without a scale takes of a food: cups, spoons, eggs and cloves, in fractions that spoons and cups exist in. How a mass
 * becomes them rests on the density of the food, so it is an estimate wherever the food lies as it pleases.
 */
package ironpin.household;
