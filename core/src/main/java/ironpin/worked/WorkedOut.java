package ironpin.worked;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.function.Function;

/**
 * Answers to the questions that were asked last. Two that ask the same at once may both work it out; they get equal answers.
 *
 * @param <K> the question, a value with equals
 * @param <V> the answer, which nobody changes
 */
public final class WorkedOut<K, V> {
    private final Map<K, V> answers;
    private final Function<K, V> work;

    /**
     * @param most answers that are kept, the oldest asked is forgotten first
     * @param work how a question is answered
     */
    public WorkedOut(int most, Function<K, V> work) {
        this.work = work;
        answers = new Latest<>(most);
    }

    /** Kept in the order they were asked. */
    private static final class Latest<K, V> extends LinkedHashMap<K, V> {
        private static final long serialVersionUID = 1L;
        private final int most;

        private Latest(int most) {
            super(most, 0.75f, true);
            this.most = most;
        }

        @Override
        protected boolean removeEldestEntry(Map.Entry<K, V> eldest) {
            return size() > most;
        }
    }

    /** The answer. */
    public V of(K question) {
        synchronized (answers) {
            V known = answers.get(question);
            if (known != null) {
                return known;
            }
        }
        V found = work.apply(question);
        synchronized (answers) {
            answers.put(question, found);
        }
        return found;
    }
}
