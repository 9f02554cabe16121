package ironpin.refusal;

import java.util.List;
import java.util.function.Function;

/** What stands at a place that somebody named by its number. */
public final class Numbered {
    private Numbered() {}

    /**
     * The item there.
     *
     * @param index from 0
     * @param what an item is called, as in "line"
     * @throws NotThere if the list has no such place
     */
    public static <T> T of(List<T> list, int index, String what) {
        if (index < 0 || index >= list.size()) {
            throw new NotThere("there is no " + what + " at place " + (index + 1L) + " of " + list.size());
        }
        return list.get(index);
    }

    /**
     * What stands there, as it is called, and how many are called so: the same as long as it has not moved.
     *
     * @param name of an item
     * @throws NotThere if the list has no such place
     */
    public static <T> String bearer(List<T> list, int index, String what, Function<T, String> name) {
        String called = name.apply(of(list, index, what));
        return called + ", one of "
                + list.stream().filter(one -> name.apply(one).equals(called)).count();
    }
}
