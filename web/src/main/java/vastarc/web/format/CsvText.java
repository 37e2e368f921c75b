package vastarc.web.format;

import java.nio.charset.StandardCharsets;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import vastarc.core.base.notation.NumberReader;

/** Text that people typed, in the cells of a table that spreadsheets open. */
public final class CsvText {

    private static final String FORMULA_BEGINS = "=+-@\t\r";
    private static final String AS_TEXT = "'";

    private CsvText() {}

    /**
     * {@return a cell that a spreadsheet would take for a formula is marked as text; a number stays one}
     *
     * @param text the text
     */
    public static String cell(String text) {
        return isFormula(text) && NumberReader.read(text).isEmpty() ? AS_TEXT + text : text;
    }

    /**
     * {@return the text before {@link #cell}}
     *
     * @param cell the cell
     */
    public static String read(String cell) {
        return cell.startsWith(AS_TEXT) && isFormula(cell.substring(1)) ? cell.substring(1) : cell;
    }

    /**
     * {@return a table as a file to be saved}
     *
     * @param name  of the file
     * @param table comma-separated values
     */
    public static ResponseEntity<String> file(String name, String table) {
        return ResponseEntity.ok()
                .contentType(new MediaType("text", "csv", StandardCharsets.UTF_8))
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment().filename(name).build().toString())
                .body(table);
    }

    private static boolean isFormula(String text) {
        return !text.isEmpty() && FORMULA_BEGINS.indexOf(text.charAt(0)) >= 0;
    }
}
