package vastarc.core.training;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import vastarc.core.advice.cycle.CurrentSegment;
import vastarc.core.advice.cycle.WeldCycle;
import vastarc.core.advice.parameters.OwnValues;
import vastarc.core.advice.parameters.ParameterKey;
import vastarc.core.advice.parameters.ParameterKey.ParameterGroup;
import vastarc.core.advice.parameters.Range;
import vastarc.core.advice.plan.WeldPlan;
import vastarc.core.advice.plan.WeldPlan.PlanRequest;
import vastarc.core.advice.sheet.OwnValueRules;
import vastarc.core.advice.sheet.Parameter;
import vastarc.core.advice.sheet.SetupSheet;
import vastarc.core.base.text.Phrase;
import vastarc.core.base.text.Phrasebook;
import vastarc.core.base.units.Quantity;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.domain.joint.ControlDevice;
import vastarc.core.record.diagnosis.Cause;
import vastarc.core.record.diagnosis.Cause.RangeSide;
import vastarc.core.record.diagnosis.Likelihood;
import vastarc.core.record.diagnosis.Symptom;
import vastarc.core.record.diagnosis.Symptom.SymptomPlace;
import vastarc.core.training.Question.Choice;
import vastarc.core.training.Question.CorrectAnswer;
import vastarc.core.training.Question.Picture;
import vastarc.core.training.SeededRandom.AnswerChoices;

/** A weld cycle with one figure outside its range, and what that will leave: right is what the reading's table calls typical of it. */
final class BeadFaultQuestions {

    private static final int WRONG = 3;
    private static final double FAR_BELOW = 0.35;
    private static final double FAR_ABOVE = 1.6;

    private BeadFaultQuestions() {}

    private record CycleFault(Cause cause, Symptom sign, double value) {}

    static Question make(SeededRandom draw, int level, TrainingShop shop) {
        while (true) {
            WeldPlan plan = shop.plan(draw, List.of(ControlDevice.TRIGGER_4T, ControlDevice.PEDAL));
            SetupSheet sheet = plan.sheet().value().orElseThrow();
            List<CycleFault> faults = faults(sheet);
            if (faults.isEmpty()) {
                continue;
            }
            CycleFault fault = draw.one(faults);
            Optional<Question> question = played(plan, fault).flatMap(cycle -> question(draw, level, cycle, fault));
            if (question.isPresent()) {
                return question.get();
            }
        }
    }

    /** Figures of the panel that can be put wrong on this sheet, each with a sign that is typical of it. */
    private static List<CycleFault> faults(SetupSheet sheet) {
        List<CycleFault> faults = new ArrayList<>();
        for (Cause cause : Cause.all()) {
            Optional<Parameter> parameter = cause.figure()
                    .filter(key -> key.group() == ParameterGroup.PANEL)
                    .flatMap(sheet::find)
                    .filter(found -> !found.idle());
            Optional<Range> window = parameter.flatMap(Parameter::window);
            if (window.isEmpty() || cause.side() == RangeSide.NONE) {
                continue;
            }
            double value = cause.side() == RangeSide.LOW
                    ? FAR_BELOW * window.get().low()
                    : FAR_ABOVE * window.get().high();
            boolean can = OwnValueRules.range(parameter.get().key())
                    .filter(range -> range.check(value).isEmpty())
                    .isPresent();
            if (can) {
                Symptom.all().stream()
                        .filter(symptom -> symptom.of(cause) == Likelihood.TYPICAL
                                && symptom.fits(sheet.joint().material()))
                        .forEach(symptom -> faults.add(new CycleFault(cause, symptom, value)));
            }
        }
        return faults;
    }

    private static Optional<WeldCycle> played(WeldPlan plan, CycleFault fault) {
        Map<ParameterKey, Double> own = new EnumMap<>(ParameterKey.class);
        own.put(fault.cause().figure().orElseThrow(), fault.value());
        PlanRequest request = plan.ask();
        return WeldPlan.of(new PlanRequest(
                        request.weld(),
                        request.shop(),
                        new OwnValues(own),
                        request.purge(),
                        request.choices(),
                        Optional.empty(),
                        1))
                .score()
                .value();
    }

    private static String allowed(Range range, ParameterKey key) {
        return "The sheet allows "
                + UnitSystem.METRIC.show(Quantity.of(range.low(), key.unit())).figure() + " to "
                + UnitSystem.METRIC.show(Quantity.of(range.high(), key.unit())).line() + ".";
    }

    private static Optional<Question> question(SeededRandom draw, int level, WeldCycle cycle, CycleFault fault) {
        Cause cause = fault.cause();
        List<Symptom> never = Symptom.all().stream()
                .filter(symptom -> symptom.fits(cycle.sheet().joint().material()))
                .filter(symptom -> symptom.of(cause) == Likelihood.NEVER || symptom.of(cause) == Likelihood.UNNAMED)
                .filter(symptom -> symptom.place() != SymptomPlace.ARC && symptom.place() != SymptomPlace.SHAPE)
                .toList();
        if (never.size() < WRONG) {
            return Optional.empty();
        }
        List<Choice> wrong = draw.some(never, WRONG).stream()
                .map(symptom ->
                        new Choice(say(symptom.words()), "That comes of something else: " + typical(symptom) + "."))
                .toList();
        String why = say(cause.words() + ".do");
        AnswerChoices choices = draw.among(new Choice(say(fault.sign().words()), "Typical of it."), wrong);
        ParameterKey key = cause.figure().orElseThrow();
        Parameter parameter = cycle.sheet().setting(key);
        String shown =
                UnitSystem.METRIC.show(Quantity.of(fault.value(), key.unit())).line();
        return Optional.of(new Question(
                "SCORE-LEAVES-" + cause.id() + "-" + fault.sign().id(),
                Topic.SCORE,
                level,
                FigureQuestions.joint(cycle.sheet()) + ": " + say(key.words()) + " is set to " + shown
                        + ". What will this leave?",
                Optional.of(picture(cycle, choices.all())),
                choices.all(),
                CorrectAnswer.choice(choices.right()),
                allowed(parameter.window().orElseThrow(), key) + " " + why));
    }

    private static String typical(Symptom symptom) {
        return Cause.all().stream()
                .filter(cause -> symptom.of(cause).compareTo(Likelihood.OFTEN) <= 0)
                .findFirst()
                .map(cause -> say(cause.words()))
                .orElse("it has no usual cause");
    }

    /** The envelope by its corners {@code t0 a0 t1 a1 …}, when gas flows, and the sign of each choice by its words. */
    private static Picture picture(WeldCycle cycle, List<Choice> choices) {
        Map<String, Double> figures = new TreeMap<>();
        int corner = 0;
        double gasFrom = -1;
        double gasTo = 0;
        for (CurrentSegment segment : cycle.timeline().segments()) {
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
            String sign = Symptom.all().stream()
                    .filter(symptom -> say(symptom.words()).equals(text))
                    .findFirst()
                    .map(Symptom::id)
                    .orElseThrow();
            words.put("choice" + i, sign);
        }
        return new Picture(Picture.Kind.SCORE, figures, words);
    }

    private static String say(String key) {
        return Phrasebook.say(Phrase.of(key), UnitSystem.METRIC);
    }
}
