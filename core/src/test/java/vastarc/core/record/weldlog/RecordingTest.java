package vastarc.core.record.weldlog;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/** Drawn currents read back, with noise of every size that a meter has. */
class RecordingTest {

    /** Forty shapes: from a needle of two amperes to a heavy fill, with and without slopes and pulse. */
    private static List<Drawn> shapes() {
        List<Drawn> shapes = new ArrayList<>();
        double[][] steady = {
            {2, 0, 2, 8, 0, 2},
            {5, 0.5, 12, 10, 1, 4},
            {10, 1, 45, 12, 2, 8},
            {20, 2, 80, 20, 3, 10},
            {30, 3, 120, 15, 5, 15},
            {60, 0, 60, 6, 0, 60},
            {15, 2, 80, 9, 4, 5},
            {40, 1.5, 200, 30, 6, 20},
            {8, 3, 30, 8, 2, 5},
            {25, 0, 25, 40, 3, 5}
        };
        for (double[] one : steady) {
            shapes.add(Drawn.steady(one[0], one[1], one[2], one[3], one[4], one[5]));
        }
        double[][] pulsed = {{0.8, 0.5, 0.5}, {1.5, 0.4, 0.3}, {2, 0.5, 0.5}};
        for (double[] pulse : pulsed) {
            shapes.subList(0, 10).stream()
                    .map(shape -> new Drawn(
                                    shape.startA(),
                                    shape.upS(),
                                    Math.max(8, shape.workA()),
                                    Math.max(9, shape.workS()),
                                    shape.downS(),
                                    shape.endA(),
                                    0,
                                    1,
                                    1)
                            .pulsed(pulse[0], pulse[1], pulse[2]))
                    .toList()
                    .forEach(shapes::add);
        }
        return shapes;
    }

    private static RunAnalysis read(Channel current) {
        return RunAnalysis.of(Recording.of(current), OptionalDouble.empty(), Optional.empty());
    }

    @Test
    void fortyShapesAreReadBackThroughNoise() {
        List<Drawn> shapes = shapes();
        assertThat(shapes).hasSize(40);
        for (int i = 0; i < shapes.size(); i++) {
            for (double perS : new double[] {10, 25, 50}) {
                for (double noise : new double[] {0.003, 0.01, 0.02}) {
                    Drawn drawn = shapes.get(i);
                    String which = "shape " + i + " " + drawn + " at " + perS + "/s, noise " + noise;
                    holds(drawn, perS, read(drawn.read(perS, noise, 0.1, 1000L * i + (long) perS)), which);
                }
            }
        }
    }

    /** The share of a cycle is known no closer than half a reading of it. */
    private static void holds(Drawn drawn, double perS, RunAnalysis seen, String which) {
        assertThat(seen.arcs()).as(which).hasSize(1);
        assertThat(seen.arcs().get(0).fromS()).as(which).isCloseTo(Drawn.STRUCK_S, within(0.3));
        assertThat(seen.arcs().get(0).toS()).as(which).isCloseTo(drawn.outS(), within(0.3));
        ArcShape shape = seen.shape().orElseThrow();
        assertThat(shape.workingA()).as(which).isCloseTo(drawn.workA(), within(0.05 * drawn.workA()));
        boolean rises = drawn.workA() - drawn.startA() > 0.1 * drawn.workA();
        assertThat(shape.upS()).as("up " + which).isCloseTo(rises ? drawn.upS() : 0, within(0.25 * drawn.upS() + 0.11));
        assertThat(shape.downS()).as("down " + which).isCloseTo(drawn.downS(), within(0.25 * drawn.downS() + 0.11));
        assertThat(shape.pulse().isPresent()).as("pulse " + which).isEqualTo(drawn.rateHz() > 0);
        shape.pulse().ifPresent(pulse -> {
            assertThat(pulse.rateHz()).as(which).isCloseTo(drawn.rateHz(), within(0.1 * drawn.rateHz()));
            assertThat(pulse.onPercent())
                    .as(which)
                    .isCloseTo(100 * drawn.onShare(), within(8 + 50 * drawn.rateHz() / perS));
            assertThat(pulse.backgroundA())
                    .as(which)
                    .isCloseTo(drawn.backgroundShare() * drawn.workA(), within(0.08 * drawn.workA()));
        });
    }

    @Test
    void twoAmperesAreSeenThroughThreeTenthsOfNoise() {
        for (int seed = 0; seed < 200; seed++) {
            Drawn drawn = Drawn.steady(2, 0, 2, 3 + seed % 7, 0, 2);
            RunAnalysis seen = read(drawn.read(seed % 2 == 0 ? 10 : 50, 0, 0.3, seed));
            assertThat(seen.arcs()).as("seed " + seed).hasSize(1);
            assertThat(seen.arcs().get(0).fromS()).isCloseTo(Drawn.STRUCK_S, within(0.3));
            assertThat(seen.arcs().get(0).toS()).isCloseTo(drawn.outS(), within(0.3));
        }
    }

