package vastarc.core.rehearsal;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import vastarc.core.finding.Outcome;
import vastarc.core.finding.Problem;
import vastarc.core.heat.HeatSolution;
import vastarc.core.joint.Joint;
import vastarc.core.joint.JointLimits.Range;
import vastarc.core.quantity.Unit;
import vastarc.core.score.Score;
import vastarc.core.score.ScoreKey;
import vastarc.core.sheet.PassPlan;
import vastarc.core.sheet.SettingKey;

/**
 * What is rehearsed.
 *
 * @param score   the weld in time, its sheet with it
 * @param hand    that leads the torch
 * @param quality how finely the joint is cut
 * @param legMm   how far the members reach from the seam; narrower ones warm up as a whole, mm
 * @param wireMm  another wire at the same feed; the sheet's where it is not told, mm
 */
public record RehearsalAsk(Score score, Hand hand, Quality quality, double legMm, OptionalDouble wireMm) {

    /** Members are followed no further than this, mm. */
    public static final double LEG_MM = Section.LEG_MM;

    public static final Range LEG = new Range("legMm", 8, LEG_MM, Unit.MILLIMETRE);
    public static final Range WIRE = new Range("wireMm", 0.5, 6, Unit.MILLIMETRE);
    public static final Range SEAM = new Range("seamMm", 15, 400, Unit.MILLIMETRE);

    /** The arc strikes so far inside the edge, mm. */
    static final double INSET_MM = 2;

    /** A tube longer round than this is rehearsed as a straight stretch, mm. */
    static final double RING_MM = 330;

    /** Cell updates, at most: some two minutes. */
    static final double MOST_UPDATES = 2e10;

    /** A weld as its sheet and a steady hand have it. */
    public static RehearsalAsk of(Score score, Quality quality) {
        return new RehearsalAsk(score, Hand.steady(), quality, LEG_MM, OptionalDouble.empty());
    }

    public RehearsalAsk by(Hand other) {
        return new RehearsalAsk(score, other, quality, legMm, wireMm);
    }

    public RehearsalAsk legs(double mm) {
        return new RehearsalAsk(score, hand, quality, mm, wireMm);
    }

    public RehearsalAsk wire(double mm) {
        return new RehearsalAsk(score, hand, quality, legMm, OptionalDouble.of(mm));
    }

    public RehearsalAsk cut(Quality other) {
        return new RehearsalAsk(score, hand, other, legMm, wireMm);
    }

    public RehearsalAsk score(Score other) {
        return new RehearsalAsk(other, hand, quality, legMm, wireMm);
    }

    /** Itself, or what stands in the way of rehearsing it. */
    public Outcome<RehearsalAsk> checked() {
        List<Problem> problems = new ArrayList<>(hand.problems());
        LEG.check(legMm).ifPresent(problems::add);
        wireMm.ifPresent(mm -> WIRE.check(mm).ifPresent(problems::add));
        if (score.logic().isTack()) {
            problems.add(Problem.outOfScope("logic", "rehearsal.tack"));
        } else {
            SEAM.check(askedMm()).ifPresent(problems::add);
        }
        if (problems.isEmpty() && effort() > MOST_UPDATES) {
            problems.add(Problem.badValue("quality", "rehearsal.tooLong", quality.name()));
        }
        return problems.isEmpty() ? Outcome.of(this) : Outcome.failed(problems);
    }

    private double askedMm() {
        double seam = score.values().of(ScoreKey.SEAM_LENGTH);
        return joint().tubeOd().isPresent() ? Math.min(seam, SEAM.high()) : seam;
    }

    Joint joint() {
        return score.sheet().joint();
    }

    HeatSolution heat() {
        return score.sheet().heat();
    }

    /** Laid out as a ring: a tube that is short enough round. */
    boolean isRing() {
        return girthMm() > 0 && girthMm() <= RING_MM;
    }

    double girthMm() {
        return joint().tubeOd().map(od -> Math.PI * od.inMillimetres()).orElse(0.0);
    }

    /** How far the arc goes, mm. */
    double goesMm() {
        return askedMm();
    }

    /** Length of the joint along its seam, mm. */
    double lengthMm() {
        return isRing() ? girthMm() : INSET_MM + goesMm() + runOffMm();
    }

    /** The arc stops a pool's length before the edge, as a hand does that slopes out there, mm; on a ring there is none. */
    double runOffMm() {
        return Math.max(INSET_MM, heat().pool().lengthMm());
    }

    Grid grid() {
        Section section = JointSection.of(joint(), quality, filledMm2(), legMm);
        return new Grid(section, lengthMm(), quality.cellMm(joint().thinnerMm()), isRing());
    }

    Melting melting() {
        return Melting.of(joint().material());
    }

    /** Metal laid in a groove by the runs before this one, mm². */
    private double filledMm2() {
        List<PassPlan.Pass> passes =
                score.sheet().passes().map(PassPlan::passes).orElse(List.of());
        return passes.stream()
                .limit(score.sheet().pass() - 1L)
                .mapToDouble(PassPlan.Pass::areaMm2)
                .sum();
    }

    /** How far the gas covers the seam behind the arc, a trailing shield with it, mm. */
    double coverMm() {
        double trail = score.sheet()
                .find(SettingKey.TRAIL_LENGTH)
                .map(setting -> setting.value())
                .orElse(0.0);
        return Math.max(trail, score.sheet().gasCoverMm());
    }

    /** What melting the wire takes while it is fed, W. */
    double wireW() {
        double usual = score.rhythm().wire() ? heat().wirePowerW() : 0;
        double sheets = score.sheet()
                .find(SettingKey.WIRE_DIAMETER)
                .filter(setting -> setting.window().isPresent())
                .map(setting -> setting.engineValue())
                .orElse(0.0);
        double other = wireMm.orElseGet(() -> score.sheet()
                .find(SettingKey.WIRE_DIAMETER)
                .filter(setting -> setting.window().isPresent())
                .map(setting -> setting.value())
                .orElse(sheets));
        return sheets > 0 ? usual * (other / sheets) * (other / sheets) : usual;
    }

    /** Time after the arc is out that is still followed: the gas, and some seconds. */
    double afterS() {
        return Math.max(
                4, Math.min(30, 2 + score.sheet().setting(SettingKey.POST_FLOW).value()));
    }

    /** How many cell updates it takes at most. */
    double effort() {
        Grid grid = grid();
        double seconds =
                goesMm() / (hand.travelMmPerMin().orElse(60 * heat().demand().speedMmPerS()) / 60);
        double whole = seconds + score.timeline().lengthS() - score.values().weldS() + afterS();
        return grid.cells() * Field.stages(grid.mostConnected(), melting().melt(), whole);
    }
}
