package vastarc.core.equipment;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import vastarc.core.advice.cycle.CycleKey;
import vastarc.core.advice.cycle.WeldCycle;
import vastarc.core.advice.parameters.ParameterKey;
import vastarc.core.base.text.Phrase;
import vastarc.core.base.units.Quantity;
import vastarc.core.base.units.Unit;
import vastarc.core.domain.consumable.Tungsten;
import vastarc.core.equipment.TorchProfile.TorchCooling;
import vastarc.core.physics.duty.DutyPoint;

/** Holds a weld cycle against a machine and a torch. */
public final class MachineLimits {

    private final WeldCycle score;
    private final MachineProfile machine;
    private final Optional<TorchProfile> torch;
    private final List<CapabilityGap> limits = new ArrayList<>();

    private MachineLimits(WeldCycle cycle, MachineProfile machine, Optional<TorchProfile> torch) {
        this.score = cycle;
        this.machine = machine;
        this.torch = torch;
    }

    /**
     * {@return everything that does not reach; empty where the job fits}
     *
     * @param cycle the weld cycle
     * @param machine the machine
     * @param torch the torch; empty if none is chosen
     */
    public static List<CapabilityGap> of(WeldCycle cycle, MachineProfile machine, Optional<TorchProfile> torch) {
        MachineLimits limits = new MachineLimits(cycle, machine, torch);
        limits.currents();
        limits.controls();
        limits.duties();
        return List.copyOf(limits.limits);
    }

    private void say(String code, List<Phrase> options, Object... arguments) {
        limits.add(new CapabilityGap(code, Phrase.of("limit." + code, arguments), options));
    }

    private static Phrase option(String code, Object... arguments) {
        return Phrase.of("way." + code, arguments);
    }

    private double working() {
        return score.values().of(score.logic().isTack() ? CycleKey.SPOT_CURRENT : CycleKey.WORKING_CURRENT);
    }

    private void currents() {
        Quantity least = Quantity.amperes(machine.minA());
        Quantity most = Quantity.amperes(machine.maxA());
        double working = working();
        if (working > machine.maxA()) {
            say(
                    "aboveMachine",
                    List.of(option("preheat"), option("slower"), option("otherMachine")),
                    Quantity.amperes(working),
                    most);
        }
        double mean = score.sheet().setting(ParameterKey.AVERAGE_CURRENT).value();
        if (working < machine.minA()) {
            say(
                    "belowMachine",
                    List.of(option("pulseDown", least), option("chill"), option("faster"), option("otherMachine")),
                    Quantity.amperes(working),
                    least);
        } else if (lowest() < machine.minA() - 1e-9) {
            say("lowestBelowMachine", List.of(option("raiseLowest", least)), Quantity.amperes(lowest()), least);
        }
        if (score.sheet().isPulsed() && backgroundA() < score.values().leastA() - 0.05) {
            say(
                    "background",
                    List.of(
                            option(
                                    "raiseBackground",
                                    Quantity.percent(100 * score.values().leastA() / working)),
                            smallerTungsten()),
                    Quantity.amperes(backgroundA()),
                    Quantity.amperes(score.values().leastA()));
        }
        if (mean > 0 && working <= machine.maxA() && ceilingAbove()) {
            say("ceilingAboveMachine", List.of(option("ceilingAtMost", most)), most);
        }
    }

    private boolean ceilingAbove() {
        return !score.handle(CycleKey.PEDAL_CEILING).isIdle()
                && score.values().of(CycleKey.PEDAL_CEILING) > machine.maxA();
    }

    /** The lowest current the panel is asked for, A. */
    private double lowest() {
        double lowest = working();
        for (CycleKey key : List.of(CycleKey.START_CURRENT, CycleKey.END_CURRENT)) {
            if (!score.handle(key).isIdle()) {
                lowest = Math.min(lowest, score.values().of(key));
            }
        }
        return score.sheet().isPulsed() ? Math.min(lowest, backgroundA()) : lowest;
    }

    private double backgroundA() {
        return score.values().of(CycleKey.PULSE_BACKGROUND) / 100 * working();
    }

    private Phrase smallerTungsten() {
        double peak = working();
        return Tungsten.sizes().stream()
                .filter(size -> size.practicalMaxA() >= peak && size.minStableA() <= backgroundA())
                .findFirst()
                .map(size -> option("tungsten", Quantity.stockMillimetres(size.diameterMm())))
                .orElse(option("otherPulse"));
    }

    private void controls() {
        if (machine.logic(score.logic().name()).isEmpty() && !score.logic().isTack()) {
            List<Phrase> offers = machine.logics().stream()
                    .map(offer -> Phrase.of(offer.logic().words()))
                    .toList();
            say(
                    "logic",
                    List.of(option("logic", offers.get(0))),
                    Phrase.of(score.logic().name().words()));
        }
        if (score.sheet().isPulsed() && machine.control(PanelSetting.PULSE_RATE).isEmpty()) {
            say("noPulse", List.of(option("steady"), option("otherMachine")));
        }
        if (torch.isPresent() && score.logic().gasByHand() && !torch.get().valve()) {
            say("noValve", List.of(option("valveTorch")), torch.get().name());
        }
    }

    private void duties() {
        duty("machineDuty", machine.plate(), List.of());
        torch.ifPresent(own -> {
            List<Phrase> options = own.cooling() == TorchCooling.AIR ? List.of(option("waterTorch")) : List.of();
            duty("torchDuty", own.plate(), options);
            if (own.cooling() == TorchCooling.WATER && !machine.cooler()) {
                say("noCooler", List.of(option("cooler"), option("airTorch")), own.name(), machine.name());
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
        List<Phrase> options = new ArrayList<>();
        options.add(option("pause", Quantity.of(pause / 60, Unit.MINUTE), Quantity.seconds(arc)));
        options.addAll(more);
        options.add(option("otherMachine"));
        say(code, options, Quantity.percent(wanted), Quantity.amperes(rms), Quantity.percent(allowed));
    }
}
