package ironpin.pantry;

import ironpin.quantity.Percentage;

/**
 * A flour in the cupboard.
 *
 * @param key its short name, lower case with hyphens
 * @param name what the cook calls it
 * @param kind what it is milled from
 * @param protein protein on the label, % of mass, 0 to 25
 */
public record Flour(String key, String name, FlourKind kind, Percentage protein) {
    public Flour {
        if (protein.percent() < 0 || protein.percent() > 25) {
            throw new IllegalArgumentException("protein of a flour lies between 0 and 25 %, not " + protein);
        }
    }
}
