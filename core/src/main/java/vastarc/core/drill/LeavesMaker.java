package vastarc.core.drill;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import vastarc.core.drill.Question.Answer;
import vastarc.core.drill.Question.Choice;
import vastarc.core.drill.Question.Picture;
import vastarc.core.joint.Control;
import vastarc.core.plan.WeldPlan;
import vastarc.core.quantity.Quantity;
import vastarc.core.quantity.UnitSystem;
import vastarc.core.reading.Cause;
import vastarc.core.reading.Grade;
import vastarc.core.reading.Sign;
import vastarc.core.score.Score;
import vastarc.core.score.Segment;
import vastarc.core.sheet.OwnRules;
import vastarc.core.sheet.OwnValues;
import vastarc.core.sheet.Setting;
import vastarc.core.sheet.SettingKey;
import vastarc.core.sheet.Sheet;
import vastarc.core.sheet.Window;
import vastarc.core.wording.Phrase;
import vastarc.core.wording.Phrasebook;

/** A score with one figure outside its window, and what that will leave: right is what the reading's table calls typical of it. */
final class LeavesMaker {

    private static final int WRONG = 3;
    private static final double FAR_BELOW = 0.35;
    private static final double FAR_ABOVE = 1.6;

    private LeavesMaker() {}

    private record Fault(Cause cause, Sign sign, double value) {}

    static Question make(Draw draw, int level, DrillShop shop) {
        while (true) {
            WeldPlan plan = shop.plan(draw, List.of(Control.TRIGGER_4T, Control.PEDAL));
            Sheet sheet = plan.sheet().value().orElseThrow();
            List<Fault> faults = faults(sheet);
            if (faults.isEmpty()) {
                continue;
            }
            Fault fault = draw.one(faults);
            Optional<Question> question = played(plan, fault).flatMap(score -> question(draw, level, score, fault));
            if (question.isPresent()) {
                return question.get();
            }
        }
    }

    /** Figures of the panel that can be put wrong on this sheet, each with a sign that is typical of it. */
    private static List<Fault> faults(Sheet sheet) {
        List<Fault> faults = new ArrayList<>();
        for (Cause cause : Cause.all()) {
            Optional<Setting> setting = cause.figure()
                    .filter(key -> key.group() == SettingKey.Group.PANEL)
                    .flatMap(sheet::find)
                    .filter(found -> !found.idle());
            Optional<Window> window = setting.flatMap(Setting::window);
            if (window.isEmpty() || cause.side() == Cause.Side.NONE) {
                continue;
            }
            double value = cause.side() == Cause.Side.LOW
                    ? FAR_BELOW * window.get().low()
                    : FAR_ABOVE * window.get().high();
            boolean can = OwnRules.range(setting.get().key())
                    .filter(range -> range.check(value).isEmpty())
                    .isPresent();
            if (can) {
                Sign.all().stream()
                        .filter(sign -> sign.of(cause) == Grade.TYPICAL
                                && sign.fits(sheet.joint().material()))
                        .forEach(sign -> faults.add(new Fault(cause, sign, value)));
            }
        }
        return faults;
    }

    private static Optional<Score> played(WeldPlan plan, Fault fault) {
        Map<SettingKey, Double> own = new EnumMap<>(SettingKey.class);
        own.put(fault.cause().figure().orElseThrow(), fault.value());
        WeldPlan.Ask ask = plan.ask();
        return WeldPlan.of(new WeldPlan.Ask(
                        ask.weld(), ask.ways(), new OwnValues(own), ask.choices(), Optional.empty(), 1))
                .score()
                .value();
    }

    private static Optional<Question> question(Draw draw, int level, Score score, Fault fault) {
        Cause cause = fault.cause();
        List<Sign> never = Sign.all().stream()
                .filter(sign -> sign.fits(score.sheet().joint().material()))
                .filter(sign -> sign.of(cause) == Grade.NEVER || sign.of(cause) == Grade.UNNAMED)
                .filter(sign -> sign.place() != Sign.Place.ARC && sign.place() != Sign.Place.SHAPE)
                .toList();
        if (never.size() < WRONG) {
            return Optional.empty();
        }
        List<Choice> wrong = draw.some(never, WRONG).stream()
                .map(sign -> new Choice(say(sign.words()), "That comes of something else: " + typical(sign) + "."))
                .toList();
        String why = say(cause.words() + ".do");
        Draw.Choices choices = draw.among(new Choice(say(fault.sign().words()), "Typical of it."), wrong);
        SettingKey key = cause.figure().orElseThrow();
        Setting setting = score.sheet().setting(key);
        String shown =
                UnitSystem.METRIC.show(Quantity.of(fault.value(), key.unit())).line();
        return Optional.of(new Question(
                "SCORE-LEAVES-" + cause.id() + "-" + fault.sign().id(),
                Topic.SCORE,
                level,
                FigureMakers.joint(score.sheet()) + ": " + say(key.words()) + " is set to " + shown
                        + ". What will this leave?",
                Optional.of(picture(score, choices.all())),
                choices.all(),
                Answer.choice(choices.right()),
                "The sheet allows "
                        + UnitSystem.METRIC
                                .show(Quantity.of(setting.window().orElseThrow().low(), key.unit()))
                                .figure()
                        + " to "
                        + UnitSystem.METRIC
                                .show(Quantity.of(setting.window().orElseThrow().high(), key.unit()))
                                .line()
                        + ". " + why));
    }

    private static String typical(Sign sign) {
        return Cause.all().stream()
                .filter(cause -> sign.of(cause).compareTo(Grade.OFTEN) <= 0)
                .findFirst()
                .map(cause -> say(cause.words()))
                .orElse("it has no usual cause");
    }

    /** The envelope by its corners {@code t0 a0 t1 a1 …}, when gas flows, and the sign of each choice by its words. */
    private static Picture picture(Score score, List<Choice> choices) {
        Map<String, Double> figures = new TreeMap<>();
        int corner = 0;
        double gasFrom = -1;
        double gasTo = 0;
        for (Segment segment : score.timeline().segments()) {
            figures.put("t" + corner, segment.startS());
            figures.put("a" + corner++, segment.fromA());
            figures.put("t" + corner, segment.endS());
            figures.put("a" + corner++, segment.toA());
            if (segment.gas()) {
                gasFrom = gasFrom < 0 ? segment.startS() : gasFrom;
                gasTo = segment.endS();
            }
        }
        figures.put("gasFrom", Math.max(0, gasFrom));
        figures.put("gasTo", gasTo);
        Map<String, String> words = new TreeMap<>();
        for (int i = 0; i < choices.size(); i++) {
            String text = choices.get(i).text();
            String sign = Sign.all().stream()
                    .filter(one -> say(one.words()).equals(text))
                    .findFirst()
                    .map(Sign::id)
                    .orElseThrow();
            words.put("choice" + i, sign);
        }
        return new Picture(Picture.Kind.SCORE, figures, words);
    }

    private static String say(String key) {
        return Phrasebook.say(Phrase.of(key), UnitSystem.METRIC);
    }
}
