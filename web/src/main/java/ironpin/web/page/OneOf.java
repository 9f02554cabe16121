package ironpin.web.page;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import java.util.stream.Stream;

/**
 * One out of a list, sent as soon as it is chosen: the fragment "choice" shows it.
 *
 * @param id of the list on the page; its form is "form-" and this
 * @param to where it is sent
 * @param name it is sent under
 * @param label read out where nothing is written beside it; empty where something is
 * @param options what may be chosen
 */
public record OneOf(String id, String to, String name, String label, List<Option> options) {
    /** Options of any things: what each is sent by, what it is called, and the one that is chosen; null for none. */
    public static <T> List<Option> options(
            Iterable<T> things, Function<T, String> value, Function<T, String> label, T chosen) {
        List<Option> options = new ArrayList<>();
        things.forEach(one -> options.add(new Option(value.apply(one), label.apply(one), "", one.equals(chosen))));
        return options;
    }

    /** A list that adds what is chosen: its first line says so and sends nothing. */
    public static List<Option> adding(String invitation, List<Option> options) {
        return Stream.concat(Stream.of(new Option("", invitation, "", false)), options.stream())
                .toList();
    }
}
