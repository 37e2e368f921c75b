package vastarc.core.advice.sequence;

import java.io.IOException;
import java.math.BigDecimal;
import java.math.MathContext;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Random;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import java.util.zip.CRC32;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;
import vastarc.core.advice.parameters.ShopDefaults;
import vastarc.core.advice.plan.RecordedTable;
import vastarc.core.advice.plan.WeldPlan;
import vastarc.core.advice.sequence.DaySchedule.ChangeoverTimes;
import vastarc.core.advice.sequence.WeldSequence.SequenceTotals;
import vastarc.core.advice.sheet.RandomJoints;
import vastarc.core.domain.joint.Joint;
import vastarc.core.domain.joint.Weld;
import vastarc.core.physics.duty.DutyPoint;

/**
 * Sequences of seeded jobs, with what they take and cost, and days of them, against those recorded. A change of shape must not move one of them; a
 * change of rule moves them on purpose, and is recorded anew with {@code -Dvastarc.record=true}.
 */
class RecordedSequencesTest {

    private static final long SEED = 2027;
    /** All of them, but where a run over thousands of small changes asks for fewer. */
    private static final int DRAWS = Math.min(400, Integer.getInteger("vastarc.recorded.joints", 400));

    private static final int MOST_RUNS = 120;
    private static final int JOBS_A_DAY = 3;
    private static final int DAYS = 12;
    private static final Pattern FIGURE = Pattern.compile("-?\\d+\\.\\d+(E-?\\d+)?");
    private static final List<List<DutyPoint>> PLATES = List.of(
            List.of(), List.of(new DutyPoint(200, 35), new DutyPoint(140, 60)), List.of(new DutyPoint(125, 35)));

    private static final String SEQUENCES = "sequences.csv";
    private static final String DAYS_FILE = "days.csv";

    @Test
    void noSequenceAndNoCostHasMoved() throws IOException {
        RecordedTable.assertNothingMoved(SEQUENCES, sequences());
    }

    @Test
    void noDayHasMoved() throws IOException {
        RecordedTable.assertNothingMoved(DAYS_FILE, days());
    }

    @Test
    @EnabledIfSystemProperty(named = "vastarc.record", matches = "true")
    void record() throws IOException {
        RecordedTable.record(SEQUENCES, sequences());
        RecordedTable.record(DAYS_FILE, days());
    }

    private static List<SequenceRequest> requests() {
        RandomJoints joints = new RandomJoints(SEED);
        Random random = new Random(SEED);
        List<SequenceRequest> requests = new ArrayList<>();
        for (int draw = 0; draw < DRAWS; draw++) {
            Joint joint = joints.joint();
            WeldPlan plan = WeldPlan.of(new Weld(joint, joints.practiceFor(joint)), ShopDefaults.usual());
            Optional<SequenceRequest> request = SequenceRequest.of(
                            plan, work(random), any(random), any(random), 5 + random.nextInt(35))
                    .value();
            request.filter(one -> SeamSplitter.count(one) <= MOST_RUNS).ifPresent(requests::add);
        }
        return requests;
    }

    private static WeldQuantity work(Random random) {
        boolean told = random.nextInt(4) > 0;
        OptionalDouble seamMm = told ? OptionalDouble.of(20 + random.nextInt(900)) : OptionalDouble.empty();
        OptionalDouble reach =
                random.nextInt(3) == 0 ? OptionalDouble.of(0.1 + random.nextInt(9) / 10.0) : OptionalDouble.empty();
        OptionalDouble purgeS =
                random.nextInt(3) == 0 ? OptionalDouble.of(random.nextInt(600)) : OptionalDouble.empty();
        return new WeldQuantity(1 + random.nextInt(4), seamMm, "", reach, random.nextInt(60), purgeS)
                .sharing(random.nextInt(8) / 10.0);
    }

    private static List<DutyPoint> any(Random random) {
        return PLATES.get(random.nextInt(PLATES.size()));
    }

    private static List<String> sequences() {
        List<String> lines = new ArrayList<>();
        lines.add("number,material,form,runs,length,warping,arc_s,wall_s,wire_m,wire_g,torch_l,purge_l,kwh,rods,grinds,"
                + "cost,own_order,runs_crc32,notes_crc32,check_crc32,turned_crc32");
        for (SequenceRequest request : requests()) {
            lines.add(lines.size() + "," + request.sheet().joint().material() + ","
                    + request.sheet().joint().form() + "," + line(request));
        }
        return lines;
    }

    private static String line(SequenceRequest request) {
        WeldSequence sequence = SequencePlanner.plan(request);
        SequenceTotals totals = sequence.totals();
        JobCost cost = JobCost.of(
                request,
                sequence,
                new Prices(OptionalDouble.of(9), Map.of("ER70S-2", 14.0), OptionalDouble.of(6), OptionalDouble.of(48)));
        List<Integer> turned = IntStream.rangeClosed(1, sequence.runs().size())
                .mapToObj(n -> sequence.runs().size() + 1 - n)
                .toList();
        WeldSequence other = SequencePlanner.plan(request.ordered(turned));
        return Stream.of(
                                sequence.runs().size(),
                                sequence.length(),
                                sequence.warping(),
                                totals.arcS(),
                                totals.wallS(),
                                totals.wireM(),
                                totals.wireG(),
                                totals.torchArgonL(),
                                totals.purgeArgonL(),
                                totals.energyKWh(),
                                totals.rods(),
                                totals.grinds(),
                                cost.total(),
                                other.totals().wallS())
                        .map(figure -> rounded(figure.toString()))
                        .collect(Collectors.joining(","))
                + "," + crc(sequence.runs()) + "," + crc(sequence.notes()) + ","
                + crc(SequenceCheck.check(request, sequence)) + "," + crc(other);
    }

    private static List<String> days() {
        List<SequenceRequest> requests =
                requests().stream().filter(one -> SeamSplitter.count(one) <= 12).toList();
        List<String> lines = new ArrayList<>();
        lines.add("day,first_material,first_form,makespan_s,one_after_another_s,lower_bound_s,timeline_crc32");
        for (int day = 0; day < Math.min(DAYS, requests.size() / JOBS_A_DAY); day++) {
            List<SequenceRequest> jobs = requests.subList(day * JOBS_A_DAY, (day + 1) * JOBS_A_DAY);
            DaySchedule schedule = DayPlanner.plan(jobs, ChangeoverTimes.USUAL);
            Joint first = jobs.get(0).sheet().joint();
            lines.add(Stream.of(
                                    day,
                                    first.material(),
                                    first.form(),
                                    schedule.makespanS(),
                                    schedule.oneAfterAnotherS(),
                                    schedule.lowerBoundS())
                            .map(figure -> rounded(figure.toString()))
                            .collect(Collectors.joining(","))
                    + "," + crc(schedule.timeline()));
        }
        return lines;
    }

    /** Five digits: what comes after them is not the same on every machine. */
    private static String rounded(String text) {
        return FIGURE.matcher(text)
                .replaceAll(found -> new BigDecimal(found.group())
                        .round(new MathContext(5))
                        .stripTrailingZeros()
                        .toPlainString());
    }

    private static String crc(Object told) {
        CRC32 crc = new CRC32();
        crc.update(rounded(told.toString()).getBytes(StandardCharsets.UTF_8));
        return "%08x".formatted(crc.getValue());
    }
}
