package ironpin.store;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.function.Supplier;

/** The values used lately, so many at most; safe for several threads. */
public final class Recent<K, V> {
    private final Map<K, V> values = new LinkedHashMap<>(16, 0.75f, true);
    private final int most;

    /** @param most values that are kept */
    public Recent(int most) {
        this.most = most;
    }

    /** The value kept under this key, or what the supplier reads. */
    public V get(K key, Supplier<V> read) {
        synchronized (values) {
            V known = values.get(key);
            if (known != null) {
                return known;
            }
        }
        V value = read.get();
        put(key, value);
        return value;
    }

    /** Forgets everything. */
    public void clear() {
        synchronized (values) {
            values.clear();
        }
    }

    /** Keeps a value, over what stood there. */
    public void put(K key, V value) {
        synchronized (values) {
            values.put(key, value);
            while (values.size() > most) {
                values.remove(values.keySet().iterator().next());
            }
        }
    }
}
