package vastarc.web.drawing;

import java.util.ArrayList;
import java.util.List;
import vastarc.core.base.text.Phrase;
import vastarc.core.base.text.Phrasebook;
import vastarc.core.base.units.Quantity;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.physics.purge.PurgePart;
import vastarc.core.physics.purge.PurgePart.PurgePartKind;
import vastarc.core.physics.purge.PurgePlan;
import vastarc.core.physics.purge.PurgePlan.GasPort;
import vastarc.web.drawing.Drawing.Pencil;
import vastarc.web.drawing.Drawing.Point;

/** What is filled with argon, in section and to scale, laid out straight between its dams: bends at their length along the middle. */
public final class PurgeDrawing {

    private static final double DAM_SHARE = 0.02;

    private final PurgePlan plan;
    private final UnitSystem units;
    private final List<PlacedPart> placed;
    private final double length;
    private final double tallest;
    private final double font;
    private final double wall;
    private final double dam;
    private final Pencil pencil = new Pencil(0, false);

    private PurgeDrawing(PurgePlan plan, UnitSystem units) {
        this.plan = plan;
        this.units = units;
        this.placed = placed(plan.ask().parts());
        this.length = placed.get(placed.size() - 1).to();
        this.tallest = placed.stream()
                .mapToDouble(part -> Math.max(part.height(), part.toHeight()))
                .max()
                .orElseThrow();
        this.font = 0.048 * Math.max(length, 2 * tallest);
        this.wall = 0.35 * font;
        this.dam = DAM_SHARE * Math.max(length, tallest) + wall;
    }

    /**
     * Draws the purged volume.
     *
     * @param plan the plan
     * @param units the units
     * @return the drawing
     */
    public static Drawing of(PurgePlan plan, UnitSystem units) {
        return new PurgeDrawing(plan, units).draw();
    }

    /** A part laid out: where it begins and ends, its height at both ends, mm. */
    private record PlacedPart(PurgePart part, double from, double to, double height, double toHeight) {}

    private static List<PlacedPart> placed(List<PurgePart> parts) {
        List<PlacedPart> laid = new ArrayList<>();
        double at = 0;
        for (PurgePart part : parts) {
            double length = switch (part.kind()) {
                case BEND -> part.of("radiusMm") * Math.toRadians(part.of("angleDeg"));
                /** Draws the purged volume. */
                default -> part.of("lengthMm");
            };
            double height = switch (part.kind()) {
                case BOX -> part.of("heightMm");
                case TROUGH -> part.of("depthMm");
                /** Draws the purged volume. */
                default -> part.of("boreMm");
            };
            double end = part.kind() == PurgePartKind.REDUCER ? part.of("toBoreMm") : height;
            laid.add(new PlacedPart(part, at, at + length, height, end));
            at += length;
        }
        return laid;
    }

    private Drawing draw() {
        placed.forEach(this::part);
        double first = placed.get(0).height() / 2;
        double last = placed.get(placed.size() - 1).toHeight() / 2;
        dams(first, last);
        double side = Math.max(first, last) + 1.6 * font;
        double below = tallest / 2 + 2.2 * font;
        String span = units.show(Quantity.ruled(length)).line();
        pencil.dimension(0, below, length, below, span, font, 0, 1.3 * font);
        double top = -Math.max(side + 1.4 * font, branchTop() + 1.2 * font);
        String title = "What is filled with argon, in section: " + placed.size()
                + (placed.size() == 1 ? " part" : " parts") + " between two dams, " + span + " long";
        return pencil.drawing(-dam - 4 * font, top, length + 2 * dam + 8 * font, below + 2.6 * font - top, title, font);
    }

    private double branchTop() {
        return placed.stream()
                .mapToDouble(part -> part.height() / 2
                        + (part.part().kind() == PurgePartKind.TEE ? part.part().of("branchLengthMm") : wall))
                .max()
                .orElseThrow();
    }

    private void dams(double first, double last) {
        pencil.area("dam", -dam, -first, 0, -first, 0, first, -dam, first);
        pencil.area("dam", length, -last, length + dam, -last, length + dam, last, length, last);
        double in = (plan.ask().inlet() == GasPort.LOW ? 0.7 : -0.7) * first;
        double out = (plan.ask().ventAt() == GasPort.LOW ? 0.7 : -0.7) * last;
        double left = -dam - 3.2 * font;
        double right = length + dam + 3.2 * font;
        pencil.arrow(new Point(left, in), new Point(-dam * 0.2, in), font * 0.6, "mark");
        pencil.arrow(new Point(length + dam * 0.2, out), new Point(right, out), font * 0.6, "mark");
        double side = -Math.max(first, last) - 1.6 * font;
        pencil.label(
                new Point(left, side),
                "argon in, " + say("purge.end." + plan.ask().inlet()),
                "start",
                "note");
        pencil.label(
                new Point(right, side),
                "air out, " + say("purge.end." + plan.ask().ventAt()),
                "end",
                "note");
    }

    private void part(PlacedPart part) {
        double a = part.height() / 2;
        double b = part.toHeight() / 2;
        pencil.area("argon", part.from(), -a, part.to(), -b, part.to(), b, part.from(), a);
        pencil.area("metal", part.from(), -a - wall, part.to(), -b - wall, part.to(), -b, part.from(), -a);
        pencil.area("metal", part.from(), a, part.to(), b, part.to(), b + wall, part.from(), a + wall);
        double middle = (part.from() + part.to()) / 2;
        if (part.part().kind() == PurgePartKind.TEE) {
            branch(part, middle, a);
        }
        if (part.part().kind() == PurgePartKind.PLUG) {
            double core = Math.max(0, a - part.part().of("gapMm"));
            pencil.area("dam", part.from(), -core, part.to(), -core, part.to(), core, part.from(), core);
        }
        pencil.label(
                new Point(middle, 0.35 * font), say("purge.part." + part.part().kind()), "middle", "note");
    }

    private void branch(PlacedPart tee, double middle, double a) {
        double half = tee.part().of("branchBoreMm") / 2;
        double up = -a - tee.part().of("branchLengthMm");
        pencil.area("argon", middle - half, -a, middle + half, -a, middle + half, up, middle - half, up);
        pencil.area("metal", middle - half - wall, -a, middle - half, -a, middle - half, up, middle - half - wall, up);
        pencil.area("metal", middle + half, -a, middle + half + wall, -a, middle + half + wall, up, middle + half, up);
    }

    private static String say(String key) {
        return Phrasebook.say(Phrase.of(key), UnitSystem.METRIC);
    }
}
