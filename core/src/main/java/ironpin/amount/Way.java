package ironpin.amount;

import ironpin.pantry.Food;
import ironpin.quantity.Spread;
import java.util.Locale;

/** How something loose gets into a cup. */
enum Way {
    SPOONED("spooned"),
    SCOOPED("scooped"),
    SIFTED("sifted"),
    UNSAID("");

    private final String word;

    Way(String word) {
        this.word = word;
    }

    /** What a text says of it. */
    static Way said(String rest) {
        String lower = rest.toLowerCase(Locale.ROOT);
        if (lower.contains("scooped") || lower.contains("dipped")) {
            return Way.SCOOPED;
        }
        if (lower.contains("sifted")) {
            return Way.SIFTED;
        }
        return lower.contains("spooned") ? Way.SPOONED : Way.UNSAID;
    }

    String word() {
        return word;
    }

    /** g/ml of a food that packs. */
    Spread density(Food of) {
        Spread loose = of.measure().density();
        if (of.measure().scooped().isEmpty()) {
            return loose;
        }
        double dipped = of.measure().scooped().get();
        return switch (this) {
            case SPOONED -> new Spread(loose.low(), loose.usual(), loose.usual() * 1.05);
            case SCOOPED -> new Spread(dipped * 0.96, dipped, dipped * 1.04);
            case SIFTED -> new Spread(loose.usual() * 0.86, loose.usual() * 0.92, loose.usual());
            case UNSAID -> new Spread(loose.low(), loose.usual(), Math.max(loose.high(), dipped));
        };
    }
}
