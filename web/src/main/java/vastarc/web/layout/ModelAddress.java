package vastarc.web.layout;

import vastarc.core.reference.ModelPages;
import vastarc.core.reference.ModelPages.ModelEquation;

/** Where the pages of the model are shown. */
public final class ModelAddress {

    /** Address of the page that lists the others. */
    public static final String INDEX = "/reference/model";

    private ModelAddress() {}

    /**
     * {@return the address of a page}
     *
     * @param page its name
     */
    public static String of(String page) {
        return page.equals(ModelPages.INDEX) ? INDEX : INDEX + "/" + page;
    }

    /**
     * {@return the address of an equation on its page}
     *
     * @param equation the equation
     */
    public static String of(ModelEquation equation) {
        return of(equation.page()) + "#" + anchor(equation.number());
    }

    /**
     * {@return the anchor of an equation on its page}
     *
     * @param number number of the equation on its page, from 1
     */
    public static String anchor(Object number) {
        return "eq-" + number;
    }
}
