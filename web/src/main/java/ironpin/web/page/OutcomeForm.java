package ironpin.web.page;

import ironpin.batch.Balance;
import ironpin.book.FillingVerdict;
import ironpin.book.Outcome;
import ironpin.book.SkinVerdict;
import ironpin.quantity.Mass;
import ironpin.quantity.Temperature;
import ironpin.web.picture.Say;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;

/**
 * What the cook writes about a lot, as it was typed, with what is wrong with it.
 *
 * @param values by name, as typed
 * @param errors by name, what is allowed
 */
public record OutcomeForm(Map<String, String> values, Map<String, String> errors) {
    private static final double MOST_LEFT_GRAMS = 50_000;

    static OutcomeForm of(Screen screen) {
        Map<String, String> values = new LinkedHashMap<>();
        Balance.OfLot planned = screen.lot().share();
        Optional<Outcome> written = screen.entry().map(entry -> entry.outcome());
        values.put("made", String.valueOf(written.map(Outcome::made).orElse(planned.pieces())));
        values.put("burst", String.valueOf(written.map(Outcome::burst).orElse(0)));
        values.put("leaked", String.valueOf(written.map(Outcome::leaked).orElse(0)));
        values.put("stuck", String.valueOf(written.map(Outcome::stuck).orElse(0)));
        values.put(
                "doughLeft",
                written.map(one -> Say.plain(one.doughLeft().grams(), 1)).orElse("0"));
        values.put(
                "fillingLeft",
                written.map(one -> Say.plain(one.fillingLeft().grams(), 1)).orElse("0"));
        values.put("skin", written.map(Outcome::skin).orElse(SkinVerdict.RIGHT).name());
        values.put(
                "filling",
                written.map(Outcome::filling).orElse(FillingVerdict.RIGHT).name());
        values.put(
                "core",
                written.flatMap(Outcome::core)
                        .map(core -> Say.plain(core.celsius(), 1))
                        .orElse(""));
        values.put("note", written.map(Outcome::note).orElse(""));
        return new OutcomeForm(values, new LinkedHashMap<>());
    }

    static OutcomeForm typed(Map<String, String> values) {
        return new OutcomeForm(values, new LinkedHashMap<>());
    }

    public String value(String name) {
        return values.getOrDefault(name, "");
    }

    public String error(String name) {
        return errors.getOrDefault(name, "");
    }

    /** The outcome, if everything typed makes sense; otherwise the errors say what does not. */
    Optional<Outcome> read() {
        int made = whole("made", 5_000);
        int burst = whole("burst", made);
        int leaked = whole("leaked", made);
        int stuck = whole("stuck", made);
        double doughLeft = number("doughLeft", "g", 0, MOST_LEFT_GRAMS);
        double fillingLeft = number("fillingLeft", "g", 0, MOST_LEFT_GRAMS);
        Optional<Temperature> core = value("core").isBlank()
                ? Optional.empty()
                : Optional.of(Temperature.ofCelsius(number("core", "°C", -30, 130)));
        if (value("note").length() > 2_000) {
            errors.put(
                    "note",
                    "At most 2,000 characters; this has " + value("note").length() + ".");
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
                value("note").strip()));
    }

    private int whole(String name, int most) {
        double value = number(name, "", 0, most);
        if (value != Math.rint(value)) {
            errors.put(name, "A whole number from 0 to " + most + ".");
        }
        return (int) value;
    }

    private double number(String name, String unit, double low, double high) {
        var typed = TypedNumber.read(value(name), unit);
        if (typed.isEmpty() || typed.getAsDouble() < low || typed.getAsDouble() > high) {
            String range = Say.plain(low, 0) + " to " + Say.plain(high, 0);
            errors.put(name, "A number from " + range + (unit.isEmpty() ? "." : " " + unit + "."));
            return 0;
        }
        return typed.getAsDouble();
    }

    private <E extends Enum<E>> Optional<E> choice(String name, Class<E> type) {
        try {
            return Optional.of(Enum.valueOf(type, value(name)));
        } catch (IllegalArgumentException e) {
            errors.put(name, "Choose one.");
            return Optional.empty();
        }
    }
}
