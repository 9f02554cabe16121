/** The evening itself: starting, ticking off, timing. */
package ironpin.web.run;
