/** The schedule put to a constraint solver: what it finds is never worse than what it is given. */
package ironpin.solver;
