package vastarc.web.request;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import tools.jackson.databind.JsonNode;
import vastarc.core.base.units.Unit;
import vastarc.core.base.validation.Outcome;
import vastarc.core.base.validation.Problem;
import vastarc.core.domain.joint.JointLimits.InputRange;
import vastarc.core.domain.material.Material;
import vastarc.core.vision.MeasureRequest;
import vastarc.core.vision.MeasureRequest.Stretch;
import vastarc.core.vision.PixelPoint;
import vastarc.core.vision.ScaleSource;

/** Reads what is asked of a photograph. */
public final class MeasureReader {

    /** An ask that works. */
    public static final String EXAMPLE = """
            {"scale":{"from":[210,940],"to":[1010,938],"mm":50},"seam":[[180,520],[1400,515]],"material":"STAINLESS_304L","dabHz":1.2}""";

    private static final String SCALE = "scale";
    private static final String SEAM = "seam";
    private static final String CLEAN = "clean";
    private static final String MOVED = "moved";
    private static final String LEFT_OUT = "leftOut";
    private static final String FROM = "from";
    private static final String TO = "to";
    private static final String STRIP = "strip";
    private static final int MOST_POINTS = 200;
    private static final double MOST_PIXELS = 100_000;
    private static final InputRange PIXEL = new InputRange("pixel", 0, MOST_PIXELS, Unit.NUMBER);
    private static final InputRange MM = new InputRange("mm", 0.5, 5000, Unit.MILLIMETRE);
    private static final InputRange TUBE = new InputRange("tubeOdMm", 3, 2000, Unit.MILLIMETRE);
    private static final InputRange DABS = new InputRange("dabHz", 0.05, 50, Unit.HERTZ);
    private static final InputRange ALONG = new InputRange("mm", 0, 5000, Unit.MILLIMETRE);

    private final JsonNode ask;
    private final JsonFields fields;
    private final List<Problem> problems = new ArrayList<>();

    private MeasureReader(JsonNode ask) {
        this.ask = ask;
        this.fields = JsonFields.of(ask, SCALE, SEAM, "material", DABS.field(), CLEAN, MOVED, LEFT_OUT);
    }

    /**
     * {@return what is asked, or every fault}
     *
     * @param ask the document
     */
    public static Outcome<MeasureRequest> read(JsonNode ask) {
        MeasureReader reader = new MeasureReader(ask);
        Optional<ScaleSource> scale = reader.scale();
        List<PixelPoint> seam = reader.points(ask.path(SEAM), SEAM);
        if (seam.size() == 1 || seam.size() > 1 && isOnePlace(seam)) {
            reader.problems.add(Problem.badValue(SEAM, "measure.seam"));
        }
        Optional<Material> material = ask.hasNonNull("material")
                ? Optional.of(reader.fields.choice("material", Material.class, Optional.empty()))
                : Optional.empty();
        OptionalDouble dabs =
                ask.hasNonNull(DABS.field()) ? OptionalDouble.of(reader.fields.number(DABS)) : OptionalDouble.empty();
        Optional<PixelPoint> clean = reader.point(ask.path(CLEAN), CLEAN);
        List<PixelPoint> moved = reader.points(ask.path(MOVED), MOVED);
        List<Stretch> out = reader.stretches();
        reader.problems.addAll(reader.fields.problems());
        return reader.problems.isEmpty() && scale.isPresent()
                ? Outcome.of(
                        new MeasureRequest(scale.get(), seam, material.map(Material::family), dabs, clean, out, moved))
                : Outcome.failed(reader.problems);
    }

    private static boolean isOnePlace(List<PixelPoint> seam) {
        return seam.stream().allMatch(place -> place.distance(seam.get(0)) < 2);
    }

    private Optional<ScaleSource> scale() {
        JsonFields scale = fields.object(SCALE, FROM, TO, MM.field(), TUBE.field(), STRIP);
        JsonNode value = ask.path(SCALE);
        if (value.path(STRIP).asBoolean(false)) {
            return Optional.of(new ScaleSource.PrintedStrip());
        }
        Optional<PixelPoint> from = point(value.path(FROM), SCALE + "." + FROM);
        Optional<PixelPoint> to = point(value.path(TO), SCALE + "." + TO);
        boolean isTube = value.hasNonNull(TUBE.field());
        if (from.isEmpty() || to.isEmpty() || !isTube && !value.hasNonNull(MM.field())) {
            problems.add(Problem.badValue(SCALE, "measure.scale"));
            return Optional.empty();
        }
        if (from.get().distance(to.get()) < 2) {
            problems.add(Problem.badValue(SCALE, "measure.near"));
            return Optional.empty();
        }
        return Optional.of(
                isTube
                        ? new ScaleSource.TubeOutline(from.get(), to.get(), scale.number(TUBE))
                        : new ScaleSource.KnownDistance(from.get(), to.get(), scale.number(MM)));
    }

    private Optional<PixelPoint> point(JsonNode value, String field) {
        if (value.isMissingNode() || value.isNull()) {
            return Optional.empty();
        }
        if (!value.isArray() || value.size() != 2) {
            problems.add(Problem.badValue(field, "measure.point"));
            return Optional.empty();
        }
        List<Problem> wrong = new ArrayList<>();
        OptionalDouble x = JsonInputs.number(value.get(0), PIXEL.inField(field + "[0]"), wrong);
        OptionalDouble y = JsonInputs.number(value.get(1), PIXEL.inField(field + "[1]"), wrong);
        problems.addAll(wrong);
        return x.isPresent() && y.isPresent()
                ? Optional.of(new PixelPoint(x.getAsDouble(), y.getAsDouble()))
                : Optional.empty();
    }

    private List<PixelPoint> points(JsonNode value, String field) {
        if (value.isMissingNode() || value.isNull()) {
            return List.of();
        }
        if (!value.isArray() || value.size() > MOST_POINTS) {
            problems.add(Problem.badValue(field, "measure.points", MOST_POINTS));
            return List.of();
        }
        List<PixelPoint> points = new ArrayList<>();
        for (int i = 0; i < value.size(); i++) {
            point(value.get(i), field + "[" + i + "]").ifPresent(points::add);
        }
        return points;
    }

    private List<Stretch> stretches() {
        return fields.listOrNone(LEFT_OUT, MOST_POINTS, "measure.leftOut").stream()
                .map(stretch -> {
                    stretch.taking("fromMm", "toMm");
                    return new Stretch(stretch.number(ALONG.inField("fromMm")), stretch.number(ALONG.inField("toMm")));
                })
                .toList();
    }
}
