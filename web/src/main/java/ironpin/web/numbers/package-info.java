/** How a house writes numbers, hours and money: on the way out of every page, and nowhere else. */
package ironpin.web.numbers;
