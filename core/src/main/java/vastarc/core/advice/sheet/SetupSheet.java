package vastarc.core.advice.sheet;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import vastarc.core.advice.parameters.ButtChoice;
import vastarc.core.advice.parameters.FillerChoice;
import vastarc.core.advice.parameters.OwnValues;
import vastarc.core.advice.parameters.ParameterKey;
import vastarc.core.advice.parameters.PassSchedule;
import vastarc.core.base.validation.Caution;
import vastarc.core.base.validation.Problem;
import vastarc.core.domain.consumable.Cup;
import vastarc.core.domain.joint.Joint;
import vastarc.core.domain.joint.Penetration;
import vastarc.core.domain.joint.Weld;
import vastarc.core.domain.joint.WeldingConditions;
import vastarc.core.physics.heat.HeatBalance;
import vastarc.core.physics.purge.PurgePlan;
import vastarc.core.physics.purge.PurgePlan.PurgeRequest;

/**
 * A complete setup sheet.
 *
 * @param heat        joint, practice and their heat balance
 * @param pass        the pass it is for, from 1
 * @param settings    every setting, in the order the welder meets them
 * @param schools     the working current of each method
 * @param wireChoices what thinner and thicker wire would take from the arc; empty without wire
 * @param passes      the plan of passes; empty for a single pass
 * @param tacks       fusion tacks and their spacing
 * @param cautions    what to mind
 * @param foot        how the current should rise and fall where a pedal controls it, and how low it may go
 * @param cup         the cup, with or without a gas lens
 * @param gasCoverMm  how far behind the arc the cup keeps the seam under gas, mm
 * @param purgeRequest what the back is purged with, before its hold flow
 * @param own         the welder's own values used on this sheet
 * @param ownProblems own values that cannot be used, and why; the calculated ones are used instead
 */
public record SetupSheet(
        HeatBalance heat,
        int pass,
        Map<ParameterKey, Parameter> settings,
        List<MethodCurrent> schools,
        List<FillerChoice> wireChoices,
        Optional<PassSchedule> passes,
        TackPlan tacks,
        List<Caution> cautions,
        PedalRamps foot,
        Cup cup,
        double gasCoverMm,
        PurgeRequest purgeRequest,
        OwnValues own,
        List<Problem> ownProblems) {

    /**
     * What the pedal does in place of slopes.
     *
     * @param easeInS in which it brings the current up, s
     * @param taperS  in which it takes the current away, s
     * @param leastA  lowest current the tungsten holds, A
     */
    public record PedalRamps(double easeInS, double taperS, double leastA) {}

    SetupSheet withOwn(Map<ParameterKey, Parameter> changed, OwnValues standing, List<Problem> refused) {
        return new SetupSheet(
                heat,
                pass,
                changed,
                schools,
                wireChoices,
                passes,
                tacks,
                cautions,
                foot,
                cup,
                gasCoverMm,
                purgeRequest,
                standing,
                List.copyOf(refused));
    }

    /**
     * {@return this sheet with settings kept from another day, and the own values among them}
     *
     * @param kept the settings that were kept
     * @param keptOwn the own values among them
     */
    public SetupSheet holding(List<Parameter> kept, OwnValues keptOwn) {
        Map<ParameterKey, Parameter> held = new LinkedHashMap<>();
        kept.forEach(parameter -> held.put(parameter.key(), parameter));
        return withOwn(Collections.unmodifiableMap(held), keptOwn, List.of());
    }

    /** {@return the joint the sheet is for} */
    public Joint joint() {
        return heat.joint();
    }

    /** {@return the welding conditions the sheet is for} */
    public WeldingConditions practice() {
        return heat.practice();
    }

    /** {@return the back of a corner and what changes it, calculated when asked for; empty for other joints} */
    public List<CornerChoice> corners() {
        return CornerChoice.compare(joint(), practice());
    }

    /** {@return the penetration that is welded, asked for or standard for the joint} */
    public Penetration penetration() {
        return Penetration.of(joint(), practice());
    }

    /** {@return the purge of the back: what fills it, how long it takes, and the hold flow of this sheet} */
    public PurgePlan purge() {
        return PurgeRules.plan(this);
    }

    /** {@return both options for a thin butt, calculated when asked for; empty for other joints} */
    public List<ButtChoice> butts() {
        return ButtChoice.compare(joint(), practice());
    }

    /**
     * {@return the working current by the heat balance, whichever method has set it; the peak where it is pulsed, A}
     */
    public double balanceA() {
        Parameter current = setting(ParameterKey.WORKING_CURRENT);
        double balance = schools.get(0).currentA();
        return schools.stream()
                .filter(methodCurrent -> methodCurrent.school() == current.school())
                .findFirst()
                .map(own -> current.engineValue() * balance / own.currentA())
                .orElse(current.engineValue());
    }

    /** {@return whether a gas lens is in the torch} */
    public boolean hasGasLens() {
        return cup.lens();
    }

    /** {@return the joint and how it is welded} */
    public Weld weld() {
        return new Weld(joint(), practice());
    }

    /** {@return whether the working current is the peak of a pulse} */
    public boolean isPulsed() {
        return setting(ParameterKey.PULSE_RATE).value() > 0;
    }

    /**
     * {@return the setting, which must be on the sheet}
     *
     * @param key the key
     */
    public Parameter setting(ParameterKey key) {
        return find(key).orElseThrow(() -> new IllegalArgumentException("no " + key + " on this sheet"));
    }

    /**
     * {@return the setting, where this joint has it}
     *
     * @param key the key
     */
    public Optional<Parameter> find(ParameterKey key) {
        return Optional.ofNullable(settings.get(key));
    }
}
