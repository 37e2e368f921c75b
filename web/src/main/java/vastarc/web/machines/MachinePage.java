package vastarc.web.machines;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import vastarc.core.advice.cycle.TriggerMode.TriggerModeName;
import vastarc.core.base.text.Phrase;
import vastarc.core.base.text.Phrasebook;
import vastarc.core.base.units.Quantity;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.equipment.DialCurve;
import vastarc.core.equipment.DialReading;
import vastarc.core.equipment.MachineProfile;
import vastarc.core.equipment.MachineProfile.PanelShape;
import vastarc.core.equipment.PanelElement;
import vastarc.core.equipment.PanelElement.ControlKind;
import vastarc.core.equipment.PanelElement.SwitchStop;
import vastarc.core.equipment.PanelPlan;
import vastarc.core.equipment.PanelSetting;
import vastarc.core.equipment.Scale;
import vastarc.core.equipment.Taper;
import vastarc.web.drawing.DialDrawing;
import vastarc.web.drawing.Drawing;
import vastarc.web.drawing.PanelDrawing;
import vastarc.web.layout.Choice;
import vastarc.web.store.machine.DialReadingRow;
import vastarc.web.store.machine.Machine;
import vastarc.web.store.machine.ProfileReader;

/**
 * One machine with its editor, dials and memory, finished for display.
 *
 * @param front    the drawn panel
 * @param controls each control's properties
 * @param marks    of what is shown of each control, by its id, and of the plate, under the empty id
 * @param settings what can be added: a setting and a kind
 * @param dials    what a meter said of the main dial, one for each coarse range
 * @param slots    what is in each used slot
 */
