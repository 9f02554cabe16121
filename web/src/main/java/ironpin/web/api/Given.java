package ironpin.web.api;

import ironpin.quantity.Decimal;
import java.util.Arrays;
import java.util.List;

/** Values of a request, checked where they are taken; each error names the field and what is allowed. */
final class Given {
    private Given() {}

    static double number(String field, Double value, double low, double high, String unit) {
        if (value == null || !(value >= low && value <= high)) {
            String range = Decimal.trimmed(low, 2) + " to " + Decimal.trimmed(high, 2);
            throw new BadField(field, range + (unit.isEmpty() ? "" : " " + unit), value);
        }
        return value;
    }

    static double numberOr(String field, Double value, double otherwise, double low, double high, String unit) {
        return value == null ? otherwise : number(field, value, low, high, unit);
    }

    static <T> T there(String field, T value, String allowed) {
        if (value == null) {
            throw new BadField(field, allowed, null);
        }
        return value;
    }

    static <E extends Enum<E>> E choice(String field, String name, Class<E> type) {
        List<String> names =
                Arrays.stream(type.getEnumConstants()).map(Enum::name).toList();
        if (name == null || !names.contains(name)) {
            throw new BadField(field, "one of " + names, name);
        }
        return Enum.valueOf(type, name);
    }

    static <E extends Enum<E>> E choiceOr(String field, String name, E otherwise) {
        return name == null ? otherwise : choice(field, name, otherwise.getDeclaringClass());
    }
}
