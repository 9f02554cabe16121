package ironpin.store;

import ironpin.quantity.Dimension;
import ironpin.quantity.Measured;
import ironpin.quantity.Quantity;
import ironpin.quantity.Sentence;
import ironpin.quantity.UnitSystem;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.ObjectMapper;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;

/**
 * How a sentence is kept: a JSON list of its words and quantities, so that it is read in whatever units somebody likes then, as in
 * {@code ["Water to ",{"of":"MASS","as":"FULL","value":331.0,"decimals":0}]}.
 */
final class Labels {
    /** What the column takes. */
    static final int LONGEST = 1_000;

    private static final int LONGEST_WORDS = 200;
    private static final ObjectMapper JSON = JsonMapper.shared();

    private Labels() {}

    static String written(Sentence label) {
        String whole = list(label);
        if (whole.length() <= LONGEST) {
            return whole;
        }
        String words = label.render(UnitSystem.METRIC);
        return list(Sentence.of(words.substring(0, Math.min(words.length(), LONGEST_WORDS))));
    }

    private static String list(Sentence label) {
        ArrayNode list = JSON.createArrayNode();
        for (Sentence.Part part : label.parts()) {
            if (part instanceof Quantity quantity) {
                add(list, quantity);
            } else if (part instanceof Measured measured) {
                // What spoons it fills follows from the food and can be asked again; what was weighed is what is kept.
                measured.mass().ifPresent(mass -> add(list, mass));
            } else if (part instanceof Sentence.Words words) {
                list.add(words.text());
            }
        }
        return list.toString();
    }

    private static void add(ArrayNode list, Quantity quantity) {
        list.addObject()
                .put("of", quantity.dimension().name())
                .put("as", quantity.form().name())
                .put("value", quantity.value())
                .put("decimals", quantity.decimals());
    }

    static Sentence read(String written) {
        return Sentence.of(
                JSON.readTree(written).valueStream().map(Labels::part).toArray());
    }

    /** @throws IllegalArgumentException if this is no kept sentence */
    static void demandRead(String written) {
        try {
            read(String.valueOf(written));
        } catch (RuntimeException odd) {
            throw new IllegalArgumentException("its label cannot be read", odd);
        }
    }

    private static Object part(JsonNode node) {
        return node.isString()
                ? node.stringValue()
                : new Quantity(
                        Dimension.valueOf(node.get("of").stringValue()),
                        Quantity.Form.valueOf(node.get("as").stringValue()),
                        node.get("value").doubleValue(),
                        node.get("decimals").intValue());
    }
}
