package ironpin.web.page;

import ironpin.refusal.NotThere;
import java.util.Arrays;
import java.util.Collection;
import java.util.List;
import java.util.Objects;
import java.util.stream.Collectors;

/** One of a few, chosen by its name; forms of our own offer no others. */
public final class Choice {
    private Choice() {}

    /** @throws NotThere if there is no such choice; says which there are */
    public static <E extends Enum<E>> E of(Class<E> type, String name) {
        return Arrays.stream(type.getEnumConstants())
                .filter(one -> one.name().equals(name))
                .findFirst()
                .orElseThrow(() -> new NotThere("'" + name + "' is not among " + all(type)));
    }

    /** Those of a list that were said: none for no list, and without the empty ones among them. */
    public static <T> List<T> said(Collection<T> all) {
        return all == null ? List.of() : all.stream().filter(Objects::nonNull).toList();
    }

    /** Every name there is, in words. */
    static <E extends Enum<E>> String all(Class<E> type) {
        return Arrays.stream(type.getEnumConstants()).map(Enum::name).collect(Collectors.joining(", "));
    }
}
