package vastarc.core.rehearsal;

import java.util.EnumMap;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.function.Consumer;
import vastarc.core.finding.Outcome;
import vastarc.core.joint.Practice;
import vastarc.core.joint.Weld;
import vastarc.core.plan.WeldPlan;
import vastarc.core.score.ScoreChoices;
import vastarc.core.score.ScoreKey;
import vastarc.core.sheet.OwnValues;
import vastarc.core.sheet.SettingKey;
import vastarc.core.sheet.Sheet;

/**
 * How a weld is set up to be rehearsed: from joint and own values on, so that one thing of it can be changed.
 *
 * @param plan    joint, practice, own values, logic
 * @param hand    that leads the torch
 * @param quality how finely the joint is cut
 * @param legMm   how far the members reach from the seam, mm
 * @param wireMm  another wire at the same feed, mm; the sheet's where it is empty
 */
public record Setup(WeldPlan.Ask plan, Hand hand, Quality quality, double legMm, OptionalDouble wireMm) {

    public static Setup of(WeldPlan.Ask plan, Quality quality) {
        return new Setup(plan, Hand.steady(), quality, RehearsalAsk.LEG_MM, OptionalDouble.empty());
    }

    /** What is rehearsed, or why it cannot be. */
    public Outcome<RehearsalAsk> ask() {
        return WeldPlan.of(plan).score().then(score -> new RehearsalAsk(score, hand, quality, legMm, wireMm).checked());
    }

    Outcome<Sheet> sheet() {
        return WeldPlan.of(plan).sheet();
    }

    Setup by(Hand other) {
        return new Setup(plan, other, quality, legMm, wireMm);
    }

    Setup legs(double mm) {
        return new Setup(plan, hand, quality, mm, wireMm);
    }

    Setup wire(double mm) {
        return new Setup(plan, hand, quality, legMm, OptionalDouble.of(mm));
    }

    public Setup cut(Quality other) {
        return new Setup(plan, hand, other, legMm, wireMm);
    }

    /** With an own value of the sheet. */
    public Setup own(SettingKey key, double value) {
        Map<SettingKey, Double> values = new EnumMap<>(SettingKey.class);
        values.putAll(plan.own().values());
        values.put(key, value);
        return planned(plan.weld(), new OwnValues(values), plan.choices());
    }

    /** With an own value that only a score has. */
    public Setup own(ScoreKey key, double value) {
        Map<ScoreKey, Double> values = new EnumMap<>(ScoreKey.class);
        values.putAll(plan.choices().own());
        values.put(key, value);
        return planned(
                plan.weld(),
                plan.own(),
                new ScoreChoices(plan.choices().logic(), values, plan.choices().seamMm()));
    }

    Setup practised(Consumer<Practice.Draft> change) {
        Weld weld = new Weld(plan.weld().joint(), plan.weld().practice().with(change));
        return planned(weld, plan.own(), plan.choices());
    }

    Setup welding(Weld weld) {
        return planned(weld, plan.own(), plan.choices());
    }

    private Setup planned(Weld weld, OwnValues own, ScoreChoices choices) {
        return new Setup(
                new WeldPlan.Ask(weld, plan.ways(), own, choices, plan.proven(), plan.pass()),
                hand,
                quality,
                legMm,
                wireMm);
    }

    /** The same with its working current held where the sheet has it, whatever else changes. */
    Setup held() {
        return sheet().value()
                .map(sheet -> own(
                        SettingKey.WORKING_CURRENT,
                        sheet.setting(SettingKey.WORKING_CURRENT).value()))
                .orElse(this);
    }
}
