package vastarc.core.record.diagnosis;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;
import org.junit.jupiter.api.Test;
import vastarc.core.advice.parameters.ParameterKey;
import vastarc.core.advice.parameters.ShopDefaults;
import vastarc.core.advice.plan.WeldPlan;
import vastarc.core.advice.sheet.SetupSheet;
import vastarc.core.base.text.Phrasebook;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.domain.joint.BackingBar;
import vastarc.core.domain.joint.Joint;
import vastarc.core.domain.joint.JointForm;
import vastarc.core.domain.joint.Weld;
import vastarc.core.domain.joint.WeldingConditions;
import vastarc.core.domain.material.Material;
import vastarc.core.record.diagnosis.Cause.RangeSide;
import vastarc.core.record.diagnosis.Diagnosis.RankedCause;
import vastarc.core.record.diagnosis.Remedy.FigureChange;

/** Beads read by the vignettes that were written before the grades, and what every reading keeps. */
class DiagnosisTest {

    private static final double RIGHT_SHARE = 0.95;

    static SetupSheet sheet(String job) {
        WeldingConditions usual = WeldingConditions.usual();
        Weld weld = switch (job) {
            case "S1" ->
                weld(Material.STAINLESS_304L, JointForm.SQUARE_BUTT, 1.5, usual.with(draft -> draft.purged = true));
            case "S1P", "S1N" -> weld(Material.STAINLESS_304L, JointForm.SQUARE_BUTT, 1.5, usual);
            case "S1C" ->
                weld(
                        Material.STAINLESS_304L,
                        JointForm.SQUARE_BUTT,
                        1.5,
                        usual.with(draft -> draft.chill = BackingBar.ALUMINIUM_BAR));
            case "ST" ->
                new Weld(
                        Joint.of(Material.STAINLESS_316L, JointForm.TUBE_BUTT, 1.65)
                                .tubeOd(50.8),
                        usual.with(draft -> {
                            draft.purged = true;
                            draft.rotated = true;
                        }));
            case "TI" ->
                weld(Material.TITANIUM_GR2, JointForm.SQUARE_BUTT, 1.5, usual.with(draft -> draft.purged = true));
            case "CS" -> weld(Material.CARBON_STEEL, JointForm.T_FILLET, 3, usual);
            case "CSW" -> weld(Material.CARBON_STEEL, JointForm.T_FILLET, 3, usual.with(draft -> draft.wire = true));
            case "CR6" -> weld(Material.CHROMOLY_4130, JointForm.T_FILLET, 6, usual);
            case "CV" -> weld(Material.CARBON_STEEL, JointForm.V_BUTT, 8, usual);
            default -> throw new IllegalArgumentException(job);
        };
        return WeldPlan.of(weld, ShopDefaults.usual()).sheet().value().orElseThrow();
    }

    private static Weld weld(Material material, JointForm form, double mm, WeldingConditions conditions) {
        return new Weld(Joint.of(material, form, mm), conditions);
    }

    private record Vignette(
            String row, DiagnosisRequest ask, Set<String> first, Set<String> among, Set<String> never) {}

    private static Set<String> words(String cell) {
        return Arrays.stream(cell.strip().split(" "))
                .filter(word -> !word.isEmpty())
                .collect(Collectors.toCollection(TreeSet::new));
    }

    private static List<Vignette> vignettes() throws IOException {
        List<Vignette> all = new ArrayList<>();
        try (var in = new InputStreamReader(
                DiagnosisTest.class.getResourceAsStream("/vignettes.csv"), StandardCharsets.UTF_8)) {
            for (CSVRecord row : CSVFormat.DEFAULT
                    .builder()
                    .setHeader()
                    .setSkipHeaderRecord(true)
                    .setCommentMarker('#')
                    .get()
                    .parse(in)) {
                SetupSheet sheet = sheet(row.get("job"));
                Map<ParameterKey, Double> set = new HashMap<>();
                words(row.get("set")).forEach(text -> {
                    String[] pair = text.split("=");
                    ParameterKey key = ParameterKey.named(pair[0]).orElseThrow();
                    set.put(key, sheet.setting(key).engineValue() * Double.parseDouble(pair[1].replace("x", "")));
                });
                Map<String, String> answers = words(row.get("told")).stream()
                        .map(text -> text.split("="))
                        .collect(Collectors.toMap(pair -> pair[0], pair -> pair[1]));
                all.add(new Vignette(
                        row.getRecordNumber() + ": " + String.join(",", row),
                        new DiagnosisRequest(
                                sheet,
                                set,
                                words(row.get("seen")),
                                words(row.get("notSeen")),
                                answers,
                                Set.of(),
                                Map.of()),
                        words(row.get("first")),
                        words(row.get("among")),
                        words(row.get("never"))));
            }
        }
        return all;
    }

