package vastarc.web.store.register;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import vastarc.web.store.TransactionRetry;

/** Which papers a job is welded by, which went into a run, and where a paper went. */
@Service
public class PaperUses {

    /** Most papers of a job, and of a run. */
    public static final int MOST = 60;

    private final PaperUseRepository uses;
    private final TransactionRetry retrying;

    PaperUses(PaperUseRepository uses, TransactionRetry retrying) {
        this.uses = uses;
        this.retrying = retrying;
    }

    /**
     * A paper as it is chosen.
     *
     * @param register by its name: {@link RegisterKind#name()}
     * @param number   of the paper
     * @param what     it says, in words, at most {@value #LONGEST_WHAT} characters
     */
    public record ChosenPaper(String register, String number, String what) {

        /** Longest words of what a paper says, characters. */
        public static final int LONGEST_WHAT = 200;

        /** What is longer is cut. */
        public ChosenPaper {
            what = what.substring(0, Math.min(LONGEST_WHAT, what.length()));
        }

        /**
         * {@return whether it is of a register}
         *
         * @param kind the register's
         */
        public boolean isOf(RegisterKind<?> kind) {
            return register.equals(kind.name());
        }

        /**
         * {@return whether both are of the same register and number}
         *
         * @param other the other
         */
        public boolean isSame(ChosenPaper other) {
            return register.equals(other.register) && number.equals(other.number);
        }
    }

    /**
     * {@return the papers chosen for a job, by register and number}
     *
     * @param job id of the job
     */
    public List<ChosenPaper> ofJob(UUID job) {
        return papers(uses.findByJobOrderByRegisterAscNumberAsc(job));
    }

    /**
     * {@return the numbers of one register that are chosen for a job}
     *
     * @param job  id of the job
     * @param kind the register's
     */
    public List<String> ofJob(UUID job, RegisterKind<?> kind) {
        return ofJob(job).stream()
                .filter(paper -> paper.isOf(kind))
                .map(ChosenPaper::number)
                .toList();
    }

    /**
     * {@return the papers that went into a run, by register and number}
     *
     * @param run id of the run
     */
    public List<ChosenPaper> ofRun(UUID run) {
        return papers(uses.findByRunOrderByRegisterAscNumberAsc(run));
    }

    private static List<ChosenPaper> papers(List<PaperUse> uses) {
        return uses.stream().map(PaperUse::paper).toList();
    }

    /**
     * Chooses the papers of a job, in place of those before.
     *
     * @param job    id of the job
     * @param chosen the papers; the first {@value #MOST} are kept
     */
    public void choose(UUID job, List<ChosenPaper> chosen) {
        retrying.inTransaction(() -> {
            uses.deleteAll(uses.findByJobOrderByRegisterAscNumberAsc(job));
            uses.flush();
            chosen.stream()
                    .limit(MOST)
                    .forEach(paper -> uses.save(new PaperUse(Optional.of(job), Optional.empty(), paper)));
            return job;
        });
    }

    /**
     * What is chosen for a job goes into a run of it.
     *
     * @param job id of the job
     * @param run id of the run
     */
    public void carry(UUID job, UUID run) {
        add(run, ofJob(job));
    }

    /**
     * Puts papers into a run; one that is in it already stays as it was.
     *
     * @param run    id of the run
     * @param papers the papers
     */
    public void add(UUID run, List<ChosenPaper> papers) {
        retrying.inTransaction(() -> {
            List<ChosenPaper> there = ofRun(run);
            papers.stream()
                    .filter(paper -> there.stream().noneMatch(paper::isSame))
                    .limit(MOST - Math.min(MOST, there.size()))
                    .forEach(paper -> uses.save(new PaperUse(Optional.empty(), Optional.of(run), paper)));
            return run;
        });
    }

    /** Where a paper went: at most five hundred each. */
    public record WhereUsed(List<UUID> jobs, List<UUID> runs) {}

    /**
     * {@return where a paper is chosen and where it went}
     *
     * @param kind   its register's
     * @param number of the paper
     */
    public WhereUsed where(RegisterKind<?> kind, String number) {
        return new WhereUsed(
                ids(uses.findTop500ByRegisterAndNumberAndJobIsNotNull(kind.name(), number).stream()
                        .map(PaperUse::job)),
                ids(uses.findTop500ByRegisterAndNumberAndRunIsNotNull(kind.name(), number).stream()
                        .map(PaperUse::run)));
    }

    private static List<UUID> ids(Stream<Optional<UUID>> ids) {
        return ids.flatMap(Optional::stream).toList();
    }
}
