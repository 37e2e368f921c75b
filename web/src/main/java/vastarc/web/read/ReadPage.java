package vastarc.web.read;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import vastarc.core.finding.Problem;
import vastarc.core.quantity.Quantity;
import vastarc.core.quantity.UnitSystem;
import vastarc.core.reading.Cause;
import vastarc.core.reading.ColourVerdict;
import vastarc.core.reading.Found;
import vastarc.core.reading.Reader;
import vastarc.core.reading.Reading;
import vastarc.core.reading.ReadingAsk;
import vastarc.core.reading.Remedy;
import vastarc.core.reading.Sign;
import vastarc.core.sheet.SettingKey;
import vastarc.core.sheet.Sheet;
import vastarc.core.wording.Phrase;
import vastarc.core.wording.Phrasebook;
import vastarc.web.drawing.Drawing;
import vastarc.web.drawing.SignDrawing;
import vastarc.web.kept.job.History;
import vastarc.web.kept.job.Job;
import vastarc.web.kept.reading.Marks;
import vastarc.web.kept.reading.ReadingStore.Learned;

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
        String id, long version, String name, History history, List<String> refusals, Optional<View> view) {

    private static final int SHOWN = 6;

    /** What a page is made from. */
    record Source(
            Job job,
            History history,
            List<Problem> problems,
            Optional<Sheet> sheet,
            Marks marks,
            Optional<LastRun.Found> last,
            List<Learned> learned,
            Map<String, Found> found,
            Map<String, Double> lean) {}

    /**
     * A reading.
     *
     * @param places    signs by place
     * @param causes    the likeliest, first
     * @param rest      share of belief of those that are not listed
     * @param question  worth asking; empty for none
     * @param told      what was told, to be taken back
     * @param conflicts what does not go together
     * @param figures   how figures stood in the last run
     * @param run       that run; empty for none
     * @param trying    the change that is tried; empty for none
     * @param learned   what trying has taught here
     * @param colour    what the colours that are seen mean; empty for none
     * @param blank     nothing is marked or told yet
     */
    public record View(
            List<PlaceView> places,
            List<CauseView> causes,
            String rest,
            Optional<QuestionView> question,
            List<AnswerView> told,
            List<String> conflicts,
            List<String> figures,
            String run,
            String trying,
            List<String> learned,
            String colour,
            boolean blank) {}

    /** Signs of a place. */
    public record PlaceView(String name, List<SignView> signs) {}

    /** A sign: {@code state} is {@code seen}, {@code not} or empty. */
    public record SignView(String id, String words, String state, Optional<Drawing> drawing) {}

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
            boolean settable) {}

    /** A question and its answers: of a sign, {@code yes} and {@code no}. */
    public record QuestionView(String kind, String id, String text, List<AnswerView> answers) {}

    /** An answer to tap. */
    public record AnswerView(String question, String value, String words) {}

    static ReadPage of(Source source, UnitSystem units) {
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

    private static View view(Source source, Sheet sheet, UnitSystem units) {
        Marks marks = source.marks();
        Map<SettingKey, Double> set = source.last().map(LastRun.Found::set).orElse(Map.of());
        Reading reading = Reader.read(new ReadingAsk(
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
                .mapToDouble(Reading.Weighed::share)
                .sum();
        return new View(
                places(sheet, marks),
                blank ? List.of() : causes,
                percent(rest),
                blank ? Optional.empty() : question(reading),
                told(marks),
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

    private static List<PlaceView> places(Sheet sheet, Marks marks) {
        List<PlaceView> places = new ArrayList<>();
        for (Sign.Place place : List.of(
                Sign.Place.BEAD,
                Sign.Place.END,
                Sign.Place.TINT,
                Sign.Place.ROOT,
                Sign.Place.TUNGSTEN,
                Sign.Place.ARC,
                Sign.Place.SHAPE)) {
            places.add(new PlaceView(
                    say(place.words()),
                    Sign.all().stream()
                            .filter(sign -> sign.place() == place
                                    && sign.fits(sheet.joint().material()))
                            .map(sign -> sign(sign, marks))
                            .toList()));
        }
        return places;
    }

    private static SignView sign(Sign sign, Marks marks) {
        String words = say(sign.words());
        String state =
                marks.seen().contains(sign.id()) ? "seen" : marks.notSeen().contains(sign.id()) ? "not" : "";
        return new SignView(sign.id(), words, state, SignDrawing.of(sign.id(), words));
    }

    private static CauseView cause(Reading.Weighed weighed, UnitSystem units) {
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

    /** The question that tells most: of a sign, or one to be told. */
    private static Optional<QuestionView> question(Reading reading) {
        return reading.ask()
                .map(ask -> ask.sign()
                        .map(sign -> new QuestionView(
                                "sign",
                                sign.id(),
                                "Is this there: " + say(sign.words()) + "?",
                                List.of(
                                        new AnswerView(sign.id(), "yes", "yes"),
                                        new AnswerView(sign.id(), "no", "no, plainly not"))))
                        .orElseGet(() -> told(ask.told().orElseThrow())));
    }

    private static QuestionView told(String question) {
        return new QuestionView(
                "told",
                question,
                say("told." + question),
                ReadingAsk.QUESTIONS.getOrDefault(question, List.of()).stream()
                        .map(answer -> new AnswerView(question, answer, say("told." + question + "." + answer)))
                        .toList());
    }

    private static List<AnswerView> told(Marks marks) {
        List<AnswerView> told = new ArrayList<>();
        marks.told().entrySet().stream()
                .sorted(Map.Entry.comparingByKey())
                .forEach(one -> told.add(new AnswerView(
                        one.getKey(), one.getValue(), say("told." + one.getKey() + "." + one.getValue()))));
        return told;
    }

    private static List<String> figures(Map<SettingKey, Double> set, UnitSystem units) {
        return LastRun.keys().stream()
                .filter(set::containsKey)
                .map(key -> say(key.words()) + " "
                        + units.show(Quantity.of(set.getOrDefault(key, 0.0), key.unit()))
                                .line())
                .toList();
    }

    private static List<String> learned(List<Learned> learned) {
        return learned.stream()
                .flatMap(one -> Cause.named(one.cause()).stream()
                        .map(cause -> say(cause.words()) + ": helped " + one.better() + " of "
                                + (one.better() + one.not()) + " times, weighs ×"
                                + String.format(Locale.ROOT, "%.1f", one.factor())))
                .toList();
    }

    private static String say(String key) {
        return Phrasebook.say(Phrase.of(key), UnitSystem.METRIC);
    }
}
