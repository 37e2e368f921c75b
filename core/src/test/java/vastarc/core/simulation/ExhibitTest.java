package vastarc.core.simulation;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import vastarc.core.base.text.Phrasebook;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.simulation.result.SimulationResult;
import vastarc.core.simulation.result.SimulationResult.BeadWidth;

/** Each fault shows what its lines say is to be seen. */
@Tag("slow")
class ExhibitTest {

    private static final Map<String, SimulationResult> MADE = new ConcurrentHashMap<>();

    private static SimulationResult of(SimulationSetup setup) {
        return MADE.computeIfAbsent(
                setup.toString(), key -> WeldSimulation.of(setup.ask().value().orElseThrow()));
    }

    @ParameterizedTest
    @EnumSource(Exhibit.class)
    void theOneBesideItIsSoundAndTheLinesAreThere(Exhibit exhibit) {
        SimulationResult right = of(exhibit.right());
        assertThat(right.throughPercent()).isGreaterThan(95);
        assertThat(exhibit.see())
                .hasSize(2)
                .allSatisfy(line ->
                        assertThat(Phrasebook.say(line, UnitSystem.METRIC)).endsWith("."));
    }

    @Test
    void tooFastIsNarrowAndNotThrough() {
        SimulationResult fast = of(Exhibit.TOO_FAST.wrong());
        assertThat(fast.widths().frontMm())
                .isLessThan(0.8 * of(Exhibit.TOO_FAST.right()).widths().frontMm());
        assertThat(fast.throughPercent()).isLessThan(10);
    }

    @Test
    void tooHotIsHalfAsWideAgainAndAsWideBehind() {
        SimulationResult hot = of(Exhibit.TOO_HOT.wrong());
        assertThat(hot.widths().frontMm())
                .isGreaterThan(1.45 * of(Exhibit.TOO_HOT.right()).widths().frontMm());
        assertThat(hot.widths().backMm()).isGreaterThan(0.95 * hot.widths().frontMm());
    }

    @Test
    void withoutDownSlopeTheCraterIsThreeTimesAsDeep() {
        assertThat(of(Exhibit.NO_DOWN_SLOPE.wrong()).crater().depthMm())
                .isGreaterThan(3 * of(Exhibit.NO_DOWN_SLOPE.right()).crater().depthMm());
    }

    @Test
    void aThickRodTakesTheHeat() {
        SimulationResult thick = of(Exhibit.THICK_ROD.wrong());
        assertThat(thick.widths().frontMm())
                .isLessThan(0.5 * of(Exhibit.THICK_ROD.right()).widths().frontMm());
        assertThat(thick.widths().frontSpread()).isGreaterThan(40);
    }

    @Test
    void beforeTheHeatSinkItIsSoundAndOverItTheBackStays() {
        SimulationResult sink = of(Exhibit.HEAT_SINK.wrong());
        assertThat(back(sink, 0.3)).isGreaterThan(2.5);
        assertThat(back(sink, 0.8)).isZero();
    }

    private static double back(SimulationResult made, double share) {
        BeadWidth there = made.along().get((int) (share * made.along().size()));
        return there.backMm();
    }
}