    private static boolean isRight(Vignette vignette) {
        List<String> order = Diagnoser.read(vignette.ask()).causes().stream()
                .map(weighed -> weighed.cause().id())
                .toList();
        boolean first = vignette.first().isEmpty() || vignette.first().contains(order.get(0));
        boolean among = vignette.among().stream()
                .allMatch(cause -> order.stream().limit(3).anyMatch(cause::equals));
        boolean never = vignette.never().stream()
                .noneMatch(cause -> order.stream().limit(8).anyMatch(cause::equals));
        return first && among && never;
    }

    @Test
    void nineteenInTwentyOfTheVignettesComeOutRight() throws IOException {
        List<Vignette> all = vignettes();
        assertThat(all.size()).isGreaterThanOrEqualTo(60);
        List<String> wrong = all.stream()
                .filter(vignette -> !isRight(vignette))
                .map(vignette -> vignette.row() + " → "
                        + Diagnoser.read(vignette.ask()).causes().stream()
                                .limit(5)
                                .map(weighed -> weighed.cause().id() + " " + Math.round(100 * weighed.share()))
                                .toList())
                .toList();
        assertThat(wrong.size()).as(String.join("\n", wrong)).isLessThanOrEqualTo((int)
                ((1 - RIGHT_SHARE) * all.size()));
    }

    @Test
    void everySignHasThreeCausesAndEveryCauseAChangeAndACheck() {
        assertThat(Symptom.all()).hasSizeGreaterThanOrEqualTo(45);
        assertThat(Cause.all()).hasSizeGreaterThanOrEqualTo(60);
        Set<String> named = new TreeSet<>();
        for (Symptom symptom : Symptom.all()) {
            assertThat(symptom.grades().values().stream()
                            .filter(Likelihood::speaks)
                            .count())
                    .as(symptom.id())
                    .isGreaterThanOrEqualTo(3);
            named.addAll(symptom.grades().keySet());
            assertThat(Phrasebook.find(symptom.words())).as(symptom.id()).isPresent();
            assertThat(Phrasebook.find(symptom.place().words())).isPresent();
        }
        for (Cause cause : Cause.all()) {
            assertThat(named).as("some sign shows " + cause.id()).contains(cause.id());
            for (String more : List.of("", ".do", ".check")) {
                assertThat(Phrasebook.find(cause.words() + more))
                        .as(cause.id() + more)
                        .isPresent();
            }
        }
        DiagnosisRequest.QUESTIONS.forEach((question, answers) -> answers.forEach(answer ->
                assertThat(Phrasebook.find("told." + question + "." + answer)).isPresent()));
    }

    private static double share(DiagnosisRequest request, String cause) {
        return Diagnoser.read(request).causes().stream()
                .filter(ranked -> ranked.cause().id().equals(cause))
                .mapToDouble(RankedCause::share)
                .findFirst()
                .orElse(0);
    }

    private static DiagnosisRequest ask(
            SetupSheet sheet, Map<ParameterKey, Double> set, Set<String> seen, Map<String, String> answers) {
        return new DiagnosisRequest(sheet, set, seen, Set.of(), answers, Set.of(), Map.of());
    }

    @Test
    void sharesSumToOneAndEveryChangeCanBeSaid() throws IOException {
        for (Vignette vignette : vignettes()) {
            Diagnosis reading = Diagnoser.read(vignette.ask());
            assertThat(reading.causes().stream().mapToDouble(RankedCause::share).sum())
                    .isCloseTo(1, within(1e-9));
            reading.causes().forEach(weighed -> {
                for (UnitSystem units : UnitSystem.values()) {
                    assertThat(Phrasebook.say(weighed.remedy().says(), units)).isNotBlank();
                    weighed.why()
                            .forEach(why ->
                                    assertThat(Phrasebook.say(why, units)).isNotBlank());
                }
            });
        }
    }

