package vastarc.core.reading;

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
import vastarc.core.joint.Chill;
import vastarc.core.joint.Joint;
import vastarc.core.joint.JointForm;
import vastarc.core.joint.Practice;
import vastarc.core.joint.Weld;
import vastarc.core.material.Material;
import vastarc.core.plan.WeldPlan;
import vastarc.core.quantity.UnitSystem;
import vastarc.core.sheet.SettingKey;
import vastarc.core.sheet.Sheet;
import vastarc.core.sheet.ShopWays;
import vastarc.core.wording.Phrasebook;

/** Beads read by the vignettes that were written before the grades, and what every reading keeps. */
class ReadingTest {

    private static final double RIGHT_SHARE = 0.95;

    static Sheet sheet(String job) {
        Practice usual = Practice.usual();
        Weld weld = switch (job) {
            case "S1" ->
                weld(Material.STAINLESS_304L, JointForm.SQUARE_BUTT, 1.5, usual.with(draft -> draft.purged = true));
            case "S1P", "S1N" -> weld(Material.STAINLESS_304L, JointForm.SQUARE_BUTT, 1.5, usual);
            case "S1C" ->
                weld(
                        Material.STAINLESS_304L,
                        JointForm.SQUARE_BUTT,
                        1.5,
                        usual.with(draft -> draft.chill = Chill.ALUMINIUM_BAR));
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
        return WeldPlan.of(weld, ShopWays.usual()).sheet().value().orElseThrow();
    }

    private static Weld weld(Material material, JointForm form, double mm, Practice practice) {
        return new Weld(Joint.of(material, form, mm), practice);
    }

    private record Vignette(String row, ReadingAsk ask, Set<String> first, Set<String> among, Set<String> never) {}

    private static Set<String> words(String cell) {
        return Arrays.stream(cell.strip().split(" "))
                .filter(word -> !word.isEmpty())
                .collect(Collectors.toCollection(TreeSet::new));
    }

    private static List<Vignette> vignettes() throws IOException {
        List<Vignette> all = new ArrayList<>();
        try (var in = new InputStreamReader(
                ReadingTest.class.getResourceAsStream("/vignettes.csv"), StandardCharsets.UTF_8)) {
            for (CSVRecord row : CSVFormat.DEFAULT
                    .builder()
                    .setHeader()
                    .setSkipHeaderRecord(true)
                    .setCommentMarker('#')
                    .get()
                    .parse(in)) {
                Sheet sheet = sheet(row.get("job"));
                Map<SettingKey, Double> set = new HashMap<>();
                words(row.get("set")).forEach(one -> {
                    String[] pair = one.split("=");
                    SettingKey key = SettingKey.named(pair[0]).orElseThrow();
                    set.put(key, sheet.setting(key).engineValue() * Double.parseDouble(pair[1].replace("x", "")));
                });
                Map<String, String> told = words(row.get("told")).stream()
                        .map(one -> one.split("="))
                        .collect(Collectors.toMap(pair -> pair[0], pair -> pair[1]));
                all.add(new Vignette(
                        row.getRecordNumber() + ": " + String.join(",", row),
                        new ReadingAsk(
                                sheet,
                                set,
                                words(row.get("seen")),
                                words(row.get("notSeen")),
                                told,
                                Set.of(),
                                Map.of()),
                        words(row.get("first")),
                        words(row.get("among")),
                        words(row.get("never"))));
            }
        }
        return all;
    }

    private static boolean isRight(Vignette one) {
        List<String> order = Reader.read(one.ask()).causes().stream()
                .map(weighed -> weighed.cause().id())
                .toList();
        boolean first = one.first().isEmpty() || one.first().contains(order.get(0));
        boolean among =
                one.among().stream().allMatch(cause -> order.stream().limit(3).anyMatch(cause::equals));
        boolean never =
                one.never().stream().noneMatch(cause -> order.stream().limit(8).anyMatch(cause::equals));
        return first && among && never;
    }

    @Test
    void nineteenInTwentyOfTheVignettesComeOutRight() throws IOException {
        List<Vignette> all = vignettes();
        assertThat(all.size()).isGreaterThanOrEqualTo(60);
        List<String> wrong = all.stream()
                .filter(one -> !isRight(one))
                .map(one -> one.row() + " → "
                        + Reader.read(one.ask()).causes().stream()
                                .limit(5)
                                .map(weighed -> weighed.cause().id() + " " + Math.round(100 * weighed.share()))
                                .toList())
                .toList();
        assertThat(wrong.size()).as(String.join("\n", wrong)).isLessThanOrEqualTo((int)
                ((1 - RIGHT_SHARE) * all.size()));
    }

    @Test
    void everySignHasThreeCausesAndEveryCauseAChangeAndACheck() {
        assertThat(Sign.all()).hasSizeGreaterThanOrEqualTo(45);
        assertThat(Cause.all()).hasSizeGreaterThanOrEqualTo(60);
        Set<String> named = new TreeSet<>();
        for (Sign sign : Sign.all()) {
            assertThat(sign.grades().values().stream().filter(Grade::speaks).count())
                    .as(sign.id())
                    .isGreaterThanOrEqualTo(3);
            named.addAll(sign.grades().keySet());
            assertThat(Phrasebook.find(sign.words())).as(sign.id()).isPresent();
            assertThat(Phrasebook.find(sign.place().words())).isPresent();
        }
        for (Cause cause : Cause.all()) {
            assertThat(named).as("some sign shows " + cause.id()).contains(cause.id());
            for (String more : List.of("", ".do", ".check")) {
                assertThat(Phrasebook.find(cause.words() + more))
                        .as(cause.id() + more)
                        .isPresent();
            }
        }
        ReadingAsk.QUESTIONS.forEach((question, answers) -> answers.forEach(answer ->
                assertThat(Phrasebook.find("told." + question + "." + answer)).isPresent()));
    }

    private static double share(ReadingAsk ask, String cause) {
        return Reader.read(ask).causes().stream()
                .filter(one -> one.cause().id().equals(cause))
                .mapToDouble(Reading.Weighed::share)
                .findFirst()
                .orElse(0);
    }

    private static ReadingAsk ask(
            Sheet sheet, Map<SettingKey, Double> set, Set<String> seen, Map<String, String> told) {
        return new ReadingAsk(sheet, set, seen, Set.of(), told, Set.of(), Map.of());
    }

    @Test
    void sharesSumToOneAndEveryChangeCanBeSaid() throws IOException {
        for (Vignette one : vignettes()) {
            Reading reading = Reader.read(one.ask());
            assertThat(reading.causes().stream()
                            .mapToDouble(Reading.Weighed::share)
                            .sum())
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
        Sheet sheet = sheet("CSW");
        for (Cause cause : Cause.all()) {
            Optional<SettingKey> key = cause.figure()
                    .filter(figure -> sheet.find(figure)
                            .flatMap(one -> one.window())
                            .filter(window -> window.value() > 0)
                            .isPresent());
            double without = share(ask(sheet, Map.of(), Set.of("BEAD_GREY"), Map.of()), cause.id());
            if (key.isEmpty() || without == 0) {
                continue;
            }
            var window = sheet.setting(key.get()).window().orElseThrow();
            double inside =
                    share(ask(sheet, Map.of(key.get(), window.value()), Set.of("BEAD_GREY"), Map.of()), cause.id());
            assertThat(inside).as(cause.id()).isLessThanOrEqualTo(without);
            double last = without;
            for (double far : new double[] {0.1, 0.3, 0.5, 0.9}) {
                double value = cause.side() == Cause.Side.LOW ? window.low() * (1 - far) : window.high() * (1 + far);
                double now = share(ask(sheet, Map.of(key.get(), value), Set.of("BEAD_GREY"), Map.of()), cause.id());
                assertThat(now).as(cause.id() + " " + far).isGreaterThanOrEqualTo(last - 1e-12);
                last = now;
            }
        }
    }

    @Test
    void whatIsToldImpossibleIsGoneAndMoreThatSpeaksNeverLowers() {
        Sheet sheet = sheet("S1P");
        for (Cause cause : Cause.all()) {
            cause.told().filter(told -> !told.soft()).ifPresent(told -> {
                String other = ReadingAsk.QUESTIONS.get(told.question()).stream()
                        .filter(answer -> !told.speaksFor(answer))
                        .findFirst()
                        .orElseThrow();
                assertThat(share(ask(sheet, Map.of(), Set.of("ARC_NONE"), Map.of(told.question(), other)), cause.id()))
                        .as(cause.id())
                        .isZero();
            });
            List<String> speaking = Sign.all().stream()
                    .filter(sign -> sign.of(cause) == Grade.TYPICAL
                            && sign.fits(sheet.joint().material()))
                    .map(Sign::id)
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
        Sheet sheet = sheet("S1");
        double wanted = sheet.setting(SettingKey.POST_FLOW).engineValue();
        Remedy.Move back = Reader.read(ask(sheet, Map.of(SettingKey.POST_FLOW, 1.0), Set.of("TINT_END_ONLY"), Map.of()))
                .causes()
                .get(0)
                .remedy()
                .move()
                .orElseThrow();
        assertThat(back.key()).isEqualTo(SettingKey.POST_FLOW);
        assertThat(back.from()).isEqualTo(1.0);
        assertThat(back.to()).isCloseTo(wanted, within(0.06));
        Remedy.Move on = Reader.read(ask(sheet, Map.of(), Set.of("BURN_THROUGH"), Map.of()))
                .causes()
                .get(0)
                .remedy()
                .move()
                .orElseThrow();
        assertThat(on.to()).isLessThan(on.from()).isBetween(0.7 * on.from(), 0.85 * on.from());
    }
}
