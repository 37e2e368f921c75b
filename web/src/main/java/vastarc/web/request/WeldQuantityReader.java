package vastarc.web.request;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import java.util.function.DoubleSupplier;
import tools.jackson.databind.JsonNode;
import vastarc.core.advice.sequence.Prices;
import vastarc.core.advice.sequence.WeldQuantity;
import vastarc.core.base.units.Unit;
import vastarc.core.base.validation.Outcome;
import vastarc.core.domain.joint.JointLimits.InputRange;
import vastarc.core.physics.duty.DutyPoint;

/**
 * What a call for a route says besides joint and own values.
 *
 * @param work     how much there is to weld
 * @param machine  its rating plate
 * @param torch    its rating
 * @param ambientC of the shop, °C
 * @param order    numbers of the planned runs as the welder wants them; empty for the planned order
 * @param prices   what is paid; not given where nothing is
 */
public record WeldQuantityReader(
        WeldQuantity work,
        List<DutyPoint> machine,
        List<DutyPoint> torch,
        double ambientC,
        List<Integer> order,
        Prices prices) {

    /** Field of the quantity. */
    public static final String WORK = "work";
    /** Field of the duty cycles. */
    public static final String DUTY = "duty";
    /** Field of the conditions at the start. */
    public static final String START = "start";
    /** Field of the order of seams. */
    public static final String ORDER = "order";

    private static final InputRange AMPS = new InputRange("amps", 1, 1000, Unit.AMPERE);
    private static final InputRange PERCENT = new InputRange("percent", 1, 100, Unit.PERCENT);
    private static final InputRange AMBIENT = new InputRange("ambientC", -30, 60, Unit.CELSIUS);
    private static final InputRange NUMBER = new InputRange(ORDER, 1, 1000, Unit.NUMBER);
    private static final int MOST_POINTS = 6;
    private static final String PIECE = "piece";
    private static final int LONGEST_NAME = 200;

    /**
     * {@return what is given, or everything that is wrong with it}
     *
     * @param body the document
     */
    public static Outcome<WeldQuantityReader> read(JsonNode body) {
        JsonFields fields = JsonFields.within(body);
        JsonFields work = fields.object(
                WORK,
                WeldQuantity.SEAMS.field(),
                WeldQuantity.SEAM.field(),
                PIECE,
                WeldQuantity.REACH.field(),
                WeldQuantity.HANDLING.field(),
                WeldQuantity.PURGE.field());
        JsonFields duty = fields.object(DUTY, "machine", "torch");
        JsonFields start = fields.object(START, AMBIENT.field());
        WeldQuantityReader read = new WeldQuantityReader(
                new WeldQuantity(
                        (int) work.number(WeldQuantity.SEAMS, 1),
                        numberOr(work, WeldQuantity.SEAM.field(), () -> work.number(WeldQuantity.SEAM)),
                        work.text(PIECE, LONGEST_NAME),
                        numberOr(work, WeldQuantity.REACH.field(), () -> work.number(WeldQuantity.REACH)),
                        work.number(WeldQuantity.HANDLING, WeldQuantity.USUAL_HANDLING_S),
                        numberOr(work, WeldQuantity.PURGE.field(), () -> work.number(WeldQuantity.PURGE))),
                points(duty, "machine"),
                points(duty, "torch"),
                start.number(AMBIENT, 20),
                fields.numbers(ORDER, NUMBER, 1000).stream()
                        .map(Double::intValue)
                        .toList(),
                PriceText.within(fields));
        return fields.problems().isEmpty() ? Outcome.of(read) : Outcome.failed(fields.problems());
    }

    private static List<DutyPoint> points(JsonFields duty, String name) {
        List<DutyPoint> points = new ArrayList<>();
        duty.listOrNone(name, MOST_POINTS, "route.points")
                .forEach(point -> points.add(new DutyPoint(
                        point.taking(AMPS.field(), PERCENT.field()).number(AMPS), point.number(PERCENT))));
        return points;
    }

    private static OptionalDouble numberOr(JsonFields fields, String name, DoubleSupplier number) {
        return fields.has(name) ? OptionalDouble.of(number.getAsDouble()) : OptionalDouble.empty();
    }
}
