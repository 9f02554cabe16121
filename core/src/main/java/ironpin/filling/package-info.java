/**
 * Answers "what goes into the filling, and how much of each?". A filling is a list of lines as shares of the finished
 * mass, so it scales to any batch. What decides its safe core temperature is the most demanding thing in it, after the
 * usual public guidance.
 */
package ironpin.filling;
