package vastarc.core.input;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import vastarc.core.base.notation.GaugeScale;
import vastarc.core.base.notation.LengthReader;
import vastarc.core.base.notation.NumberReader;
import vastarc.core.base.notation.PipeSize;
import vastarc.core.base.text.Phrasebook;
import vastarc.core.base.units.Length;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.base.validation.Outcome;
import vastarc.core.input.InputField.InputKind;
import vastarc.core.input.JointReading.Doubt;
import vastarc.core.input.JointReading.ReadWord;

/** The sizes in a line: pipe by its schedule, what has a name (leg, gap, outside diameter, preheat), thicknesses. */
final class PhraseSizes {

    private static final String VALUE = "(?:\\d+[ -])?\\d+/\\d+|\\d+(?:\\.\\d+)?|\\.\\d+";
    private static final String UNIT = "mm|cm|inch(?:es)?|in|\"|thou|mils?|gauge|gage|ga|ft";
    private static final String SIZE = "((?<![\\w./])(?:" + VALUE + ")\\s*(?:" + UNIT + ")?(?![\\w./]))";
    private static final String SCHEDULE = "(?:sch|schedule)\\.?\\s*\\d{1,3}s?";
    private static final Pattern PIPE = Pattern.compile("(?<![\\w./])(?:dn\\s*\\d{1,4}|(?:nps\\s*)?(?:" + VALUE
            + ")\\s*(?:\"|inch|in)?)\\s*(?:pipe\\s*)?" + SCHEDULE + "(?!\\w)");
    private static final Pattern NOMINAL = Pattern.compile("(?<!\\w)(?:dn\\s*\\d{1,4}|nps\\s*(?:" + VALUE
            + ")\\s*(?:\"|in)?|(?:" + VALUE + ")\\s*(?:\"|in|inch)?\\s*pipe)(?!\\w)");
    private static final Pattern OD_BY_WALL = Pattern.compile("(?:(?<!\\w)od\\s*)?(?<![\\w./])((?:" + VALUE + ")\\s*(?:"
            + UNIT + ")?)\\s*(?:(?:od\\s*)?x|od)\\s*((?:" + VALUE + ")\\s*(?:" + UNIT + ")?)(?![\\w./])");
    private static final Pattern PAIR = Pattern.compile(SIZE + "\\s*(?:to|onto|on|auf|and|into|\\+|&|-)\\s*" + SIZE);
    private static final Pattern ONE = Pattern.compile(SIZE);
    private static final Pattern WITH_UNIT = Pattern.compile(
            "((?<![\\w./])(?:(?:" + VALUE + ")\\s*(?:" + UNIT + ")|(?:\\d+[ -])?\\d+/\\d+)(?![\\w./]))");
    private static final Pattern HAS_UNIT = Pattern.compile(".*(?:" + UNIT + ")|.*/.*");

    /** Figures of other kinds: currents, voltages, flows, times. They are named, not taken for sizes. */
    private static final Pattern OTHER_FIGURE = Pattern.compile("(?<![\\w./])(?:" + VALUE
            + ")\\s*(?:a|amps?|amperes?|volts?|l/min|lpm|cfh|hz|s|sec|min|mm/min|ipm|%|kg|deg|°|°?c)(?![\\w/])");

    /** A tube is at least this many walls across. */
    private static final double LEAST_WALLS = 4;

    /** A field with a name of its own: the name before the figure, or behind it. */
    private record LabelledField(InputField<?> field, Pattern after, Pattern before) {

        static LabelledField of(InputField<?> field) {
            String labels = labels(field);
            return new LabelledField(
                    field,
                    Pattern.compile("(?<!\\w)(?:" + labels + ")\\s*[=]?\\s*" + SIZE),
                    Pattern.compile(SIZE + "\\s*(?:" + labels + ")(?!\\w)"));
        }
    }

    private static final List<LabelledField> LABELLED = WeldFields.ALL.stream()
            .filter(field -> field.kind() == InputKind.LENGTH
                    || field == WeldFields.PREHEAT
                    || field == WeldFields.COPE_ANGLE
                    || field == WeldFields.GROOVE_ANGLE)
            .filter(field -> field != WeldFields.BASE && field != WeldFields.ABUTTING)
            .map(LabelledField::of)
            .toList();

