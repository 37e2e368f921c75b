package vastarc.core.record.procedure;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import vastarc.core.advice.sheet.SetupSheet;
import vastarc.core.record.procedure.ProcedureCheck.Departure;

/** Whether a welder's papers cover what a sheet is for. That they do is no approval. */
public final class WelderCheck {

    private WelderCheck() {}

    /**
     * How a welder stands to a sheet.
     *
     * @param nearest the paper that covers it, the one that holds longest; where none does, the one that lacks least; empty where the welder has none
     * @param lacks   what that one does not cover; empty where it covers all, and where there is none
     */
    public record WelderStanding(Optional<WelderQualification> nearest, List<Departure> lacks) {

        /** {@return whether a paper covers it} */
        public boolean isCovered() {
            return nearest.isPresent() && lacks.isEmpty();
        }
    }

    /**
     * {@return how a welder stands to a sheet}
     *
     * @param welder name of the welder
     * @param papers of all welders
     * @param sheet  the sheet
     * @param day    on which it is to be welded, ISO 8601
     */
    public static WelderStanding of(String welder, List<WelderQualification> papers, SetupSheet sheet, String day) {
        return papers.stream()
                .filter(paper -> paper.isOf(welder))
                .sorted(Comparator.comparing(
                                (WelderQualification paper) -> paper.until().orElse("~"))
                        .reversed())
                .map(paper -> new WelderStanding(Optional.of(paper), ProcedureCheck.of(paper.limits(), sheet, day)))
                .min(Comparator.comparingInt(standing -> standing.lacks().size()))
                .orElse(new WelderStanding(Optional.empty(), List.of()));
    }
}
