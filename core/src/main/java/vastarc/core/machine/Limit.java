package vastarc.core.machine;

import java.util.List;
import vastarc.core.wording.Phrase;

/**
 * Where a machine or torch does not reach what the job asks, and the nearest ways out.
 *
 * @param code stable name
 * @param text what is wrong
 * @param ways what would work, nearest first
 */
public record Limit(String code, Phrase text, List<Phrase> ways) {

    public Limit {
        ways = List.copyOf(ways);
    }
}
