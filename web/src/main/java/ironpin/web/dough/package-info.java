/** The Dough station: its flours, lines, water, kneading, and what a feel leads to. */
package ironpin.web.dough;
