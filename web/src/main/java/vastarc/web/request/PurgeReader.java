package vastarc.web.request;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import vastarc.core.joint.Joint;
import vastarc.core.joint.JointForm;
import vastarc.core.joint.JointLimits.InputRange;
import vastarc.core.notation.LengthReader;
import vastarc.core.notation.NumberReader;
import vastarc.core.notation.RateReader;
import vastarc.core.purge.Cylinder;
import vastarc.core.purge.Purge;
import vastarc.core.purge.PurgePart;
import vastarc.core.purge.PurgePart.PurgePartKind;
import vastarc.core.purge.PurgePlan;
import vastarc.core.purge.PurgePlan.GasPort;
import vastarc.core.purge.PurgePlan.PurgeRequest;
import vastarc.core.purge.PurgeTargets;
import vastarc.core.purge.RootPressure;
import vastarc.core.quantity.Length;
import vastarc.core.quantity.Quantity;
import vastarc.core.quantity.Unit;
import vastarc.core.sheet.ParameterKey;
import vastarc.core.sheet.SetupSheet;
import vastarc.core.validation.Outcome;
import vastarc.core.validation.Problem;
import vastarc.web.store.job.PurgeText;

/** Reads a job's purge: what is typed, and what follows from its sheet where nothing is. */
public final class PurgeReader {

    /** A field of a purge: its name, its range and what is used where it is not given. */
    public record PurgeField(String name, InputRange range, double usual) {}

    /** What was read: the purge where nothing is wrong, and every fault by its field. */
    public record ParsedPurge(
            Optional<PurgePlan> plan, List<PurgePart> parts, Cylinder bottle, List<Problem> problems) {}

    public static final InputRange BOTTLE = new InputRange("bottle", 0.5, 1000, Unit.LITRE);
    public static final InputRange PRESSURE = new InputRange("bar", 0, 400, Unit.NUMBER);

    private static final double USUAL_FILL = 6;
    private static final double USUAL_VENT_MM = 4;
    private static final double USUAL_BOTTLE_L = 50;
    private static final double USUAL_BAR = 150;
    private static final double USUAL_HOSE_M = 3;
    private static final double USUAL_HOSE_BORE_MM = 6;
    private static final double USUAL_ARGON_PPM = 5;

    private final PurgeText typed;
    private final SetupSheet sheet;
    private final List<Problem> problems = new ArrayList<>();

    private PurgeReader(PurgeText typed, SetupSheet sheet) {
        this.typed = typed;
        this.sheet = sheet;
    }

    /** Reads the purge of a job: what is typed, completed from its sheet. */
    public static ParsedPurge read(PurgeText typed, SetupSheet sheet) {
        return new PurgeReader(typed, sheet).read();
    }

    private ParsedPurge read() {
        List<PurgePart> parts = parts();
        double[] figures = fields(sheet).stream().mapToDouble(this::figure).toArray();
        PurgeRequest request = new PurgeRequest(
                parts,
                figures[0],
                figures[1],
                figures[2],
                figures[3],
                end("purge.inlet", GasPort.LOW),
                end("purge.ventAt", GasPort.HIGH),
                new RootPressure.Vent(figures[4], (int) figures[5]),
                Purge.hoseL(figures[6], figures[7]),
                root());
        return new ParsedPurge(
                problems.isEmpty() ? Optional.of(PurgePlan.of(request)) : Optional.empty(),
                parts,
                new Cylinder(figures[8], figures[9]),
                List.copyOf(problems));
    }

    /** The figures of a purge, in order; the usual ones follow from the sheet. */
    public static List<PurgeField> fields(SetupSheet sheet) {
        double fill = sheet.setting(ParameterKey.PURGE_FLOW).value();
        double target = PurgeTargets.strikePpm(sheet.joint(), sheet.practice().finish());
        return List.of(
                new PurgeField("purge.flow", PurgePlan.FLOW, fill > 0 ? fill : USUAL_FILL),
                new PurgeField("purge.leak", PurgePlan.LEAK, 0),
                new PurgeField("purge.argon", PurgePlan.ARGON, USUAL_ARGON_PPM),
                new PurgeField("purge.target", PurgePlan.TARGET, target),
                new PurgeField("purge.vent", PurgePlan.VENT, USUAL_VENT_MM),
                new PurgeField("purge.vents", PurgePlan.VENTS, 1),
                new PurgeField("purge.hoseLength", PurgePlan.HOSE_LENGTH, USUAL_HOSE_M),
                new PurgeField("purge.hoseBore", PurgePlan.HOSE_BORE, USUAL_HOSE_BORE_MM),
                new PurgeField("purge.bottle", BOTTLE, USUAL_BOTTLE_L),
                new PurgeField("purge.bar", PRESSURE, USUAL_BAR));
    }

