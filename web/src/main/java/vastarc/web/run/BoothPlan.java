package vastarc.web.run;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.stream.Collectors;
import vastarc.core.advice.cycle.WeldCycle;
import vastarc.core.base.text.Phrase;
import vastarc.core.base.text.Phrasebook;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.coach.Coach;
import vastarc.core.coach.CoachLevel;
import vastarc.core.coach.CueKind;
import vastarc.core.record.weldlog.RunState.AfterArc;
import vastarc.core.record.weldlog.RunState.RunStage;
import vastarc.web.format.CueJson;
import vastarc.web.service.RunSetups;

/**
 * What the booth has to know of a run before the arc: with it the page counts, sounds and says where the run stands while the program does not
 * answer. It counts from the strike and from the end of the arc.
 *
 * @param strikeS the first strike, in the time of the cues
 * @param outS    the end of the arc
 * @param cues    of every kind, in order of time
 * @param kinds   what there is to be heard
 * @param says    the stages of a run in words
 * @param touches what the welder does next
 * @param after   what follows an arc
 */
record BoothPlan(
        double strikeS,
        double outS,
        List<CueJson> cues,
        List<KindJson> kinds,
        Map<RunStage, String> says,
        BoothState.NextInputs touches,
        AfterArc after) {

    /** A kind of cue, its name, and the levels that hear it. */
    record KindJson(CueKind kind, String name, List<CoachLevel> levels) {}

    static BoothPlan of(RunSetups.Setup setup, UnitSystem units) {
        WeldCycle cycle = setup.score();
        List<CueJson> cues = Coach.planned(cycle, CoachLevel.BEGINNER, OptionalDouble.of(setup.perS())).stream()
                .map(cue -> CueJson.of(cue, units))
                .toList();
        return new BoothPlan(
                Coach.strikeS(cycle),
                cycle.timeline().arcOutS(),
                cues,
                Arrays.stream(CueKind.values())
                        .map(kind -> new KindJson(
                                kind,
                                Phrasebook.say(Phrase.of(kind.nameWords()), units),
                                Arrays.stream(CoachLevel.values())
                                        .filter(level -> level.hears(kind))
                                        .toList()))
                        .toList(),
                Arrays.stream(RunStage.values()).collect(Collectors.toMap(stage -> stage, BoothState::says)),
                RunPage.touches(cycle),
                setup.after());
    }
}
