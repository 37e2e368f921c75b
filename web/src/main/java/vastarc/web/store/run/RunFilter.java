package vastarc.web.store.run;

import jakarta.persistence.criteria.Predicate;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.UUID;
import org.springframework.data.jpa.domain.Specification;
import vastarc.core.record.weldlog.RunVerdict;

/**
 * Which runs are wanted; what is empty does not matter.
 *
 * @param text    words in names, note, welder, machine
 * @param fromMm  thinnest
 * @param toMm    thickest
 * @param from    not before
 * @param to      before
 */
public record RunFilter(
        String text,
        Optional<String> material,
        Optional<String> joint,
        OptionalDouble fromMm,
        OptionalDouble toMm,
        Optional<String> machine,
        Optional<String> hand,
        Optional<RunVerdict> verdict,
        Optional<Instant> from,
        Optional<Instant> to,
        Optional<UUID> job) {

    /** {@return every run} */
    public static RunFilter all() {
        return named("");
    }

    /**
     * {@return runs with some words in names, note, welder or machine}
     *
     * @param words the words to search for
     */
    public static RunFilter named(String words) {
        return of(words, Optional.empty());
    }

    /**
     * {@return the runs of a job}
     *
     * @param job id of the job
     */
    public static RunFilter of(UUID job) {
        return of("", Optional.of(job));
    }

    private static RunFilter of(String words, Optional<UUID> job) {
        return new RunFilter(
                words,
                Optional.empty(),
                Optional.empty(),
                OptionalDouble.empty(),
                OptionalDouble.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                job);
    }

    /** Words alone are asked for. */
    boolean isOfWordsAlone() {
        return !text.isBlank() && equals(named(text));
    }

    /** What its words have to be like, with {@code !} before what would mean anything. */
    String likeWords() {
        return "%" + text.strip().toLowerCase(Locale.ROOT).replaceAll("([!%_])", "!$1") + "%";
    }

    Specification<WeldRun> specification() {
        return (run, query, build) -> {
            List<Predicate> all = new ArrayList<>();
            if (!text.isBlank()) {
                all.add(build.like(run.get("words"), likeWords(), '!'));
            }
            material.ifPresent(one -> all.add(build.equal(run.get("welded").get("material"), one)));
            joint.ifPresent(one -> all.add(build.equal(run.get("welded").get("joint"), one)));
            machine.ifPresent(one -> all.add(build.equal(run.get("machineName"), one)));
            hand.ifPresent(one -> all.add(build.equal(run.get("hand"), one)));
            verdict.ifPresent(runVerdict -> all.add(build.equal(run.get("verdict"), runVerdict)));
            job.ifPresent(uUID -> all.add(build.equal(run.get("jobId"), uUID)));
            fromMm.ifPresent(
                    mm -> all.add(build.greaterThanOrEqualTo(run.get("welded").<Double>get("thicknessMm"), mm)));
            toMm.ifPresent(
                    mm -> all.add(build.lessThanOrEqualTo(run.get("welded").<Double>get("thicknessMm"), mm)));
            from.ifPresent(day -> all.add(build.greaterThanOrEqualTo(run.<Instant>get("startedAt"), day)));
            to.ifPresent(day -> all.add(build.lessThan(run.<Instant>get("startedAt"), day)));
            return build.and(all.toArray(Predicate[]::new));
        };
    }
}
