package ironpin.web.home;

import ironpin.batch.Appetite;
import ironpin.batch.Batch;
import ironpin.batch.PieceRule;
import ironpin.batch.edit.Address;
import ironpin.batch.edit.AtHand;
import ironpin.batch.edit.CountField;
import ironpin.batch.edit.FillingField;
import ironpin.batch.edit.Fix;
import ironpin.kit.Kit;
import ironpin.quantity.Quantity;
import ironpin.quantity.Sentence;
import ironpin.style.Order;
import ironpin.style.Style;
import ironpin.style.Styles;
import ironpin.web.page.Asked;
import java.time.Clock;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalInt;

/**
 * What is chosen so far for a new batch; everything has a default.
 *
 * @param said the wish in a line, as typed
 * @param heard the line that the other fields were filled in from last
 * @param style key of the style
 * @param filling key of what fills it; empty for its usual one
 * @param eaters as typed
 * @param pieces as typed; empty for as many as the eaters eat
 * @param appetite how hungry
 * @param date as typed
 * @param time as typed
 * @param lastTime whether the change suggested last time is made at once
 */
record Wish(
        String said,
        String heard,
        String style,
        String filling,
        String eaters,
        String pieces,
        Appetite appetite,
        String date,
        String time,
        Boolean lastTime) {
    /** What the number of pieces may be, in a sentence. */
    static final String PIECES_RULE =
            String.format(Locale.ROOT, "A whole number from 1 to %,d, or empty.", PieceRule.MOST);

    /** With its defaults, and with what a new line says. */
    Wish filledIn(Clock clock) {
        LocalDateTime serving = Asked.usualServing(clock);
        boolean known = Styles.all().stream().anyMatch(one -> one.key().equals(style));
        String line = said == null ? "" : said.strip();
        Wish plain = new Wish(
                line,
                line,
                known ? style : Styles.all().get(0).key(),
                filling == null ? "" : filling,
                eaters == null ? "4" : eaters,
                pieces == null ? "" : pieces.strip(),
                appetite == null ? Appetite.USUAL : appetite,
                date == null ? serving.toLocalDate().toString() : date,
                time == null ? serving.toLocalTime().toString() : time,
                Boolean.TRUE.equals(lastTime));
        return line.isEmpty() || line.equals(heard) ? plain : plain.hearing(line);
    }

    private Wish hearing(String line) {
        Order order = Order.read(line, start());
        return new Wish(
                line,
                line,
                order.style().key(),
                order.style().filling().key(),
                order.eaters().map(String::valueOf).orElse(eaters),
                order.pieces().map(String::valueOf).orElse(""),
                appetite,
                date,
                order.at().map(at -> at.toString()).orElse(time),
                lastTime);
    }

    /** The start, filled as chosen. */
    Style start() {
        return Styles.get(style).filledWith(filling);
    }

    /** How many pieces, if that was typed and makes sense. */
    Optional<Integer> counted() {
        return pieces.matches("\\d{1,4}")
                ? Optional.of(Integer.parseInt(pieces)).filter(one -> one >= 1 && one <= PieceRule.MOST)
                : Optional.empty();
    }

    /** Whether what was typed for the pieces is no number of them. */
    boolean oddPieces() {
        return !pieces.isEmpty() && counted().isEmpty();
    }

    /** The batch, for so many at this time. */
    Batch batch(LocalDateTime serving, int howMany, Kit kit) {
        Style start = start();
        boolean usual = start.filling().equals(Styles.get(style).filling());
        String title = usual
                ? start.name()
                : start.name() + ": " + start.filling().name().toLowerCase(Locale.ROOT);
        Batch batch = Styles.start(start, title, serving, howMany, appetite, kit);
        if (counted().isPresent()) {
            // Whoever sets a number wants that number, whatever there is of a line.
            return CountField.PIECES
                    .at(new Address.OfLot(1))
                    .write(batch, counted().get());
        }
        return held().flatMap(held -> usingUp(batch, held))
                .map(fix -> fix.applyTo(batch))
                .orElse(batch);
    }

    private Optional<Order.Held> held() {
        return said.isEmpty() ? Optional.empty() : Order.read(said, start()).held();
    }

    /** As many pieces as what there is gives; nothing where a number of them is set, or the filling has none of it. */
    private Optional<Fix> usingUp(Batch batch, Order.Held held) {
        OptionalInt line = held.lineIn(batch.filling(1).formula());
        return counted().isPresent() || line.isEmpty()
                ? Optional.empty()
                : AtHand.allOf(
                        batch,
                        FillingField.FILLING_GRAMS.at(new Address.LineOf(1, line.getAsInt())),
                        held.mass().grams());
    }

    /** What was made of the line; empty where none was said. */
    Sentence understood(Batch batch) {
        if (said.isEmpty()) {
            return Sentence.EMPTY;
        }
        Order order = Order.read(said, start());
        List<Sentence> heard = new ArrayList<>();
        heard.add(
                Sentence.of(start().name() + " with " + start().filling().name().toLowerCase(Locale.ROOT)));
        order.pieces().ifPresent(n -> heard.add(Sentence.of(n + " pieces")));
        order.eaters().ifPresent(n -> heard.add(Sentence.of(n + " eat")));
        order.at().ifPresent(at -> heard.add(Sentence.of("at " + at)));
        order.held()
                .ifPresent(held -> heard.add(
                        usingUp(batch, held).isPresent()
                                ? Sentence.of(
                                        Quantity.grams(held.mass().grams()),
                                        " of " + held.food().label() + " used up")
                                : Sentence.of(
                                        "nothing done with the " + held.food().label())));
        String not = order.not().isEmpty()
                ? ""
                : " Not understood: “" + String.join("”, “", order.not()) + "”. Allergens stand in the plan.";
        return Sentence.of("Heard: ", Sentence.join(", ", heard), ".", not);
    }
}
