package vastarc.web.request;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import vastarc.core.finding.Outcome;
import vastarc.core.finding.Problem;
import vastarc.core.joint.Joint;
import vastarc.core.joint.JointForm;
import vastarc.core.joint.JointLimits.Range;
import vastarc.core.notation.LengthReader;
import vastarc.core.notation.NumberReader;
import vastarc.core.notation.RateReader;
import vastarc.core.purge.Bottle;
import vastarc.core.purge.Purge;
import vastarc.core.purge.PurgePart;
import vastarc.core.purge.PurgePlan;
import vastarc.core.purge.PurgePlan.Ask;
import vastarc.core.purge.PurgePlan.End;
import vastarc.core.purge.PurgeTargets;
import vastarc.core.purge.RootPressure;
import vastarc.core.quantity.Length;
import vastarc.core.quantity.Quantity;
import vastarc.core.quantity.Unit;
import vastarc.core.sheet.SettingKey;
import vastarc.core.sheet.Sheet;
import vastarc.web.kept.job.PurgeText;

/** Reads a job's purge: what is typed, and what follows from its sheet where nothing is. */
public final class PurgeReader {

    /** A field of a purge: its name, its range and what stands where it is not told. */
    public record Field(String name, Range range, double usual) {}

    /** What was read: the purge where nothing is wrong, and every fault by its field. */
    public record Read(Optional<PurgePlan> plan, List<PurgePart> parts, Bottle bottle, List<Problem> problems) {}

    public static final Range BOTTLE = new Range("bottle", 0.5, 1000, Unit.LITRE);
    public static final Range PRESSURE = new Range("bar", 0, 400, Unit.NUMBER);

    private static final double USUAL_FILL = 6;
    private static final double USUAL_VENT_MM = 4;
    private static final double USUAL_BOTTLE_L = 50;
    private static final double USUAL_BAR = 150;
    private static final double USUAL_HOSE_M = 3;
    private static final double USUAL_HOSE_BORE_MM = 6;
    private static final double USUAL_ARGON_PPM = 5;

    private final PurgeText typed;
    private final Sheet sheet;
    private final List<Problem> problems = new ArrayList<>();

    private PurgeReader(PurgeText typed, Sheet sheet) {
        this.typed = typed;
        this.sheet = sheet;
    }

    public static Read read(PurgeText typed, Sheet sheet) {
        return new PurgeReader(typed, sheet).read();
    }

    private Read read() {
        List<PurgePart> parts = parts();
        double[] figures = fields(sheet).stream().mapToDouble(this::figure).toArray();
        Ask ask = new Ask(
                parts,
                figures[0],
                figures[1],
                figures[2],
                figures[3],
                end("purge.inlet", End.LOW),
                end("purge.ventAt", End.HIGH),
                new RootPressure.Vent(figures[4], (int) figures[5]),
                Purge.hoseL(figures[6], figures[7]),
                root());
        return new Read(
                problems.isEmpty() ? Optional.of(PurgePlan.of(ask)) : Optional.empty(),
                parts,
                new Bottle(figures[8], figures[9]),
                List.copyOf(problems));
    }

    /** The figures of a purge, in order; the usual ones follow from the sheet. */
    public static List<Field> fields(Sheet sheet) {
        double fill = sheet.setting(SettingKey.PURGE_FLOW).value();
        double target = PurgeTargets.strikePpm(sheet.joint(), sheet.practice().finish());
        return List.of(
                new Field("purge.flow", PurgePlan.FLOW, fill > 0 ? fill : USUAL_FILL),
                new Field("purge.leak", PurgePlan.LEAK, 0),
                new Field("purge.argon", PurgePlan.ARGON, USUAL_ARGON_PPM),
                new Field("purge.target", PurgePlan.TARGET, target),
                new Field("purge.vent", PurgePlan.VENT, USUAL_VENT_MM),
                new Field("purge.vents", PurgePlan.VENTS, 1),
                new Field("purge.hoseLength", PurgePlan.HOSE_LENGTH, USUAL_HOSE_M),
                new Field("purge.hoseBore", PurgePlan.HOSE_BORE, USUAL_HOSE_BORE_MM),
                new Field("purge.bottle", BOTTLE, USUAL_BOTTLE_L),
                new Field("purge.bar", PRESSURE, USUAL_BAR));
    }

    private RootPressure root() {
        Joint joint = sheet.joint();
        double back = sheet.setting(SettingKey.BACK_BEAD).value();
        double width = back > 0 ? back : 2 * joint.thinnerMm();
        double fits = Math.min(PurgePlan.BACK_WIDTH.high(), Math.max(PurgePlan.BACK_WIDTH.low(), width));
        return new RootPressure(
                joint.material(), joint.thinnerMm(), fits, sheet.practice().position());
    }

    private End end(String name, End usual) {
        return typed.text(name)
                .flatMap(text -> Choices.read(text, name, End.class, problems::add))
                .orElse(usual);
    }

    private double figure(Field field) {
        return typed.text(field.name())
                .flatMap(text -> figure(field.name(), field.range(), text))
                .orElse(field.usual());
    }

    private Optional<Double> figure(String name, Range range, String text) {
        Optional<Double> read = value(name, range, text);
        Optional<Problem> outside = read.flatMap(value -> range.inField(name).check(value));
        outside.ifPresent(problems::add);
        return outside.isPresent() ? Optional.empty() : read;
    }

    private Optional<Double> value(String name, Range range, String text) {
        return switch (range.unit()) {
            case MILLIMETRE ->
                kept(new LengthReader(typed.bareUnits(name), Optional.empty()).read(text, name))
                        .map(Length::inMillimetres);
            case LITRE_PER_MIN ->
                kept(new RateReader(typed.bareUnits(name)).flow(text, name)).map(Quantity::value);
            default -> number(name, range, text);
        };
    }

    private Optional<Double> number(String name, Range range, String text) {
        Optional<Double> number = NumberReader.read(text, range.unit().symbol()).stream()
                .boxed()
                .findFirst()
                .or(() -> NumberReader.read(text, "ppm").stream().boxed().findFirst());
        if (number.isEmpty()) {
            problems.add(Problem.badValue(
                    name,
                    "type",
                    "“" + Choices.shortened(text.strip()) + "”",
                    "a number " + ("in " + range.unit().symbol()).replaceFirst("in $", "")));
        }
        return number;
    }

    private <T> Optional<T> kept(Outcome<T> outcome) {
        problems.addAll(outcome.problems());
        return outcome.value();
    }

    /** The chain as told; where nothing is, what the joint stands in. */
    private List<PurgePart> parts() {
        List<PurgePart> parts = new ArrayList<>();
        for (int i = 0; i < PurgePlan.MOST_PARTS; i++) {
            Optional<String> kind = typed.text("purge.part." + i + ".kind");
            if (kind.isEmpty()) {
                break;
            }
            String field = "purge.part." + i + ".kind";
            Optional<PurgePart.Kind> read = Choices.read(kind.get(), field, PurgePart.Kind.class, problems::add);
            if (read.isPresent()) {
                parts.add(part(i, read.get()));
            }
        }
        return parts.isEmpty() ? List.of(usual(sheet.joint())) : parts;
    }

    private PurgePart part(int number, PurgePart.Kind kind) {
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
                .orElse(PurgePart.Kind.TROUGH.usual());
    }
}
