package vastarc.core.advice.sequence;

import java.util.List;
import java.util.OptionalDouble;
import vastarc.core.advice.parameters.ParameterKey;
import vastarc.core.advice.plan.WeldPlan;
import vastarc.core.advice.sequence.DutyCycle.DutyUse;
import vastarc.core.advice.sheet.SetupSheet;
import vastarc.core.base.validation.Outcome;
import vastarc.core.base.validation.Problem;
import vastarc.core.domain.joint.FillerFeed;
import vastarc.core.domain.joint.JointForm;
import vastarc.core.domain.joint.Technique;
import vastarc.core.physics.duty.DutyPoint;
import vastarc.core.physics.purge.PurgePlan;

/**
 * What a route is made for.
 *
 * @param sheet    of the first pass
 * @param passes   figures of each pass
 * @param work     how much there is to weld
 * @param machine  its rating plate; empty where nothing limits it
 * @param torch    its rating
 * @param ambientC of the shop, °C
 * @param order    numbers of the planned runs as the welder wants them, each once; anything else leaves the planned order
 */
public record SequenceRequest(
        SetupSheet sheet,
        List<PassFigures> passes,
        WeldQuantity work,
        List<DutyPoint> machine,
        List<DutyPoint> torch,
        double ambientC,
        List<Integer> order) {

    /** Above this the shop is hot: machine and torch are taken a tenth less (judgement), °C. */
    public static final double HOT_C = 35;

    private static final double HOT_FACTOR = 0.9;
    private static final double TITANIUM_OVERLAP_MM = 4;
    private static final double LEAST_OVERLAP_MM = 3;
    private static final double MOST_OVERLAP_MM = 8;
    private static final double UNTRAILED_MM = 36;
    private static final double TRAILED_MM = 75;
    private static final double FREEHAND_SHARE = 0.5;
    private static final double ROLLED_SHARE = 0.75;

    /** Runs, at most. */
    public static final int MOST_RUNS = 1000;

    /** Copies its collections, so that it cannot change. */
    public SequenceRequest {
        passes = List.copyOf(passes);
        machine = List.copyOf(machine);
        torch = List.copyOf(torch);
        order = List.copyOf(order);
    }

    /**
     * For a weld with all its passes; refused with words where it has no sheet, or the work cannot be.
     *
     * @param plan the plan
     * @param work how much there is to weld
     * @param machine the duty points of the machine's plate
     * @param torch the duty points of the torch
     * @param ambientC temperature of the shop, °C
     * @return the sequence request, or what prevents it
     */
    public static Outcome<SequenceRequest> of(
            WeldPlan plan, WeldQuantity work, List<DutyPoint> machine, List<DutyPoint> torch, double ambientC) {
        return plan.passes().then(sheets -> {
            List<Problem> problems = work.problems();
            if (!problems.isEmpty()) {
                return Outcome.failed(problems);
            }
            List<PassFigures> passes = sheets.stream().map(PassFigures::of).toList();
            SequenceRequest request =
                    new SequenceRequest(sheets.get(0), passes, work, machine, torch, ambientC, List.of());
            return SeamSplitter.count(request) > MOST_RUNS
                    ? Outcome.failed(Problem.badValue(WeldQuantity.SEAM.field(), "route.tooMany", MOST_RUNS))
                    : Outcome.of(request);
        });
    }

    /**
     * {@return the same with its runs in an order of the welder's own}
     *
     * @param numbers the numbers of the runs, in order
     */
    public SequenceRequest ordered(List<Integer> numbers) {
        return new SequenceRequest(sheet, passes, work, machine, torch, ambientC, numbers);
    }

    /** {@return whether the given order names every run once: only then it is used} */
    public boolean isOrdered() {
        int count = SeamSplitter.count(this);
        return order.size() == count
                && order.stream().distinct().count() == count
                && order.stream().allMatch(number -> number >= 1 && number <= count);
    }

    boolean isTube() {
        return sheet.joint().tubeOd().isPresent();
    }

    double girthMm() {
        return sheet.joint().roundMm().orElse(0);
    }

    /**
     * {@return how long the argon fills before the first arc, s: as entered, else the wait of the purge without a
     * meter; its least where the target is never reached}
     */
    public double purgeS() {
        double least = sheet.joint().isTitanium() ? PurgePlan.LEAST_TITANIUM_S : PurgePlan.LEAST_S;
        return work.purgeS().orElseGet(() -> sheet.purge().waitS().orElse(least));
    }

    /** Length of a seam, mm: given, or once round, or a usual run. */
    double seamMm() {
        return work.seamMm().orElse(sheet.joint().usualSeamMm());
    }

    /** Whether a seam runs into its own start. */
    boolean closes() {
        return isTube() && seamMm() >= girthMm() - 1;
    }

    /** Length of a tube that is welded before it has to be turned, mm; empty where it need not be: all on a positioner, three quarters turned by hand, half where it is fixed. */
    OptionalDouble turnMm() {
        boolean positioner = sheet.practice().technique() == Technique.POSITIONER;
        double share = work.reach().orElse(positioner ? 1 : sheet.practice().rotated() ? ROLLED_SHARE : FREEHAND_SHARE);
        return isTube() && share < 1 ? OptionalDouble.of(share * girthMm()) : OptionalDouble.empty();
    }

    /** A level tube standing still: welded from its lowest place up both sides, or falling from its highest down both. */
    boolean isFixedPosition() {
        boolean level = sheet.practice().position().isFixedTube();
        return isTube() && closes() && level && !sheet.practice().rotated();
    }

    boolean isSaddle() {
        return sheet.joint().form() == JointForm.TUBE_SADDLE;
    }

    /** How far a restart goes over the end before, mm: 4 on titanium; else 3 and the thickness, 8 at most. Source: [judgement]. */
    double overlapMm() {
        double t = sheet.joint().thinnerMm();
        return sheet.joint().isTitanium() ? TITANIUM_OVERLAP_MM : Math.min(MOST_OVERLAP_MM, LEAST_OVERLAP_MM + t);
    }

    /** How far titanium is welded at one stretch, mm: 36 without a trailing shield, 75 with one. Source: [judgement]. */
    double dippedMm() {
        return sheet.find(ParameterKey.TRAIL_LENGTH).isPresent() ? TRAILED_MM : UNTRAILED_MM;
    }

    boolean isDipped() {
        return sheet.joint().isTitanium()
                && sheet.practice().wire()
                && sheet.practice().wireFeed() == FillerFeed.DAB
                && sheet.practice().technique() != Technique.POSITIONER;
    }

    /** What a second of arc takes of the ten minutes of machine or torch. */
    double dutyPerS(double rmsA) {
        return DutyCycle.perS(machine, torch, derated(rmsA));
    }

    private double derated(double rmsA) {
        return ambientC > HOT_C ? rmsA / HOT_FACTOR : rmsA;
    }

    /**
     * {@return how the machine's ten minutes are used over a route; empty where no plate is given}
     *
     * @param sequence the weld sequence
     */
    public List<DutyUse> machineUse(WeldSequence sequence) {
        return use(sequence, machine);
    }

    /**
     * {@return how the torch's are}
     *
     * @param sequence the weld sequence
     */
    public List<DutyUse> torchUse(WeldSequence sequence) {
        return use(sequence, torch);
    }

    private List<DutyUse> use(WeldSequence sequence, List<DutyPoint> plate) {
        if (plate.isEmpty()) {
            return List.of();
        }
        DutyCycle duty = new DutyCycle();
        sequence.runs()
                .forEach(segment -> duty.burn(
                        segment.startS(), segment.arcS(), DutyCycle.perS(plate, List.of(), derated(segment.rmsA()))));
        return duty.used();
    }

    /**
     * {@return how the heat of a pass leaves it: from the end of its arc until it is down to each of
     * {@link RemainingHeat#STEPS_C}, s}
     *
     * @param pass number of the pass, from 1
     */
    public List<Double> leavesS(int pass) {
        return RemainingHeat.leavesS(
                passes.get(Math.max(1, pass) - 1),
                Math.max(ambientC, sheet.practice().metalC()));
    }
}
