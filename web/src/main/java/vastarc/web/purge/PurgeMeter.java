package vastarc.web.purge;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import vastarc.core.base.text.Phrase;
import vastarc.core.base.text.Phrasebook;
import vastarc.core.base.units.Quantity;
import vastarc.core.base.units.Unit;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.physics.purge.LeakFit;
import vastarc.core.physics.purge.LeakFit.LeakVerdict;
import vastarc.core.physics.purge.LeakFit.OxygenReading;
import vastarc.core.physics.purge.OxygenMeter.MeterFault;
import vastarc.core.physics.purge.PurgeFault;
import vastarc.core.physics.purge.PurgePlan;
import vastarc.web.layout.Choice;
import vastarc.web.layout.ParameterView.FigureLine;
import vastarc.web.service.OxygenLog;
import vastarc.web.store.job.PurgeText;

/**
 * What an oxygen meter read, and what it says of the purge.
 *
 * @param text      the readings, a line each; as typed where they cannot be used
 * @param message   what is wrong with them; empty if nothing is
 * @param lines     leak, time constant and the likeliest fault; empty without readings
 * @param simulated the fault of the simulated meter that gave them; empty for real ones
 * @param faults    what a simulated meter may have
 * @param listening to which meter, in words; empty for none
 * @param meters    the shop's, that may be listened to
 */
public record PurgeMeter(
        String text,
        String message,
        List<FigureLine> lines,
        String simulated,
        List<Choice> faults,
        String listening,
        List<String> meters) {

    /** Readings that could not be taken, as typed, and why. */
    public record RefusedReadings(String text, String message) {}

    /** The readings that are stored. */
    static List<OxygenReading> readings(PurgeText typed) {
        return OxygenLog.of(typed).readings();
    }

    static PurgeMeter of(
            PurgePlan plan, PurgeText typed, Optional<RefusedReadings> refused, List<String> meters, UnitSystem units) {
        List<OxygenReading> readings = readings(typed);
        return new PurgeMeter(
                refused.map(RefusedReadings::text).orElse(String.join("\n", typed.readings())),
                refused.map(RefusedReadings::message).orElse(""),
                readings.isEmpty() ? List.of() : lines(plan, readings, units),
                typed.text(PurgeText.SIMULATED)
                        .flatMap(name -> Phrasebook.find("purge.fault." + name))
                        .orElse(""),
                Choice.of(MeterFault.values(), "purge.fault", MeterFault.NONE.name()),
                typed.text(PurgeText.LISTEN).map(PurgeMeter::name).orElse(""),
                meters);
    }

    private static List<FigureLine> lines(PurgePlan plan, List<OxygenReading> readings, UnitSystem units) {
        LeakFit fit =
                LeakFit.of(plan.purge().volumeL(), plan.ask().flow(), plan.ask().argonPpm(), readings);
        List<FigureLine> lines = new ArrayList<>();
        lines.add(line("purge.meter.verdict", say("purge.leak." + fit.verdict())));
        if (namesNoLeak(fit.verdict())) {
            return lines;
        }
        lines.add(line(
                "purge.meter.leak",
                milli(fit.leakLPerMin()) + " (" + milli(fit.low()) + " – " + milli(fit.high()) + ")"));
        lines.add(line(
                "purge.meter.constant",
                units.show(Quantity.of(fit.timeConstantS(), Unit.SECOND)).line()));
        lines.add(line("purge.meter.fault", say("purge.fault." + PurgeFault.of(plan.purge(), readings))));
        if (!fit.settled()) {
            lines.add(line("purge.meter.unsettled", ""));
        }
        return lines;
    }

    /** Readings that fall too slowly, or not at all, tell no leak in figures. */
    private static boolean namesNoLeak(LeakVerdict verdict) {
        return switch (verdict) {
            case SLOW, NO_ARGON, UNKNOWN -> true;
            case TIGHT, LEAKS, BLOCKED, EMPTY -> false;
        };
    }

    private static String name(String meter) {
        return PurgeMeters.fault(meter)
                .map(fault -> "a simulated meter, with: " + say("purge.fault." + fault))
                .orElse(meter);
    }

    /** A leak is given in millilitres a minute. */
    private static String milli(double litres) {
        return litres < 1e-5 ? "0" : Math.round(litres * 1e4) / 10.0 + " mL/min";
    }

    private static FigureLine line(String key, String value) {
        return new FigureLine(say(key), value);
    }

    private static String say(String key) {
        return Phrasebook.say(Phrase.of(key), UnitSystem.METRIC);
    }
}
