package vastarc.web.request;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import vastarc.core.advice.parameters.ParameterKey;
import vastarc.core.advice.parameters.ShopDefaults;
import vastarc.core.advice.plan.WeldPlan;
import vastarc.core.advice.plan.WeldPlan.PlanRequest;
import vastarc.core.advice.sheet.SetupSheet;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.base.validation.Outcome;
import vastarc.core.base.validation.Problem;
import vastarc.core.domain.joint.Joint;
import vastarc.core.domain.joint.JointForm;
import vastarc.core.domain.joint.Weld;
import vastarc.core.domain.joint.WeldingConditions;
import vastarc.core.domain.material.Material;
import vastarc.core.physics.purge.PurgePart.PurgePartKind;
import vastarc.core.record.weldlog.MeasuredQuantity;
import vastarc.core.record.weldlog.Recording;
import vastarc.web.request.PurgeReader.ParsedPurge;
import vastarc.web.store.job.PurgeText;

/** What calls and pages say besides a joint: readings, signs, a purge; each fault by its place. */
class CallReadersTest {

    private static JsonNode json(String text) {
        return JsonMapper.shared().readTree(text.replace('\'', '"'));
    }

    private static List<String> fields(List<Problem> problems) {
        return problems.stream().map(Problem::field).toList();
    }

    @Test
    void samplesMayHoldAnyOfTheQuantitiesAndLeaveAnyOut() {
        Recording recording = RecordingReader.read(
                        json(
                                "{'samples':[{'s':0,'a':60,'v':11},{'s':0.5,'ppm':40},{'s':0.5,'a':61,'c':null},{'s':2,'lPerMin':8,'c':180}]}"))
                .value()
                .orElseThrow();
        assertThat(recording.channels()).containsOnlyKeys(MeasuredQuantity.values());
        assertThat(recording.current().size()).isEqualTo(2);
        assertThat(recording.current().s(1)).isEqualTo(0.5);
        assertThat(recording.channel(MeasuredQuantity.TEMPERATURE).value(0)).isEqualTo(180);
        assertThat(recording.endS()).isEqualTo(2);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "{} | samples",
                "{'samples':[]} | samples",
                "{'samples':7} | samples",
                "{'samples':[{'s':0}]} | samples",
                "{'samples':[{'a':60}]} | samples[0].s",
                "{'samples':[{'s':2,'a':60},{'s':1,'a':60}]} | samples[1].s",
                "{'samples':[{'s':0,'amps':60}]} | samples[0].amps",
                "{'samples':[{'s':0,'a':-3}]} | samples[0].a",
                "{'samples':[{'s':0,'a':'much'}]} | samples[0].a",
                "{'samples':[7,{'s':0,'a':5000}]} | samples[0].s"
            })
    void aSampleThatCannotBeIsNamedByItsPlace(String body, String field) {
        Outcome<Recording> read = RecordingReader.read(json(body));
        assertThat(fields(read.problems())).contains(field).hasSizeLessThanOrEqualTo(11);
        assertThat(read.problems())
                .allSatisfy(problem ->
                        assertThat(problem.message(UnitSystem.METRIC)).isNotBlank());
    }

    @Test
    void signsFiguresAndAnswersAreRead() {
        DiagnosisReader read = DiagnosisReader.read(
                json(
                        "{'set':{'postFlow':2},'seen':['TINT_END_ONLY'],'notSeen':['BEAD_GREY'],'told':{'polarity':'POSITIVE','draught':true,'gas':null}}"));
        assertThat(read.problems()).isEmpty();
        assertThat(read.set()).containsOnly(Map.entry(ParameterKey.POST_FLOW, 2.0));
        assertThat(read.seen()).containsExactly("TINT_END_ONLY");
        assertThat(read.notSeen()).containsExactly("BEAD_GREY");
        assertThat(read.answers()).containsOnly(Map.entry("polarity", "POSITIVE"), Map.entry("draught", "true"));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "{'set':{'beer':2}} | set.beer",
                "{'set':{'postFlow':-2}} | set.postFlow",
                "{'set':[1]} | set",
                "{'seen':'TINT_END_ONLY'} | seen",
                "{'seen':['TINT_END_ONLY','GREEN']} | seen[1]",
                "{'notSeen':[7]} | notSeen[0]",
                "{'told':{'weather':'fine'}} | told.weather",
                "{'told':{'polarity':'SIDEWAYS'}} | told.polarity",
                "{'told':7} | told"
            })
    void whatIsToldOfABeadAndCannotBeIsNamedByItsPlace(String body, String field) {
        assertThat(fields(DiagnosisReader.read(json(body)).problems())).containsExactly(field);
    }

    private static SetupSheet sheet(PurgeText typed) {
        Joint tube =
                Joint.of(Material.STAINLESS_316L, JointForm.TUBE_BUTT, 1.65).tubeOd(50.8);
        WeldingConditions purged = WeldingConditions.usual().with(draft -> draft.purged = true);
        return WeldPlan.of(PlanRequest.of(new Weld(tube, purged), ShopDefaults.usual())
                        .with(PurgeReader.setup(typed).setup()))
                .sheet()
                .value()
                .orElseThrow();
    }

    private static ParsedPurge purge(String field, String text, UnitSystem units) {
        PurgeText typed = PurgeText.none().changedTo(Map.of(field, text), units);
        return PurgeReader.read(typed, sheet(typed));
    }

    @Test
    void aPurgeThatIsNotToldFollowsTheSheet() {
        ParsedPurge read = PurgeReader.read(PurgeText.none(), sheet(PurgeText.none()));
        assertThat(read.problems()).isEmpty();
        assertThat(read.plan().orElseThrow().ask().flow())
                .isEqualTo(
                        sheet(PurgeText.none()).setting(ParameterKey.PURGE_FLOW).value());
        assertThat(read.parts()).hasSize(1);
        assertThat(read.parts().get(0).kind()).isEqualTo(PurgePartKind.STRAIGHT);
        assertThat(read.bottle().argonL()).isEqualTo(50 * 140);
    }

    @ParameterizedTest
    @CsvSource({
        "purge.vent, 1/4 in, METRIC, 6.35",
        "purge.vent, 6, METRIC, 6",
        "purge.vent, 0.25, INCH, 6.35",
        "purge.vent, '6,5 mm', INCH, 6.5"
    })
    void aVentIsTypedAsDrillsAreCalled(String field, String text, UnitSystem units, double mm) {
        assertThat(purge(field, text, units).plan().orElseThrow().ask().vent().diameterMm())
                .isCloseTo(mm, within(1e-6));
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "purge.flow",
                "purge.leak",
                "purge.target",
                "purge.vent",
                "purge.vents",
                "purge.hoseLength",
                "purge.bottle",
                "purge.bar"
            })
    void aFigureThatIsNoneOrOutOfRangeIsMarkedAndNothingIsCalculated(String field) {
        for (String text : List.of("lots", "-1", "1e9")) {
            ParsedPurge read = purge(field, text, UnitSystem.METRIC);
            assertThat(fields(read.problems())).as(text).containsExactly(field);
            assertThat(read.plan()).isEqualTo(Optional.empty());
        }
    }
}
