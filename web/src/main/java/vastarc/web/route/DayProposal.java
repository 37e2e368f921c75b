package vastarc.web.route;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Component;
import vastarc.core.advice.sequence.DayPlanner;
import vastarc.core.advice.sequence.SequencePlanner;
import vastarc.core.advice.sequence.SequenceRequest;
import vastarc.core.advice.sequence.WeldSequence;
import vastarc.web.job.NextStep;
import vastarc.web.request.WeldQuantityText;
import vastarc.web.service.JobPlanner;
import vastarc.web.service.SequencePlans;
import vastarc.web.store.job.Job;

/** Which jobs of the bench a day may hold, how long each takes, and a day of those that are still to be welded. */
@Component
class DayProposal {

    private final JobPlanner planner;
    private final SequencePlans plans;

    DayProposal(JobPlanner planner, SequencePlans plans) {
        this.planner = planner;
        this.plans = plans;
    }

    /**
     * A job that may be welded in a day.
     *
     * @param job   of the bench
     * @param next  what it waits for; empty for one that is proven
     * @param wallS how long it takes alone, s; empty where it has no route
     * @param runs  how many runs it has
     */
    record DayCandidate(Job job, Optional<NextStep> next, Optional<Double> wallS, int runs) {

        String id() {
            return job.id().toString();
        }
    }

    /** Those of the bench that can be read: what is ready to weld first, what is proven last. */
    List<DayCandidate> candidates(List<Job> bench) {
        return bench.stream()
                .filter(job -> job.document().isReadable())
                .map(this::candidate)
                .sorted(Comparator.comparing(
                        candidate -> candidate.next().map(NextStep::ordinal).orElse(NextStep.values().length)))
                .toList();
    }

    private DayCandidate candidate(Job job) {
        WeldQuantityText typed = WeldQuantityText.of(job.content().joint());
        Optional<WeldSequence> sequence = plans.ask(job.content(), typed)
                .value()
                .filter(request -> typed.problems().isEmpty())
                .map((SequenceRequest request) -> SequencePlanner.plan(request));
        return new DayCandidate(
                job,
                NextStep.of(job.content(), planner.plan(job).sheet().value()),
                sequence.map(made -> made.totals().wallS()),
                sequence.map(made -> made.runs().size()).orElse(0));
    }

    /** Those still to be welded, as many as one day's plan takes, by id. */
    static List<String> proposed(List<DayCandidate> candidates) {
        List<String> proposed = new ArrayList<>();
        int runs = 0;
        for (DayCandidate candidate : candidates) {
            boolean open = candidate.next().isPresent() && candidate.wallS().isPresent();
            if (open && proposed.size() < DayPlanner.MOST_JOBS && runs + candidate.runs() <= DayPlanner.MOST_RUNS) {
                proposed.add(candidate.id());
                runs += candidate.runs();
            }
        }
        return proposed;
    }
}
