/** Who is in the kitchen, and what stands there for them. */
package ironpin.crew;
