package vastarc.web.request;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import vastarc.core.advice.sheet.SetupSheet;
import vastarc.core.base.notation.LengthReader;
import vastarc.core.base.notation.NumberReader;
import vastarc.core.base.notation.RateReader;
import vastarc.core.base.text.Phrase;
import vastarc.core.base.text.Phrasebook;
import vastarc.core.base.units.Length;
import vastarc.core.base.units.Quantity;
import vastarc.core.base.units.Unit;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.base.validation.Outcome;
import vastarc.core.base.validation.Problem;
import vastarc.core.domain.joint.JointLimits.InputRange;
import vastarc.core.physics.purge.Cylinder;
import vastarc.core.physics.purge.Purge;
import vastarc.core.physics.purge.PurgePart;
import vastarc.core.physics.purge.PurgePart.PurgePartKind;
import vastarc.core.physics.purge.PurgePlan;
import vastarc.core.physics.purge.PurgePlan.GasPort;
import vastarc.core.physics.purge.PurgeProblem;
import vastarc.core.physics.purge.PurgeSetup;
import vastarc.core.physics.purge.PurgeTargets;
import vastarc.core.physics.purge.RootPressure.Vent;
import vastarc.web.store.job.PurgeText;

/** Reads a job's purge: what is typed, and what follows from its sheet where nothing is. */
public final class PurgeReader {

    /** A field of a purge: its name, its range and what is used where it is not given. */
    public record PurgeField(String name, InputRange range, double usual) {}

    private record TypedFigure(String name, InputRange range) {

        private PurgeField usually(double value) {
            return new PurgeField(name, range, value);
        }
    }

    /** What was read: the purge where nothing is wrong, and every fault by its field. */
    public record ParsedPurge(
            Optional<PurgePlan> plan, List<PurgePart> parts, Cylinder bottle, List<Problem> problems) {}

    /** Volume of the argon cylinder. */
    public static final InputRange BOTTLE = new InputRange("bottle", 0.5, 1000, Unit.LITRE);
    /** Pressure in the argon cylinder, bar. */
    public static final InputRange PRESSURE = new InputRange("bar", 0, 400, Unit.NUMBER);

    private static final TypedFigure FLOW = new TypedFigure("purge.flow", PurgePlan.FLOW);
    private static final TypedFigure LEAK = new TypedFigure("purge.leak", PurgePlan.LEAK);
    private static final TypedFigure ARGON = new TypedFigure("purge.argon", PurgePlan.ARGON);
    private static final TypedFigure TARGET = new TypedFigure("purge.target", PurgePlan.TARGET);
    private static final TypedFigure VENT = new TypedFigure("purge.vent", PurgePlan.VENT);
    private static final TypedFigure VENTS = new TypedFigure("purge.vents", PurgePlan.VENTS);
    private static final TypedFigure HOSE_LENGTH = new TypedFigure("purge.hoseLength", PurgePlan.HOSE_LENGTH);
    private static final TypedFigure HOSE_BORE = new TypedFigure("purge.hoseBore", PurgePlan.HOSE_BORE);
    private static final TypedFigure CYLINDER = new TypedFigure("purge.bottle", BOTTLE);
    private static final TypedFigure CYLINDER_BAR = new TypedFigure("purge.bar", PRESSURE);

    private static final double USUAL_BOTTLE_L = 50;
    private static final double USUAL_BAR = 150;

    private final PurgeText typed;
    private final List<Problem> problems = new ArrayList<>();

    private PurgeReader(PurgeText typed) {
        this.typed = typed;
    }

    /** What was read of a purge; a field that cannot be read counts as not entered. */
    public record ParsedSetup(PurgeSetup setup, Cylinder bottle, List<Problem> problems) {}

    /**
     * Reads what is typed of a purge.
     *
     * @param typed the purge as typed
     * @return the parsed setup
     */
    public static ParsedSetup setup(PurgeText typed) {
        return new PurgeReader(typed).setup();
    }

    /**
     * Reads the purge of a job whose sheet was planned with it.
     *
     * @param typed the purge as typed
     * @param sheet the sheet
     * @return the parsed purge
     */
    public static ParsedPurge read(PurgeText typed, SetupSheet sheet) {
        ParsedSetup read = setup(typed);
        return new ParsedPurge(
                read.problems().isEmpty() ? Optional.of(sheet.purge()) : Optional.empty(),
                read.setup().partsOf(sheet.joint()),
                read.bottle(),
                read.problems());
    }

    /**
     * {@return what prevents a purge, as a sentence in a unit system}
     *
     * @param problem the problem
     * @param units the units
     */
    public static String sentence(PurgeProblem problem, UnitSystem units) {
        return Phrasebook.say(
                Phrase.of(problem.kind().words(), problem.figures().toArray()), units);
    }

    private ParsedSetup setup() {
        PurgeSetup setup = new PurgeSetup(
                parts(),
                entered(FLOW),
                entered(LEAK).orElse(0),
                entered(ARGON).orElse(PurgeSetup.USUAL_ARGON_PPM),
                entered(TARGET),
                end("purge.inlet", GasPort.LOW),
                end("purge.ventAt", GasPort.HIGH),
                new Vent(entered(VENT).orElse(PurgeSetup.USUAL_VENT_MM), (int)
                        entered(VENTS).orElse(1)),
                Purge.hoseL(
                        entered(HOSE_LENGTH).orElse(PurgeSetup.USUAL_HOSE_M),
                        entered(HOSE_BORE).orElse(PurgeSetup.USUAL_HOSE_BORE_MM)));
        Cylinder cylinder = new Cylinder(
                entered(CYLINDER).orElse(USUAL_BOTTLE_L), entered(CYLINDER_BAR).orElse(USUAL_BAR));
        return new ParsedSetup(setup, cylinder, List.copyOf(problems));
    }

    /** {@return the bottle that a shop usually has, full} */
    public static Cylinder usualBottle() {
        return new Cylinder(USUAL_BOTTLE_L, USUAL_BAR);
    }

    /**
     * {@return the figures of a purge, in order; the usual ones follow from the sheet}
     *
     * @param sheet the sheet
     */
    public static List<PurgeField> fields(SetupSheet sheet) {
        return List.of(
                FLOW.usually(sheet.purgeRequest().flow()),
                LEAK.usually(0),
                ARGON.usually(PurgeSetup.USUAL_ARGON_PPM),
                TARGET.usually(
                        PurgeTargets.strikePpm(sheet.joint(), sheet.practice().finish())),
                VENT.usually(PurgeSetup.USUAL_VENT_MM),
                VENTS.usually(1),
                HOSE_LENGTH.usually(PurgeSetup.USUAL_HOSE_M),
                HOSE_BORE.usually(PurgeSetup.USUAL_HOSE_BORE_MM),
                CYLINDER.usually(USUAL_BOTTLE_L),
                CYLINDER_BAR.usually(USUAL_BAR));
    }

    private GasPort end(String name, GasPort usual) {
        return typed.text(name)
                .flatMap(text -> ApiNames.read(text, name, GasPort.class, problems::add))
                .orElse(usual);
    }

    private OptionalDouble entered(TypedFigure field) {
        return typed.text(field.name()).flatMap(text -> figure(field.name(), field.range(), text)).stream()
                .mapToDouble(Double::doubleValue)
                .findFirst();
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

    /** The purged volume as entered; empty where nothing is. */
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
        return parts;
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
}