    @Test
    void aFigureInsideItsWindowNeverRaisesItsCauseOutsideRaisesItEverMore() {
        SetupSheet sheet = sheet("CSW");
        for (Cause cause : Cause.all()) {
            Optional<ParameterKey> key = cause.figure()
                    .filter(figure -> sheet.find(figure)
                            .flatMap(parameter -> parameter.window())
                            .filter(range -> range.value() > 0)
                            .isPresent());
            double without = share(ask(sheet, Map.of(), Set.of("BEAD_GREY"), Map.of()), cause.id());
            if (key.isEmpty() || without == 0) {
                continue;
            }
            var range = sheet.setting(key.get()).window().orElseThrow();
            double inside =
                    share(ask(sheet, Map.of(key.get(), range.value()), Set.of("BEAD_GREY"), Map.of()), cause.id());
            assertThat(inside).as(cause.id()).isLessThanOrEqualTo(without);
            double last = without;
            for (double far : new double[] {0.1, 0.3, 0.5, 0.9}) {
                double value = cause.side() == RangeSide.LOW ? range.low() * (1 - far) : range.high() * (1 + far);
                double now = share(ask(sheet, Map.of(key.get(), value), Set.of("BEAD_GREY"), Map.of()), cause.id());
                assertThat(now).as(cause.id() + " " + far).isGreaterThanOrEqualTo(last - 1e-12);
                last = now;
            }
        }
    }

    @Test
    void whatIsToldImpossibleIsGoneAndMoreThatSpeaksNeverLowers() {
        SetupSheet sheet = sheet("S1P");
        for (Cause cause : Cause.all()) {
            cause.answer().filter(decisive -> !decisive.soft()).ifPresent(decisive -> {
                String other = DiagnosisRequest.QUESTIONS.get(decisive.question()).stream()
                        .filter(answer -> !decisive.speaksFor(answer))
                        .findFirst()
                        .orElseThrow();
                assertThat(share(
                                ask(sheet, Map.of(), Set.of("ARC_NONE"), Map.of(decisive.question(), other)),
                                cause.id()))
                        .as(cause.id())
                        .isZero();
            });
            List<String> speaking = Symptom.all().stream()
                    .filter(symptom -> symptom.of(cause) == Likelihood.TYPICAL
                            && symptom.fits(sheet.joint().material()))
                    .map(Symptom::id)
                    .toList();
            Set<String> seen = new TreeSet<>();
            double last = share(ask(sheet, Map.of(), seen, Map.of()), cause.id());
            for (String sign : speaking) {
                seen.add(sign);
                double now = share(ask(sheet, Map.of(), seen, Map.of()), cause.id());
                assertThat(now).as(cause.id() + " with " + seen).isGreaterThanOrEqualTo(last - 1e-12);
                last = now;
            }
        }
    }

    @Test
    void theChangeBringsAFigureBackOrAStepOn() {
        SetupSheet sheet = sheet("S1");
        double wanted = sheet.setting(ParameterKey.POST_FLOW).engineValue();
        FigureChange back = Diagnoser.read(
                        ask(sheet, Map.of(ParameterKey.POST_FLOW, 1.0), Set.of("TINT_END_ONLY"), Map.of()))
                .causes()
                .get(0)
                .remedy()
                .move()
                .orElseThrow();
        assertThat(back.key()).isEqualTo(ParameterKey.POST_FLOW);
        assertThat(back.from()).isEqualTo(1.0);
        assertThat(back.to()).isCloseTo(wanted, within(0.06));
        FigureChange on = Diagnoser.read(ask(sheet, Map.of(), Set.of("BURN_THROUGH"), Map.of()))
                .causes()
                .get(0)
                .remedy()
                .move()
                .orElseThrow();
        assertThat(on.to()).isLessThan(on.from()).isBetween(0.7 * on.from(), 0.85 * on.from());
    }

    @Test
    void everySymptomNamesTheCausesThatLeaveIt() {
        assertThat(Symptom.all())
                .allSatisfy(symptom -> assertThat(symptom.likelyCauses())
                        .as(symptom.id())
                        .isNotEmpty()
                        .doesNotHaveDuplicates());
    }
}
