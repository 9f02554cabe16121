package ironpin.web.book;

import ironpin.amount.UnreadableAmount;
import ironpin.batch.balance.Balance;
import ironpin.book.FillingVerdict;
import ironpin.book.Outcome;
import ironpin.book.Seen;
import ironpin.book.SkinVerdict;
import ironpin.hands.Fault;
import ironpin.pantry.Food;
import ironpin.pantry.Foods;
import ironpin.quantity.CupStandard;
import ironpin.quantity.Decimal;
import ironpin.quantity.Dimension;
import ironpin.quantity.Mass;
import ironpin.quantity.Quantity;
import ironpin.quantity.Sentence;
import ironpin.quantity.Temperature;
import ironpin.quantity.UnitSystem;
import ironpin.web.hands.AtWork;
import ironpin.web.page.FormNumber;
import ironpin.web.page.Screen;
import ironpin.web.page.TypedValue;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * What the cook writes about a lot, as it was typed, with what is wrong with it.
 *
 * @param values by name, as typed
 * @param errors by name, what is allowed
 * @param units that its numbers are typed in
 */
public record OutcomeForm(Map<String, Sentence> values, Map<String, Sentence> errors, UnitSystem units) {
    /** A box for each thing that may have been seen besides. */
    static final String SEEN = "seen-";

    private static final double MOST_LEFT_GRAMS = 50_000;

    /** As it was written, or as it was counted at work. */
    static OutcomeForm of(Screen screen, AtWork work) {
        Map<String, Sentence> values = new LinkedHashMap<>();
        Balance.OfLot planned = screen.lot().share();
        Optional<Outcome> written = screen.entry().map(entry -> entry.outcome());
        values.put("made", Sentence.of(written.map(Outcome::made).orElse(planned.pieces())));
        values.put("burst", Sentence.of(written.map(Outcome::burst).orElse((int) work.count(Fault.BURST))));
        values.put("leaked", Sentence.of(written.map(Outcome::leaked).orElse((int) work.count(Fault.GAP))));
        values.put("stuck", Sentence.of(written.map(Outcome::stuck).orElse(0)));
        values.put(
                "doughLeft",
                written.map(one ->
                                Quantity.number(Dimension.MASS, one.doughLeft().grams(), 1))
                        .orElse(Sentence.of("0")));
        values.put(
                "fillingLeft",
                written.map(one -> Quantity.number(
                                Dimension.MASS, one.fillingLeft().grams(), 1))
                        .orElse(Sentence.of("0")));
        values.put(
                "skin",
                Sentence.of(written.map(Outcome::skin).orElse(SkinVerdict.RIGHT).name()));
        values.put(
                "filling",
                Sentence.of(written.map(Outcome::filling)
                        .orElse(FillingVerdict.RIGHT)
                        .name()));
        values.put(
                "core",
                written.flatMap(Outcome::core)
                        .map(core -> Quantity.number(Dimension.TEMPERATURE, core.celsius(), 1))
                        .orElse(Sentence.EMPTY));
        values.put("note", Sentence.of(written.map(Outcome::note).orElse("")));
        values.put(
                "eaten",
                Sentence.of(written.flatMap(Outcome::eaten).map(String::valueOf).orElse("")));
        written.map(Outcome::seen).orElse(Set.of()).forEach(one -> values.put(SEEN + one.name(), Sentence.of("true")));
        return new OutcomeForm(values, new LinkedHashMap<>(), UnitSystem.METRIC);
    }

    static OutcomeForm typed(Map<String, String> typed, UnitSystem units) {
        Map<String, Sentence> values = new LinkedHashMap<>();
        typed.forEach((name, text) -> values.put(name, Sentence.of(text)));
        return new OutcomeForm(values, new LinkedHashMap<>(), units);
    }

    /** Whether this was seen. */
    public boolean has(Seen one) {
        return values.containsKey(SEEN + one.name());
    }

    public Sentence value(String name) {
        return values.getOrDefault(name, Sentence.EMPTY);
    }

