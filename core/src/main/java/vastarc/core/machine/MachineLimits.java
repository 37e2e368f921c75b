package vastarc.core.machine;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import vastarc.core.consumable.Tungsten;
import vastarc.core.quantity.Quantity;
import vastarc.core.quantity.Unit;
import vastarc.core.score.Score;
import vastarc.core.score.ScoreKey;
import vastarc.core.sheet.SettingKey;
import vastarc.core.wording.Phrase;

/** Holds a score against a machine and a torch. */
public final class MachineLimits {

    private final Score score;
    private final MachineProfile machine;
    private final Optional<TorchProfile> torch;
    private final List<Limit> limits = new ArrayList<>();

    private MachineLimits(Score score, MachineProfile machine, Optional<TorchProfile> torch) {
        this.score = score;
        this.machine = machine;
        this.torch = torch;
    }

    /** Everything that does not reach; empty where the job fits. */
    public static List<Limit> of(Score score, MachineProfile machine, Optional<TorchProfile> torch) {
        MachineLimits limits = new MachineLimits(score, machine, torch);
        limits.currents();
        limits.controls();
        limits.duties();
        return List.copyOf(limits.limits);
    }

    private void say(String code, List<Phrase> ways, Object... arguments) {
        limits.add(new Limit(code, Phrase.of("limit." + code, arguments), ways));
    }

    private static Phrase way(String code, Object... arguments) {
        return Phrase.of("way." + code, arguments);
    }

    private double working() {
        return score.values().of(score.logic().isTack() ? ScoreKey.SPOT_CURRENT : ScoreKey.WORKING_CURRENT);
    }

    private void currents() {
        Quantity least = Quantity.amperes(machine.minA());
        Quantity most = Quantity.amperes(machine.maxA());
        double working = working();
        if (working > machine.maxA()) {
            say(
                    "aboveMachine",
                    List.of(way("preheat"), way("slower"), way("otherMachine")),
                    Quantity.amperes(working),
                    most);
        }
        double mean = score.sheet().setting(SettingKey.AVERAGE_CURRENT).value();
        if (working < machine.minA()) {
            say(
                    "belowMachine",
                    List.of(way("pulseDown", least), way("chill"), way("faster"), way("otherMachine")),
                    Quantity.amperes(working),
                    least);
        } else if (lowest() < machine.minA() - 1e-9) {
            say("lowestBelowMachine", List.of(way("raiseLowest", least)), Quantity.amperes(lowest()), least);
        }
        if (score.sheet().isPulsed() && backgroundA() < score.values().leastA() - 0.05) {
            say(
                    "background",
                    List.of(
                            way(
                                    "raiseBackground",
                                    Quantity.percent(100 * score.values().leastA() / working)),
                            smallerTungsten()),
                    Quantity.amperes(backgroundA()),
                    Quantity.amperes(score.values().leastA()));
        }
        if (mean > 0 && working <= machine.maxA() && ceilingAbove()) {
            say("ceilingAboveMachine", List.of(way("ceilingAtMost", most)), most);
        }
    }

    private boolean ceilingAbove() {
        return !score.handle(ScoreKey.PEDAL_CEILING).isIdle()
                && score.values().of(ScoreKey.PEDAL_CEILING) > machine.maxA();
    }

    /** The lowest current the panel is asked for, A. */
    private double lowest() {
        double lowest = working();
        for (ScoreKey key : List.of(ScoreKey.START_CURRENT, ScoreKey.END_CURRENT)) {
            if (!score.handle(key).isIdle()) {
                lowest = Math.min(lowest, score.values().of(key));
            }
        }
        return score.sheet().isPulsed() ? Math.min(lowest, backgroundA()) : lowest;
    }

    private double backgroundA() {
        return score.values().of(ScoreKey.PULSE_BACKGROUND) / 100 * working();
    }

    private Phrase smallerTungsten() {
        double peak = working();
        return Tungsten.sizes().stream()
                .filter(size -> size.practicalMaxA() >= peak && size.minStableA() <= backgroundA())
                .findFirst()
                .map(size -> way("tungsten", Quantity.stockMillimetres(size.diameterMm())))
                .orElse(way("otherPulse"));
    }

    private void controls() {
        if (machine.logic(score.logic().name()).isEmpty() && !score.logic().isTack()) {
            List<Phrase> offers = machine.logics().stream()
                    .map(offer -> Phrase.of(offer.logic().words()))
                    .toList();
            say(
                    "logic",
                    List.of(way("logic", offers.get(0))),
                    Phrase.of(score.logic().name().words()));
        }
        if (score.sheet().isPulsed() && machine.control(PanelSetting.PULSE_RATE).isEmpty()) {
            say("noPulse", List.of(way("steady"), way("otherMachine")));
        }
        if (torch.isPresent() && score.logic().gasByHand() && !torch.get().valve()) {
            say("noValve", List.of(way("valveTorch")), torch.get().name());
        }
    }

    private void duties() {
        duty("machineDuty", machine.plate(), List.of());
        torch.ifPresent(own -> {
            List<Phrase> ways = own.cooling() == TorchProfile.Cooling.AIR ? List.of(way("waterTorch")) : List.of();
            duty("torchDuty", own.plate(), ways);
            if (own.cooling() == TorchProfile.Cooling.WATER && !machine.cooler()) {
                say("noCooler", List.of(way("cooler"), way("airTorch")), own.name(), machine.name());
            }
        });
    }

    /** Run after run as planned, the arc may not burn longer in ten minutes than the plate allows at the RMS current. */
    private void duty(String code, List<DutyPoint> plate, List<Phrase> more) {
        if (plate.isEmpty()) {
            return;
        }
        double rms = score.integrals().rmsA();
        double allowed = DutyPoint.percentAt(plate, rms);
        double wanted = score.integrals().repeatedPercent();
        if (wanted <= allowed) {
            return;
        }
        double arc = score.integrals().arcS();
        double pause = arc * (100 / allowed - 1);
        List<Phrase> ways = new ArrayList<>();
        ways.add(way("pause", Quantity.of(pause / 60, Unit.MINUTE), Quantity.seconds(arc)));
        ways.addAll(more);
        ways.add(way("otherMachine"));
        say(code, ways, Quantity.percent(wanted), Quantity.amperes(rms), Quantity.percent(allowed));
    }
}
