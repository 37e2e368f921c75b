package vastarc.core.physics.purge;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import vastarc.core.physics.purge.FlowMeter.FlowVerdict;
import vastarc.core.physics.purge.OxygenMeter.MeterFault;

/** The simulated flow meter before an inlet. */
class FlowMeterTest {

    private static final Purge TUBE = new Purge(0.4, 6, 0, 5, 50, true, 0);

    private static FlowVerdict late(MeterFault fault, int seed) {
        FlowMeter meter = new FlowMeter(TUBE, fault, seed);
        double s = TUBE.mixedS().orElseThrow() + 120;
        return FlowMeter.verdict(TUBE.flowLPerMin(), meter.readLPerMin(s));
    }

    @ParameterizedTest
    @EnumSource(MeterFault.class)
    void whatAFlowSaysOfAFault(MeterFault fault) {
        FlowVerdict expected = switch (fault) {
            case EMPTY_BOTTLE -> FlowVerdict.NONE;
            case VENT_BLOCKED -> FlowVerdict.LOW;
            case NONE, LEAKING_DAM, INLET_TOP, SENSOR_DRIFT -> FlowVerdict.AS_SET;
        };
        assertThat(IntStream.range(0, 100).mapToObj(seed -> late(fault, seed))).containsOnly(expected);
    }

    @Test
    void itLagsAtTheStartIsNeverBelowNothingAndTheSameSeedReadsTheSame() {
        FlowMeter meter = new FlowMeter(TUBE, MeterFault.NONE, 3);
        assertThat(meter.readLPerMin(0)).isZero();
        assertThat(meter.readLPerMin(1)).isLessThan(0.6 * TUBE.flowLPerMin());
        assertThat(new FlowMeter(TUBE, MeterFault.NONE, 8).readLPerMin(30))
                .isEqualTo(new FlowMeter(TUBE, MeterFault.NONE, 8).readLPerMin(30));
        assertThat(FlowMeter.verdict(6, 8)).isEqualTo(FlowVerdict.HIGH);
    }
}
