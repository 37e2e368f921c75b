package vastarc.core.advice.sequence;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import vastarc.core.advice.sequence.DutyCycle.DutyUse;
import vastarc.core.physics.duty.DutyPoint;

/** Ten minutes of machine and torch, held against a count second by second. */
class DutyCycleTest {

    @Test
    void aSecondTakesMoreTheHotterItIs() {
        List<DutyPoint> machine = List.of(new DutyPoint(200, 35));
        List<DutyPoint> torch = List.of(new DutyPoint(125, 60));
        assertThat(DutyCycle.perS(machine, List.of(), 200)).isCloseTo(100 / 35.0, within(1e-9));
        assertThat(DutyCycle.perS(machine, torch, 125)).isCloseTo(100 / 60.0, within(1e-9));
        assertThat(DutyCycle.perS(machine, torch, 150)).isGreaterThan(DutyCycle.perS(machine, torch, 125));
        assertThat(DutyCycle.perS(List.of(), List.of(), 300)).isEqualTo(1);
        assertThat(DutyCycle.longestS(2.5)).isEqualTo(240);
    }

    @Test
    void afterAFullStretchTheRestOfTheTenMinutesIsRest() {
        DutyCycle duty = new DutyCycle();
        duty.burn(0, 240, 2.5);
        assertThat(duty.earliest(240, 240, 2.5)).isCloseTo(600, within(0.01));
        assertThat(duty.earliest(240, 60, 2.5)).isCloseTo(600, within(0.01));
        assertThat(duty.earliest(700, 60, 2.5)).isEqualTo(700);
        assertThat(duty.most()).isCloseTo(600, within(1e-9));
    }

    @Test
    void noTenMinutesTakeMoreThanTenOverSeededArcs() {
        Random random = new Random(5);
        for (int i = 0; i < 40; i++) {
            DutyCycle duty = new DutyCycle();
            double[] used = new double[20_000];
            double end = 0;
            for (int arc = 0; arc < 25; arc++) {
                double perS = 1 + 2 * random.nextDouble();
                int length = 5 + random.nextInt(100);
                double start = Math.ceil(duty.earliest(Math.ceil(end + 10 * random.nextDouble()), length, perS));
                duty.burn(start, length, perS);
                for (int s = 0; s < length; s++) {
                    used[(int) start + s] += perS;
                }
                end = start + length;
            }
            assertThat(worst(used)).isLessThanOrEqualTo(DutyCycle.WINDOW_S + 1e-6);
            assertThat(duty.most()).isCloseTo(worst(used), within(1e-6));
        }
    }

    private static double worst(double[] used) {
        double sum = 0;
        double worst = 0;
        for (int s = 0; s < used.length; s++) {
            sum += used[s] - (s >= DutyCycle.WINDOW_S ? used[s - (int) DutyCycle.WINDOW_S] : 0);
            worst = Math.max(worst, sum);
        }
        return worst;
    }

    /** Between two points of it the use is straight: held against a count second by second. */
    @Test
    void theUseOverTimeIsWhatTheSecondsAddUpTo() {
        Random random = new Random(9);
        DutyCycle duty = new DutyCycle();
        double[] taken = new double[8000];
        int at = 0;
        for (int arc = 0; arc < 20; arc++) {
            int length = 5 + random.nextInt(90);
            at += random.nextInt(120);
            duty.burn(at, length, 2);
            for (int s = 0; s < length; s++) {
                taken[at + s] += 2;
            }
            at += length;
        }
        assertThat(duty.used())
                .isNotEmpty()
                .allSatisfy(used -> assertThat(used.share())
                        .isCloseTo(
                                lastTenMinutes(taken, (int) Math.round(used.s())) / DutyCycle.WINDOW_S, within(1e-9)));
        assertThat(duty.used().stream().mapToDouble(DutyUse::share).max().orElseThrow())
                .isCloseTo(duty.most() / DutyCycle.WINDOW_S, within(1e-9));
        assertThat(duty.used().get(duty.used().size() - 1).share()).isCloseTo(0, within(1e-9));
    }

    private static double lastTenMinutes(double[] used, int until) {
        double sum = 0;
        for (int s = Math.max(0, until - (int) DutyCycle.WINDOW_S); s < until; s++) {
            sum += used[s];
        }
        return sum;
    }

    @Test
    void noEarlierStartWouldDo() {
        DutyCycle duty = new DutyCycle();
        duty.burn(0, 150, 2);
        duty.burn(200, 120, 2);
        double start = duty.earliest(320, 100, 2);
        DutyCycle sooner = new DutyCycle();
        sooner.burn(0, 150, 2);
        sooner.burn(200, 120, 2);
        sooner.burn(start - 1, 100, 2);
        assertThat(sooner.most()).isGreaterThan(DutyCycle.WINDOW_S);
        duty.burn(start, 100, 2);
        assertThat(duty.most()).isLessThanOrEqualTo(DutyCycle.WINDOW_S + 1e-5);
    }
}