    private RootPressure root() {
        Joint joint = sheet.joint();
        double back = sheet.setting(ParameterKey.BACK_BEAD).value();
        double width = back > 0 ? back : 2 * joint.thinnerMm();
        double fits = Math.min(PurgePlan.BACK_WIDTH.high(), Math.max(PurgePlan.BACK_WIDTH.low(), width));
        return new RootPressure(
                joint.material(), joint.thinnerMm(), fits, sheet.practice().position());
    }

    private GasPort end(String name, GasPort usual) {
        return typed.text(name)
                .flatMap(text -> ApiNames.read(text, name, GasPort.class, problems::add))
                .orElse(usual);
    }

    private double figure(PurgeField field) {
        return typed.text(field.name())
                .flatMap(text -> figure(field.name(), field.range(), text))
                .orElse(field.usual());
    }

    private Optional<Double> figure(String name, InputRange range, String text) {
        Optional<Double> read = value(name, range, text);
        Optional<Problem> outside = read.flatMap(value -> range.inField(name).check(value));
        outside.ifPresent(problems::add);
        return outside.isPresent() ? Optional.empty() : read;
    }

    private Optional<Double> value(String name, InputRange range, String text) {
        return switch (range.unit()) {
            case MILLIMETRE ->
                noted(new LengthReader(typed.bareUnits(name), Optional.empty()).read(text, name))
                        .map(Length::inMillimetres);
            case LITRE_PER_MIN ->
                noted(new RateReader(typed.bareUnits(name)).flow(text, name)).map(Quantity::value);
            default -> number(name, range, text);
        };
    }

    private Optional<Double> number(String name, InputRange range, String text) {
        Optional<Double> number = NumberReader.read(text, range.unit().symbol()).stream()
                .boxed()
                .findFirst()
                .or(() -> NumberReader.read(text, "ppm").stream().boxed().findFirst());
        if (number.isEmpty()) {
            problems.add(Problem.badValue(
                    name,
                    "type",
                    "“" + ApiNames.shortened(text.strip()) + "”",
                    "a number " + ("in " + range.unit().symbol()).replaceFirst("in $", "")));
        }
        return number;
    }

    private <T> Optional<T> noted(Outcome<T> outcome) {
        problems.addAll(outcome.problems());
        return outcome.value();
    }

    /** The purged volume as entered; where nothing is, what the joint is in. */
    private List<PurgePart> parts() {
        List<PurgePart> parts = new ArrayList<>();
        for (int i = 0; i < PurgePlan.MOST_PARTS; i++) {
            Optional<String> kind = typed.text("purge.part." + i + ".kind");
            if (kind.isEmpty()) {
                break;
            }
            String field = "purge.part." + i + ".kind";
            Optional<PurgePartKind> read = ApiNames.read(kind.get(), field, PurgePartKind.class, problems::add);
            if (read.isPresent()) {
                parts.add(part(i, read.get()));
            }
        }
        return parts.isEmpty() ? List.of(usual(sheet.joint())) : parts;
    }

    private PurgePart part(int number, PurgePartKind kind) {
        PurgePart usual = kind.usual();
        Map<String, Double> figures = new LinkedHashMap<>();
        kind.fields().forEach(range -> {
            String name = "purge.part." + number + "." + range.field();
            figures.put(
                    range.field(),
                    typed.text(name).flatMap(text -> figure(name, range, text)).orElse(usual.of(range.field())));
        });
        return new PurgePart(kind, figures);
    }

    /** Between dams 150 mm apart in the tube; under plate a trough. */
    private static PurgePart usual(Joint joint) {
        double wall = joint.form() == JointForm.TUBE_BUTT
                ? joint.thickerMm()
                : joint.abutting().inMillimetres();
        return joint.tubeOd()
                .map(od -> PurgePart.straight(150, Math.max(2, od.inMillimetres() - 2 * wall)))
                .orElse(PurgePartKind.TROUGH.usual());
    }
}
