package ironpin.pantry;

import io.soabase.recordbuilder.core.RecordBuilder;
import ironpin.quantity.Percentage;
import ironpin.refusal.Refused;
import ironpin.wording.Typed;
import java.util.Optional;

/**
 * A flour in the cupboard.
 *
 * @param key its short name, lower case with hyphens
 * @param name what the cook calls it, 1 to 60 characters
 * @param kind what it is milled from
 * @param protein protein on the label, % of mass, 0 to 25
 * @param absorption how much more it drinks than its label says
 * @param price of a kilogram, if the cook wrote it down
 */
@RecordBuilder
public record Flour(
        String key, String name, FlourKind kind, Percentage protein, Absorption absorption, Optional<Price> price)
        implements FlourBuilder.With {
    public Flour {
        name = Typed.name(name);
        if (protein.percent() < 0 || protein.percent() > 25) {
            throw new Refused("protein of a flour lies between 0 and 25 %, not " + protein);
        }
        if (name.isBlank() || name.length() > 60) {
            throw new Refused("a flour's name has 1 to 60 characters");
        }
    }

    /** A flour of which only the label is known. */
    public static Flour labelled(String key, String name, FlourKind kind, Percentage protein) {
        return new Flour(key, name, kind, protein, Absorption.UNKNOWN, Optional.empty());
    }

    /** The same flour under another name. */
    @Override
    public Flour withName(String changed) {
        return FlourBuilder.builder(this).name(changed.strip()).build();
    }
}
