/** Cups and spoons in grams. */
package ironpin.web.amounts;
