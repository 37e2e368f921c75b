package vastarc.web.panel;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import vastarc.core.base.text.Phrase;
import vastarc.core.base.text.Phrasebook;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.equipment.PreWeldCheck.CheckAnswer;
import vastarc.core.equipment.PreWeldCheck.CheckItem;
import vastarc.web.panel.PanelPage.AnswerLine;
import vastarc.web.panel.PanelPage.CheckLine;
import vastarc.web.panel.PanelPage.CheckView;

/** The check before the strike as lines. */
final class CheckLines {

    private CheckLines() {}

    /** Items up to the first wrong or open one can be answered; a wrong one stops those after it. */
    static CheckView of(List<CheckItem> items, Map<String, String> answers, UnitSystem units) {
        List<CheckLine> lines = new ArrayList<>();
        int done = 0;
        String stopped = "";
        for (CheckItem item : items) {
            String given = answers.getOrDefault(item.code(), "");
            Optional<CheckAnswer> answer = item.answers().stream()
                    .filter(checkAnswer -> checkAnswer.name().equals(given))
                    .findFirst();
            boolean right = answer.filter(CheckAnswer::isRight).isPresent();
            String stops = answer.flatMap(CheckAnswer::stops)
                    .map(text -> say(text, units))
                    .orElse("");
            String state = !stopped.isEmpty() ? "waits" : right ? "done" : answer.isPresent() ? "wrong" : "open";
            lines.add(new CheckLine(
                    lines.size() + 1,
                    item.code(),
                    say(item.text(), units),
                    item.answers().stream()
                            .map(checkAnswer -> new AnswerLine(
                                    checkAnswer.name(),
                                    say(checkAnswer.text(), units),
                                    checkAnswer.name().equals(given),
                                    checkAnswer.isRight()))
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
