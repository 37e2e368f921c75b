package vastarc.web.ui;

/**
 * A field to type into, finished for display.
 *
 * @param echo    how it was read, in both unit systems; empty where it could not be
 * @param hint    what is used where nothing is typed
 * @param message what is wrong with what was typed; empty if nothing is
 */
public record TypedField(String name, String label, String text, String echo, String hint, String message) {
    public TypedField {
        label = Labels.of(label);
    }
}
