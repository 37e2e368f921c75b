package vastarc.web.request;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import tools.jackson.databind.JsonNode;
import vastarc.core.base.units.Unit;
import vastarc.core.base.validation.Outcome;
import vastarc.core.base.validation.Problem;
import vastarc.core.domain.joint.JointLimits.InputRange;
import vastarc.core.record.weldlog.Channel;
import vastarc.core.record.weldlog.MeasuredQuantity;
import vastarc.core.record.weldlog.Recording;

/** Reads the samples of a call: {@code [{"s": 0.1, "a": 62, "v": 11.2, "lPerMin": 8, "ppm": 40, "c": 180}, …]}; all but the time may be missing. */
public final class RecordingReader {

    /** Field of the samples. */
    public static final String SAMPLES = "samples";

    private static final InputRange TIME = new InputRange("s", -86_400, 604_800, Unit.SECOND);
    private static final int MOST_PROBLEMS = 10;

    private final List<Problem> problems = new ArrayList<>();
    private final Map<MeasuredQuantity, GrowingArray> read = new EnumMap<>(MeasuredQuantity.class);

    private RecordingReader() {}

    /** Numbers that come one by one. */
    private static final class GrowingArray {
        private double[] s = new double[256];
        private double[] value = new double[256];
        private int size;

        void add(double at, double read) {
            if (size == s.length) {
                s = Arrays.copyOf(s, 2 * size);
                value = Arrays.copyOf(value, 2 * size);
            }
            s[size] = at;
            value[size++] = read;
        }

        Channel channel() {
            return Channel.of(Arrays.copyOf(s, size), Arrays.copyOf(value, size));
        }
    }

    /**
     * {@return the trace of a body, or what is wrong with it}
     *
     * @param body the document
     */
    public static Outcome<Recording> read(JsonNode body) {
        JsonNode samples = body.path(SAMPLES);
        if (!samples.isArray() || samples.isEmpty() || samples.size() > Recording.MOST) {
            return Outcome.failed(
                    Problem.badValue(SAMPLES, "run.samples", samples.isArray() ? samples.size() : 0, Recording.MOST));
        }
        return new RecordingReader().samples(samples);
    }

    private Outcome<Recording> samples(JsonNode samples) {
        double last = Double.NEGATIVE_INFINITY;
        for (int i = 0; i < samples.size() && problems.size() < MOST_PROBLEMS; i++) {
            JsonNode sample = samples.get(i);
            OptionalDouble s = number(sample.path("s"), TIME, i);
            if (s.isPresent() && s.getAsDouble() < last) {
                problems.add(Problem.badValue(at(i) + "s", "run.backwards", s.getAsDouble(), last));
            }
            last = s.orElse(last);
            sample(sample, last, i);
        }
        if (problems.isEmpty() && read.isEmpty()) {
            problems.add(Problem.badValue(SAMPLES, "run.empty"));
        }
        if (!problems.isEmpty()) {
            return Outcome.failed(problems);
        }
        Map<MeasuredQuantity, Channel> channels = new EnumMap<>(MeasuredQuantity.class);
        read.forEach((kind, growing) -> channels.put(kind, growing.channel()));
        return Outcome.of(new Recording(channels));
    }

    private void sample(JsonNode sample, double s, int i) {
        if (!sample.isObject()) {
            return;
        }
        for (String name : sample.propertyNames()) {
            JsonNode value = sample.get(name);
            if (name.equals("s") || value.isNull()) {
                continue;
            }
            MeasuredQuantity kind = MeasuredQuantity.named(name)
                    .filter(quantity -> quantity.apiName().equals(name))
                    .orElse(null);
            if (kind == null) {
                problems.add(
                        Problem.badValue(at(i) + ApiNames.shortened(name), "unknownField", "s, a, v, lPerMin, ppm, c"));
                return;
            }
            number(value, kind.range(), i)
                    .ifPresent(number -> read.computeIfAbsent(kind, quantity -> new GrowingArray())
                            .add(s, number));
        }
    }

    private static String at(int i) {
        return SAMPLES + "[" + i + "].";
    }

    /** The name of a field is made only where it is wrong: there may be many thousands. */
    private OptionalDouble number(JsonNode node, InputRange range, int i) {
        List<Problem> wrong = new ArrayList<>(0);
        OptionalDouble number = JsonInputs.number(node, range, wrong);
        wrong.forEach(problem -> problems.add(problem.inField(at(i) + problem.field())));
        return number;
    }
}
