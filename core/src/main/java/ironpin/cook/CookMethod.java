package ironpin.cook;

import ironpin.quantity.Mass;
import ironpin.refusal.NotThere;
import java.util.List;
import java.util.stream.Stream;

/** How a round is cooked, with the school the cook follows: a sequence of spells that is ready, and can be changed. */
public sealed interface CookMethod permits Boil, Steam, PanFrySteam, ShallowFry, Griddle, Bake {
    /** Every method and school that Ironpin knows. */
    static List<CookMethod> all() {
        return Stream.of(
                        Stream.of(Boil.School.values()).map(Boil::new),
                        Stream.of(Steam.Start.values()).map(Steam::new),
                        Stream.of(PanFrySteam.Start.values()).map(PanFrySteam::new),
                        Stream.of(ShallowFry.Oil.values()).map(ShallowFry::new),
                        Stream.of(Griddle.Fat.values()).map(Griddle::new),
                        Stream.of(Bake.Oven.values()).map(Bake::new))
                .<CookMethod>flatMap(methods -> methods)
                .toList();
    }

    /**
     * The method with this key.
     *
     * @throws IllegalArgumentException if there is none
     */
    static CookMethod ofKey(String key) {
        return all().stream()
                .filter(method -> method.key().equals(key))
                .findFirst()
                .orElseThrow(() -> new NotThere("no way of cooking is called '" + key + "'"));
    }

    /** A short stable name: method, slash, school. */
    String key();

    /** The method without its school, as in "boil": what a probe teaches about one school holds for the others. */
    default String kind() {
        return key().substring(0, key().indexOf('/'));
    }

    /** The method in a cook's words, as in "boiled". */
    String done();

    /** The school, with what it is good for. */
    String school();

    /** The vessel it needs. */
    VesselKind vessel();

    /** Points of hydration the method moves the family's band by: steam gives the skin no water, so it wants more. */
    double hydrationShift();

    /**
     * The school's spells (est.), from practice.
     *
     * @param piece mass of one, dough and filling together
     */
    List<Spell> ready(Mass piece, Vessel vessel, Start from);

    /** The other schools of the same method, this one included. */
    default List<CookMethod> schools() {
        return all().stream().filter(method -> method.getClass() == getClass()).toList();
    }
}
