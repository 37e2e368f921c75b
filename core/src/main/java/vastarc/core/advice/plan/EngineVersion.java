package vastarc.core.advice.plan;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.Locale;
import java.util.zip.CRC32;

/** Which engine calculates: its rules, counted by the developer when one of them changes, and a check sum of the tables it reads. */
public final class EngineVersion {

    /** Raised by one whenever a rule moves a figure. */
    static final int RULES = 5;

    /** Every table a figure depends on. */
    static final List<String> TABLES = List.of(
            "control-logics.csv",
            "control-reactions.csv",
            "corner-model.csv",
            "cups.csv",
            "expansion.csv",
            "gauges.csv",
            "helmet-shades.csv",
            "materials.csv",
            "melting.csv",
            "one-pass.csv",
            "preheat.csv",
            "purge-targets.csv",
            "tacks.csv",
            "tip-flats.csv",
            "tints.csv",
            "torches.csv",
            "tungstens.csv",
            "wire-alloys.csv",
            "wires.csv");

    private static final String VERSION = String.format(Locale.ROOT, "rules %d, tables %08x", RULES, checkSum());

    private EngineVersion() {}

    /**
     * For example {@code rules 1, tables 5f3a90c2}.
     *
     * @return the text
     */
    public static String version() {
        return VERSION;
    }

    private static long checkSum() {
        CRC32 sum = new CRC32();
        for (String table : TABLES) {
            try (InputStream in = EngineVersion.class.getResourceAsStream("/tables/" + table)) {
                sum.update(in.readAllBytes());
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            }
        }
        return sum.getValue();
    }
}