    /** What was counted, weighed and read. */
    public List<FormNumber> numbers() {
        return List.of(
                count("made", "Pieces made"),
                count("burst", "Burst"),
                count("leaked", "Leaked"),
                count("stuck", "Stuck"),
                count("eaten", "Eaten, if you know"),
                measured("doughLeft", "Dough left", Dimension.MASS),
                measured("fillingLeft", "Filling left", Dimension.MASS),
                measured("core", "Core reading, if a probe was in", Dimension.TEMPERATURE));
    }

    private FormNumber count(String key, String label) {
        return FormNumber.plain("judge", key, label, "", value(key), error(key));
    }

    private FormNumber measured(String key, String label, Dimension dimension) {
        return FormNumber.measured("judge", key, label, dimension, value(key), error(key));
    }

    public Sentence error(String name) {
        return errors.getOrDefault(name, Sentence.EMPTY);
    }

    /** As it was typed or chosen, without units. */
    public String text(String name) {
        return value(name).render(units);
    }

    /** The outcome, if everything typed makes sense; otherwise the errors say what does not. */
    Optional<Outcome> read() {
        int made = whole("made", 5_000);
        int burst = whole("burst", made);
        int leaked = whole("leaked", made);
        int stuck = whole("stuck", made);
        double doughLeft = number("doughLeft", Optional.of(Dimension.MASS), 0, MOST_LEFT_GRAMS);
        double fillingLeft = number("fillingLeft", Optional.of(Dimension.MASS), 0, MOST_LEFT_GRAMS);
        Optional<Temperature> core = text("core").isBlank()
                ? Optional.empty()
                : Optional.of(Temperature.ofCelsius(number("core", Optional.of(Dimension.TEMPERATURE), -30, 130)));
        Optional<Integer> eaten = text("eaten").isBlank() ? Optional.empty() : Optional.of(whole("eaten", made));
        Set<Seen> seen = Arrays.stream(Seen.values()).filter(this::has).collect(Collectors.toSet());
        if (text("note").length() > 2_000) {
            errors.put(
                    "note",
                    Sentence.of(
                            "At most 2,000 characters; this has ", text("note").length(), "."));
        }
        Optional<SkinVerdict> skin = choice("skin", SkinVerdict.class);
        Optional<FillingVerdict> filling = choice("filling", FillingVerdict.class);
        if (!errors.isEmpty() || skin.isEmpty() || filling.isEmpty()) {
            return Optional.empty();
        }
        return Optional.of(new Outcome(
                made,
                burst,
                leaked,
                stuck,
                Mass.ofGrams(doughLeft),
                Mass.ofGrams(fillingLeft),
                skin.get(),
                filling.get(),
                core,
                text("note").strip(),
                seen,
                eaten));
    }

    private int whole(String name, int most) {
        double value = number(name, 0, most);
        if (value != Math.rint(value)) {
            errors.put(name, Sentence.of("A whole number from 0 to ", most, "."));
        }
        return (int) value;
    }

    private double number(String name, double low, double high) {
        return number(name, Optional.empty(), low, high);
    }

    private double number(String name, Optional<Dimension> dimension, double low, double high) {
        Optional<TypedValue> typed = read(name, dimension);
        if (typed.isEmpty() || typed.get().metric() < low || typed.get().metric() > high) {
            Sentence range = dimension
                    .map(one -> Sentence.of(Quantity.number(one, low, 0), " to ", Quantity.brief(one, high, 0)))
                    .orElseGet(() -> Sentence.of(Decimal.trimmed(low, 0) + " to " + Decimal.trimmed(high, 0)));
            errors.put(name, Sentence.of("A number from ", range, "."));
            return 0;
        }
        return typed.get().metric();
    }

    private Optional<TypedValue> read(String name, Optional<Dimension> dimension) {
        try {
            Optional<Food> of = Optional.of(Foods.get(name.startsWith("dough") ? "dough" : "filling"));
            return TypedValue.read(text(name), "", dimension, units, of, CupStandard.US);
        } catch (UnreadableAmount e) {
            return Optional.empty();
        }
    }

    private <E extends Enum<E>> Optional<E> choice(String name, Class<E> type) {
        try {
            return Optional.of(Enum.valueOf(type, text(name)));
        } catch (IllegalArgumentException e) {
            errors.put(name, Sentence.of("Choose one."));
            return Optional.empty();
        }
    }
}
