/** What stands in the kitchen. */
package ironpin.web.kit;
