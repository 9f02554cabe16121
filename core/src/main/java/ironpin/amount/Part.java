package ironpin.amount;

import ironpin.quantity.CupStandard;
import ironpin.quantity.Spread;
import java.util.List;
import java.util.Optional;

/**
 * One number with its unit, as it was written.
 *
 * @param low the number, or the lower end of a range
 * @param high the number again, or the upper end
 * @param sign 1, or −1 for what is taken away ("1 cup minus 1 tbsp")
 * @param about whether the cook said "about"
 * @param unit what it counts
 * @param word what pieces are counted with, as in "3 cloves"; absent where the number stands before the name
 * @param cups whose cup, if the text says so
 * @param fill heaped, scant and so on
 * @param size small, medium or large, for pieces
 */
record Part(
        double low,
        double high,
        int sign,
        boolean about,
        KitchenUnit unit,
        Optional<String> word,
        Optional<CupStandard> cups,
        Optional<Fill> fill,
        Optional<PieceSize> size) {
    /** How full a spoon or cup is. */
    enum Fill {
        HEAPED("heaped", new Spread(1.3, 1.5, 1.8)),
        HEAPING("heaping", new Spread(1.3, 1.5, 1.8)),
        ROUNDED("rounded", new Spread(1.15, 1.25, 1.4)),
        GENEROUS("generous", new Spread(1, 1.1, 1.2)),
        GOOD("good", new Spread(1, 1.1, 1.2)),
        SCANT("scant", new Spread(0.8, 0.9, 1)),
        BARE("bare", new Spread(0.8, 0.9, 1)),
        LEVEL("level", Spread.of(1));

        private final String word;
        private final Spread factor;

        Fill(String word, Spread factor) {
            this.word = word;
            this.factor = factor;
        }

        String word() {
            return word;
        }

        Spread factor() {
            return factor;
        }
    }

    /** How large a piece is. */
    enum PieceSize {
        SMALL("small"),
        MEDIUM("medium"),
        LARGE("large");

        private final String word;

        PieceSize(String word) {
            this.word = word;
        }

        String word() {
            return word;
        }

        /** Small ones lie about the least, large ones about the most. */
        Spread of(Spread piece) {
            return switch (this) {
                case SMALL -> new Spread(piece.low() * 0.92, piece.low(), piece.low() * 1.06);
                case MEDIUM -> new Spread(piece.usual() * 0.94, piece.usual(), piece.usual() * 1.06);
                case LARGE -> new Spread(piece.high() * 0.95, piece.high(), piece.high() * 1.08);
            };
        }
    }

    static boolean plainMass(List<Part> parts) {
        return parts.stream().allMatch(part -> part.unit.kind() == KitchenUnit.Kind.MASS);
    }

    /** Whether a hand measured some of it. */
    static boolean byHand(List<Part> parts) {
        return parts.stream().anyMatch(part -> part.unit.kind() == KitchenUnit.Kind.ROUGH);
    }

    Spread number() {
        double middle = (low + high) / 2;
        return about ? new Spread(low * 0.9, middle, high * 1.1) : new Spread(low, middle, high);
    }

    boolean counted() {
        return unit == KitchenUnit.PIECE;
    }

    Part withCups(CupStandard changed) {
        return new Part(low, high, sign, about, unit, word, Optional.of(changed), fill, size);
    }

    Part withSize(PieceSize changed) {
        return new Part(low, high, sign, about, unit, word, cups, fill, Optional.of(changed));
    }

    Part times(double packs) {
        return new Part(low * packs, high * packs, sign, about, unit, word, cups, fill, size);
    }

    Part takenAway() {
        return new Part(low, high, -1, about, unit, word, cups, fill, size);
    }

    Part upTo(Part end) {
        return new Part(low, end.high, sign, about || end.about, unit, word, cups, fill, size);
    }
}
