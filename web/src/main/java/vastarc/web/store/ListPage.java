package vastarc.web.store;

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
public record ListPage<T>(List<T> things, int page, int pages, long total) {

    /**
     * {@return a page as the database gave it}
     *
     * @param <T> the type of the value
     * @param page the page
     */
    public static <T> ListPage<T> of(Page<T> page) {
        return new ListPage<>(page.getContent(), page.getNumber(), page.getTotalPages(), page.getTotalElements());
    }

    /**
     * {@return a page of a list that is known whole; beyond its end the last one}
     *
     * @param <T> the type of the value
     * @param all the elements
     * @param page number of the page, from 0
     * @param onAPage how many are on a page
     */
    public static <T> ListPage<T> of(List<T> all, int page, int onAPage) {
        int pages = Math.max(1, (all.size() + onAPage - 1) / onAPage);
        int shown = Math.min(page, pages - 1);
        List<T> some = all.subList(shown * onAPage, Math.min(all.size(), (shown + 1) * onAPage));
        return new ListPage<>(some, shown, pages, all.size());
    }

    /**
     * {@return the same page of what these become}
     *
     * @param <R> the type of the result
     * @param becomes what an element becomes
     */
    public <R> List<R> map(Function<T, R> becomes) {
        return things.stream().map(becomes).toList();
    }
}
