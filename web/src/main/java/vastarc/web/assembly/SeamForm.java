package vastarc.web.assembly;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import vastarc.core.base.validation.Outcome;
import vastarc.core.base.validation.Problem;
import vastarc.core.record.assembly.SeamEvent;
import vastarc.core.record.assembly.SeamEvent.Examination;
import vastarc.core.record.assembly.SeamEvent.SeamEventKind;
import vastarc.web.layout.Ids;
import vastarc.web.store.assembly.Seam;
import vastarc.web.store.assembly.Seam.SeamText;
import vastarc.web.store.register.RegisterFields;

/** Reads what is written of a seam, and what is entered to have happened to it. Every fault is named. */
final class SeamForm {

    private final Map<String, String> sent;
    private final List<Problem> problems = new ArrayList<>();

    private SeamForm(Map<String, String> sent) {
        this.sent = sent;
    }

    /** {@return what is written of a seam} */
    static Outcome<SeamText> text(Map<String, String> sent) {
        return new SeamForm(sent).text();
    }

    /** {@return what happened to a seam} */
    static Outcome<SeamEvent> event(Map<String, String> sent) {
        return new SeamForm(sent).event();
    }

    private <T> Outcome<T> outcome(T read) {
        return problems.isEmpty() ? Outcome.of(read) : Outcome.failed(problems);
    }

    private String one(String name, int most) {
        String text = sent.getOrDefault(name, "").strip();
        if (text.length() > most) {
            problems.add(Problem.badValue(name, "seam.long", most));
        }
        return text;
    }

    private Outcome<SeamText> text() {
        String number = one("number", RegisterFields.MAX_NUMBER);
        if (!RegisterFields.isNumber(number)) {
            problems.add(Problem.badValue("number", "register.number", RegisterFields.MAX_NUMBER, "S3"));
        }
        Optional<UUID> job = Ids.read(sent.getOrDefault("job", ""));
        return outcome(new SeamText(
                number,
                one("location", Seam.MAX_LOCATION),
                job,
                one("procedure", RegisterFields.MAX_NUMBER),
                one("hold", Seam.MAX_HOLD)));
    }

    private Outcome<SeamEvent> event() {
        Optional<SeamEventKind> chosen = choice("kind", SeamEventKind.values());
        if (chosen.isEmpty()) {
            problems.add(Problem.badValue("kind", "register.choice"));
        }
        SeamEventKind kind = chosen.orElse(SeamEventKind.WELDED);
        boolean examined = kind == SeamEventKind.EXAMINED;
        String day = one("day", 10);
        if (!RegisterFields.isDay(day)) {
            problems.add(Problem.badValue("day", "register.day"));
        }
        String by = one("by", SeamEvent.MAX_NAME);
        if (by.isEmpty()) {
            problems.add(Problem.badValue("by", "seam.by"));
        }
        Examination method =
                examined ? choice("method", Examination.values()).orElse(Examination.VISUAL) : Examination.NONE;
        boolean accepted = examined && sent.getOrDefault("accepted", "").equals("true");
        if (examined && sent.getOrDefault("accepted", "").isEmpty()) {
            problems.add(Problem.badValue("accepted", "seam.verdict"));
        }
        return outcome(new SeamEvent(kind, day, by, method, accepted, one("cause", SeamEvent.MAX_CAUSE)));
    }

    private <E extends Enum<E>> Optional<E> choice(String name, E[] values) {
        return Arrays.stream(values)
                .filter(value -> value.name().equals(sent.get(name)))
                .findFirst();
    }
}
