package vastarc.core.equipment;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import vastarc.core.base.validation.Problem;
import vastarc.core.equipment.PanelElement.ControlKind;
import vastarc.core.equipment.PanelElement.SwitchStop;
import vastarc.core.physics.duty.DutyPoint;

/** What makes a profile unusable although each of its fields is well formed. Every fault is named at its place. */
public final class ProfileRules {

    private static final int MOST_ELEMENTS = 80;

    private final MachineProfile profile;
    private final List<Problem> problems = new ArrayList<>();

    private ProfileRules(MachineProfile profile) {
        this.profile = profile;
    }

    /**
     * {@return every fault; empty for a usable profile}
     *
     * @param profile the profile
     */
    public static List<Problem> problems(MachineProfile profile) {
        ProfileRules rules = new ProfileRules(profile);
        rules.machine();
        rules.elements();
        return List.copyOf(rules.problems);
    }

    private void wrong(String field, String code, Object... arguments) {
        problems.add(Problem.badValue(field, "profile." + code, arguments));
    }

    private void machine() {
        if (profile.name().isBlank()) {
            wrong("name", "noName");
        }
        if (!(profile.minA() > 0 && profile.minA() < profile.maxA())) {
            wrong("minA", "range", profile.minA(), profile.maxA());
        }
        if (profile.logics().isEmpty()) {
            wrong("logics", "noLogic");
        }
        if (profile.elements().size() > MOST_ELEMENTS) {
            wrong("elements", "tooMany", profile.elements().size(), MOST_ELEMENTS);
        }
        for (int i = 0; i < profile.plate().size(); i++) {
            DutyPoint point = profile.plate().get(i);
            if (!(point.currentA() > 0 && point.percent() > 0 && point.percent() <= 100)) {
                wrong("plate[" + i + "]", "duty", point.currentA(), point.percent());
            }
        }
    }

    private void elements() {
        Set<String> ids = new HashSet<>();
        Set<PanelSetting> bound = EnumSet.noneOf(PanelSetting.class);
        for (int i = 0; i < profile.elements().size(); i++) {
            PanelElement element = profile.elements().get(i);
            String place = "elements[" + i + "]";
            if (!ids.add(element.id())) {
                wrong(place + ".id", "sameId", element.id());
            }
            if (!element.kind().isPlugged() && !bound.add(element.setting())) {
                wrong(place + ".setting", "sameSetting", element.setting());
            }
            if (!(element.x() >= 0 && element.x() <= 100 && element.y() >= 0 && element.y() <= 100)) {
                wrong(place, "offPanel", element.x(), element.y());
            }
            shape(element, place);
        }
    }

    private void shape(PanelElement element, String place) {
        if (element.kind().isPlugged()) {
            return;
        }
        if (element.kind().isSwitched()) {
            stops(element, place);
        } else if (!element.setting().isFigure()) {
            wrong(place + ".kind", "notSwitched", element.setting(), element.kind());
        } else if (element.scale().isEmpty()) {
            wrong(place + ".scale", "noScale");
        } else {
            scale(element, element.scale().get(), place + ".scale");
        }
    }

    private void scale(PanelElement element, Scale scale, String place) {
        if (!(scale.low() < scale.high())) {
            wrong(place, "inverted", scale.low(), scale.high());
        } else if (scale.taper() == Taper.LOGARITHMIC && scale.low() <= 0) {
            wrong(place + ".low", "logZero", scale.low());
        } else if (scale.step() < 0 || scale.step() > scale.high() - scale.low()) {
            wrong(place + ".step", "step", scale.step(), scale.high() - scale.low());
        }
        if (!element.setting().units().contains(scale.unit())) {
            wrong(
                    place + ".unit",
                    "unit",
                    scale.unit(),
                    element.setting(),
                    element.setting().units());
        }
        boolean turns = scale.sweepDeg() > 0 && scale.sweepDeg() <= 360;
        if (element.kind() == ControlKind.KNOB && !turns) {
            wrong(place + ".sweepDeg", "sweep", scale.sweepDeg());
        }
        if (element.kind() != ControlKind.KNOB && scale.step() <= 0) {
            wrong(place + ".step", "displayStep");
        }
    }

    private void stops(PanelElement element, String place) {
        if (element.stops().size() < 2) {
            wrong(place + ".stops", "stops", element.stops().size());
        }
        if (element.kind() == ControlKind.TOGGLE && element.stops().size() > 2) {
            wrong(place + ".stops", "toggle", element.stops().size());
        }
        for (int i = 0; i < element.stops().size(); i++) {
            stop(element, element.stops().get(i), place + ".stops[" + i + "]");
        }
    }

    private void stop(PanelElement element, SwitchStop stop, String place) {
        PanelSetting setting = element.setting();
        if (setting == PanelSetting.RANGE) {
            boolean band = stop.low().isPresent()
                    && stop.high().isPresent()
                    && stop.low().get() < stop.high().get();
            if (!band) {
                wrong(place, "band");
            }
        } else if (setting.isFigure()) {
            if (stop.value().isEmpty()) {
                wrong(place + ".value", "stopValue");
            }
        } else if (stop.choice().filter(setting.choices()::contains).isEmpty()) {
            wrong(place + ".choice", "choice", stop.choice().orElse(""), setting.choices());
        }
    }
}
