/** What every page needs of the kitchen: the stores behind one door, the clock, and the bell that tells other screens. */
package ironpin.web.kitchen;
