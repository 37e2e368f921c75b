package vastarc.core.equipment;

import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import vastarc.core.advice.cycle.CycleChoices;
import vastarc.core.advice.cycle.CyclePlanner;
import vastarc.core.advice.cycle.TriggerMode.SupportedSetting;
import vastarc.core.advice.cycle.TriggerMode.TriggerModeName;
import vastarc.core.advice.cycle.WeldCycle;
import vastarc.core.advice.parameters.OwnValues;
import vastarc.core.advice.parameters.ShopDefaults;
import vastarc.core.advice.sheet.SheetPlanner;
import vastarc.core.domain.joint.ControlDevice;
import vastarc.core.domain.joint.Joint;
import vastarc.core.domain.joint.JointForm;
import vastarc.core.domain.joint.PulsePurpose;
import vastarc.core.domain.joint.WeldingConditions;
import vastarc.core.domain.material.Material;
import vastarc.core.equipment.MachineProfile.OfferedTriggerMode;
import vastarc.core.equipment.MachineProfile.PanelShape;
import vastarc.core.equipment.PanelElement.ControlKind;
import vastarc.core.equipment.PanelElement.SwitchStop;
import vastarc.core.physics.duty.DutyPoint;

/** Machines and weld cycles for tests. */
public final class Machines {

    private Machines() {}

    public static PanelElement knob(String id, PanelSetting setting, Scale scale) {
        return new PanelElement(
                id, ControlKind.KNOB, setting, id, 50, 50, 10, Optional.of(scale), List.of(), List.of());
    }

    public static PanelElement display(String id, PanelSetting setting, Scale scale) {
        return new PanelElement(
                id, ControlKind.DISPLAY, setting, id, 50, 50, 10, Optional.of(scale), List.of(), List.of("menu", id));
    }

    public static PanelElement switched(String id, ControlKind kind, PanelSetting setting, SwitchStop... stops) {
        return new PanelElement(id, kind, setting, id, 50, 50, 10, Optional.empty(), List.of(stops), List.of());
    }

    /** Knobs and toggles, 5 to 200 A, 2T and 4T, 200 A at 35 %. */
    public static MachineProfile knobs(PanelElement... more) {
        List<PanelElement> elements = new java.util.ArrayList<>(List.of(
                switched(
                        "process",
                        ControlKind.TOGGLE,
                        PanelSetting.PROCESS,
                        SwitchStop.choice("stick", "STICK"),
                        SwitchStop.choice("TIG", "TIG")),
                switched(
                        "control",
                        ControlKind.SELECTOR,
                        PanelSetting.CONTROL,
                        SwitchStop.choice("remote", "PEDAL"),
                        SwitchStop.choice("2", "TRIGGER_2T_SLOPES"),
                        SwitchStop.choice("4", "TRIGGER_4T")),
                knob("amps", PanelSetting.MAIN_CURRENT, Scale.knob(ScaleUnit.AMPERE, 5, 200, 10, false)),
                knob("down", PanelSetting.DOWN_SLOPE, Scale.knob(ScaleUnit.SECOND, 0, 10, 5, true)),
                knob("up", PanelSetting.UP_SLOPE, Scale.knob(ScaleUnit.SECOND, 0, 5, 5, true)),
                knob("post", PanelSetting.POST_FLOW, Scale.knob(ScaleUnit.SECOND, 0, 30, 6, true))));
        elements.addAll(List.of(more));
        return new MachineProfile(
                "Knob set",
                PanelShape.KNOBS,
                5,
                200,
                false,
                List.of(
                        OfferedTriggerMode.usual(TriggerModeName.PEDAL),
                        OfferedTriggerMode.usual(TriggerModeName.TRIGGER_2T_SLOPES),
                        OfferedTriggerMode.usual(TriggerModeName.TRIGGER_4T)),
                Set.of("HF", "LIFT"),
                true,
                MachineProfile.Polarity.SWAP_LEADS,
                false,
                List.of(new DutyPoint(200, 35), new DutyPoint(150, 60), new DutyPoint(120, 100)),
                1.6,
                elements,
                0);
    }

    /** A generator with three bands and one fine dial, lift start only. */
    public static MachineProfile generator() {
        return new MachineProfile(
                "Yard set",
                PanelShape.GENERATOR,
                20,
                250,
                false,
                List.of(new OfferedTriggerMode(TriggerModeName.LIFT_VALVE, EnumSet.noneOf(SupportedSetting.class))),
                Set.of("LIFT"),
                false,
                MachineProfile.Polarity.SWAP_LEADS,
                false,
                List.of(new DutyPoint(250, 60)),
                2,
                List.of(
                        switched(
                                "band",
                                ControlKind.SELECTOR,
                                PanelSetting.RANGE,
                                SwitchStop.range("20–70", 20, 70),
                                SwitchStop.range("60–140", 60, 140),
                                SwitchStop.range("130–250", 130, 250)),
                        knob("fine", PanelSetting.MAIN_CURRENT, Scale.knob(ScaleUnit.AMPERE, 20, 250, 10, false))),
                0);
    }

    public static WeldCycle score(ControlDevice control, double millimetres) {
        return score(control, millimetres, PulsePurpose.NONE);
    }

    public static WeldCycle score(ControlDevice control, double millimetres, PulsePurpose pulse) {
        WeldingConditions conditions = WeldingConditions.usual().with(draft -> {
            draft.control = control;
            draft.pulse = pulse;
        });
        Joint joint = Joint.of(Material.CARBON_STEEL, JointForm.LAP, millimetres);
        return CyclePlanner.plan(
                SheetPlanner.plan(joint, conditions, ShopDefaults.usual(), OwnValues.none())
                        .value()
                        .orElseThrow(),
                CycleChoices.none());
    }

    public static PanelPlan plan(WeldCycle cycle, MachineProfile machine, Map<String, Double> settings) {
        return PanelPlan.of(cycle, machine, Optional.empty(), Map.of(), settings);
    }
}
