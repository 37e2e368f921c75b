package vastarc.web.store.register;

import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.Map;
import java.util.Optional;
import vastarc.core.base.validation.Outcome;
import vastarc.core.base.validation.Problem;

/**
 * A certificate or scan as it was handed in: a PDF, a JPEG or a PNG.
 *
 * @param name      of the file, at most {@value #LONGEST_NAME} characters
 * @param mediaType what its first bytes say it is
 * @param content   its bytes, at most {@value #MOST_BYTES}
 */
public record CertificateFile(String name, String mediaType, byte[] content) {

    /** Largest file, bytes. */
    public static final int MOST_BYTES = 2_000_000;

    /** Longest name, characters. */
    public static final int LONGEST_NAME = 120;

    private static final String FIELD = "file";
    private static final Map<String, String> BEGINNINGS =
            Map.of("%PDF-", "application/pdf", "\u00FF\u00D8\u00FF", "image/jpeg", "\u0089PNG", "image/png");

    /**
     * {@return a file as it came, or why it cannot be kept}
     *
     * @param name    as whoever sent it called it; a path before it and what no file is called by is left out
     * @param content its bytes
     */
    public static Outcome<CertificateFile> of(String name, byte[] content) {
        if (content.length > MOST_BYTES) {
            return Outcome.failed(Problem.badValue(FIELD, "register.file.large", MOST_BYTES / 1_000_000));
        }
        String begins = new String(Arrays.copyOf(content, 8), StandardCharsets.ISO_8859_1);
        Optional<String> type = BEGINNINGS.entrySet().stream()
                .filter(beginning -> begins.startsWith(beginning.getKey()))
                .map(Map.Entry::getValue)
                .findFirst();
        return type.map(known -> Outcome.of(new CertificateFile(cleaned(name), known, content)))
                .orElseGet(() -> Outcome.failed(Problem.badValue(FIELD, "register.file.kind")));
    }

    private static String cleaned(String name) {
        String last = name.substring(1 + Math.max(name.lastIndexOf('/'), name.lastIndexOf('\\')))
                .replaceAll("[^\\p{L}\\p{N} ._()-]", "")
                .strip();
        String called = last.isEmpty() ? "certificate" : last;
        return called.substring(0, Math.min(LONGEST_NAME, called.length()));
    }
}
