/** The Filling station: its lines, treatments, tasting, and the sums beside it. */
package ironpin.web.filling;
