package ironpin.web.kit;

import ironpin.amount.Legend;
import ironpin.amount.UnreadableAmount;
import ironpin.dough.Bowl;
import ironpin.dough.BowlMaterial;
import ironpin.dough.Waters;
import ironpin.kit.Kit;
import ironpin.pantry.Absorption;
import ironpin.pantry.Flour;
import ironpin.pantry.FlourKind;
import ironpin.pantry.Price;
import ironpin.quantity.CupStandard;
import ironpin.quantity.Decimal;
import ironpin.quantity.Dimension;
import ironpin.quantity.Mass;
import ironpin.quantity.Percentage;
import ironpin.quantity.Quantity;
import ironpin.quantity.Sentence;
import ironpin.quantity.Temperature;
import ironpin.quantity.UnitSystem;
import ironpin.web.page.Choice;
import ironpin.web.page.TypedValue;
import java.util.Optional;
import java.util.function.UnaryOperator;

/** A cell of the kit that can be typed into, with what it allows. */
enum KitCell {
    ROOM("room temperature", Dimension.TEMPERATURE, 5, 44),
    TAP("tap temperature", Dimension.TEMPERATURE, 1, 40),
    KETTLE("kettle temperature", Dimension.TEMPERATURE, 70, 100),
    FLOUR_NAME("a flour's name", null, 1, 60),
    FLOUR_KIND("a flour's kind", null, 0, 0),
    PROTEIN("protein", null, 0, 25),
    OFFSET("absorption offset", null, -30, 30),
    PRICE("price", null, 0, 1_000),
    MEASURES("sizes and measures of your own", null, 0, Kit.LONGEST_MEASURES),
    BOWL_NAME("a bowl's name", null, 1, 60),
    BOWL_MATERIAL("a bowl's material", null, 0, 0),
    BOWL_MASS("a bowl's mass", Dimension.MASS, 50, 10_000);

    private final String label;
    private final Dimension dimension;
    private final double low;
    private final double high;

    KitCell(String label, Dimension dimension, double low, double high) {
        this.label = label;
        this.dimension = dimension;
        this.low = low;
        this.high = high;
    }

    /** A value that was not taken; the message says what is allowed. */
    static final class Refused extends RuntimeException {
        private static final long serialVersionUID = 1L;

        private final transient Sentence said;

        Refused(Sentence message) {
            super(message.render(UnitSystem.METRIC));
            this.said = message;
        }

        Sentence said() {
            return said;
        }
    }

    String label() {
        return label;
    }

    /** What a key to step up or down adds. */
    double step() {
        return this == PRICE ? 0.1 : this == PROTEIN || this == OFFSET ? 0.5 : this == BOWL_MASS ? 10 : 1;
    }

    double low() {
        return low;
    }

    double high() {
        return high;
    }

    Optional<Dimension> dimension() {
        return Optional.ofNullable(dimension);
    }

    /** The change this cell makes. @throws Refused if the value is not allowed */
    UnaryOperator<Kit> change(Kit before, String key, String typed, UnitSystem units) {
        return switch (this) {
            case ROOM, TAP, KETTLE -> water(before, number(typed, units));
            case FLOUR_NAME -> flour(key, flour -> flour.withName(name(typed)));
            case FLOUR_KIND -> {
                FlourKind kind = Choice.of(FlourKind.class, typed);
                yield flour(key, flour -> flour.withKind(kind));
            }
            case PROTEIN -> {
                Percentage protein = Percentage.of(number(typed, units));
                yield flour(key, flour -> flour.withProtein(protein));
            }
            case OFFSET -> {
                Absorption known = Absorption.typed(Percentage.of(number(typed.replace('−', '-'), units)));
                yield flour(key, flour -> flour.withAbsorption(known));
            }
            case PRICE -> {
                Optional<Price> price =
                        typed.isBlank() ? Optional.empty() : Optional.of(Price.perKilogram(number(typed, units)));
                yield flour(key, flour -> flour.withPrice(price));
            }
            case MEASURES -> {
                String measures = measures(typed);
                yield kit -> kit.withMeasures(measures);
            }
            case BOWL_NAME -> {
                String name = name(typed);
                yield bowl(key, bowl -> new Bowl(bowl.key(), name, bowl.material(), bowl.mass()));
            }
            case BOWL_MATERIAL -> {
                BowlMaterial material = Choice.of(BowlMaterial.class, typed);
                yield bowl(key, bowl -> new Bowl(bowl.key(), bowl.name(), material, bowl.mass()));
            }
            case BOWL_MASS -> {
                Mass mass = Mass.ofGrams(number(typed, units));
                yield bowl(key, bowl -> new Bowl(bowl.key(), bowl.name(), bowl.material(), mass));
            }
        };
    }

    private UnaryOperator<Kit> water(Kit before, double celsius) {
        Waters now = before.waters();
        Temperature typed = Temperature.ofCelsius(celsius);
        Waters changed = new Waters(
                this == ROOM ? typed : now.room(),
                this == TAP ? typed : now.tap(),
                this == KETTLE ? typed : now.kettle());
        return kit -> kit.withWaters(changed);
    }

    private static UnaryOperator<Kit> flour(String key, UnaryOperator<Flour> change) {
        return kit -> kit.withFlours(kit.flours().stream()
                .map(one -> one.key().equals(key) ? change.apply(one) : one)
                .toList());
    }

    private static UnaryOperator<Kit> bowl(String key, UnaryOperator<Bowl> change) {
        return kit -> kit.withBowls(kit.bowls().stream()
                .map(one -> one.key().equals(key) ? change.apply(one) : one)
                .toList());
    }

    private String measures(String typed) {
        String said = typed.strip();
        if (said.length() > high || !said.isEmpty() && !Legend.only(said.replace(';', ' '))) {
            throw new Refused(Sentence.of(
                    "As in “1 walnut = 22 g; glass = 180 ml”, up to " + Decimal.trimmed(high, 0) + " characters."));
        }
        return said;
    }

    private String name(String typed) {
        if (typed.isBlank() || typed.strip().length() > high) {
            throw new Refused(Sentence.of("1 to 60 characters."));
        }
        return typed.strip();
    }

    private double number(String typed, UnitSystem units) {
        Optional<TypedValue> value = read(typed, units);
        if (value.isEmpty() || value.get().metric() < low || value.get().metric() > high) {
            throw new Refused(Sentence.of("Between ", range(), "."));
        }
        return value.get().metric();
    }

    private Optional<TypedValue> read(String typed, UnitSystem units) {
        try {
            return TypedValue.read(typed, "%", dimension(), units, Optional.empty(), CupStandard.US);
        } catch (UnreadableAmount notAMass) {
            return Optional.empty();
        }
    }

    private Sentence range() {
        return dimension()
                .map(one -> Sentence.of(Quantity.number(one, low, 0), " and ", Quantity.brief(one, high, 0)))
                .orElseGet(() -> Sentence.of(Decimal.trimmed(low, 0) + " and " + Decimal.trimmed(high, 0)));
    }
}
