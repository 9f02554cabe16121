/** Bags in the freezer, their labels, and what is taken out of them again. */
package ironpin.web.freezer;
