/** Going on without the network: a whole day on one page that needs the kitchen no more, and what was pressed on it meanwhile. */
package ironpin.web.away;
