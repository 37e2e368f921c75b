package vastarc.core.reading;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.Set;
import org.junit.jupiter.api.Test;
import vastarc.core.joint.Joint;
import vastarc.core.joint.JointForm;
import vastarc.core.joint.Practice;
import vastarc.core.material.Material;
import vastarc.core.sheet.Sheet;
import vastarc.core.sheet.SheetPlanner;
import vastarc.core.table.Table;
import vastarc.core.wording.Phrasebook;

/** What the check before the strike and the purge record found moves the causes they speak of, and no others. */
class FoundTest {

    private static final Sheet TUBE = SheetPlanner.plan(
                    Joint.of(Material.STAINLESS_316L, JointForm.SQUARE_BUTT, 1.5),
                    Practice.usual().with(draft -> draft.purged = true))
            .value()
            .orElseThrow();

    private static Map<String, Double> shares(Set<String> seen, Map<String, Found> found) {
        Map<String, Double> shares = new HashMap<>();
        Reader.read(new ReadingAsk(TUBE, Map.of(), seen, Set.of(), Map.of(), Set.of(), found, Map.of()))
                .causes()
                .forEach(cause -> shares.put(cause.cause().id(), cause.share()));
        return shares;
    }

    @Test
    void aWrongAnswerRaisesItsCauseAndSaysWhyARightOneLowersIt() {
        Set<String> seen = Set.of("POROSITY");
        double before = shares(seen, Map.of()).getOrDefault("GAS_LEAK", 0.0);
        Map<String, Found> falls = Found.ofCheck(Map.of("leak", "falls"));
        Map<String, Double> after = shares(seen, falls);
        assertThat(after.getOrDefault("GAS_LEAK", 0.0)).isGreaterThan(3 * before);
        assertThat(shares(seen, Found.ofCheck(Map.of("leak", "right"))).getOrDefault("GAS_LEAK", 0.0))
                .isLessThan(before);
        Reading reading =
                Reader.read(new ReadingAsk(TUBE, Map.of(), seen, Set.of(), Map.of(), Set.of(), falls, Map.of()));
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
            assertThat(Found.ofCheck(Map.of(row.text("item"), row.text("answer")))
                            .get(row.text("cause"))
                            .wrong())
                    .isTrue();
            items.add(row.text("item"));
        }
        assertThat(Found.ofCheck(Map.of("nothing", "at all"))).isEmpty();
        assertThat(items).hasSizeGreaterThan(10);
    }

    @Test
    void thePurgeRecordSpeaksForAndAgainstAShortPurge() {
        Set<String> seen = Set.of("SUGAR_BACK");
        double before = shares(seen, Map.of()).getOrDefault("PURGE_SHORT", 0.0);
        for (Found.PurgeRecord record : List.of(
                new Found.PurgeRecord(true, OptionalDouble.of(400), 50, false),
                new Found.PurgeRecord(false, OptionalDouble.empty(), 50, true))) {
            assertThat(shares(seen, Found.ofPurge(record)).getOrDefault("PURGE_SHORT", 0.0))
                    .isGreaterThan(before);
        }
        Map<String, Found> good = Found.ofPurge(new Found.PurgeRecord(true, OptionalDouble.of(30), 50, false));
        assertThat(shares(seen, good).getOrDefault("PURGE_SHORT", 0.0)).isLessThan(before);
        assertThat(good.get("VENT_SMALL").wrong()).isFalse();
        assertThat(Found.ofPurge(new Found.PurgeRecord(false, OptionalDouble.empty(), 50, false)))
                .isEmpty();
    }
}
