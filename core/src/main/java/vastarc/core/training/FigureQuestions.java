package vastarc.core.training;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import vastarc.core.advice.parameters.ParameterKey;
import vastarc.core.advice.parameters.Range;
import vastarc.core.advice.sheet.Parameter;
import vastarc.core.advice.sheet.SetupSheet;
import vastarc.core.base.text.Phrase;
import vastarc.core.base.text.Phrasebook;
import vastarc.core.base.units.PhysicalConstants;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.domain.joint.ControlDevice;
import vastarc.core.physics.purge.PurgePlan;
import vastarc.core.training.Question.CorrectAnswer;
import vastarc.core.training.Question.Picture;

/** Questions that are answered by a figure: right within the bounds that a welder works to. */
final class FigureQuestions {

    private static final List<Double> BORES = List.of(25.0, 38.0, 48.0, 60.0, 75.0, 100.0, 150.0);
    private static final List<Double> LENGTHS = List.of(300.0, 500.0, 800.0, 1200.0, 2000.0);
    private static final List<Double> FLOWS = List.of(4.0, 6.0, 8.0, 10.0);
    private static final double INCH = 25.4;

    private FigureQuestions() {}

    private static Question typed(
            String id,
            Topic topic,
            int level,
            String prompt,
            Optional<Picture> picture,
            CorrectAnswer answer,
            String why) {
        return new Question(id, topic, level, prompt, picture, List.of(), answer, why);
    }

    private static String plain(double value) {
        return value == Math.rint(value)
                ? String.valueOf((long) value)
                : String.format(Locale.ROOT, "%.2f", value).replaceFirst("0+$", "");
    }

    /** A dial without figures, by its ticks. */
    static Question dial(SeededRandom draw, int level, TrainingShop shop) {
        double low = draw.one(List.of(0.0, 5.0, 10.0));
        double high = draw.one(List.of(110.0, 160.0, 200.0, 250.0));
        int ticks = draw.one(List.of(5, 10, 11));
        int pointer = 1 + draw.below(ticks - 1);
        boolean between = level > 1 && draw.below(2) == 0 && pointer < ticks - 1;
        double place = pointer + (between ? 0.5 : 0);
        double value = low + (high - low) * place / ticks;
        double half = (high - low) / ticks / 2;
        String id = "DIAL-" + plain(low) + "-" + plain(high) + "-" + ticks + "-" + plain(place);
        return typed(
                id,
                Topic.DIAL_READING,
                level,
                "A knob without figures: " + plain(low) + " A at its lowest stop, " + plain(high)
                        + " A at its highest, " + ticks
                        + " even steps between. It points " + (between ? "half a step past mark " : "to mark ")
                        + pointer
                        + ". About how many amperes does it say?",
                Optional.of(new Picture(
                        Picture.Kind.DIAL,
                        Map.of("low", low, "high", high, "ticks", (double) ticks, "pointer", place / ticks),
                        Map.of())),
                CorrectAnswer.figure(value, value - half, value + half, "A"),
                "A step is " + plain((high - low) / ticks) + " A: " + plain(low) + " + " + plain(place) + " × "
                        + plain((high - low) / ticks) + ". What it really gives only a clamp meter says.");
    }

    static String joint(SetupSheet sheet) {
        return Phrasebook.say(Phrase.of("material." + sheet.joint().material().name()), UnitSystem.METRIC) + ", "
                + plain(sheet.joint().thinnerMm()) + " mm, "
                + Phrasebook.say(Phrase.of("joint." + sheet.joint().form().name()), UnitSystem.METRIC)
                + (sheet.practice().wire() ? ", with filler" : ", no filler");
    }

    private static CorrectAnswer within(Parameter parameter) {
        Range range = parameter.window().orElse(Range.only(parameter.engineValue()));
        return CorrectAnswer.figure(
                parameter.engineValue(),
                range.low(),
                range.high(),
                parameter.key().unit().symbol());
    }

    /** Guess the amps: right within the sheet's range. */
    static Question amps(SeededRandom draw, int level, TrainingShop shop) {
        SetupSheet sheet = shop.any(draw, List.of(ControlDevice.PEDAL)).sheet();
        Parameter current = sheet.setting(ParameterKey.WORKING_CURRENT);
        return typed(
                "AMPS-" + joint(sheet),
                Topic.AMPS,
                level,
                "How many amperes at the arc? " + joint(sheet) + ", flat.",
                Optional.empty(),
                within(current),
                Phrasebook.say(current.reason(), UnitSystem.METRIC));
    }

