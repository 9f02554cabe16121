/** The Clock station: who is there, what there is, and the day laid out for them. */
package ironpin.web.clock;
