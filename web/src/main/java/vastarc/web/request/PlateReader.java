package vastarc.web.request;

import static vastarc.core.simulation.request.PlateLimits.*;

import java.util.List;
import java.util.Optional;
import tools.jackson.databind.JsonNode;
import vastarc.core.base.validation.Outcome;
import vastarc.core.base.validation.Problem;
import vastarc.core.simulation.mesh.MeshDetail;
import vastarc.core.simulation.request.PlateLimits;
import vastarc.core.simulation.request.PlateRequest;
import vastarc.core.simulation.request.PlateRequest.PlateMetal;
import vastarc.core.simulation.request.PlateRequest.PlateSize;
import vastarc.core.simulation.source.PlateSource;
import vastarc.core.simulation.source.PlateSource.EndCondition;
import vastarc.core.simulation.source.PlateSource.FadeMotion;
import vastarc.core.simulation.source.PlateSource.PlatePulse;
import vastarc.core.simulation.source.PlateSource.SourceStop;

/** Reads the call for a plate. */
public final class PlateReader {

    private PlateReader() {}

    /**
     * {@return the plate asked for, or everything that is wrong with the asking}
     *
     * @param body the document
     */
    public static Outcome<PlateRequest> read(JsonNode body) {
        JsonFields fields = JsonFields.of(
                body,
                "material",
                "plate",
                INITIAL.field(),
                AMBIENT.field(),
                FACE_LOSS.field(),
                "source",
                "isotherms_c",
                "at_s",
                "at_arc_x_mm",
                "stations_x_mm",
                "probes",
                "thresholds_c",
                END.field(),
                "quality");
        PlateRequest request = new PlateRequest(
                metal(fields),
                plate(fields),
                fields.number(INITIAL, 20),
                fields.number(AMBIENT, 20),
                fields.number(FACE_LOSS, 0),
                source(fields),
                fields.numbers("isotherms_c", TEMPERATURE, MOST_LISTED),
                fields.numbers("at_s", MOMENT, MOST_LISTED),
                fields.numbers("at_arc_x_mm", PLACE, MOST_LISTED),
                fields.numbers("stations_x_mm", PLACE, MOST_LISTED),
                probes(fields),
                fields.numbers("thresholds_c", TEMPERATURE, MOST_LISTED),
                fields.number(END),
                fields.choice("quality", MeshDetail.class, Optional.of(MeshDetail.FINE)));
        List<Problem> problems = fields.problems().isEmpty() ? PlateLimits.check(request) : fields.problems();
        return problems.isEmpty() ? Outcome.of(request) : Outcome.failed(problems);
    }

    private static PlateMetal metal(JsonFields fields) {
        JsonFields metal = fields.object(
                "material",
                CONDUCTIVITY.field(),
                DENSITY.field(),
                HEAT.field(),
                SOLIDUS.field(),
                LIQUIDUS.field(),
                LATENT.field());
        return new PlateMetal(
                metal.number(CONDUCTIVITY),
                metal.number(DENSITY),
                metal.number(HEAT),
                metal.number(SOLIDUS),
                metal.number(LIQUIDUS),
                metal.number(LATENT, 0));
    }

    private static PlateSize plate(JsonFields fields) {
        JsonFields plate = fields.object("plate", LENGTH.field(), WIDTH.field(), THICKNESS.field());
        return new PlateSize(plate.number(LENGTH), plate.number(WIDTH), plate.number(THICKNESS));
    }

    private static PlateSource source(JsonFields fields) {
        JsonFields source = fields.object(
                "source",
                POWER.field(),
                RADIUS.field(),
                START_X.field(),
                END_X.field(),
                TRAVEL.field(),
                "edge",
                "pulse",
                "stop");
        Optional<PlatePulse> pulse = source.has("pulse") ? Optional.of(pulse(source)) : Optional.empty();
        return new PlateSource(
                pulse.isPresent() ? source.number(POWER, 0) : source.number(POWER),
                source.number(RADIUS),
                source.number(START_X),
                source.number(END_X),
                source.number(TRAVEL),
                source.choice("edge", EndCondition.class, Optional.of(EndCondition.REFLECT)),
                pulse,
                source.has("stop") ? Optional.of(stop(source)) : Optional.empty());
    }

    private static PlatePulse pulse(JsonFields source) {
        JsonFields pulse = source.object("pulse", RATE.field(), ON.field(), PEAK.field(), BACKGROUND.field());
        return PlatePulse.of(pulse.number(RATE), pulse.number(ON), pulse.number(PEAK), pulse.number(BACKGROUND));
    }

    private static SourceStop stop(JsonFields source) {
        JsonFields stop = source.object("stop", BEGIN.field(), RAMP.field(), "motion");
        return new SourceStop(
                stop.number(BEGIN),
                stop.number(RAMP, 0),
                stop.choice("motion", FadeMotion.class, Optional.of(FadeMotion.STATIONARY)));
    }

    private static List<PlateRequest.Probe> probes(JsonFields fields) {
        return fields.listOrNone("probes", MOST_LISTED, "plate.probes").stream()
                .map(probe -> probe.taking("x_mm", "y_mm", "z_mm"))
                .map(probe -> new PlateRequest.Probe(
                        probe.number(PLACE),
                        probe.number(PLACE.inField("y_mm"), 0),
                        probe.number(PLACE.inField("z_mm"), 0)))
                .toList();
    }
}
