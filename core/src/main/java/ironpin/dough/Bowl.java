package ironpin.dough;

import ironpin.quantity.Mass;
import ironpin.refusal.Refused;
import ironpin.wording.Typed;

/**
 * A mixing bowl, which cools hot water before the flour meets it.
 *
 * @param key its short name
 * @param name what the cook calls it, 1 to 60 characters
 * @param material what it is made of
 * @param mass empty, 50 to 10,000 g
 */
public record Bowl(String key, String name, BowlMaterial material, Mass mass) {
    /** Part of a bowl that dough touches and warms while it is mixed (est.). */
    private static final double WARMED = 0.6;

    public Bowl {
        name = Typed.name(name);
        if (mass.grams() < 50 || mass.grams() > 10_000) {
            throw new Refused("a bowl weighs 50 to 10,000 g, not " + mass);
        }
        if (name.isBlank() || name.length() > 60) {
            throw new Refused("a bowl's name has 1 to 60 characters");
        }
    }

    /** Heat it takes from the dough for each degree, J/K (est.). */
    public double joulesPerKelvin() {
        return WARMED * mass.grams() * material.joulesPerGramKelvin();
    }
}
