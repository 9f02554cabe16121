/**
 * Answers "how do I cut even pieces?". A rope of dough of known thickness weighs a known amount per centimetre, so a
 * length stands for a mass; dough density is taken as 1.22 g/cm³. The cut tree says in which order to divide.
 */
package ironpin.portion;
