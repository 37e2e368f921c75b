package vastarc.web.request;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import java.util.function.DoubleSupplier;
import tools.jackson.databind.JsonNode;
import vastarc.core.finding.Outcome;
import vastarc.core.joint.JointLimits.Range;
import vastarc.core.machine.DutyPoint;
import vastarc.core.quantity.Unit;
import vastarc.core.route.Prices;
import vastarc.core.route.Work;

/**
 * What a call for a route says besides joint and own values.
 *
 * @param work     how much there is to weld
 * @param machine  its rating plate
 * @param torch    its rating
 * @param ambientC of the shop, °C
 * @param order    numbers of the planned runs as a hand wants them; empty for the planned order
 * @param prices   what is paid; untold where nothing is
 */
public record WorkReader(
        Work work,
        List<DutyPoint> machine,
        List<DutyPoint> torch,
        double ambientC,
        List<Integer> order,
        Prices prices) {

    public static final String WORK = "work";
    public static final String DUTY = "duty";
    public static final String START = "start";
    public static final String ORDER = "order";

    private static final Range AMPS = new Range("amps", 1, 1000, Unit.AMPERE);
    private static final Range PERCENT = new Range("percent", 1, 100, Unit.PERCENT);
    private static final Range AMBIENT = new Range("ambientC", -30, 60, Unit.CELSIUS);
    private static final Range NUMBER = new Range(ORDER, 1, 1000, Unit.NUMBER);
    private static final int MOST_POINTS = 6;
    private static final String PIECE = "piece";
    private static final int LONGEST_NAME = 200;

    /** What is told, or everything that is wrong with it. */
    public static Outcome<WorkReader> read(JsonNode body) {
        JsonFields fields = JsonFields.within(body);
        JsonFields work = fields.object(
                WORK,
                Work.SEAMS.field(),
                Work.SEAM.field(),
                PIECE,
                Work.REACH.field(),
                Work.HANDLING.field(),
                Work.PURGE.field());
        JsonFields duty = fields.object(DUTY, "machine", "torch");
        JsonFields start = fields.object(START, AMBIENT.field());
        WorkReader read = new WorkReader(
                new Work(
                        (int) work.number(Work.SEAMS, 1),
                        told(work, Work.SEAM.field(), () -> work.number(Work.SEAM)),
                        work.text(PIECE, LONGEST_NAME),
                        told(work, Work.REACH.field(), () -> work.number(Work.REACH)),
                        work.number(Work.HANDLING, Work.USUAL_HANDLING_S),
                        told(work, Work.PURGE.field(), () -> work.number(Work.PURGE))),
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

    private static OptionalDouble told(JsonFields fields, String name, DoubleSupplier number) {
        return fields.has(name) ? OptionalDouble.of(number.getAsDouble()) : OptionalDouble.empty();
    }
}
