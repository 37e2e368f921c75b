package vastarc.core.training;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import vastarc.core.advice.parameters.ShopDefaults;
import vastarc.core.advice.plan.WeldPlan;
import vastarc.core.base.text.Phrasebook;
import vastarc.core.domain.joint.Joint;
import vastarc.core.domain.joint.JointForm;
import vastarc.core.domain.joint.Weld;
import vastarc.core.domain.joint.WeldingConditions;
import vastarc.core.domain.material.Material;
import vastarc.core.record.diagnosis.Cause;
import vastarc.core.record.diagnosis.Likelihood;
import vastarc.core.record.diagnosis.Symptom;
import vastarc.core.training.Question.Choice;
import vastarc.core.training.Question.CorrectAnswer;
import vastarc.core.training.TrainingShop.TrainingJob;

/** Every topic over many seeds: one right answer, a reason for every wrong one, the same for the same seed. */
@Tag("slow")
class DrillTest {

    private static final TrainingShop BARE = new TrainingShop(List.of(), List.of());
    private static final int SEEDS = 500;

    @ParameterizedTest
    @EnumSource(Topic.class)
    void everyQuestionHasOneRightAnswerAndAReasonForEachWrongOne(Topic topic) {
        for (long seed = 1; seed <= SEEDS; seed++) {
            Question question = QuestionWriters.make(seed, topic, 1 + (int) (seed % 3), BARE);
            String which = topic + " " + seed + ": " + question;
            assertThat(question.prompt()).as(which).isNotBlank();
            assertThat(question.why()).as(which).isNotBlank();
            CorrectAnswer answer = question.answer();
            int kinds = (answer.choice().isPresent() ? 1 : 0)
                    + (answer.figure().isPresent() ? 1 : 0)
                    + (answer.faults().isPresent() ? 1 : 0);
            assertThat(kinds).as(which).isEqualTo(1);
            if (answer.choice().isPresent()) {
                assertThat(question.choices()).as(which).hasSizeBetween(3, 4);
                assertThat(answer.choice().getAsInt())
                        .isBetween(0, question.choices().size() - 1);
                Set<String> texts =
                        question.choices().stream().map(Choice::text).collect(Collectors.toSet());
                assertThat(texts).as(which).hasSize(question.choices().size());
                assertThat(question.choices())
                        .as(which)
                        .allSatisfy(choice -> assertThat(choice.why()).isNotBlank());
            }
            answer.figure()
                    .ifPresent(figure ->
                            assertThat(figure.holds(figure.value())).as(which).isTrue());
            assertThat(QuestionWriters.make(seed, topic, 1 + (int) (seed % 3), BARE))
                    .isEqualTo(question);
        }
    }

    @Test
    void aTopicHasEnoughForAnExamOfTwelve() {
        for (Topic topic : Topic.values()) {
            Exam exam = Exam.of(7, List.of(topic), 12, BARE);
            Set<String> different = new HashSet<>();
            exam.questions().forEach(question -> different.add(question.id()));
            assertThat(different.size()).as(topic + "").isGreaterThanOrEqualTo(8);
        }
    }

    @Test
    void theSameSeedIsTheSameExamAndTopicsTakeTurns() {
        List<Topic> topics = List.of(Topic.AMPS, Topic.WORDS, Topic.ORDER);
        Exam exam = Exam.of(42, topics, 9, BARE);
        assertThat(Exam.of(42, topics, 9, BARE)).isEqualTo(exam);
        assertThat(Exam.of(43, topics, 9, BARE)).isNotEqualTo(exam);
        assertThat(exam.questions()).extracting(Question::topic).containsSequence(Topic.AMPS, Topic.WORDS, Topic.ORDER);
    }

    @Test
    void noWrongCauseSpeaksForItsSign() {
        for (long seed = 1; seed <= SEEDS; seed++) {
            Question question = QuestionWriters.make(seed, Topic.SYMPTOMS, 1, BARE);
            Symptom symptom = Symptom.named(
                            question.picture().orElseThrow().words().get("sign"))
                    .orElseThrow();
            for (int i = 0; i < question.choices().size(); i++) {
                String text = question.choices().get(i).text();
                Cause cause = Cause.all().stream()
                        .filter(one -> Phrasebook.find(one.words()).orElse("").equals(text))
                        .findFirst()
                        .orElseThrow();
                boolean right = question.answer().choice().getAsInt() == i;
                assertThat(symptom.of(cause) == Likelihood.TYPICAL).isEqualTo(right);
            }
        }
    }

    @Test
    void aShopWithoutMachinesIsAskedAboutControlsInstead() {
        assertThat(QuestionWriters.make(3, Topic.PANEL_CHECK, 1, BARE).topic()).isEqualTo(Topic.CONTROLS);
        Weld weld = new Weld(Joint.of(Material.CARBON_STEEL, JointForm.LAP, 2), WeldingConditions.usual());
        TrainingShop half = new TrainingShop(
                List.of(),
                List.of(new TrainingJob(
                        "A job",
                        WeldPlan.of(weld, ShopDefaults.usual()).score().value().orElseThrow())));
        assertThat(QuestionWriters.make(3, Topic.PANEL_CHECK, 1, half).answer().choice())
                .isPresent();
    }

    @Test
    void whatAScoreLeavesIsTypicalOfItsFaultAndNothingElseOfferedIs() {
        int requested = 0;
        for (long seed = 1; seed <= SEEDS; seed++) {
            Question question = QuestionWriters.make(seed, Topic.SCORE, 1, BARE);
            if (!question.id().startsWith("SCORE-LEAVES-")) {
                continue;
            }
            requested++;
            Cause cause = Cause.all().stream()
                    .filter(one -> question.id().startsWith("SCORE-LEAVES-" + one.id() + "-"))
                    .findFirst()
                    .orElseThrow();
            Question.Picture picture = question.picture().orElseThrow();
            for (int i = 0; i < question.choices().size(); i++) {
                Symptom symptom =
                        Symptom.named(picture.words().get("choice" + i)).orElseThrow();
                assertThat(symptom.of(cause) == Likelihood.TYPICAL)
                        .as(question.toString())
                        .isEqualTo(question.answer().choice().getAsInt() == i);
            }
            assertThat(picture.figures()).containsKeys("t0", "a0", "gasTo");
        }
        assertThat(requested).isBetween(SEEDS / 3, SEEDS * 2 / 3);
    }
}
