package vastarc.core.simulation.observe;

import vastarc.core.advice.parameters.ParameterKey;
import vastarc.core.advice.sheet.SetupSheet;

/** The bead that a sheet calculates. */
final class PredictedBead {

    private PredictedBead() {}

    /** Calculated width of the pool on the face, mm; on a corner the sum of both faces. */
    static double frontMm(SetupSheet sheet) {
        return sheet.setting(ParameterKey.POOL_WIDTH).engineValue();
    }

    /** Calculated width of the root bead, mm; 0 where there is none. */
    static double backMm(SetupSheet sheet) {
        return sheet.find(ParameterKey.BACK_BEAD)
                .filter(parameter -> parameter.window().isPresent())
                .map(parameter -> parameter.engineValue())
                .orElse(0.0);
    }
}
