package vastarc.web.shop;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;
import vastarc.core.advice.parameters.Method;
import vastarc.core.advice.parameters.ParameterKey;
import vastarc.core.advice.parameters.ShopDefaults;
import vastarc.core.advice.sheet.SetupSheet;
import vastarc.core.base.text.Phrase;
import vastarc.core.base.text.Phrasebook;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.input.JointPhrase;
import vastarc.core.input.JointReading;
import vastarc.web.layout.Labels;
import vastarc.web.request.PhraseJob;
import vastarc.web.service.JobPlan;
import vastarc.web.service.JobPlanner;
import vastarc.web.store.job.Job;
import vastarc.web.store.job.JobContent;
import vastarc.web.store.job.JobStore;
import vastarc.web.store.shop.ShopStore;

/** What a shop default would do, before it is kept: on three joints that every shop knows, and on the jobs on the bench. */
@Component
class DefaultTrial {

    private static final int MOVED_SHOWN = 8;

    /** Jobs a shop default is tried on before it is stored. */
    private static final int CALCULATED_JOBS = 100;

    /** One of each kind of metal, thin and thick, open and purged, so that every default moves one of them. */
    static final List<String> COMMON_JOINTS = List.of(
            "3 mm mild steel tee 2F pedal",
            "1.65 mm 316 tube butt 51 od 5G purged",
            "1.5 mm titanium grade 2 lap bright");

    /**
     * What a shop default would move on one joint.
     *
     * @param name the joint, or the job
     * @param figures from and to; empty where nothing moves
     */
    public record MovedJob(String name, List<String> figures) {}

    /**
     * A change to be kept or not.
     *
     * @param school the default
     * @param says what it says
     * @param common what it does to the common joints
     * @param moved jobs on the bench that it moves
     * @param proven jobs it leaves as they were proven
     * @param unmoved jobs it has no effect on
     * @param older jobs on the bench that it was not tried on, as there are newer ones
     */
    public record PendingChange(
            String school,
            String says,
            List<MovedJob> common,
            List<MovedJob> moved,
            int proven,
            int unmoved,
            long older) {}

    private final ShopStore shop;
    private final JobStore jobs;
    private final JobPlanner planner;

    DefaultTrial(ShopStore shop, JobStore jobs, JobPlanner planner) {
        this.shop = shop;
        this.jobs = jobs;
        this.planner = planner;
    }

    PendingChange of(Method method, UnitSystem units) {
        ShopDefaults after = shop.habits().with(method).defaults();
        List<Job> bench = jobs.newest(CALCULATED_JOBS);
        List<MovedJob> tried = bench.stream()
                .filter(job -> job.content().proof().isEmpty())
                .map(job -> new MovedJob(job.name(), moved(planner.plan(job), after, units)))
                .toList();
        List<MovedJob> moved =
                tried.stream().filter(job -> !job.figures().isEmpty()).toList();
        String says = Labels.of(
                        say("matter." + Objects.requireNonNull(method.matter()).name())) + ": " + say(method.words());
        return new PendingChange(
                method.name(),
                says,
                common(after, units),
                moved,
                bench.size() - tried.size(),
                tried.size() - moved.size(),
                Math.max(0, jobs.countOnBench() - CALCULATED_JOBS));
    }

    private List<MovedJob> common(ShopDefaults after, UnitSystem units) {
        List<MovedJob> common = new ArrayList<>();
        for (String line : COMMON_JOINTS) {
            JointReading reading = JointPhrase.read(line, UnitSystem.METRIC);
            JobContent content = PhraseJob.of(reading, shop.freshJob());
            common.add(new MovedJob(reading.name(), moved(planner.plan(content), after, units)));
        }
        return common;
    }

    /** The figures that a change of shop defaults moves, from and to. */
    private static List<String> moved(JobPlan plan, ShopDefaults after, UnitSystem units) {
        Optional<SetupSheet> now = plan.sheet().value();
        Optional<SetupSheet> then = plan.in(after).sheet().value();
        if (now.isEmpty() || then.isEmpty()) {
            return List.of();
        }
        return Arrays.stream(ParameterKey.values())
                .flatMap(key -> difference(key, now.get(), then.get(), units))
                .limit(MOVED_SHOWN)
                .toList();
    }

    private static Stream<String> difference(ParameterKey key, SetupSheet now, SetupSheet then, UnitSystem units) {
        if (now.find(key).equals(then.find(key))) {
            return Stream.empty();
        }
        Optional<String> before = now.find(key).map(parameter -> parameter.shown(units));
        Optional<String> after = then.find(key).map(parameter -> parameter.shown(units));
        return before.equals(after)
                ? Stream.empty()
                : Stream.of(say(key.words()) + " " + before.orElse("–") + " → " + after.orElse("–"));
    }

    private static String say(String words) {
        return Phrasebook.say(Phrase.of(words), UnitSystem.METRIC);
    }
}
