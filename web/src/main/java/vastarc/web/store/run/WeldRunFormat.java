package vastarc.web.store.run;

import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;
import vastarc.core.base.notation.NumberReader;
import vastarc.core.base.validation.Outcome;
import vastarc.core.base.validation.Problem;
import vastarc.core.coach.CoachLevel;
import vastarc.core.record.weldlog.RunVerdict;
import vastarc.web.format.CoreJson;
import vastarc.web.format.CsvText;
import vastarc.web.format.Format;
import vastarc.web.store.run.WeldRunQueries.CompleteRun;

/** A run as one row, as {@code run.schema.json} publishes it: the same names in JSON and over the columns of a table. */
public final class WeldRunFormat {

    /** The columns, in order. */
    public static final List<String> COLUMNS = List.of(
            "id",
            "job",
            "started",
            "ended",
            "material",
            "joint",
            "position",
            "thicknessMm",
            "machine",
            "hand",
            "coach",
            "meter",
            "verdict",
            "simulated",
            "plannedA",
            "reckonedA",
            "currentA",
            "plannedTravelMmPerMin",
            "travelMmPerMin",
            "heatInputKjPerMm",
            "gasL",
            "arcS",
            "seamMm",
            "note",
            "beadWidthMm",
            "beadWidthPlusMinusMm",
            "ripplePitchMm",
            "rippleEvenness",
            "tint");

    private static final JsonMapper JSON = CoreJson.kept();
    private static final List<String> NUMBERS = List.of(
            "thicknessMm",
            "plannedA",
            "reckonedA",
            "currentA",
            "plannedTravelMmPerMin",
            "travelMmPerMin",
            "heatInputKjPerMm",
            "gasL",
            "arcS",
            "seamMm",
            "beadWidthMm",
            "beadWidthPlusMinusMm",
            "ripplePitchMm",
            "rippleEvenness");

    private WeldRunFormat() {}

    /**
     * {@return a run as a row}
     *
     * @param run the run
     */
    public static ObjectNode row(WeldRun run) {
        RunHead head = run.head();
        RunFigures figures = run.figures();
        ObjectNode row = JSON.createObjectNode();
        row.put("id", run.id().toString());
        row.put("job", head.jobName());
        row.put("started", run.startedAt().toString());
        row.put("ended", run.endedAt().map(Instant::toString).orElse(null));
        row.put("material", head.welded().material());
        row.put("joint", head.welded().joint());
        row.put("position", head.welded().position());
        row.put("thicknessMm", CoreJson.rounded(head.welded().thicknessMm()));
        row.put("machine", head.machineName());
        row.put("hand", head.hand());
        head.coach().ifPresent(level -> row.put("coach", level.name()));
        row.put("meter", head.meter());
        row.put("verdict", run.verdict().name());
        row.put("simulated", head.simulated());
        row.put("plannedA", CoreJson.rounded(head.planned().currentA()));
        row.put("reckonedA", CoreJson.rounded(head.planned().reckonedA()));
        put(row, "currentA", figures.currentA());
        row.put("plannedTravelMmPerMin", CoreJson.rounded(head.planned().travel()));
        put(row, "travelMmPerMin", figures.travel());
        put(row, "heatInputKjPerMm", figures.heat());
        put(row, "gasL", figures.gasL());
        row.put("arcS", CoreJson.rounded(figures.arcS()));
        put(row, "seamMm", figures.seamMm());
        row.put("note", run.note());
        return row;
    }

    /**
     * {@return a run as a row, with what was measured in a photograph of it: told, and not read back, as the photograph is not here}
     *
     * @param run     the run
     * @param measure what was measured; null where nothing was
     */
    public static ObjectNode row(WeldRun run, @Nullable KeptMeasure measure) {
        ObjectNode row = row(run);
        if (measure != null) {
            row.put("beadWidthMm", CoreJson.rounded(measure.widthMm()));
            row.put("beadWidthPlusMinusMm", CoreJson.rounded(measure.widthPlusMinusMm()));
            row.put("ripplePitchMm", measure.pitchMm() == null ? null : CoreJson.rounded(measure.pitchMm()));
            row.put("rippleEvenness", measure.evenness() == null ? null : CoreJson.rounded(measure.evenness()));
            row.put("tint", measure.tint() == null ? null : measure.tint().name());
        }
        return row;
    }

