/** The Table station's own changes: lots that join and leave, and the dip. */
package ironpin.web.table;
