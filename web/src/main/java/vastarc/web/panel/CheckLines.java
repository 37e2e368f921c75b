package vastarc.web.panel;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import vastarc.core.machine.PreStrike;
import vastarc.core.quantity.UnitSystem;
import vastarc.core.wording.Phrase;
import vastarc.core.wording.Phrasebook;
import vastarc.web.panel.PanelPage.AnswerLine;
import vastarc.web.panel.PanelPage.CheckLine;
import vastarc.web.panel.PanelPage.CheckView;

/** The check before the strike as lines. */
final class CheckLines {

    private CheckLines() {}

    /** Items up to the first wrong or open one can be answered; a wrong one stops those after it. */
    static CheckView of(List<PreStrike.Item> items, Map<String, String> answers, UnitSystem units) {
        List<CheckLine> lines = new ArrayList<>();
        int done = 0;
        String stopped = "";
        for (PreStrike.Item item : items) {
            String given = answers.getOrDefault(item.code(), "");
            Optional<PreStrike.Answer> answer = item.answers().stream()
                    .filter(one -> one.name().equals(given))
                    .findFirst();
            boolean right = answer.filter(PreStrike.Answer::isRight).isPresent();
            String stops = answer.flatMap(PreStrike.Answer::stops)
                    .map(text -> say(text, units))
                    .orElse("");
            String state = !stopped.isEmpty() ? "waits" : right ? "done" : answer.isPresent() ? "wrong" : "open";
            lines.add(new CheckLine(
                    lines.size() + 1,
                    item.code(),
                    say(item.text(), units),
                    item.answers().stream()
                            .map(one -> new AnswerLine(
                                    one.name(),
                                    say(one.text(), units),
                                    one.name().equals(given),
                                    one.isRight()))
                            .toList(),
                    state,
                    stopped.isEmpty() ? stops : ""));
            done += right && stopped.isEmpty() ? 1 : 0;
            stopped = stopped.isEmpty() ? stops : stopped;
        }
        return new CheckView(lines, done, lines.size(), stopped);
    }

    private static String say(Phrase phrase, UnitSystem units) {
        return Phrasebook.say(phrase, units);
    }
}