    private static void put(ObjectNode row, String name, OptionalDouble figure) {
        row.put(name, figure.isPresent() ? Double.valueOf(CoreJson.rounded(figure.getAsDouble())) : null);
    }

    /**
     * {@return a line of a table as the object it means: numbers as numbers, what is empty left out}
     *
     * @param cells the cells of the row by column
     */
    public static ObjectNode object(Map<String, String> cells) {
        ObjectNode row = JSON.createObjectNode();
        cells.forEach((name, text) -> {
            String cell = CsvText.read(text.strip());
            if (cell.isEmpty()) {
                return;
            }
            OptionalDouble number = NUMBERS.contains(name) ? NumberReader.read(cell) : OptionalDouble.empty();
            if (number.isPresent()) {
                row.put(name, number.getAsDouble());
            } else if (name.equals("simulated") && cell.matches("true|false")) {
                row.put(name, cell.equals("true"));
            } else {
                row.put(name, cell);
            }
        });
        return row;
    }

    /**
     * {@return the run of a row, or why it is none} A row without an id gets one of its own content, so that it comes
     * in once.
     *
     * @param row the row
     */
    public static Outcome<CompleteRun> read(JsonNode row) {
        List<Problem> faults = Format.RUN.faults(row);
        if (!faults.isEmpty()) {
            return Outcome.failed(faults);
        }
        List<Problem> problems = new ArrayList<>();
        Optional<Instant> started = moment(row, "started", problems);
        Optional<Instant> ended = moment(row, "ended", problems);
        if (!problems.isEmpty()) {
            return Outcome.failed(problems);
        }
        Instant start = started.orElse(Instant.EPOCH);
        return Outcome.of(
                whole(row, start, ended.filter(end -> !end.isBefore(start)).orElse(start)));
    }

    private static CompleteRun whole(JsonNode row, Instant start, Instant end) {
        UUID id = row.hasNonNull("id")
                ? UUID.fromString(row.get("id").asString())
                : UUID.nameUUIDFromBytes(row.toString().getBytes(StandardCharsets.UTF_8));
        RunHead head = new RunHead(
                Optional.empty(),
                text(row, "job"),
                joint(row),
                Optional.empty(),
                text(row, "machine"),
                text(row, "hand"),
                row.hasNonNull("coach")
                        ? Optional.of(CoachLevel.valueOf(row.get("coach").asString()))
                        : Optional.empty(),
                text(row, "meter"),
                row.path("simulated").asBoolean(false),
                new PlannedFigures(
                        row.path("plannedA").asDouble(0),
                        row.path("reckonedA").asDouble(row.path("plannedA").asDouble(0)),
                        row.path("plannedTravelMmPerMin").asDouble(0)));
        return new CompleteRun(
                id,
                head,
                start,
                Optional.of(end),
                RunVerdict.valueOf(row.path("verdict").asString(RunVerdict.UNJUDGED.name())),
                new RunFigures(
                        figure(row, "currentA"),
                        figure(row, "travelMmPerMin"),
                        figure(row, "heatInputKjPerMm"),
                        figure(row, "gasL"),
                        row.path("arcS").asDouble(0),
                        figure(row, "seamMm"),
                        0),
                text(row, "note"),
                Optional.empty(),
                Optional.empty(),
                List.of(),
                Map.of());
    }

    private static WeldedJoint joint(JsonNode row) {
        return new WeldedJoint(
                text(row, "material"),
                text(row, "joint"),
                text(row, "position"),
                row.path("thicknessMm").asDouble(0));
    }

    private static String text(JsonNode row, String name) {
        return row.path(name).asString("");
    }

    private static OptionalDouble figure(JsonNode row, String name) {
        return row.hasNonNull(name) ? OptionalDouble.of(row.get(name).asDouble()) : OptionalDouble.empty();
    }

    private static Optional<Instant> moment(JsonNode row, String name, List<Problem> problems) {
        if (!row.hasNonNull(name)) {
            return Optional.empty();
        }
        try {
            return Optional.of(Instant.parse(row.get(name).asString()));
        } catch (DateTimeParseException e) {
            problems.add(Problem.badValue(name, "run.moment", row.get(name).asString()));
            return Optional.empty();
        }
    }
}
