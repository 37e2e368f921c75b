package vastarc.web.logbook;

import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import vastarc.core.base.notation.LengthReader;
import vastarc.core.base.text.Phrase;
import vastarc.core.base.text.Phrasebook;
import vastarc.core.base.units.Length;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.domain.joint.JointForm;
import vastarc.core.domain.material.Material;
import vastarc.core.record.weldlog.RunVerdict;
import vastarc.web.layout.Choice;
import vastarc.web.store.run.RunFilter;
import vastarc.web.store.run.WeldRunQueries.LogbookOrder;

/**
 * A filter of the logbook as typed, read.
 *
 * @param filter as far as it can be read
 * @param order  wanted
 * @param sent   as typed
 * @param wrong  what could not be read, by field
 */
record Filters(RunFilter filter, LogbookOrder order, Map<String, String> sent, Map<String, String> wrong) {

    private static final List<String> FIELDS =
            List.of("find", "material", "joint", "machine", "hand", "verdict", "fromMm", "toMm", "from", "to", "order");
    private static final int MOST_TYPED = 160;

    static Filters of(Map<String, String> all, UnitSystem units) {
        Map<String, String> sent = FIELDS.stream()
                .filter(name -> !all.getOrDefault(name, "").isBlank())
                .collect(Collectors.toMap(
                        name -> name, name -> cut(all.getOrDefault(name, "").strip())));
        Map<String, String> wrong = new HashMap<>();
        RunFilter filter = new RunFilter(
                sent.getOrDefault("find", ""),
                known(Material.values(), sent.get("material")),
                known(JointForm.values(), sent.get("joint")),
                length(sent, "fromMm", units, wrong),
                length(sent, "toMm", units, wrong),
                Optional.ofNullable(sent.get("machine")),
                Optional.ofNullable(sent.get("hand")),
                known(RunVerdict.values(), sent.get("verdict")).map(RunVerdict::valueOf),
                day(sent, "from", 0, wrong),
                day(sent, "to", 1, wrong),
                Optional.empty());
        LogbookOrder order = known(LogbookOrder.values(), sent.get("order"))
                .map(LogbookOrder::valueOf)
                .orElse(LogbookOrder.NEWEST);
        return new Filters(filter, order, sent, wrong);
    }

    private static String cut(String text) {
        return text.length() > MOST_TYPED ? text.substring(0, MOST_TYPED) : text;
    }

    private static Optional<String> known(Enum<?>[] values, @Nullable String name) {
        return Arrays.stream(values)
                .map(Enum::name)
                .filter(text -> text.equals(name))
                .findFirst();
    }

    private static OptionalDouble length(
            Map<String, String> sent, String name, UnitSystem units, Map<String, String> wrong) {
        if (!sent.containsKey(name)) {
            return OptionalDouble.empty();
        }
        var read = new LengthReader(units, Optional.empty()).read(sent.get(name), name);
        read.problems().forEach(problem -> wrong.put(name, problem.message(units)));
        return read.value().map(Length::inMillimetres).stream()
                .mapToDouble(mm -> mm)
                .findFirst();
    }

    private static Optional<Instant> day(Map<String, String> sent, String name, int plus, Map<String, String> wrong) {
        if (!sent.containsKey(name)) {
            return Optional.empty();
        }
        try {
            return Optional.of(LocalDate.parse(sent.getOrDefault(name, ""))
                    .plusDays(plus)
                    .atStartOfDay(ZoneOffset.UTC)
                    .toInstant());
        } catch (DateTimeParseException | ArithmeticException e) {
            wrong.put(name, "This is no day. Write it as 2026-11-20.");
            return Optional.empty();
        }
    }

    /** The filter as part of an address. */
    String query() {
        return sent.entrySet().stream()
                .sorted(Map.Entry.comparingByKey())
                .map(entry -> entry.getKey() + "=" + URLEncoder.encode(entry.getValue(), StandardCharsets.UTF_8))
                .collect(Collectors.joining("&"));
    }

    boolean isEmpty() {
        return sent.isEmpty();
    }

    String text(String name) {
        return sent.getOrDefault(name, "");
    }

    List<Choice> materials() {
        return any("any metal", Arrays.stream(Material.values()).map(Enum::name).toList(), "material", "material.");
    }

    List<Choice> joints() {
        return any(
                "any joint", Arrays.stream(JointForm.values()).map(Enum::name).toList(), "joint", "joint.");
    }

    List<Choice> verdicts() {
        return any(
                "any result", Arrays.stream(RunVerdict.values()).map(Enum::name).toList(), "verdict", "run.verdict.");
    }

    List<Choice> orders() {
        return Arrays.stream(LogbookOrder.values())
                .map(logbookOrder -> Choice.labelled(
                        logbookOrder.name(), say("logbook.order." + logbookOrder), logbookOrder == order))
                .toList();
    }

    /** Names out of the logbook itself. */
    List<Choice> names(String any, String field, List<String> names) {
        List<Choice> choices = new ArrayList<>();
        choices.add(Choice.labelled("", any, text(field).isEmpty()));
        names.forEach(name -> choices.add(new Choice(name, name, name.equals(text(field)))));
        return choices;
    }

    private List<Choice> any(String any, List<String> values, String field, String words) {
        List<Choice> choices = new ArrayList<>();
        choices.add(Choice.labelled("", any, text(field).isEmpty()));
        values.forEach(value -> choices.add(Choice.labelled(value, say(words + value), value.equals(text(field)))));
        return choices;
    }

    private static String say(String key) {
        return Phrasebook.say(Phrase.of(key), UnitSystem.METRIC);
    }
}
