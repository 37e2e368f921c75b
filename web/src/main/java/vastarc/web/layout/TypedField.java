package vastarc.web.layout;

/**
 * A field to type into, finished for display.
 *
 * @param echo    how it was read, in both unit systems; empty where it could not be
 * @param hint    what is used where nothing is typed
 * @param message what is wrong with what was typed; empty if nothing is
 * @param asked   the same with the unit that was likelier meant; empty where nothing is to be asked
 */
public record TypedField(
        String name, String label, String text, String echo, String hint, String message, String asked) {
    public TypedField {
        label = Labels.of(label);
    }

    /**
     * A field of which nothing is to be asked.
     *
     * @param name of the field
     * @param label its label
     * @param text as typed
     * @param echo how it was read; empty where it could not be
     * @param hint what is used where nothing is typed
     * @param message what is wrong; empty if nothing is
     */
    public TypedField(String name, String label, String text, String echo, String hint, String message) {
        this(name, label, text, echo, hint, message, "");
    }
}
