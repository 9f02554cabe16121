package ironpin.store;

import static ironpin.store.db.Tables.FORGOTTEN;

import java.util.Arrays;
import java.util.Set;
import java.util.stream.Collectors;
import org.jooq.DSLContext;

/** Which lessons are left out of account. What is forgotten stays written where it was: only nothing is learned from it. */
record Unminded(Set<String> keys) {
    static Unminded of(DSLContext dsl) {
        return new Unminded(
                Set.copyOf(dsl.select(FORGOTTEN.LESSON).from(FORGOTTEN).fetchSet(FORGOTTEN.LESSON)));
    }

    boolean is(String key) {
        return keys.contains(key);
    }

    /** The key of a lesson: the kind of row it stands in, and what it is known by there. */
    static String key(String of, Object... by) {
        return of + ":" + Arrays.stream(by).map(String::valueOf).collect(Collectors.joining(":"));
    }
}
