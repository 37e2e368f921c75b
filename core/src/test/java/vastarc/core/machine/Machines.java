package vastarc.core.machine;

import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import vastarc.core.joint.Control;
import vastarc.core.joint.Joint;
import vastarc.core.joint.JointForm;
import vastarc.core.joint.Practice;
import vastarc.core.joint.PulsePurpose;
import vastarc.core.machine.MachineProfile.Offer;
import vastarc.core.machine.PanelElement.Kind;
import vastarc.core.machine.PanelElement.Stop;
import vastarc.core.material.Material;
import vastarc.core.score.ControlLogic.Honour;
import vastarc.core.score.ControlLogic.Name;
import vastarc.core.score.Score;
import vastarc.core.score.ScoreChoices;
import vastarc.core.score.ScorePlanner;
import vastarc.core.sheet.OwnValues;
import vastarc.core.sheet.SheetPlanner;
import vastarc.core.sheet.ShopWays;

/** Machines and scores for tests. */
public final class Machines {

    private Machines() {}

    public static PanelElement knob(String id, PanelSetting setting, Scale scale) {
        return new PanelElement(id, Kind.KNOB, setting, id, 50, 50, 10, Optional.of(scale), List.of(), List.of());
    }

    public static PanelElement display(String id, PanelSetting setting, Scale scale) {
        return new PanelElement(
                id, Kind.DISPLAY, setting, id, 50, 50, 10, Optional.of(scale), List.of(), List.of("menu", id));
    }

    public static PanelElement switched(String id, Kind kind, PanelSetting setting, Stop... stops) {
        return new PanelElement(id, kind, setting, id, 50, 50, 10, Optional.empty(), List.of(stops), List.of());
    }

    /** Knobs and toggles, 5 to 200 A, 2T and 4T, 200 A at 35 %. */
    public static MachineProfile knobs(PanelElement... more) {
        List<PanelElement> elements = new java.util.ArrayList<>(List.of(
                switched(
                        "process",
                        Kind.TOGGLE,
                        PanelSetting.PROCESS,
                        Stop.choice("stick", "STICK"),
                        Stop.choice("TIG", "TIG")),
                switched(
                        "control",
                        Kind.SELECTOR,
                        PanelSetting.CONTROL,
                        Stop.choice("remote", "PEDAL"),
                        Stop.choice("2", "TRIGGER_2T_SLOPES"),
                        Stop.choice("4", "TRIGGER_4T")),
                knob("amps", PanelSetting.MAIN_CURRENT, Scale.knob(ScaleUnit.AMPERE, 5, 200, 10, false)),
                knob("down", PanelSetting.DOWN_SLOPE, Scale.knob(ScaleUnit.SECOND, 0, 10, 5, true)),
                knob("up", PanelSetting.UP_SLOPE, Scale.knob(ScaleUnit.SECOND, 0, 5, 5, true)),
                knob("post", PanelSetting.POST_FLOW, Scale.knob(ScaleUnit.SECOND, 0, 30, 6, true))));
        elements.addAll(List.of(more));
        return new MachineProfile(
                "Knob set",
                MachineProfile.Shape.KNOBS,
                5,
                200,
                false,
                List.of(Offer.usual(Name.PEDAL), Offer.usual(Name.TRIGGER_2T_SLOPES), Offer.usual(Name.TRIGGER_4T)),
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
                MachineProfile.Shape.GENERATOR,
                20,
                250,
                false,
                List.of(new Offer(Name.LIFT_VALVE, EnumSet.noneOf(Honour.class))),
                Set.of("LIFT"),
                false,
                MachineProfile.Polarity.SWAP_LEADS,
                false,
                List.of(new DutyPoint(250, 60)),
                2,
                List.of(
                        switched(
                                "band",
                                Kind.SELECTOR,
                                PanelSetting.RANGE,
                                Stop.range("20–70", 20, 70),
                                Stop.range("60–140", 60, 140),
                                Stop.range("130–250", 130, 250)),
                        knob("fine", PanelSetting.MAIN_CURRENT, Scale.knob(ScaleUnit.AMPERE, 20, 250, 10, false))),
                0);
    }

    public static Score score(Control control, double millimetres) {
        return score(control, millimetres, PulsePurpose.NONE);
    }

    public static Score score(Control control, double millimetres, PulsePurpose pulse) {
        Practice practice = Practice.usual().with(draft -> {
            draft.control = control;
            draft.pulse = pulse;
        });
        Joint joint = Joint.of(Material.CARBON_STEEL, JointForm.LAP, millimetres);
        return ScorePlanner.plan(
                SheetPlanner.plan(joint, practice, ShopWays.usual(), OwnValues.none())
                        .value()
                        .orElseThrow(),
                ScoreChoices.none());
    }

    public static PanelPlan plan(Score score, MachineProfile machine, Map<String, Double> stands) {
        return PanelPlan.of(score, machine, Optional.empty(), Map.of(), stands);
    }
}
