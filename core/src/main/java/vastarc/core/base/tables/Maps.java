package vastarc.core.base.tables;

import java.util.Map;

/** Looks into maps that hold every key they are asked for: what is missing is a fault of the program, reported by its name. */
public final class Maps {

    private Maps() {}

    /**
     * {@return the value of a key}
     *
     * @param <K> the type of the key
     * @param <V> the type of the value
     * @param map the map
     * @param key the key
     * @throws IllegalStateException if the map lacks it
     */
    public static <K, V> V get(Map<K, V> map, K key) {
        V value = map.get(key);
        if (value == null) {
            throw new IllegalStateException("nothing is kept for " + key);
        }
        return value;
    }
}
