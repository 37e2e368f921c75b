package vastarc.web.read;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import vastarc.core.advice.parameters.ParameterKey;
import vastarc.core.advice.sheet.SetupSheet;
import vastarc.core.base.text.Phrase;
import vastarc.core.base.text.Phrasebook;
import vastarc.core.base.units.Quantity;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.base.validation.Problem;
import vastarc.core.record.diagnosis.Cause;
import vastarc.core.record.diagnosis.ColourVerdict;
import vastarc.core.record.diagnosis.Diagnoser;
import vastarc.core.record.diagnosis.Diagnosis;
import vastarc.core.record.diagnosis.Diagnosis.RankedCause;
import vastarc.core.record.diagnosis.DiagnosisRequest;
import vastarc.core.record.diagnosis.PreWeldFindings;
import vastarc.core.record.diagnosis.Remedy;
import vastarc.core.record.diagnosis.Symptom;
import vastarc.core.record.diagnosis.Symptom.SymptomPlace;
import vastarc.web.drawing.Drawing;
import vastarc.web.drawing.SymptomDrawing;
import vastarc.web.layout.Labels;
import vastarc.web.read.LastRun.LastRunFigures;
import vastarc.web.store.diagnosis.BeadObservations;
import vastarc.web.store.diagnosis.DiagnosisStore.TrialCounts;
import vastarc.web.store.job.History;
import vastarc.web.store.job.Job;

/**
 * The Read place, finished for display.
 *
 * @param id       job
 * @param version  version shown
 * @param name     of the job
 * @param history  whether there is a step to undo or do again
 * @param refusals why nothing can be read; empty where it can
 * @param view     the reading; empty likewise
 */
