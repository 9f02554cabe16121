package ironpin.amount;

import ironpin.quantity.CupStandard;
import java.util.Map;
import java.util.Optional;

/**
 * What stands before or behind a number and changes it.
 *
 * @param cups whose cup
 * @param fill how full
 * @param size how large a piece
 * @param about whether it is only about
 * @param one whether an article stood with them, which makes it one
 */
record Adjectives(
        Optional<CupStandard> cups,
        Optional<Part.Fill> fill,
        Optional<Part.PieceSize> size,
        boolean about,
        boolean one) {
    private static final Map<AmountWords, CupStandard> STANDARDS = Map.of(
            AmountWords.US, CupStandard.US,
            AmountWords.METRIC, CupStandard.METRIC,
            AmountWords.AUSTRALIAN, CupStandard.AUSTRALIAN,
            AmountWords.JAPANESE, CupStandard.JAPANESE,
            AmountWords.IMPERIAL, CupStandard.IMPERIAL);
    private static final Map<AmountWords, Part.PieceSize> SIZES = Map.of(
            AmountWords.SMALL, Part.PieceSize.SMALL,
            AmountWords.MEDIUM, Part.PieceSize.MEDIUM,
            AmountWords.LARGE, Part.PieceSize.LARGE);

    static final Adjectives NONE = new Adjectives(Optional.empty(), Optional.empty(), Optional.empty(), false, false);

    Adjectives or(Adjectives other) {
        return new Adjectives(
                cups.or(other::cups),
                fill.or(other::fill),
                size.or(other::size),
                about || other.about(),
                one || other.one());
    }

    /** All that stand here, in whatever order. */
    static Adjectives at(Cursor cursor) {
        Adjectives all = NONE;
        while (true) {
            int before = cursor.at();
            boolean article = cursor.accept("a");
            Optional<Adjectives> more = next(cursor);
            if (more.isEmpty()) {
                cursor.to(before);
                return all;
            }
            all = more.get().or(all);
            if (article) {
                all = all.or(new Adjectives(Optional.empty(), Optional.empty(), Optional.empty(), false, true));
            }
        }
    }

    private static Optional<Adjectives> next(Cursor cursor) {
        for (Part.Fill fill : Part.Fill.values()) {
            if (cursor.accept(fill.word())) {
                return Optional.of(new Adjectives(Optional.empty(), Optional.of(fill), Optional.empty(), false, false));
            }
        }
        for (Map.Entry<AmountWords, CupStandard> one : STANDARDS.entrySet()) {
            if (cursor.accepts(one.getKey().words())) {
                return Optional.of(
                        new Adjectives(Optional.of(one.getValue()), Optional.empty(), Optional.empty(), false, false));
            }
        }
        for (Map.Entry<AmountWords, Part.PieceSize> one : SIZES.entrySet()) {
            if (cursor.accepts(one.getKey().words())) {
                cursor.accept(".");
                return Optional.of(
                        new Adjectives(Optional.empty(), Optional.empty(), Optional.of(one.getValue()), false, false));
            }
        }
        boolean filler =
                cursor.accept("very") || cursor.accept("packed") || cursor.accept("firmly packed") || whole(cursor);
        boolean about = !filler && cursor.accepts(AmountWords.ABOUT.words());
        return filler || about
                ? Optional.of(new Adjectives(Optional.empty(), Optional.empty(), Optional.empty(), about, false))
                : Optional.empty();
    }

    /** "A whole cup". */
    private static boolean whole(Cursor cursor) {
        int before = cursor.at();
        if (cursor.accept("whole")
                && KitchenUnit.at(cursor.written(), cursor.ahead()).isPresent()) {
            return true;
        }
        cursor.to(before);
        return false;
    }
}
