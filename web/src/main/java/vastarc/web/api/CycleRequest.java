package vastarc.web.api;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import java.util.Map;
import vastarc.core.advice.cycle.OperatorInput.InputAction;
import vastarc.core.advice.cycle.TriggerMode.TriggerModeName;

/** Shape of what a weld cycle request has besides the fields of a sheet request, for the API description. */
record CycleRequest(
        @Schema(description = "how the machine answers its trigger; from the sheet's arc control unless given")
        TriggerModeName logic,

        @Schema(
                description =
                        "own values by name (downSlope, endCurrent, seamMm, startHold …), in the units of the answer",
                example = "{\"downSlope\": 3}")
        Map<String, Double> own,

        @Schema(description = "touches to play instead of the plan's, in order of time")
        List<SentInput> touches,

        @Schema(description = "when the torch was taken away, s")
        Double awayS,

        @Schema(description = "step of the samples, 0.0005 to 60 s; for the samples alone, 0.1 unless given")
        Double stepS) {

    /** A touch. */
    record SentInput(
            @Schema(description = "0 to 7200 s") double atS,
            InputAction kind,

            @Schema(description = "for FOOT: 0 at rest to 1 flat down")
            Double foot) {}
}
