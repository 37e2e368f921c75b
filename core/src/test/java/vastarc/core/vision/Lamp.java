package vastarc.core.vision;

import java.util.SplittableRandom;
import vastarc.core.vision.BeadPhotographer.Difficulty;

/** Lamp on a simulated bead: from one side and from all around, with a shadow's edge and a shine. */
final class Lamp {

    private static final double D = 0.02;

    private final double x;
    private final double y;
    private final double z;
    private final double around;
    private final double shine;
    private final double sharpness;
    private final double shadow;
    private final double shadowAt;
    private final double shadowSlant;
    private final double fall;
    private final double level;

    private Lamp(double[] values) {
        this.x = values[0];
        this.y = values[1];
        this.z = values[2];
        this.around = values[3];
        this.shine = values[4];
        this.sharpness = values[5];
        this.shadow = values[6];
        this.shadowAt = values[7];
        this.shadowSlant = values[8];
        this.fall = values[9];
        this.level = values[10];
    }

    static Lamp of(SplittableRandom random, Difficulty difficulty, Camera camera, SimulatedBead bead) {
        double turn = 2 * Math.PI * random.nextDouble();
        double high = Math.toRadians(35 + 40 * random.nextDouble());
        boolean bad = difficulty == Difficulty.BAD;
        boolean clean = difficulty == Difficulty.CLEAN;
        double kind = random.nextDouble();
        double level = 0.75 + 0.25 * random.nextDouble();
        if (bad && kind < 0.2) {
            level = 0.012;
        } else if (bad && kind < 0.35) {
            level = 5;
        }
        double shine = (clean ? 0.1 : 0.3) * random.nextDouble();
        if (bad && kind > 0.8) {
            shine = 6;
        }
        double shadow = clean ? 0 : (bad ? 0.6 : 0.35) * random.nextDouble();
        return new Lamp(new double[] {
            Math.cos(high) * Math.cos(turn),
            Math.cos(high) * Math.sin(turn),
            Math.sin(high),
            0.3 + 0.4 * random.nextDouble(),
            shine,
            bad && kind > 0.8 ? 3 : 15 + 40 * random.nextDouble(),
            shadow,
            bead.lengthMm * random.nextDouble(),
            random.nextDouble() - 0.5,
            0.3 * random.nextDouble() / camera.width,
            level
        });
    }

    double at(SimulatedBead bead, double s, double t, int px, int py, boolean paper) {
        double facing = paper ? z : lambert(bead, s, t);
        double dark = 1 - shadow / (1 + Math.exp(-(s - shadowAt + shadowSlant * t) / 1.5));
        return level * dark * (1 - fall * px) * (around + (1 - around) * Math.max(0, facing) / z);
    }

    private double lambert(SimulatedBead bead, double s, double t) {
        double h = bead.height(s, t);
        double ns = (h - bead.height(s + D, t)) / D;
        double nt = (h - bead.height(s, t + D)) / D;
        return (ns * x + nt * y + z) / Math.sqrt(ns * ns + nt * nt + 1);
    }

    /** The shine, seen from straight above. */
    double gloss(SimulatedBead bead, double s, double t, int px, int py) {
        if (shine == 0) {
            return 0;
        }
        double h = bead.height(s, t);
        double ns = (h - bead.height(s + D, t)) / D;
        double nt = (h - bead.height(s, t + D)) / D;
        double size = Math.sqrt(x * x + y * y + (z + 1) * (z + 1));
        double half = (ns * x + nt * y + z + 1) / size / Math.sqrt(ns * ns + nt * nt + 1);
        return level * shine * Math.pow(Math.max(0, half), sharpness);
    }
}
