package vastarc.web.request;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.OptionalDouble;
import org.jspecify.annotations.Nullable;
import vastarc.core.base.notation.NumberReader;
import vastarc.core.base.validation.Outcome;
import vastarc.core.base.validation.Problem;
import vastarc.core.physics.purge.LeakFit;

/** Readings of an oxygen meter as the welder types or pastes them: a line each, seconds and ppm, between them a space, a semicolon, a tab or a comma. */
public final class MeterText {

    /** The most readings of one meter. */
    public static final int MOST = 200;

    private static final String FIELD = "readings";

    private MeterText() {}

    /**
     * {@return the readings, or what is wrong and in which line; a first line of words is a heading}
     *
     * @param text the text
     */
    public static Outcome<List<LeakFit.OxygenReading>> read(String text) {
        List<LeakFit.OxygenReading> readings = new ArrayList<>();
        String[] lines = text.strip().split("\\R");
        for (int i = 0; i < lines.length; i++) {
            boolean heading = i == 0 && lines[i].strip().matches("\\p{L}.*");
            if (!heading && !lines[i].isBlank()) {
                LeakFit.OxygenReading reading = line(lines[i]);
                if (reading == null
                        || !readings.isEmpty() && reading.s() <= last(readings).s()) {
                    return refused("line " + (i + 1) + " cannot be read, or does not come after the one before it");
                }
                readings.add(reading);
            }
        }
        return readings.size() < LeakFit.FEWEST || readings.size() > MOST
                ? refused("there are " + readings.size())
                : Outcome.of(List.copyOf(readings));
    }

    private static LeakFit.OxygenReading last(List<LeakFit.OxygenReading> readings) {
        return readings.get(readings.size() - 1);
    }

    private static LeakFit.@Nullable OxygenReading line(String line) {
        String[] parts = line.strip().split("\\s*[;\\t]\\s*|\\s+|\\s*,\\s*");
        if (parts.length != 2) {
            return null;
        }
        OptionalDouble s = NumberReader.read(parts[0]);
        OptionalDouble ppm = NumberReader.read(parts[1]);
        boolean fits = s.isPresent() && ppm.isPresent() && s.getAsDouble() >= 0 && ppm.getAsDouble() > 0;
        return fits && ppm.getAsDouble() <= 1e6 ? new LeakFit.OxygenReading(s.getAsDouble(), ppm.getAsDouble()) : null;
    }

    private static Outcome<List<LeakFit.OxygenReading>> refused(String why) {
        return Outcome.failed(Problem.badValue(FIELD, "purge.lines", why, LeakFit.FEWEST, MOST));
    }

    /**
     * {@return a reading as it is stored}
     *
     * @param reading the reading
     */
    public static String write(LeakFit.OxygenReading reading) {
        return String.format(Locale.ROOT, "%.1f; %.1f", reading.s(), reading.ppm());
    }
}
