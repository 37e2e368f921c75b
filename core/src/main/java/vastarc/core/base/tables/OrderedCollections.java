package vastarc.core.base.tables;

import java.util.Collection;
import java.util.Collections;
import java.util.Map;
import java.util.SortedMap;
import java.util.SortedSet;
import java.util.TreeMap;
import java.util.TreeSet;

/**
 * Sets and maps that cannot be changed and are always gone through in the natural order of their elements. The library's own immutable ones are gone
 * through in an order that changes with every start of the program, so that what is written, shown or marked from them would too.
 */
public final class OrderedCollections {

    private OrderedCollections() {}

    /**
     * {@return the elements, each once, in order}
     *
     * @param <E> the type of the elements
     * @param elements the elements
     */
    public static <E extends Comparable<? super E>> SortedSet<E> set(Collection<? extends E> elements) {
        return Collections.unmodifiableSortedSet(new TreeSet<>(elements));
    }

    /**
     * {@return the entries in the order of their keys}
     *
     * @param <K> the type of the key
     * @param <V> the type of the value
     * @param entries the entries
     */
    public static <K extends Comparable<? super K>, V> SortedMap<K, V> map(Map<? extends K, ? extends V> entries) {
        return Collections.unmodifiableSortedMap(new TreeMap<>(entries));
    }
}
