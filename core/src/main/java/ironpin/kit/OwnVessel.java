package ironpin.kit;

import ironpin.cook.Vessel;
import ironpin.refusal.Refused;
import ironpin.wording.Typed;

/**
 * A vessel that stands in the kitchen.
 *
 * @param name what the cook calls it, 1 to 40 characters
 * @param vessel itself; its power is that of the burner it comes to stand on
 */
public record OwnVessel(String name, Vessel vessel) {
    public OwnVessel {
        name = Typed.name(name);
        if (name.isBlank() || name.length() > 40) {
            throw new Refused("a vessel's name has 1 to 40 characters");
        }
    }
}
