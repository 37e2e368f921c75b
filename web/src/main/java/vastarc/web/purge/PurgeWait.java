package vastarc.web.purge;

import java.time.DateTimeException;
import java.time.Duration;
import java.time.Instant;
import java.util.Optional;
import vastarc.core.advice.sheet.SetupSheet;
import vastarc.core.base.notation.NumberReader;
import vastarc.core.domain.joint.FinishRequirement;
import vastarc.core.domain.material.Material;
import vastarc.core.physics.purge.Purge;
import vastarc.core.physics.purge.PurgePlan;
import vastarc.core.physics.purge.PurgeTargets;
import vastarc.core.physics.purge.PurgeTargets.InsideColour;
import vastarc.web.store.job.PurgeText;

/**
 * The wait for a purge.
 *
 * @param started   when the argon was opened, in milliseconds of the epoch; 0 where it is not
 * @param now       the server's clock, in the same
 * @param mixedS    the stirred time, s; 0 where it is never reached
 * @param inside    what would be seen inside if it were struck now
 * @param felt      gas was felt at the vent
 * @param meter     the meter's reading as typed
 * @param meterSaid what is wrong with it; empty if nothing is
 * @param by        who says so
 * @param overruled note of who goes without waiting
 * @param ready     it may be welded
 * @param state     in words
 */
public record PurgeWait(
        long started,
        long now,
        double mixedS,
        double blendS,
        String inside,
        boolean felt,
        String meter,
        String meterSaid,
        String by,
        String overruled,
        boolean ready,
        String state) {

    /** A moment out of a file may be any; those that no clock of a shop shows are none. */
    private static final Instant EARLIEST = Instant.parse("2000-01-01T00:00:00Z");

    private static final Instant LATEST = Instant.parse("2200-01-01T00:00:00Z");

    static PurgeWait of(PurgePlan plan, PurgeText typed, Instant now, SetupSheet sheet) {
        Optional<Instant> started = typed.text(PurgeText.STARTED).flatMap(PurgeWait::instant);
        double gone =
                started.map(at -> Duration.between(at, now).toMillis() / 1000.0).orElse(0.0);
        Optional<Double> meter = typed.text(PurgeText.METER)
                .flatMap(text -> NumberReader.read(text, "ppm").stream().boxed().findFirst())
                .filter(ppm -> ppm > 0 && ppm <= 1e6);
        boolean metered = meter.filter(ppm -> ppm <= plan.ask().targetPpm()).isPresent();
        boolean wantsMeter = sheet.joint().isTitanium() || sheet.practice().finish() == FinishRequirement.HYGIENIC;
        boolean over =
                started.isPresent() && plan.waitS().filter(wait -> gone >= wait).isPresent();
        boolean waited = over && !wantsMeter;
        boolean felt = typed.text(PurgeText.FELT).isPresent();
        String overruled = typed.text(PurgeText.OVERRULED).orElse("");
        boolean reached = meter.isPresent() ? metered : waited;
        boolean ready = reached && felt || !overruled.isBlank();
        double ppm = meter.orElse(started.isPresent() ? plan.purge().mixedPpm(gone) : Purge.AIR_PPM);
        return new PurgeWait(
                started.map(Instant::toEpochMilli).orElse(0L),
                now.toEpochMilli(),
                plan.waitS().orElse(0.0),
                plan.purge().blendS().orElse(0.0),
                inside(sheet.joint().material(), ppm),
                felt,
                typed.text(PurgeText.METER).orElse(""),
                typed.text(PurgeText.METER).isPresent() && meter.isEmpty()
                        ? "Type what the meter shows in ppm, such as 45."
                        : meter.isPresent() && !metered ? "Above the target: wait on." : "",
                typed.text(PurgeText.BY).orElse(""),
                overruled,
                ready,
                state(started.isPresent(), reached, felt, overruled, over && wantsMeter && meter.isEmpty()));
    }

    private static String state(
            boolean started, boolean reached, boolean felt, String overruled, boolean meterMissing) {
        if (!overruled.isBlank()) {
            return "Ready to weld: overridden.";
        }
        if (reached) {
            return felt ? "Ready to weld." : "Reached. Feel the gas at the vent, then tick it.";
        }
        if (meterMissing) {
            return "The time is over, but this work waits for an oxygen meter, or for an override with a name.";
        }
        return started ? "Filling." : "Not started.";
    }

    /** What the inside would look like if it were struck at so much oxygen. */
    static String inside(Material metal, double ppm) {
        InsideColour inside = PurgeTargets.inside(metal, ppm);
        return "about " + Math.round(ppm) + " ppm: " + inside.colour() + ", " + inside.accept();
    }

    static Optional<Instant> instant(String text) {
        try {
            return Optional.of(Instant.parse(text)).filter(at -> at.isAfter(EARLIEST) && at.isBefore(LATEST));
        } catch (DateTimeException e) {
            return Optional.empty();
        }
    }
}
