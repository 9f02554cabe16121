package ironpin.dough;

import java.util.Arrays;
import java.util.List;

/** How a dough feels at the bench, and whether water, flour or time mends it. */
public enum BenchFeel {
    DRY("dry and cracking", "felt dry and cracking", Cure.WATER),
    CRUMBLY("crumbly", "felt crumbly", Cure.WATER),
    STICKY("sticky", "felt sticky", Cure.FLOUR),
    SMEARS("smears", "smeared", Cure.FLOUR),
    SHRINKS("shrinks back", "shrank back", Cure.REST),
    TEARS("tears", "tore", Cure.REST);

    /** What mends it. */
    public enum Cure {
        WATER,
        FLOUR,
        REST
    }

    private final String label;
    private final String did;
    private final Cure cure;

    BenchFeel(String label, String did, Cure cure) {
        this.label = label;
        this.did = did;
        this.cure = cure;
    }

    /** In a cook's words. */
    public String label() {
        return label;
    }

    /** What it did, told afterwards: "the dough shrank back". */
    public String did() {
        return did;
    }

    /** How a dough of this family can feel: without gluten nothing shrinks back, and rest mends no tear. */
    public static List<BenchFeel> of(DoughFamily family) {
        return Arrays.stream(values())
                .filter(feel -> family.wheat() || feel.cure != Cure.REST)
                .toList();
    }

    /** What mends it. */
    public Cure cure() {
        return cure;
    }
}
