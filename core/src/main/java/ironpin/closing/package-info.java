/**
 * How each fold moves: {@link ironpin.closing.Motion} gives the surfaces of a piece at any moment of any of its steps, from
 * geometry. A fold's strips and meridians keep their length while they bend, so what is drawn is what the dough can do.
 *
 * <pre>{@code
 * Motion motion = Motion.of(Fold.PLEATED_CRESCENT, 102, 0.65);
 * Frame half = motion.at(1, 0.5);           // half-way through the second step
 * half.patches().get(0).area();             // mm², about that of the wrapper
 * }</pre>
 */
package ironpin.closing;
