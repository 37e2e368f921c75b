package vastarc.web.logbook;

import java.util.List;
import java.util.OptionalDouble;
import java.util.stream.IntStream;
import vastarc.core.base.text.Phrase;
import vastarc.core.base.text.Phrasebook;
import vastarc.core.base.units.Quantity;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.coach.HeardCoach;
import vastarc.core.coach.HeardCoach.CueResponse;
import vastarc.core.record.weldlog.RunEvent;
import vastarc.web.layout.Labels;

/**
 * What a welder heard of the coach in a run.
 *
 * @param level how much was to be heard, in words
 * @param beats dabs and steps of travel that sounded
 * @param cues  the others, in order of time
 */
record HeardView(String level, int beats, List<HeardLine> cues) {

    /**
     * A cue.
     *
     * @param at     when, in the time of the run
     * @param name   what it said
     * @param answer what followed; empty where nothing was to follow
     */
    record HeardLine(String at, String name, String answer) {}

    static HeardView of(HeardCoach heard, List<RunEvent> events, UnitSystem units) {
        return new HeardView(
                Labels.of(say(heard.level().words(), units)), heard.beats(), lines(heard.responses(events), units));
    }

    /** A count, such as that of the seconds to hold still, is one line. */
    private static List<HeardLine> lines(List<CueResponse> responses, UnitSystem units) {
        return IntStream.range(0, responses.size())
                .filter(i -> i == 0
                        || responses.get(i).cue().kind()
                                != responses.get(i - 1).cue().kind())
                .mapToObj(i -> line(responses.get(i), units))
                .toList();
    }

    private static HeardLine line(CueResponse response, UnitSystem units) {
        OptionalDouble out = response.arcOutAfterS();
        return new HeardLine(
                units.show(Quantity.seconds(response.cue().atS())).line(),
                Labels.of(say(response.cue().kind().nameWords(), units)),
                out.isPresent()
                        ? Phrasebook.say(Phrase.of("coach.arcOutAfter", Quantity.seconds(out.getAsDouble())), units)
                        : "");
    }

    private static String say(String words, UnitSystem units) {
        return Phrasebook.say(Phrase.of(words), units);
    }
}
