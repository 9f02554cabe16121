package ironpin.diagnosis;

import java.util.OptionalDouble;

/**
 * What was done with a lot and not only planned.
 *
 * @param correctedPoints of water put to its dough at the bench, negative where flour was
 * @param spoonful mean of the filling that was weighed into pieces, by the plan
 * @param uneven variation of the pieces that were weighed, %
 */
public record Doing(double correctedPoints, OptionalDouble spoonful, OptionalDouble uneven) {
    /** Nothing was written down. */
    public static final Doing UNKNOWN = new Doing(0, OptionalDouble.empty(), OptionalDouble.empty());
}