    /** A size in the unit of its field; an inch is rounded to what a millimetre figure can show of it. */
    private record ReadSize(String text, double millimetres) {

        ReadSize {
            millimetres = Math.round(millimetres * 1e6) / 1e6;
        }
    }

    private final PhraseText text;
    private final UnitSystem bareNumbers;
    private final Map<InputField<?>, ReadSize> named = new LinkedHashMap<>();
    private final List<ReadSize> thicknesses = new ArrayList<>();
    private final List<Doubt> doubts = new ArrayList<>();
    private final List<String> unknown = new ArrayList<>();
    private Optional<GaugeScale> gauges = Optional.empty();

    PhraseSizes(PhraseText text, UnitSystem bareNumbers) {
        this.text = text;
        this.bareNumbers = bareNumbers;
    }

    boolean hasOutsideDiameter() {
        return named.containsKey(WeldFields.TUBE_OD);
    }

    List<String> unknown() {
        return unknown;
    }

    /** What is no thickness: before words are read, so that the numbers of metals and positions are not taken for sizes. */
    void takePipesAndLabels() {
        text.take(PIPE).or(() -> text.take(NOMINAL)).ifPresent(found -> pipe(found.group()));
        text.take(OD_BY_WALL).ifPresent(this::outsideByWall);
        LABELLED.forEach(label -> text.take(label.after())
                .or(() -> text.take(label.before()))
                .ifPresent(found -> label(label.field(), found)));
        Optional<Matcher> other = text.take(OTHER_FIGURE);
        while (other.isPresent()) {
            unknown.add(other.get().group());
            other = text.take(OTHER_FIGURE);
        }
    }

    /** The words of a field, the longest first. */
    private static String labels(InputField<?> field) {
        return Stream.concat(Phrasebook.find(field.words()).stream(), field.aliases().stream())
                .filter(word -> word.length() > 1)
                .sorted(Comparator.comparing(String::length).reversed())
                .map(word -> Pattern.quote(word.toLowerCase(Locale.ROOT)).replace(" ", "\\E\\s+\\Q"))
                .collect(Collectors.joining("|"));
    }

    private void pipe(String said) {
        String plain = said.strip();
        Optional<PipeSize> pipe =
                PipeSize.read(plain, WeldFields.TUBE_OD.name()).flatMap(Outcome::value);
        if (pipe.isEmpty()) {
            unknown.add(plain);
            return;
        }
        named.put(WeldFields.TUBE_OD, new ReadSize(plain, pipe.get().outside().inMillimetres()));
        pipe.get().wall().ifPresent(wall -> thicknesses.add(new ReadSize(plain, wall.inMillimetres())));
    }

    private void label(InputField<?> field, Matcher found) {
        String said = found.group().strip();
        String figure = found.group(1).strip();
        if (field.kind() == InputKind.LENGTH) {
            length(figure)
                    .ifPresentOrElse(
                            length -> named.put(field, new ReadSize(said, length.inMillimetres())),
                            () -> unknown.add(said));
        } else {
            NumberReader.read(figure)
                    .ifPresentOrElse(number -> named.put(field, new ReadSize(said, number)), () -> unknown.add(said));
        }
    }

    /** The unit of the second counts for both. */
    private void outsideByWall(Matcher found) {
        String second = found.group(2).strip();
        String first = found.group(1).strip();
        String unit = HAS_UNIT.matcher(first).matches() ? "" : second.replaceAll("[\\d./ -]", "");
        Optional<Length> one = length(first + unit);
        Optional<Length> other = length(second);
        if (one.isEmpty() || other.isEmpty()) {
            unknown.add(found.group().strip());
            return;
        }
        double across = Math.max(one.get().inMillimetres(), other.get().inMillimetres());
        double wall = Math.min(one.get().inMillimetres(), other.get().inMillimetres());
        if (across >= LEAST_WALLS * wall) {
            named.putIfAbsent(WeldFields.TUBE_OD, new ReadSize(found.group().strip(), across));
            thicknesses.add(new ReadSize(found.group().strip(), wall));
        } else {
            thicknesses.add(new ReadSize(first, one.get().inMillimetres()));
            thicknesses.add(new ReadSize(second, other.get().inMillimetres()));
        }
    }

