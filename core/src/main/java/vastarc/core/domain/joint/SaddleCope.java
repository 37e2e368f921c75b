package vastarc.core.domain.joint;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import vastarc.core.base.units.Quantity;
import vastarc.core.base.units.Unit;
import vastarc.core.base.validation.Outcome;
import vastarc.core.base.validation.Problem;
import vastarc.core.domain.joint.JointLimits.InputRange;

/**
 * How the end of a branch tube is cut so that it sits on a run tube: the curve in which the two outsides meet. A cutter or hole saw of the run's
 * outside diameter, led through the branch at the angle, cuts the same.
 *
 * <p>With the radii r and R, the angle θ between the axes and the offset e of one axis beside the other, the branch reaches the run at
 * \( s(\varphi) = \left(\sqrt{R^2 - (e + r\sin\varphi)^2} - r\cos\varphi\cos\theta\right) / \sin\theta \) along its own axis. Source: cut of two
 * cylinders [textbook].
 *
 * @param branchMm outside diameter of the branch
 * @param runMm    outside diameter of the run
 * @param angleDeg between the axes
 * @param offsetMm of the branch's axis beside the run's
 */
public record SaddleCope(double branchMm, double runMm, double angleDeg, double offsetMm) {

    /** Outer diameter of the branch. */
    public static final InputRange BRANCH = new InputRange("branchMm", 3, 400, Unit.MILLIMETRE);
    /** Outer diameter of the run. */
    public static final InputRange RUN = new InputRange("runMm", 3, 1000, Unit.MILLIMETRE);
    /** Angle between branch and run. */
    public static final InputRange ANGLE = new InputRange("angleDeg", 20, 90, Unit.DEGREE);
    /** Distance between the two axes. */
    public static final InputRange OFFSET = new InputRange("offsetMm", -200, 200, Unit.MILLIMETRE);

    private static final int PER_TURN = 360;

    /**
     * {@return the cut, or why there is none: a branch that reaches past the run's side has no closed curve on it}
     *
     * @param branchMm outside diameter of the branch, mm
     * @param runMm outside diameter of the run, mm
     * @param angleDeg angle between branch and run, degrees
     * @param offsetMm offset of the axes, mm
     */
    public static Outcome<SaddleCope> of(double branchMm, double runMm, double angleDeg, double offsetMm) {
        List<Problem> problems = new ArrayList<>(
                Stream.of(BRANCH.check(branchMm), RUN.check(runMm), ANGLE.check(angleDeg), OFFSET.check(offsetMm))
                        .flatMap(Optional::stream)
                        .toList());
        if (problems.isEmpty() && branchMm / 2 + Math.abs(offsetMm) > runMm / 2) {
            problems.add(Problem.badValue(
                    "runMm",
                    "cope.wide",
                    Quantity.millimetres(branchMm + 2 * Math.abs(offsetMm)),
                    Quantity.millimetres(runMm)));
        }
        return problems.isEmpty()
                ? Outcome.of(new SaddleCope(branchMm, runMm, angleDeg, offsetMm))
                : Outcome.failed(problems);
    }

    /** {@return once round the branch, mm} */
    public double girthMm() {
        return Math.PI * branchMm;
    }

    /**
     * From the run's axis along the branch's, mm, at an angle round the branch: 0 on the side of the wide angle, 180
     * on that of the sharp one.
     *
     * @param aroundDeg angle round the branch, degrees
     * @return the figure
     */
    public double reachMm(double aroundDeg) {
        double phi = Math.toRadians(aroundDeg);
        double theta = Math.toRadians(angleDeg);
        double across = offsetMm + branchMm / 2 * Math.sin(phi);
        double up = Math.sqrt(Math.max(0, runMm * runMm / 4 - across * across));
        return (up - branchMm / 2 * Math.cos(phi) * Math.cos(theta)) / Math.sin(theta);
    }

    /**
     * {@return how deep the cut is at an angle round the branch: 0 where the branch reaches furthest, mm}
     *
     * @param aroundDeg angle round the branch, degrees
     */
    public double depthMm(double aroundDeg) {
        return reachMm(aroundDeg) - nearestMm();
    }

    private double nearestMm() {
        double nearest = Double.MAX_VALUE;
        for (int degree = 0; degree < PER_TURN; degree++) {
            nearest = Math.min(nearest, reachMm(degree));
        }
        return nearest;
    }

    /** {@return the deepest place of the cut, mm} */
    public double deepestMm() {
        double deepest = 0;
        double nearest = nearestMm();
        for (int degree = 0; degree < PER_TURN; degree++) {
            deepest = Math.max(deepest, reachMm(degree) - nearest);
        }
        return deepest;
    }

    /** {@return diameter of a cutter or hole saw that cuts it, mm} */
    public double cutterMm() {
        return runMm;
    }
}
