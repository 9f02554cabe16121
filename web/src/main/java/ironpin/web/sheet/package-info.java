/** The bench sheet to print. */
package ironpin.web.sheet;