    static Question gas(SeededRandom draw, int level, TrainingShop shop) {
        SetupSheet sheet = shop.any(draw, List.of(ControlDevice.PEDAL)).sheet();
        Parameter flow = sheet.setting(ParameterKey.GAS_FLOW);
        String cup = sheet.setting(ParameterKey.CUP_SIZE).shown(UnitSystem.METRIC);
        String lens = sheet.hasGasLens() ? "with a gas lens" : "without a gas lens";
        return typed(
                "GAS-" + cup + "-" + lens + "-"
                        + plain(Math.rint(
                                sheet.setting(ParameterKey.WORKING_CURRENT).value())),
                Topic.GAS,
                level,
                "Cup no. " + cup.replaceFirst("^no\\. ", "") + ", " + lens + ", "
                        + sheet.setting(ParameterKey.WORKING_CURRENT).shown(UnitSystem.METRIC)
                        + ": how many litres of argon a minute at the torch?",
                Optional.empty(),
                within(flow),
                Phrasebook.say(flow.reason(), UnitSystem.METRIC));
    }

    /** One unit in another, within three in a hundred. */
    static Question unit(SeededRandom draw, int level, TrainingShop shop) {
        int kind = draw.below(5);
        return switch (kind) {
            case 0 -> {
                int sixteenths = 1 + draw.below(8);
                yield converted(level, sixteenths + "/16 in", sixteenths * INCH / 16, "mm", "an inch is 25.4 mm");
            }
            case 1 -> {
                int flow = 10 + 5 * draw.below(6);
                yield converted(
                        level,
                        flow + " ft³/h of argon",
                        flow * PhysicalConstants.CUBIC_FOOT_L / 60,
                        "L/min",
                        "a cubic foot is 28.3 L, an hour 60 min");
            }
            case 2 -> {
                int flow = 4 + draw.below(12);
                yield converted(
                        level,
                        flow + " L/min",
                        flow * 60 / PhysicalConstants.CUBIC_FOOT_L,
                        "ft³/h",
                        "a cubic foot is 28.3 L, an hour 60 min");
            }
            case 3 -> {
                int speed = 60 + 10 * draw.below(12);
                yield converted(level, speed + " mm/min", speed / INCH, "in/min", "an inch is 25.4 mm");
            }
            default -> {
                int thousandths = 20 + 5 * draw.below(20);
                yield converted(
                        level,
                        "0." + String.format(Locale.ROOT, "%03d", thousandths) + " in",
                        thousandths * INCH / 1000,
                        "mm",
                        "an inch is 25.4 mm");
            }
        };
    }

    private static Question converted(int level, String from, double value, String unit, String why) {
        return typed(
                "UNITS-" + from + "-" + unit,
                Topic.UNITS,
                level,
                "How much is " + from + " in " + unit + "?",
                Optional.empty(),
                CorrectAnswer.figure(value, 0.97 * value, 1.03 * value, unit),
                from + " is " + String.format(Locale.ROOT, value < 10 ? "%.2f" : "%.1f", value) + " " + unit + ": "
                        + why + ".");
    }

    /** How long a welder waits without a meter: ten changes of the volume, which are worked out on paper, or the shortest wait there is. */
    static Question purge(SeededRandom draw, int level, TrainingShop shop) {
        double bore = draw.one(BORES);
        double length = draw.one(LENGTHS);
        double flow = draw.one(FLOWS);
        boolean titanium = draw.below(3) == 0;
        double litres = Math.PI / 4 * bore * bore * length / 1e6;
        double least = titanium ? PurgePlan.LEAST_TITANIUM_S : PurgePlan.LEAST_S;
        double changes = PurgePlan.LEAST_CHANGES * litres / flow * 60;
        double wait = Math.max(least, changes);
        return typed(
                "PURGE-" + plain(bore) + "-" + plain(length) + "-" + plain(flow) + (titanium ? "-TI" : ""),
                Topic.PURGE,
                level,
                "A " + (titanium ? "titanium" : "stainless") + " tube of " + plain(bore) + " mm bore, " + plain(length)
                        + " mm between the dams, " + plain(flow)
                        + " L/min of argon and no oxygen meter: at least how many seconds before the strike?",
                Optional.empty(),
                CorrectAnswer.figure(wait, 0.85 * wait, 1.15 * wait, "s"),
                "It holds " + String.format(Locale.ROOT, "%.2f", litres) + " L: ten changes take "
                        + Math.round(changes) + " s, and under " + Math.round(least)
                        + " s nobody strikes without a meter."
                        + (titanium ? " Better still, titanium waits for a meter." : ""));
    }
}
