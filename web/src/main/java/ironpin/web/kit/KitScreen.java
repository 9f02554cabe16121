package ironpin.web.kit;

import ironpin.dough.Bowl;
import ironpin.kit.Kit;
import ironpin.pantry.Absorption;
import ironpin.pantry.Flour;
import ironpin.pantry.Price;
import ironpin.quantity.Decimal;
import ironpin.quantity.Quantity;
import ironpin.quantity.Sentence;
import ironpin.web.page.FieldError;
import ironpin.web.picture.AbsorptionPicture;
import ironpin.wording.Count;
import ironpin.wording.Name;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/**
 * The kit as its page shows it.
 *
 * @param kit as it stands
 * @param refused a value that was not taken
 */
public record KitScreen(Kit kit, Optional<FieldError> refused) {
    /**
     * A cell to type into.
     *
     * @param id of its input
     * @param cell which
     * @param key of its row
     * @param label what it is
     * @param value as it is shown, or as it was typed if it was refused
     * @param unit behind it, may be empty
     * @param step what an arrow key adds; empty for words
     * @param low least allowed
     * @param high greatest allowed
     * @param error what is allowed, if what was typed is not
     */
    public record Cell(
            String id,
            String cell,
            String key,
            String label,
            Sentence value,
            Sentence unit,
            Sentence step,
            Sentence low,
            Sentence high,
            Sentence error) {}

    public Cell room() {
        return cell(KitCell.ROOM, "", kit.waters().room().celsius(), 0, "");
    }

    public Cell tap() {
        return cell(KitCell.TAP, "", kit.waters().tap().celsius(), 0, "");
    }

    public Cell kettle() {
        return cell(KitCell.KETTLE, "", kit.waters().kettle().celsius(), 0, "");
    }

    /** Sizes and measures of the cook's own. */
    public Cell measures() {
        return words(KitCell.MEASURES, "", kit.measures());
    }

    public Cell name(Flour flour) {
        return words(KitCell.FLOUR_NAME, flour.key(), flour.name());
    }

    public Cell protein(Flour flour) {
        return cell(KitCell.PROTEIN, flour.key(), flour.protein().percent(), 1, "%");
    }

    public Cell offset(Flour flour) {
        return cell(KitCell.OFFSET, flour.key(), flour.absorption().offset().percent(), 1, "points");
    }

    public Cell price(Flour flour) {
        Optional<Price> price = flour.price();
        Cell cell =
                cell(KitCell.PRICE, flour.key(), price.map(Price::perKilogram).orElse(0.0), 2, "a kg");
        return price.isPresent() || !cell.error().isEmpty() ? cell : blank(cell);
    }

    public Cell name(Bowl bowl) {
        return words(KitCell.BOWL_NAME, bowl.key(), bowl.name());
    }

    public Cell mass(Bowl bowl) {
        return cell(KitCell.BOWL_MASS, bowl.key(), bowl.mass().grams(), 0, "");
    }

    /** How sure the offset is, drawn. */
    public Sentence picture(Flour flour) {
        return AbsorptionPicture.of(flour);
    }

    /**
     * A kind of work that takes this cook another time than is usual.
     *
     * @param kind as it is kept
     * @param name as it is read
     * @param said how long, against the usual
     */
    public record OwnTimeRow(String kind, String name, String said) {}

    /** Kinds of work whose minutes were said or timed. */
    public List<OwnTimeRow> minutes() {
        return kit.hand().minutes().percents().entrySet().stream()
                .sorted(Map.Entry.comparingByKey())
                .map(one -> new OwnTimeRow(
                        one.getKey(),
                        Name.first(one.getKey()),
                        Decimal.trimmed(one.getValue().mean(), 0) + " % of the usual time, from "
                                + Count.of(one.getValue().lessons(), "time", "times")))
                .toList();
    }

    /** How sure the offset is, in words. */
    public String learned(Flour flour) {
        Absorption known = flour.absorption();
        if (known.batches() == 0) {
            return known.offset().isZero() ? "nothing learned yet" : "as you typed it";
        }
        return Count.of(known.batches(), "batch", "batches") + ", nine times in ten between "
                + Decimal.trimmed(known.likely().low().percent(), 1) + " and "
                + Decimal.trimmed(known.likely().high().percent(), 1) + " (est.)";
    }

    private Cell cell(KitCell cell, String key, double value, int decimals, String unit) {
        Sentence shown = cell.dimension()
                .map(one -> Quantity.number(one, value, decimals))
                .orElseGet(() -> Sentence.of(Decimal.trimmed(value, decimals)));
        return new Cell(
                id(cell, key),
                cell.name(),
                key,
                cell.label(),
                typed(cell, key).orElse(shown),
                cell.dimension().map(Quantity::unit).orElse(Sentence.of(unit)),
                cell.dimension()
                        .map(one -> Quantity.step(one, cell.step()))
                        .orElseGet(() -> Sentence.of(Decimal.trimmed(cell.step(), 2))),
                bound(cell, cell.low()),
                bound(cell, cell.high()),
                error(cell, key));
    }

    private Cell words(KitCell cell, String key, String value) {
        return new Cell(
                id(cell, key),
                cell.name(),
                key,
                cell.label(),
                typed(cell, key).orElse(Sentence.of(value)),
                Sentence.EMPTY,
                Sentence.EMPTY,
                Sentence.EMPTY,
                Sentence.EMPTY,
                error(cell, key));
    }

    private static Cell blank(Cell cell) {
        return new Cell(
                cell.id(),
                cell.cell(),
                cell.key(),
                cell.label(),
                Sentence.EMPTY,
                cell.unit(),
                cell.step(),
                cell.low(),
                cell.high(),
                Sentence.EMPTY);
    }

    private static String id(KitCell cell, String key) {
        String stem = cell.name().toLowerCase(Locale.ROOT).replace('_', '-');
        return key.isEmpty() ? stem : stem + "-" + key;
    }

    private static Sentence bound(KitCell cell, double value) {
        return cell.dimension()
                .map(one -> Quantity.number(one, value, 1))
                .orElseGet(() -> Sentence.of(Decimal.trimmed(value, 2)));
    }

    private Optional<Sentence> typed(KitCell cell, String key) {
        return mine(cell, key).map(one -> Sentence.of(one.typed()));
    }

    private Sentence error(KitCell cell, String key) {
        return mine(cell, key).map(FieldError::message).orElse(Sentence.EMPTY);
    }

    private Optional<FieldError> mine(KitCell cell, String key) {
        return refused.filter(one -> one.field().equals(cell.name() + key));
    }
}
