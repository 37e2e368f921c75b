package vastarc.core.base.tables;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** However they come, they are gone through in the same order. */
class OrderedCollectionsTest {

    private static final List<String> WORDS = List.of("HF", "LIFT", "SCRATCH", "arc", "zebra", "1", "10", "2");

    @Test
    void setsAndMapsAreGoneThroughInOneOrderWhateverCameFirst() {
        Random random = new Random(29);
        for (int i = 0; i < 50; i++) {
            List<String> shuffled = new ArrayList<>(WORDS);
            Collections.shuffle(shuffled, random);
            Map<String, Integer> entries = new LinkedHashMap<>();
            shuffled.forEach(word -> entries.put(word, word.length()));

            assertThat(OrderedCollections.set(shuffled))
                    .containsExactly("1", "10", "2", "HF", "LIFT", "SCRATCH", "arc", "zebra");
            assertThat(OrderedCollections.map(entries).keySet())
                    .containsExactlyElementsOf(OrderedCollections.set(shuffled));
        }
    }

    @Test
    void neitherCanBeChanged() {
        assertThatThrownBy(() -> OrderedCollections.set(WORDS).add("more"))
                .isInstanceOf(UnsupportedOperationException.class);
        assertThatThrownBy(() -> OrderedCollections.map(Map.of("one", 1)).clear())
                .isInstanceOf(UnsupportedOperationException.class);
    }
}
