/**
 * Answers "how much?": exact masses, temperatures, lengths and percentages, and the bands they should lie in.
 * Values are whole numbers of a tiny unit, so adding and splitting them never loses or invents a crumb.
 * The units are those of the SI, with grams, degrees Celsius and millimetres at the border because kitchens use them.
 */
package ironpin.quantity;
