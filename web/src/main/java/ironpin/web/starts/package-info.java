/** Starts of the cook's own: kept, begun from, called otherwise, moved, given away and taken in. */
package ironpin.web.starts;
