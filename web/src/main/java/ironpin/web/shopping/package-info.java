/** What to buy for a batch. */
package ironpin.web.shopping;
