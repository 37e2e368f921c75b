package vastarc.web.layout;

import java.util.Locale;
import vastarc.core.advice.parameters.ParameterKey;
import vastarc.core.domain.joint.Position;
import vastarc.core.record.diagnosis.Symptom;

/** Where in the Reference something stands. */
public final class ReferenceAnchors {

    private static final String PAGE = "/reference/";

    private ReferenceAnchors() {}

    /**
     * {@return the address of a setting}
     *
     * @param key the setting
     */
    public static String setting(ParameterKey key) {
        return PAGE + "settings#setting-" + key.apiName();
    }

    /**
     * {@return the address of a symptom}
     *
     * @param symptom the symptom
     */
    public static String symptom(Symptom symptom) {
        return PAGE + "symptoms#symptom-" + symptom.id();
    }

    /**
     * {@return the address of a position}
     *
     * @param position the position
     */
    public static String position(Position position) {
        return PAGE + "positions#position-" + position.name();
    }

    /**
     * {@return the address of a term of the glossary}
     *
     * @param term the term
     */
    public static String term(String term) {
        return PAGE + "terms#word-" + term.toLowerCase(Locale.ROOT).replaceAll("[^a-z0-9]+", "-");
    }

    /**
     * {@return the id on the page of an address given here}
     *
     * @param address the address
     */
    public static String id(String address) {
        return address.substring(address.indexOf('#') + 1);
    }
}
