/**
 * The pages. One view model gives a whole page and the fragment an edit needs, so there is one truth; every change goes
 * through the same door and is answered with the screen as it now stands.
 */
package ironpin.web.page;
