package vastarc.web.service;

import java.util.EnumMap;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Component;
import vastarc.core.advice.cycle.CycleKey;
import vastarc.core.advice.parameters.ParameterKey;
import vastarc.core.advice.sheet.SetupSheet;
import vastarc.core.domain.joint.BackingBar;
import vastarc.core.domain.joint.PulsePurpose;
import vastarc.core.input.WeldFields;
import vastarc.web.store.job.JobContent;
import vastarc.web.store.job.OwnValuesText;

/** Puts a figure that was found elsewhere on a job's sheet as the welder's own. */
@Component
public class OwnValueSaver {

    private final JobPlanner planner;

    OwnValueSaver(JobPlanner planner) {
        this.planner = planner;
    }

    /**
     * {@return the job with a figure of its own; empty where a sheet has no such figure to be set}
     *
     * @param before how it was before
     * @param key the parameter
     * @param value the value
     */
    public Optional<JobContent> withValue(JobContent before, ParameterKey key, double value) {
        if (key == ParameterKey.TRAVEL_SPEED) {
            return Optional.of(paced(before, value));
        }
        return CycleKey.named(key.apiName()).map(score -> own(before, score, value));
    }

    /**
     * {@return a pace, under the current as it is}
     *
     * @param before how it was before
     * @param mmPerMin travel, mm/min
     */
    public JobContent paced(JobContent before, double mmPerMin) {
        return held(before)
                .with(before.joint()
                        .with(WeldFields.TRAVEL, Optional.of(String.format(Locale.ROOT, "%.0f mm/min", mmPerMin))));
    }

    /**
     * {@return a point of a map: its current, to the ampere, and its travel as own values}
     *
     * @param before   how it was before
     * @param currentA current, A
     * @param mmPerMin travel, mm/min
     */
    public JobContent at(JobContent before, double currentA, double mmPerMin) {
        return own(paced(before, mmPerMin), CycleKey.WORKING_CURRENT, Math.rint(currentA));
    }

    /**
     * {@return a pulse rate with its pulse}
     *
     * @param before how it was before
     * @param rateHz pulses a second, Hz
     */
    public JobContent pulsed(JobContent before, double rateHz) {
        boolean steady = sheet(before).filter(sheet -> !sheet.isPulsed()).isPresent();
        JobContent pulsing = steady
                ? before.with(before.joint().with(WeldFields.PULSE, Optional.of(PulsePurpose.HEAT.name())))
                : before;
        return own(pulsing, CycleKey.PULSE_RATE, rateHz);
    }

    /**
     * {@return a copper bar behind the seam or none, under the current as it is}
     *
     * @param before how it was before
     * @param copper whether it is there
     */
    public JobContent barred(JobContent before, boolean copper) {
        BackingBar bar = copper ? BackingBar.COPPER_BAR : BackingBar.NONE;
        JobContent held = held(before);
        return held.with(held.joint().with(WeldFields.CHILL, Optional.of(bar.name())));
    }

    private JobContent held(JobContent before) {
        return sheet(before)
                .map(sheet -> own(
                        before,
                        CycleKey.WORKING_CURRENT,
                        sheet.setting(ParameterKey.WORKING_CURRENT).value()))
                .orElse(before);
    }

    private Optional<SetupSheet> sheet(JobContent content) {
        return planner.plan(content).sheet().value();
    }

    /**
     * {@return a figure of the weld cycle}
     *
     * @param before how it was before
     * @param key the key
     * @param value the value
     */
    public JobContent own(JobContent before, CycleKey key, double value) {
        Map<CycleKey, Double> values = new EnumMap<>(CycleKey.class);
        values.putAll(before.own().values());
        values.put(key, Math.round(value * 10) / 10.0);
        return before.with(new OwnValuesText(values, before.own().unread()));
    }
}
