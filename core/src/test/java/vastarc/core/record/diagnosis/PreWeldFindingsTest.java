package vastarc.core.record.diagnosis;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.Set;
import org.junit.jupiter.api.Test;
import vastarc.core.advice.sheet.SetupSheet;
import vastarc.core.advice.sheet.SheetPlanner;
import vastarc.core.base.tables.Table;
import vastarc.core.base.text.Phrasebook;
import vastarc.core.domain.joint.Joint;
import vastarc.core.domain.joint.JointForm;
import vastarc.core.domain.joint.WeldingConditions;
import vastarc.core.domain.material.Material;

/** What the check before the strike and the purge record found moves the causes they speak of, and no others. */
class PreWeldFindingsTest {

    private static final SetupSheet TUBE = SheetPlanner.plan(
                    Joint.of(Material.STAINLESS_316L, JointForm.SQUARE_BUTT, 1.5),
                    WeldingConditions.usual().with(draft -> draft.purged = true))
            .value()
            .orElseThrow();

    private static Map<String, Double> shares(Set<String> seen, Map<String, PreWeldFindings> found) {
        Map<String, Double> shares = new HashMap<>();
        Diagnoser.read(new DiagnosisRequest(TUBE, Map.of(), seen, Set.of(), Map.of(), Set.of(), found, Map.of()))
                .causes()
                .forEach(cause -> shares.put(cause.cause().id(), cause.share()));
        return shares;
    }

    @Test
    void aWrongAnswerRaisesItsCauseAndSaysWhyARightOneLowersIt() {
        Set<String> seen = Set.of("POROSITY");
        double before = shares(seen, Map.of()).getOrDefault("GAS_LEAK", 0.0);
        Map<String, PreWeldFindings> falls = PreWeldFindings.ofCheck(Map.of("leak", "falls"));
        Map<String, Double> after = shares(seen, falls);
        assertThat(after.getOrDefault("GAS_LEAK", 0.0)).isGreaterThan(3 * before);
        assertThat(shares(seen, PreWeldFindings.ofCheck(Map.of("leak", "right")))
                        .getOrDefault("GAS_LEAK", 0.0))
                .isLessThan(before);
        Diagnosis reading = Diagnoser.read(
                new DiagnosisRequest(TUBE, Map.of(), seen, Set.of(), Map.of(), Set.of(), falls, Map.of()));
        assertThat(reading.causes())
                .filteredOn(cause -> cause.cause().id().equals("GAS_LEAK"))
                .singleElement()
                .satisfies(cause -> assertThat(cause.why())
                        .anySatisfy(why -> assertThat(why.key()).isEqualTo("reading.why.check")));
    }

    @Test
    void everyAnswerOfTheTableIsOneOfTheCheckAndNamesACause() {
        Set<String> items = new HashSet<>();
        for (Table.Row row : Table.read("check-causes.csv", Set.of("item", "answer", "cause"))) {
            String words = "check." + row.text("item") + "." + row.text("answer");
            assertThat(Phrasebook.find(words)).as(words).isPresent();
            assertThat(PreWeldFindings.ofCheck(Map.of(row.text("item"), row.text("answer")))
                            .get(row.text("cause"))
                            .wrong())
                    .isTrue();
            items.add(row.text("item"));
        }
        assertThat(PreWeldFindings.ofCheck(Map.of("nothing", "at all"))).isEmpty();
        assertThat(items).hasSizeGreaterThan(10);
    }

    @Test
    void thePurgeRecordSpeaksForAndAgainstAShortPurge() {
        Set<String> seen = Set.of("SUGAR_BACK");
        double before = shares(seen, Map.of()).getOrDefault("PURGE_SHORT", 0.0);
        for (PreWeldFindings.PurgeRecord record : List.of(
                new PreWeldFindings.PurgeRecord(true, OptionalDouble.of(400), 50, false),
                new PreWeldFindings.PurgeRecord(false, OptionalDouble.empty(), 50, true))) {
            assertThat(shares(seen, PreWeldFindings.ofPurge(record)).getOrDefault("PURGE_SHORT", 0.0))
                    .isGreaterThan(before);
        }
        Map<String, PreWeldFindings> good =
                PreWeldFindings.ofPurge(new PreWeldFindings.PurgeRecord(true, OptionalDouble.of(30), 50, false));
        assertThat(shares(seen, good).getOrDefault("PURGE_SHORT", 0.0)).isLessThan(before);
        assertThat(good.get("VENT_SMALL").wrong()).isFalse();
        assertThat(PreWeldFindings.ofPurge(new PreWeldFindings.PurgeRecord(false, OptionalDouble.empty(), 50, false)))
                .isEmpty();
    }
}
