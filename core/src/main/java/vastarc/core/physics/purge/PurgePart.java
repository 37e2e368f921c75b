package vastarc.core.physics.purge;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import vastarc.core.base.tables.OrderedCollections;
import vastarc.core.base.units.Unit;
import vastarc.core.domain.joint.JointLimits.InputRange;

/**
 * One part of what is filled with argon, between the dams. Volumes by geometry [textbook]; a trough counts as half an ellipse, a plug leaves
 * the ring around it.
 *
 * @param kind    which
 * @param figures by the names of {@link PurgePartKind#fields()}, mm and degrees
 */
public record PurgePart(PurgePartKind kind, Map<String, Double> figures) {

    private static final String LENGTH = "lengthMm";
    private static final String BORE = "boreMm";
    private static final String WIDTH = "widthMm";
    private static final String ANGLE = "angleDeg";
    private static final String RADIUS = "radiusMm";
    private static final String TO_BORE = "toBoreMm";
    private static final String BRANCH_LENGTH = "branchLengthMm";
    private static final String BRANCH_BORE = "branchBoreMm";
    private static final String HEIGHT = "heightMm";
    private static final String GAP = "gapMm";
    private static final String DEPTH = "depthMm";
    private static final double MM3_PER_L = 1e6;

    /** Kinds of parts, each with the figures it is given by; its words: {@code purge.part.<name>}. */
    public enum PurgePartKind {
        /** Straight tube. */
        STRAIGHT(length(LENGTH), bore(BORE)),
        /** A bend. */
        BEND(new InputRange(ANGLE, 1, 360, Unit.DEGREE), length(RADIUS), bore(BORE)),
        /** A reducer. */
        REDUCER(length(LENGTH), bore(BORE), bore(TO_BORE)),
        /** A tee. */
        TEE(length(LENGTH), bore(BORE), length(BRANCH_LENGTH), bore(BRANCH_BORE)),
        /** A box. */
        BOX(length(LENGTH), length(WIDTH), length(HEIGHT)),
        /** The space between two plugs. */
        PLUG(new InputRange(GAP, 0.2, 50, Unit.MILLIMETRE), length(LENGTH), bore(BORE)),
        /** A trough behind a plate. */
        TROUGH(length(LENGTH), length(WIDTH), length(DEPTH));

        private final List<InputRange> fields;

        PurgePartKind(InputRange... fields) {
            this.fields = List.of(fields);
        }

        /** {@return its figures with their ranges, in order} */
        public List<InputRange> fields() {
            return fields;
        }

        /** {@return a part of it as a shop would have it} */
        public PurgePart usual() {
            Map<String, Double> figures = new LinkedHashMap<>();
            fields.forEach(field -> figures.put(field.field(), usual(field.field())));
            return new PurgePart(this, figures);
        }

        private static double usual(String field) {
            return switch (field) {
                case BORE -> 47.5;
                case TO_BORE, BRANCH_BORE -> 35;
                case ANGLE -> 90;
                case RADIUS -> 76;
                case GAP -> 3;
                case DEPTH -> 20;
                case WIDTH -> 60;
                case HEIGHT -> 80;
                case BRANCH_LENGTH -> 60;
                default -> 150;
            };
        }
    }

    private static InputRange length(String name) {
        return new InputRange(name, 1, 20_000, Unit.MILLIMETRE);
    }

    private static InputRange bore(String name) {
        return new InputRange(name, 2, 1000, Unit.MILLIMETRE);
    }

    /** Copies its collections, so that it cannot change. */
    public PurgePart {
        figures = OrderedCollections.map(figures);
    }

    /**
     * {@return a straight tube}
     *
     * @param lengthMm length, mm
     * @param boreMm inside diameter, mm
     */
    public static PurgePart straight(double lengthMm, double boreMm) {
        return new PurgePart(PurgePartKind.STRAIGHT, Map.of(LENGTH, lengthMm, BORE, boreMm));
    }

    /**
     * {@return a figure of it, mm or degrees}
     *
     * @param field name of the figure
     */
    public double of(String field) {
        Double value = figures.get(field);
        if (value == null) {
            throw new IllegalArgumentException("a " + kind + " has no " + field);
        }
        return value;
    }

    /** {@return what it holds, L} */
    public double volumeL() {
        double mm3 = switch (kind) {
            case STRAIGHT -> area(of(BORE)) * of(LENGTH);
            case BEND -> area(of(BORE)) * of(RADIUS) * Math.toRadians(of(ANGLE));
            case REDUCER -> frustum(of(LENGTH), of(BORE), of(TO_BORE));
            case TEE -> area(of(BORE)) * of(LENGTH) + area(of(BRANCH_BORE)) * of(BRANCH_LENGTH);
            case BOX -> of(LENGTH) * of(WIDTH) * of(HEIGHT);
            case PLUG -> (area(of(BORE)) - area(Math.max(0, of(BORE) - 2 * of(GAP)))) * of(LENGTH);
            case TROUGH -> Math.PI / 4 * of(WIDTH) * of(DEPTH) * of(LENGTH);
        };
        return mm3 / MM3_PER_L;
    }

    /** {@return widest way across it, mm: what the argon spreads over} */
    public double acrossMm() {
        return switch (kind) {
            case REDUCER -> Math.max(of(BORE), of(TO_BORE));
            case BOX -> of(HEIGHT);
            case TROUGH -> of(DEPTH);
            case PLUG -> of(GAP);
            default -> of(BORE);
        };
    }

    /** {@return section that the argon comes through, mm²: the narrower end of a reducer} */
    public double areaMm2() {
        return switch (kind) {
            case REDUCER -> area(Math.min(of(BORE), of(TO_BORE)));
            case BOX -> of(WIDTH) * of(HEIGHT);
            case TROUGH -> Math.PI / 4 * of(WIDTH) * of(DEPTH);
            case PLUG -> area(of(BORE)) - area(Math.max(0, of(BORE) - 2 * of(GAP)));
            default -> area(of(BORE));
        };
    }

    private static double area(double bore) {
        return Math.PI / 4 * bore * bore;
    }

    private static double frustum(double length, double value, double other) {
        return Math.PI * length / 12 * (value * value + value * other + other * other);
    }
}
