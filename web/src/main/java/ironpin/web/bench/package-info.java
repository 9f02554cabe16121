/** The bench: the one thing to do, large, for each pair of hands. */
package ironpin.web.bench;
