package ironpin.crew;

import io.soabase.recordbuilder.core.RecordBuilder;
import ironpin.refusal.Refused;
import ironpin.wording.Typed;
import java.time.LocalTime;
import java.util.Collections;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;

/**
 * Somebody who works in the kitchen.
 *
 * @param name 1 to 24 characters
 * @param does what they do; serving and stirring a dip is for everybody
 * @param comes when they come, if not before everything
 * @param goes when they go, if not after everything
 * @param pace time they take in percent of what the plan counts with, 40 to 300
 */
@RecordBuilder
public record Person(String name, Set<Skill> does, Optional<LocalTime> comes, Optional<LocalTime> goes, double pace)
        implements PersonBuilder.With {
    /** Percent of the usual time that the slowest take. */
    public static final double SLOWEST = 300;
    /** Percent of the usual time that the fastest take. */
    public static final double FASTEST = 40;

    private static final int LONGEST_NAME = 24;

    public Person {
        name = Typed.name(name);
        does = Collections.unmodifiableSet(new TreeSet<>(does));
        if (name.isBlank() || name.length() > LONGEST_NAME) {
            throw new Refused("a name has 1 to " + LONGEST_NAME + " characters");
        }
        if (!(pace >= FASTEST && pace <= SLOWEST)) {
            throw new Refused("somebody takes 40 to 300 % of the usual time, not " + pace);
        }
    }

    /** Somebody who does everything, all the time, as fast as the plan counts with. */
    public static Person cook(String name) {
        return new Person(name, Set.of(Skill.values()), Optional.empty(), Optional.empty(), 100);
    }

    /** A pace that was learned, kept within what a plan counts with. @param percent of the usual time */
    public static double within(double percent) {
        return Math.max(FASTEST, Math.min(SLOWEST, percent));
    }

    /** That they leave the kitchen, said to whoever is addressed or of somebody else. */
    public String hasToGo() {
        return name + (name.equals("You") ? " have to go" : " has to go");
    }

    /** Whether they do this. */
    public boolean does(Skill skill) {
        return does.contains(skill);
    }
}
