package vastarc.web.layout;

import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import vastarc.core.base.notation.NumberReader;
import vastarc.web.store.ListPage;

/**
 * The way through a long list.
 *
 * @param number this page, from 1
 * @param count  how many there are; at least 1
 * @param total  things in all
 * @param before address of the page before; empty on the first
 * @param after  address of the page after; empty on the last
 */
public record Pages(int number, int count, long total, String before, String after) {

    private static final int MOST = 1_000_000;

    /**
     * {@return a page as an address names it, from 0; one that is no page is the first}
     *
     * @param text the text
     */
    public static int number(String text) {
        double number = NumberReader.read(text).orElse(1);
        return number >= 1 && number <= MOST ? (int) number - 1 : 0;
    }

    /**
     * {@return the way through a list of which a page is shown}
     *
     * @param page the page
     * @param address the address
     * @param find what was looked for; empty for everything
     */
    public static Pages of(ListPage<?> page, String address, String find) {
        int number = page.page() + 1;
        int count = Math.max(1, page.pages());
        String joint = address.contains("?") ? "&" : "?";
        String requested = find.isEmpty() ? "" : "find=" + URLEncoder.encode(find, StandardCharsets.UTF_8) + "&";
        return new Pages(
                number,
                count,
                page.total(),
                number > 1 ? address + joint + requested + "page=" + Math.min(count, number - 1) : "",
                number < count ? address + joint + requested + "page=" + (number + 1) : "");
    }

    /** {@return whether there is more than one page} */
    public boolean areMany() {
        return count > 1 || number > 1;
    }
}
