package vastarc.web.run;

import java.util.Arrays;
import java.util.List;
import java.util.OptionalDouble;
import vastarc.core.advice.cycle.WeldCycle;
import vastarc.core.base.text.Phrase;
import vastarc.core.base.text.Phrasebook;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.coach.Coach;
import vastarc.core.coach.CoachLevel;
import vastarc.core.coach.CueKind;
import vastarc.web.format.CueJson;
import vastarc.web.service.RunSetups;

/**
 * What the booth plays of a run: the page counts from the strike and from the end of the arc.
 *
 * @param strikeS the first strike, in the time of the cues
 * @param outS    the end of the arc
 * @param cues    of every kind, in order of time
 * @param kinds   what there is to be heard
 */
record CoachJson(double strikeS, double outS, List<CueJson> cues, List<KindJson> kinds) {

    /** A kind of cue, its name, and the levels that hear it. */
    record KindJson(CueKind kind, String name, List<CoachLevel> levels) {}

    static CoachJson of(RunSetups.Setup setup, UnitSystem units) {
        WeldCycle cycle = setup.score();
        List<CueJson> cues = Coach.planned(cycle, CoachLevel.BEGINNER, OptionalDouble.of(setup.perS())).stream()
                .map(cue -> CueJson.of(cue, units))
                .toList();
        double strike = cues.stream()
                .filter(cue -> cue.kind() == CueKind.STRIKE)
                .mapToDouble(CueJson::s)
                .findFirst()
                .orElse(0);
        return new CoachJson(
                strike,
                cycle.timeline().arcOutS(),
                cues,
                Arrays.stream(CueKind.values())
                        .map(kind -> new KindJson(
                                kind,
                                Phrasebook.say(Phrase.of(kind.nameWords()), units),
                                Arrays.stream(CoachLevel.values())
                                        .filter(level -> level.hears(kind))
                                        .toList()))
                        .toList());
    }
}
