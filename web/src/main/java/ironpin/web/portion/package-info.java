/** The Portion station: the ruler to cut along. */
package ironpin.web.portion;