    @Test
    void aShakingFootIsNoPulse() {
        Random random = new Random(5);
        for (int seed = 0; seed < 200; seed++) {
            double[] s = IntStream.range(0, 600).mapToDouble(i -> i / 20.0).toArray();
            double[] a = new double[600];
            double off = 0;
            double beat = 0.3 + 3 * random.nextDouble();
            for (int i = 0; i < 600; i++) {
                off = 0.9 * off + 3 * random.nextGaussian();
                double sway = seed % 2 == 0 ? 15 * Math.sin(2 * Math.PI * beat * s[i]) : 0;
                a[i] = i < 40 || i > 560 ? 0 : 80 + off + sway;
            }
            assertThat(read(Channel.of(s, a)).shape().orElseThrow().pulse())
                    .as("seed " + seed)
                    .isEmpty();
        }
    }

    @Test
    void aShortGapIsOneArcALongOneTwo() {
        double[] s = IntStream.range(0, 400).mapToDouble(i -> i / 20.0).toArray();
        double[] shortGap = IntStream.range(0, 400)
                .mapToDouble(i -> i > 100 && i < 104 ? 0 : 60)
                .toArray();
        double[] longGap = IntStream.range(0, 400)
                .mapToDouble(i -> i > 100 && i < 140 ? 0 : 60)
                .toArray();
        assertThat(read(Channel.of(s, shortGap)).arcs()).hasSize(1);
        assertThat(read(Channel.of(s, longGap)).arcs()).hasSize(2);
    }

    @Test
    void aMeterThatFellSilentEndsAnArc() {
        double[] s = IntStream.range(0, 100)
                .mapToDouble(i -> i < 50 ? i / 10.0 : 60 + i / 10.0)
                .toArray();
        double[] a = IntStream.range(0, 100).mapToDouble(i -> 70).toArray();
        RunAnalysis seen = read(Channel.of(s, a));
        assertThat(seen.arcs()).hasSize(2);
        assertThat(seen.arcS()).isLessThan(12);
    }

    @Test
    void figuresOfASquareArcByHand() {
        double[] s = IntStream.range(0, 1200).mapToDouble(i -> i / 20.0).toArray();
        double[] a = IntStream.range(0, 1200)
                .mapToDouble(i -> i < 100 || i >= 1100 ? 0 : i / 20 % 2 == 0 ? 100 : 50)
                .toArray();
        RunAnalysis seen = RunAnalysis.of(Recording.of(Channel.of(s, a)), OptionalDouble.of(100), Optional.empty());
        assertThat(seen.arcS()).isCloseTo(50, within(0.1));
        assertThat(seen.meanA()).isCloseTo(75, within(0.2));
        assertThat(seen.rmsA()).isCloseTo(Math.sqrt((10_000 + 2500) / 2.0), within(0.2));
        assertThat(seen.travel().getAsDouble()).isCloseTo(120, within(0.5));
        assertThat(seen.shape().orElseThrow().pulse().orElseThrow().rateHz()).isCloseTo(0.5, within(0.01));
        assertThat(seen.heat().orElseThrow().fromMeans()).isCloseTo(0.6 * 11 * 75 * 50 / 100 / 1000, within(0.002));
    }

    @Test
    void voltsAndAmperesThatRiseTogetherHeatMoreThanTheirMeansSay() {
        double[] s = IntStream.range(0, 1000).mapToDouble(i -> i / 20.0).toArray();
        double[] a = IntStream.range(0, 1000)
                .mapToDouble(i -> i / 20 % 2 == 0 ? 100 : 20)
                .toArray();
        double[] v = IntStream.range(0, 1000)
                .mapToDouble(i -> i / 20 % 2 == 0 ? 12 : 9)
                .toArray();
        Recording recording = new Recording(
                Map.of(MeasuredQuantity.CURRENT, Channel.of(s, a), MeasuredQuantity.VOLTAGE, Channel.of(s, v)));
        HeatInput heat = RunAnalysis.of(recording, OptionalDouble.of(100), Optional.empty())
                .heat()
                .orElseThrow();
        assertThat(heat.metered()).isTrue();
        assertThat(heat.momentary() / heat.fromMeans()).isCloseTo((1200 + 180) / 2.0 / (60 * 10.5), within(0.01));
    }

    @Test
    void whatIsNoTraceIsRefused() {
        assertThatThrownBy(() -> Channel.of(new double[] {1, 0}, new double[] {1, 1}))
                .isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> Channel.of(new double[] {0}, new double[] {Double.NaN}))
                .isInstanceOf(IllegalArgumentException.class);
        assertThat(read(Channel.none()).arcs()).isEmpty();
    }

    @Test
    void aThinnedTraceKeepsItsPeaks() {
        double[] s = IntStream.range(0, 30_000).mapToDouble(i -> i / 50.0).toArray();
        double[] a = IntStream.range(0, 30_000)
                .mapToDouble(i -> i == 17_111 ? 180 : 60)
                .toArray();
        Channel thin = Channel.of(s, a).thinned(600);
        assertThat(thin.size()).isLessThanOrEqualTo(602);
        assertThat(IntStream.range(0, thin.size())
                        .mapToDouble(thin::value)
                        .max()
                        .orElse(0))
                .isEqualTo(180);
    }
}
