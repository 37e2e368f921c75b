package vastarc.web.kept;

import java.util.List;
import java.util.function.Function;
import org.springframework.data.domain.Page;

/**
 * A page of a long list.
 *
 * @param page  its place, from 0
 * @param pages how many there are
 * @param total things in all
 */
public record Listed<T>(List<T> things, int page, int pages, long total) {

    /** A page as the database gave it. */
    public static <T> Listed<T> of(Page<T> page) {
        return new Listed<>(page.getContent(), page.getNumber(), page.getTotalPages(), page.getTotalElements());
    }

    /** The same page of what these become. */
    public <R> List<R> map(Function<T, R> becomes) {
        return things.stream().map(becomes).toList();
    }
}
