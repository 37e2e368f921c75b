package vastarc.core.record.procedure;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;
import vastarc.core.advice.sheet.SetupSheet;
import vastarc.core.advice.sheet.SheetPlanner;
import vastarc.core.base.text.Phrasebook;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.domain.joint.Joint;
import vastarc.core.domain.joint.JointForm;
import vastarc.core.domain.joint.Position;
import vastarc.core.domain.joint.WeldingConditions;
import vastarc.core.domain.material.Material;
import vastarc.core.record.procedure.ProcedureCheck.Departure;
import vastarc.core.record.procedure.WelderCheck.WelderStanding;

class WelderCheckTest {

    private static final String DAY = "2026-11-29";

    private static SetupSheet sheet(double mm, Position position) {
        return SheetPlanner.plan(
                        Joint.of(Material.STAINLESS_304L, JointForm.LAP, mm),
                        WeldingConditions.usual().with(draft -> draft.position = position))
                .value()
                .orElseThrow();
    }

    private static OpenRange range(double low, double high) {
        return new OpenRange(OptionalDouble.of(low), OptionalDouble.of(high));
    }

    private static WelderQualification paper(
            String number, String welder, List<Position> positions, OpenRange thicknessMm, String until) {
        return new WelderQualification(
                number,
                welder,
                List.of(Material.STAINLESS_304L),
                List.of(),
                thicknessMm,
                OpenRange.ALL,
                positions,
                "",
                Optional.of("2025-01-10"),
                Optional.of(until));
    }

    private static List<String> fields(WelderStanding standing) {
        return standing.lacks().stream().map(Departure::field).toList();
    }

    @Test
    void ofSeveralPapersTheOneThatCoversCounts() {
        List<WelderQualification> papers = List.of(
                paper("W-1", "Korvin", List.of(Position.PA), OpenRange.ALL, "2029-01-01"),
                paper("W-2", "Korvin", List.of(Position.PF), range(1, 3), "2027-01-01"),
                paper("W-3", "Korvin", List.of(Position.PF), range(1, 3), "2028-01-01"));

        WelderStanding standing = WelderCheck.of(" korvin ", papers, sheet(2, Position.PF), DAY);

        assertThat(standing.isCovered()).isTrue();
        assertThat(standing.nearest().map(WelderQualification::number)).contains("W-3");
    }

    @Test
    void whatTheNearestLacksIsSaid() {
        List<WelderQualification> papers = List.of(
                paper("W-1", "Korvin", List.of(Position.PA), range(1, 1.5), "2026-01-01"),
                paper("W-2", "Korvin", List.of(Position.PF), range(1, 1.5), "2027-01-01"));

        WelderStanding standing = WelderCheck.of("Korvin", papers, sheet(2, Position.PF), DAY);

        assertThat(standing.isCovered()).isFalse();
        assertThat(standing.nearest().map(WelderQualification::number)).contains("W-2");
        assertThat(standing.lacks())
                .singleElement()
                .satisfies(lack -> assertThat(Phrasebook.say(lack.words(), UnitSystem.METRIC))
                        .isEqualTo("Thickness is 2 mm, covered is 1 mm to 1.5 mm."));
    }

    @Test
    void theDayAfterTheLastItNoLongerHolds() {
        List<WelderQualification> papers = List.of(paper("W-1", "Korvin", List.of(), OpenRange.ALL, DAY));
        SetupSheet sheet = sheet(2, Position.PA);

        assertThat(WelderCheck.of("Korvin", papers, sheet, DAY).isCovered()).isTrue();
        assertThat(fields(WelderCheck.of("Korvin", papers, sheet, "2026-11-30")))
                .containsExactly("until");
    }

    @Test
    void aWelderWithoutPapersIsNotCovered() {
        WelderStanding standing = WelderCheck.of(
                "Mirea", List.of(paper("W-1", "Korvin", List.of(), OpenRange.ALL, DAY)), sheet(2, Position.PA), DAY);

        assertThat(standing).isEqualTo(new WelderStanding(Optional.empty(), List.of()));
        assertThat(standing.isCovered()).isFalse();
    }

    /** Sixty papers, each limit drawn so that it holds or does not: what is lacking is what crosses, and nothing else. */
    @Test
    void everyLackIsSaidAndNoneIsInvented() {
        SplittableRandom random = new SplittableRandom(42);
        for (int i = 0; i < 60; i++) {
            double mm = 1 + random.nextDouble();
            Position position = Position.values()[random.nextInt(Position.values().length)];
            boolean thin = random.nextBoolean();
            boolean other = random.nextBoolean();
            boolean over = random.nextBoolean();
            List<String> expected = new ArrayList<>();
            if (thin) {
                expected.add("thicknessMm");
            }
            if (other) {
                expected.add("positions");
            }
            if (over) {
                expected.add("until");
            }
            WelderQualification paper = paper(
                    "W-1",
                    "Korvin",
                    List.of(other ? Position.values()[(position.ordinal() + 1) % Position.values().length] : position),
                    thin ? range(0, 0.9 * mm) : range(0.9 * mm, 1.1 * mm),
                    over ? "2026-11-28" : "2026-11-29");

            WelderStanding standing = WelderCheck.of("Korvin", List.of(paper), sheet(mm, position), DAY);

            assertThat(fields(standing)).as("paper " + i).containsExactlyInAnyOrderElementsOf(expected);
            assertThat(standing.isCovered()).as("paper " + i).isEqualTo(expected.isEmpty());
        }
    }
}