public record ReadPage(
        String id, long version, String name, History history, List<String> refusals, Optional<DiagnosisView> view) {

    private static final int SHOWN = 6;

    /** What a page is made from. */
    record ReadSource(
            Job job,
            History history,
            List<Problem> problems,
            Optional<SetupSheet> sheet,
            BeadObservations marks,
            Optional<LastRunFigures> last,
            List<TrialCounts> learned,
            Map<String, PreWeldFindings> found,
            Map<String, Double> lean) {}

    /**
     * A reading.
     *
     * @param places    signs by place
     * @param causes    the likeliest, first
     * @param rest      share of belief of those that are not listed
     * @param question  worth asking; empty for none
     * @param told      what was given, to be taken back
     * @param conflicts what does not go together
     * @param figures   values of the last run
     * @param run       that run; empty for none
     * @param trying    the change that is tried; empty for none
     * @param learned   what trying has taught here
     * @param colour    what the colours that are seen mean; empty for none
     * @param blank     nothing is marked or answered yet
     */
    public record DiagnosisView(
            List<PlaceView> places,
            List<CauseView> causes,
            String rest,
            Optional<NextQuestionView> question,
            List<AnswerView> told,
            List<String> conflicts,
            List<String> figures,
            String run,
            String trying,
            List<String> learned,
            String colour,
            boolean blank) {}

    /** Signs of a place. */
    public record PlaceView(String name, List<SymptomView> signs) {
        public PlaceView {
            name = Labels.of(name);
        }
    }

    /** A sign: {@code state} is {@code seen}, {@code not} or empty. */
    public record SymptomView(String id, String words, String state, Optional<Drawing> drawing) {
        public SymptomView {
            words = Labels.of(words);
        }
    }

    /**
     * A cause.
     *
     * @param percent share of belief
     * @param bar     the same for its bar
     * @param change  what to set or to do
     * @param act     what to do besides a figure; empty where the change says it
     * @param settable the figure can be put on the sheet with a tap
     */
    public record CauseView(
            String id,
            String name,
            String percent,
            double bar,
            List<String> why,
            String change,
            String act,
            String check,
            String cost,
            boolean settable) {
        public CauseView {
            name = Labels.of(name);
        }
    }

    /** A question and its answers: of a sign, {@code yes} and {@code no}. */
    public record NextQuestionView(String kind, String id, String text, List<AnswerView> answers) {}

    /** An answer to tap. */
    public record AnswerView(String question, String value, String words) {
        public AnswerView {
            words = Labels.of(words);
        }
    }

    static ReadPage of(ReadSource source, UnitSystem units) {
        return new ReadPage(
                source.job().id().toString(),
                source.job().version(),
                source.job().name(),
                source.history(),
                source.problems().stream()
                        .map(problem -> problem.message(units))
                        .toList(),
                source.sheet().map(sheet -> view(source, sheet, units)));
    }

    private static DiagnosisView view(ReadSource source, SetupSheet sheet, UnitSystem units) {
        BeadObservations marks = source.marks();
        Map<ParameterKey, Double> set = source.last().map(LastRunFigures::set).orElse(Map.of());
        Diagnosis reading = Diagnoser.read(new DiagnosisRequest(
                sheet,
                set,
                marks.seen(),
                marks.notSeen(),
                marks.told(),
                marks.ruledOut(),
                source.found(),
                source.lean()));
        boolean blank = marks.seen().isEmpty() && marks.told().isEmpty();
        List<CauseView> causes = reading.causes().stream()
                .limit(SHOWN)
                .map(weighed -> cause(weighed, units))
                .toList();
        double rest = reading.causes().stream()
                .skip(SHOWN)
                .mapToDouble(RankedCause::share)
                .sum();
        return new DiagnosisView(
                places(sheet, marks),
                blank ? List.of() : causes,
                percent(rest),
                blank ? Optional.empty() : question(reading),
                answerQuestion(marks),
                reading.conflicts().stream()
                        .map(text -> Phrasebook.say(text, units))
                        .toList(),
                figures(set, units),
                source.last().map(found -> found.run().id().toString()).orElse(""),
                Cause.named(marks.trying()).map(cause -> say(cause.words())).orElse(""),
                learned(source.learned()),
                ColourVerdict.of(sheet, marks.seen())
                        .map(verdict ->
                                capital(say(verdict.word().words())) + ": " + Phrasebook.say(verdict.why(), units))
                        .orElse(""),
                blank);
    }

    private static List<PlaceView> places(SetupSheet sheet, BeadObservations marks) {
        List<PlaceView> places = new ArrayList<>();
        for (SymptomPlace place : List.of(
                SymptomPlace.BEAD,
                SymptomPlace.END,
                SymptomPlace.TINT,
                SymptomPlace.ROOT,
                SymptomPlace.TUNGSTEN,
                SymptomPlace.ARC,
                SymptomPlace.SHAPE)) {
            places.add(new PlaceView(
                    say(place.words()),
                    Symptom.all().stream()
                            .filter(symptom -> symptom.place() == place
                                    && symptom.fits(sheet.joint().material()))
                            .map(symptom -> sign(symptom, marks))
                            .toList()));
        }
        return places;
    }

    private static SymptomView sign(Symptom symptom, BeadObservations marks) {
        String words = say(symptom.words());
        String state =
                marks.seen().contains(symptom.id()) ? "seen" : marks.notSeen().contains(symptom.id()) ? "not" : "";
        return new SymptomView(symptom.id(), words, state, SymptomDrawing.of(symptom.id(), words));
    }

    private static CauseView cause(RankedCause weighed, UnitSystem units) {
        Remedy remedy = weighed.remedy();
        boolean figure = remedy.move().isPresent();
        return new CauseView(
                weighed.cause().id(),
                say(weighed.cause().words()),
                percent(weighed.share()),
                Math.max(1, 100 * weighed.share()),
                weighed.why().stream()
                        .map(why -> capital(Phrasebook.say(why, units)))
                        .toList(),
                capital(Phrasebook.say(remedy.says(), units)),
                figure ? Phrasebook.say(remedy.act(), units) : "",
                Phrasebook.say(remedy.check(), units),
                say(weighed.cause().cost().words()),
                figure && ReadController.isSettable(remedy.move().get().key()));
    }

    private static String capital(String text) {
        return text.isEmpty() ? text : text.substring(0, 1).toUpperCase(Locale.ROOT) + text.substring(1);
    }

    private static String percent(double share) {
        long whole = Math.round(100 * share);
        return whole == 0 && share > 0 ? "<1" : String.valueOf(whole);
    }

    /** The question that reduces doubt most: a symptom, or a question to answer. */
    private static Optional<NextQuestionView> question(Diagnosis reading) {
        return reading.ask()
                .map(ask -> ask.sign()
                        .map(symptom -> new NextQuestionView(
                                "sign",
                                symptom.id(),
                                "Is this there: " + say(symptom.words()) + "?",
                                List.of(
                                        new AnswerView(symptom.id(), "yes", "yes"),
                                        new AnswerView(symptom.id(), "no", "no, plainly not"))))
                        .orElseGet(() -> answerQuestion(ask.question().orElseThrow())));
    }

    private static NextQuestionView answerQuestion(String question) {
        return new NextQuestionView(
                "told",
                question,
                say("told." + question),
                DiagnosisRequest.QUESTIONS.getOrDefault(question, List.of()).stream()
                        .map(answer -> new AnswerView(question, answer, say("told." + question + "." + answer)))
                        .toList());
    }

    private static List<AnswerView> answerQuestion(BeadObservations marks) {
        List<AnswerView> views = new ArrayList<>();
        marks.told().entrySet().stream()
                .sorted(Map.Entry.comparingByKey())
                .forEach(entry -> views.add(new AnswerView(
                        entry.getKey(), entry.getValue(), say("told." + entry.getKey() + "." + entry.getValue()))));
        return views;
    }

    private static List<String> figures(Map<ParameterKey, Double> set, UnitSystem units) {
        return LastRun.keys().stream()
                .filter(set::containsKey)
                .map(key -> say(key.words()) + " "
                        + units.show(Quantity.of(set.getOrDefault(key, 0.0), key.unit()))
                                .line())
                .toList();
    }

    private static List<String> learned(List<TrialCounts> learned) {
        return learned.stream()
                .flatMap(trialCounts -> Cause.named(trialCounts.cause()).stream()
                        .map(cause -> say(cause.words()) + ": helped " + trialCounts.better() + " of "
                                + (trialCounts.better() + trialCounts.not()) + " times, weighs ×"
                                + String.format(Locale.ROOT, "%.1f", trialCounts.factor())))
                .toList();
    }

    private static String say(String key) {
        return Phrasebook.say(Phrase.of(key), UnitSystem.METRIC);
    }
}