public record MachinePage(
        String id,
        String name,
        PlateData about,
        PanelDrawing front,
        List<ControlForm> controls,
        Map<String, String> marks,
        List<Choice> settings,
        List<Choice> kinds,
        List<DialView> dials,
        int slotCount,
        List<MemoryLine> slots) {

    /** What is on the plate. */
    public record PlateData(
            String minA,
            String maxA,
            String aspect,
            String slots,
            String plate,
            boolean alternating,
            boolean remote,
            boolean cooler,
            List<Choice> shapes,
            List<Choice> polarities,
            List<Choice> logics,
            List<Choice> starts) {}

    /** Properties of a control, as text. */
    public record ControlForm(
            String id,
            String label,
            String called,
            String what,
            String size,
            String x,
            String y,
            boolean scaled,
            boolean knob,
            boolean switched,
            boolean display,
            List<Choice> units,
            List<Choice> tapers,
            String low,
            String high,
            String step,
            String ticks,
            String startDeg,
            String sweepDeg,
            boolean figures,
            boolean clockwise,
            boolean auto,
            String stops,
            String menuPath) {}

    /**
     * A dial and its readings.
     *
     * @param band     number of the coarse range
     * @param title    which dial
     * @param marks    divisions its places are given in
     * @param readings with their ids
     * @param next     where to read next, in words
     * @param nextMark the same as a figure to type
     */
    public record DialView(
            String element,
            int band,
            String title,
            int marks,
            List<ReadingLine> readings,
            List<String> warnings,
            String next,
            String nextMark,
            Optional<Drawing> curve) {}

    /** A reading. */
    public record ReadingLine(long id, String place, String amps, boolean simulated) {}

    /** A slot in use. */
    public record MemoryLine(int slot, String job) {}

    static MachinePage of(
            Machine machine, List<DialReadingRow> readings, Map<Integer, String> slots, UnitSystem units) {
        MachineProfile profile = machine.profile();
        return new MachinePage(
                machine.id().toString(),
                machine.name(),
                about(profile),
                PanelDrawing.of(profile, units),
                profile.elements().stream().map(MachinePage::form).toList(),
                PartMark.all(ProfileReader.document(profile)),
                free(profile),
                Choice.of(ControlKind.values(), "element", "KNOB"),
                dials(profile, readings, units),
                profile.slots(),
                slots.entrySet().stream()
                        .map(entry -> new MemoryLine(entry.getKey(), entry.getValue()))
                        .toList());
    }

    private static PlateData about(MachineProfile profile) {
        return new PlateData(
                ProfileEdit.plain(profile.minA()),
                ProfileEdit.plain(profile.maxA()),
                ProfileEdit.plain(profile.aspect()),
                String.valueOf(profile.slots()),
                String.join(
                        ", ",
                        profile.plate().stream()
                                .map(point -> ProfileEdit.plain(point.currentA()) + " A "
                                        + ProfileEdit.plain(point.percent()) + " %")
                                .toList()),
                profile.alternating(),
                profile.remote(),
                profile.cooler(),
                Choice.of(PanelShape.values(), "shape", profile.shape().name()),
                Choice.of(
                        MachineProfile.Polarity.values(),
                        "polarity",
                        profile.polarity().name()),
                Arrays.stream(TriggerModeName.values())
                        .map(name -> Choice.labelled(
                                name.name(),
                                say(name.words()),
                                profile.logic(name).isPresent()))
                        .toList(),
                List.of(
                        Choice.labelled("HF", say("choice.HF"), profile.starts().contains("HF")),
                        Choice.labelled(
                                "LIFT", say("choice.LIFT"), profile.starts().contains("LIFT"))));
    }

    private static String say(String words) {
        return Phrasebook.say(Phrase.of(words), UnitSystem.METRIC);
    }

    /** Settings that no control of this panel has yet. */
    private static List<Choice> free(MachineProfile profile) {
        return Arrays.stream(PanelSetting.values())
                .filter(setting -> profile.control(setting).isEmpty())
                .map(setting ->
                        Choice.labelled(setting.name(), say(setting.words()), setting == PanelSetting.MAIN_CURRENT))
                .toList();
    }

    private static ControlForm form(PanelElement element) {
        Optional<Scale> scale = element.scale();
        return new ControlForm(
                element.id(),
                element.label(),
                element.label().isBlank() ? say(element.setting().words()) : element.label(),
                say(element.kind().words()) + " · " + say(element.setting().words()),
                ProfileEdit.plain(element.size()),
                ProfileEdit.plain(element.x()),
                ProfileEdit.plain(element.y()),
                scale.isPresent(),
                element.kind() == ControlKind.KNOB,
                element.kind().isSwitched(),
                element.kind() == ControlKind.DISPLAY,
                element.setting().units().stream()
                        .map(unit -> Choice.labelled(
                                unit.name(),
                                say("scale." + unit.name()),
                                scale.filter(own -> own.unit() == unit).isPresent()))
                        .toList(),
                Choice.of(
                        Taper.values(),
                        "taper",
                        scale.map(own -> own.taper().name()).orElse("LINEAR")),
                scale.map(own -> ProfileEdit.plain(own.low())).orElse(""),
                scale.map(own -> ProfileEdit.plain(own.high())).orElse(""),
                scale.map(own -> ProfileEdit.plain(own.step())).orElse(""),
                scale.map(own -> String.valueOf(own.ticks())).orElse(""),
                scale.map(own -> ProfileEdit.plain(own.startDeg())).orElse(""),
                scale.map(own -> ProfileEdit.plain(own.sweepDeg())).orElse(""),
                scale.filter(own -> own.figures()).isPresent(),
                scale.filter(own -> own.clockwise()).isPresent(),
                scale.filter(own -> own.auto()).isPresent(),
                ProfileEdit.stopsText(element),
                String.join(" › ", element.menuPath()));
    }

    /** The main dial, once for each coarse range. */
    private static List<DialView> dials(MachineProfile profile, List<DialReadingRow> readings, UnitSystem units) {
        Optional<PanelElement> dial =
                profile.control(PanelSetting.MAIN_CURRENT).filter(element -> element.kind() == ControlKind.KNOB);
        if (dial.isEmpty()) {
            return List.of();
        }
        List<SwitchStop> bands =
                profile.control(PanelSetting.RANGE).map(PanelElement::stops).orElse(List.of());
        List<DialView> views = new ArrayList<>();
        for (int band = 0; band < Math.max(1, bands.size()); band++) {
            String title = bands.isEmpty()
                    ? dial.get().label()
                    : dial.get().label() + ", range " + bands.get(band).label();
            views.add(dial(dial.get(), band, title, readings, units));
        }
        return views;
    }

    private static DialView dial(
            PanelElement dial, int band, String title, List<DialReadingRow> readings, UnitSystem units) {
        int marks = Math.max(
                1, dial.scale().orElseThrow().ticks() > 0 ? dial.scale().get().ticks() : 10);
        List<DialReadingRow> own = readings.stream()
                .filter(row -> row.elementId().equals(dial.id()) && row.band() == band)
                .toList();
        List<DialReading> read = own.stream().map(DialReadingRow::reading).toList();
        Optional<DialCurve> curve = DialCurve.of(read);
        double next = curve.map(DialCurve::nextPlace).orElseGet(() -> DialCurve.firstPlace(read));
        return new DialView(
                dial.id(),
                band,
                title,
                marks,
                own.stream()
                        .map(row -> new ReadingLine(
                                row.id(),
                                mark(row.reading().place() * marks),
                                units.show(Quantity.amperes(row.reading().amps()))
                                        .line(),
                                row.simulated()))
                        .toList(),
                curve.map(DialCurve::warnings).orElse(List.of()).stream()
                        .map(warning -> Phrasebook.say(warning, units))
                        .toList(),
                Phrasebook.say(PanelPlan.words(dial, next), units),
                mark(next * marks),
                curve.map(found -> DialDrawing.of(found, marks, units)));
    }

    private static String mark(double value) {
        return String.format(Locale.ROOT, "%.2f", value).replaceFirst("\\.?0+$", "");
    }

    /** Address of a machine. */
    static String address(UUID id) {
        return "/machines/" + id;
    }
}
