package ironpin.batch.edit;

import ironpin.batch.Batch;
import ironpin.refusal.NotThere;
import java.util.ArrayList;
import java.util.List;

/** What was not read of a recipe, until the cook says what it is. */
public final class Unread {
    private Unread() {}

    /** What stands at a place. @return its words, or empty if there is none */
    public static String at(Batch batch, int index) {
        return index >= 0 && index < batch.unread().size() ? batch.unread().get(index) : "";
    }

    /** The cook says what it is, in other words. @throws NotThere if there is no such line */
    public static Batch called(Batch batch, int index, String words) {
        List<String> lines = there(batch, index);
        lines.set(index, words);
        return batch.withUnread(lines);
    }

    /** It is in another line already, or is not put in. @throws NotThere if there is no such line */
    public static Batch drop(Batch batch, int index) {
        List<String> lines = there(batch, index);
        lines.remove(index);
        return batch.withUnread(lines);
    }

    private static List<String> there(Batch batch, int index) {
        if (at(batch, index).isEmpty()) {
            throw NotThere.called("line", String.valueOf(index + 1));
        }
        return new ArrayList<>(batch.unread());
    }
}