    /** What is left of numbers: two members, or one; those with a unit first. */
    void takeThicknesses(boolean tube, Optional<GaugeScale> ofMetal) {
        gauges = tube || hasOutsideDiameter() ? Optional.of(GaugeScale.TUBE) : ofMetal;
        if (thicknesses.isEmpty()) {
            text.take(PAIR).ifPresent(this::pair);
        }
        takeEach(WITH_UNIT, tube);
        if (thicknesses.isEmpty()) {
            takeEach(ONE, tube);
        }
    }

    private void takeEach(Pattern size, boolean tube) {
        Optional<Matcher> next = text.take(size);
        while (next.isPresent()) {
            String said = next.get().group(1).strip();
            length(said).ifPresentOrElse(length -> single(said, length, tube), () -> unknown.add(said));
            next = text.take(size);
        }
    }

    private void pair(Matcher found) {
        String second = found.group(2).strip();
        String first = found.group(1).strip();
        String unit = HAS_UNIT.matcher(first).matches() ? "" : second.replaceAll("[\\d./ -]", "");
        length(first + unit).ifPresent(length -> thicknesses.add(new ReadSize(first, length.inMillimetres())));
        length(second).ifPresent(length -> thicknesses.add(new ReadSize(second, length.inMillimetres())));
    }

    private void single(String said, Length length, boolean tube) {
        double mm = length.inMillimetres();
        boolean across = tube && !hasOutsideDiameter() && thicknesses.size() == 1;
        if (across && mm >= LEAST_WALLS * thicknesses.get(0).millimetres()) {
            named.put(WeldFields.TUBE_OD, new ReadSize(said, mm));
        } else if (across && thicknesses.get(0).millimetres() >= LEAST_WALLS * mm) {
            named.put(WeldFields.TUBE_OD, thicknesses.remove(0));
            thicknesses.add(new ReadSize(said, mm));
        } else if (thicknesses.size() < 2) {
            thicknesses.add(new ReadSize(said, mm));
        } else {
            unknown.add(said);
        }
    }

    /** A number without a unit is of the shop's system, but where nobody could mean that: then it is a doubt. */
    private Optional<Length> length(String said) {
        if (HAS_UNIT.matcher(said).matches()) {
            return new LengthReader(bareNumbers, gauges)
                    .read(said, WeldFields.THICKNESSES)
                    .value();
        }
        boolean decimalInch = said.matches("0?\\.\\d{2,4}") && bareNumbers == UnitSystem.METRIC;
        boolean wholeMillimetres = said.matches("\\d+") && bareNumbers == UnitSystem.INCH;
        if (decimalInch || wholeMillimetres) {
            String likely = decimalInch ? " in" : " mm";
            String other = decimalInch ? " mm" : " in";
            doubts.add(new Doubt(WeldFields.THICKNESSES, said, List.of(said + likely, said + other)));
        }
        UnitSystem system = decimalInch ? UnitSystem.INCH : wholeMillimetres ? UnitSystem.METRIC : bareNumbers;
        return new LengthReader(system, gauges)
                .read(said, WeldFields.THICKNESSES)
                .value();
    }

    void into(Map<String, Object> fields, List<ReadWord> read, List<Doubt> found) {
        thicknesses.removeIf(size -> isOutside(WeldFields.BASE, size));
        named.entrySet().removeIf(entry -> isOutside(entry.getKey(), entry.getValue()));
        if (!thicknesses.isEmpty()) {
            fields.put(
                    WeldFields.THICKNESSES,
                    thicknesses.stream().map(ReadSize::millimetres).toList());
            thicknesses.forEach(
                    size -> read.add(new ReadWord(size.text(), WeldFields.THICKNESSES, size.millimetres())));
        }
        named.forEach((field, size) -> {
            fields.put(field.name(), size.millimetres());
            read.add(new ReadWord(size.text(), field.name(), size.millimetres()));
        });
        found.addAll(doubts);
    }

    /** A size that no such joint has is named, not taken. */
    private boolean isOutside(InputField<?> field, ReadSize size) {
        boolean outside =
                field.range().flatMap(range -> range.check(size.millimetres())).isPresent();
        if (outside) {
            unknown.add(size.text());
        }
        return outside;
    }
}
