package vastarc.web.format;

import java.io.IOException;
import java.io.Writer;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.PriorityQueue;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;
import vastarc.core.base.validation.Outcome;
import vastarc.core.base.validation.Problem;
import vastarc.core.record.weldlog.Channel;
import vastarc.core.record.weldlog.MeasuredQuantity;
import vastarc.core.record.weldlog.Recording;

/** What meters read of a run as a file: a table with a column for each quantity, or JSON by {@code trace.schema.json}. Both come in again. */
public final class RecordingFile {

    private static final String KIND = "vast-arc-trace";
    private static final int VERSION = 1;
    private static final String READINGS = "readings";

    /** No run lasts longer than a day, s. */
    private static final double LATEST_S = 86_400;

    private RecordingFile() {}

    /** The next reading of one quantity that is not written yet. */
    private static final class QuantityCursor {
        private final MeasuredQuantity kind;
        private final Channel channel;
        private int at;

        QuantityCursor(MeasuredQuantity kind, Channel channel) {
            this.kind = kind;
            this.channel = channel;
        }

        double s() {
            return channel.s(at);
        }
    }

    /**
     * A line for each time at which something was read; a cell is empty where that quantity was not read then.
     *
     * @param recording the recording
     * @param out where to write
     * @throws java.io.IOException if the disk fails
     */
    public static void csv(Recording recording, Writer out) throws IOException {
        List<MeasuredQuantity> kinds = List.copyOf(recording.channels().keySet());
        PriorityQueue<QuantityCursor> lanes = new PriorityQueue<>(
                Comparator.comparingDouble(QuantityCursor::s).thenComparing(lane -> lane.kind));
        recording.channels().forEach((kind, channel) -> lanes.add(new QuantityCursor(kind, channel)));
        List<String> heading = new ArrayList<>(List.of("s"));
        kinds.forEach(kind -> heading.add(
                kind == MeasuredQuantity.OXYGEN ? "ppm" : kind.unit().symbol()));
        CSVPrinter table = new CSVPrinter(
                out,
                CSVFormat.RFC4180
                        .builder()
                        .setHeader(heading.toArray(String[]::new))
                        .get());
        while (!lanes.isEmpty()) {
            double s = lanes.element().s();
            Map<MeasuredQuantity, String> line = new EnumMap<>(MeasuredQuantity.class);
            while (!lanes.isEmpty() && lanes.element().s() == s && !line.containsKey(lanes.element().kind)) {
                QuantityCursor lane = lanes.remove();
                line.put(lane.kind, String.valueOf(CoreJson.rounded(lane.channel.value(lane.at))));
                lane.at++;
                if (lane.at < lane.channel.size()) {
                    lanes.add(lane);
                }
            }
            table.print(String.format(Locale.ROOT, "%.3f", s));
            for (MeasuredQuantity kind : kinds) {
                table.print(line.getOrDefault(kind, ""));
            }
            table.println();
        }
        table.flush();
    }

    /**
     * {@return by the published format}
     *
     * @param recording the recording
     */
    public static ObjectNode json(Recording recording) {
        ObjectNode file = CoreJson.kept().createObjectNode();
        file.put("format", KIND);
        file.put("version", VERSION);
        ObjectNode readings = file.putObject(READINGS);
        recording.channels().forEach((kind, channel) -> {
            ArrayNode list = readings.putArray(kind.name());
            for (int i = 0; i < channel.size(); i++) {
                list.addArray().add(milliseconds(channel.s(i))).add(CoreJson.rounded(channel.value(i)));
            }
        });
        return file;
    }

    /** Times are given to the millisecond here as in the table, however long a run lasts. */
    private static double milliseconds(double s) {
        return Math.round(s * 1000) / 1000.0;
    }

    /**
     * {@return what a file of the published format holds, or the first thing that is wrong with it: a long file is
     * not gone through for more}
     *
     * @param file the file
     */
    public static Outcome<Recording> read(JsonNode file) {
        JsonNode readings = file.path(READINGS);
        if (!KIND.equals(file.path("format").asString(""))
                || file.path("version").asInt(0) != VERSION
                || !readings.isObject()) {
            return Outcome.failed(Problem.badValue(READINGS, "run.traceFile"));
        }
        Map<MeasuredQuantity, Channel> channels = new EnumMap<>(MeasuredQuantity.class);
        for (String name : readings.propertyNames()) {
            Optional<MeasuredQuantity> kind =
                    MeasuredQuantity.named(name).filter(known -> known.name().equals(name));
            Outcome<Channel> channel = kind.isEmpty()
                    ? Outcome.failed(Problem.badValue(READINGS, "run.quantity"))
                    : channel(kind.get(), readings.get(name));
            if (channel.value().isEmpty()) {
                return Outcome.failed(channel.problems());
            }
            channels.put(kind.orElseThrow(), channel.value().get());
        }
        return channels.isEmpty()
                ? Outcome.failed(Problem.badValue(READINGS, "run.traceFile"))
                : Outcome.of(new Recording(channels));
    }

    private static Outcome<Channel> channel(MeasuredQuantity kind, JsonNode list) {
        if (!list.isArray() || list.isEmpty() || list.size() > Recording.MOST) {
            return Outcome.failed(Problem.badValue(READINGS, "run.pairs", list.size(), kind.name(), Recording.MOST));
        }
        double[] s = new double[list.size()];
        double[] value = new double[list.size()];
        for (int i = 0; i < s.length; i++) {
            JsonNode pair = list.get(i);
            s[i] = pair.path(0).isNumber() ? pair.get(0).asDouble() : Double.NaN;
            value[i] = pair.path(1).isNumber() ? pair.get(1).asDouble() : Double.NaN;
            boolean goesOn = pair.size() == 2 && s[i] >= (i > 0 ? s[i - 1] : 0) && s[i] <= LATEST_S;
            if (!goesOn || kind.range().check(value[i]).isPresent()) {
                return Outcome.failed(Problem.badValue(READINGS, "run.pair", i + 1, kind.name()));
            }
        }
        return Outcome.of(Channel.of(s, value));
    }
}
