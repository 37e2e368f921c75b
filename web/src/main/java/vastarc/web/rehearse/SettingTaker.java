package vastarc.web.rehearse;

import java.util.EnumMap;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Component;
import vastarc.core.joint.PulsePurpose;
import vastarc.core.joint.WeldFields;
import vastarc.core.rehearsal.Finder;
import vastarc.core.score.ScoreKey;
import vastarc.core.sheet.SettingKey;
import vastarc.core.sheet.Sheet;
import vastarc.web.kept.job.JobContent;
import vastarc.web.kept.job.OwnFigures;
import vastarc.web.request.JobPlanner;

/** Puts what a rehearsal found on a job's sheet. */
@Component
class SettingTaker {

    private final JobPlanner planner;

    SettingTaker(JobPlanner planner) {
        this.planner = planner;
    }

    /** The job with a knob where it was found; a pace is taken under the current as it stands, a pulse rate with its pulse. */
    JobContent taken(JobContent before, Finder.Knob knob, double value) {
        return switch (knob) {
            case CURRENT -> own(before, ScoreKey.WORKING_CURRENT, value);
            case TRAVEL ->
                held(before)
                        .with(before.joint()
                                .with(
                                        WeldFields.TRAVEL,
                                        Optional.of(String.format(Locale.ROOT, "%.0f mm/min", value))));
            case PULSE -> own(pulsed(before), ScoreKey.PULSE_RATE, value);
        };
    }

    private JobContent pulsed(JobContent before) {
        boolean steady = sheet(before).filter(sheet -> !sheet.isPulsed()).isPresent();
        return steady
                ? before.with(before.joint().with(WeldFields.PULSE, Optional.of(PulsePurpose.HEAT.name())))
                : before;
    }

    private JobContent held(JobContent before) {
        return sheet(before)
                .map(sheet -> own(
                        before,
                        ScoreKey.WORKING_CURRENT,
                        sheet.setting(SettingKey.WORKING_CURRENT).value()))
                .orElse(before);
    }

    private Optional<Sheet> sheet(JobContent content) {
        return planner.plan(content).sheet().value();
    }

    private static JobContent own(JobContent before, ScoreKey key, double value) {
        Map<ScoreKey, Double> values = new EnumMap<>(ScoreKey.class);
        values.putAll(before.own().values());
        values.put(key, Math.round(value * 10) / 10.0);
        return before.with(new OwnFigures(values, before.own().unread()));
    }
}
