/** The first page, and the way to a new batch. */
package ironpin.web.home;
