package vastarc.web.sheet;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import vastarc.core.quantity.Quantity;
import vastarc.core.quantity.Unit;
import vastarc.core.quantity.UnitSystem;
import vastarc.core.sheet.PassPlan;
import vastarc.core.sheet.SchoolCurrent;
import vastarc.core.sheet.SettingKey;
import vastarc.core.sheet.Sheet;
import vastarc.core.sheet.WireChoice;
import vastarc.core.wording.Phrase;
import vastarc.core.wording.Phrasebook;
import vastarc.web.drawing.Drawing;
import vastarc.web.drawing.JointDrawing;
import vastarc.web.ui.FigureView;

/**
 * A sheet finished for display.
 *
 * @param hero     the working current
 * @param panel    the other settings of the machine's front
 * @param torch    what the torch is built up from
 * @param wire     wire and purge
 * @param weld     how the weld will go
 * @param schools  the schools' currents
 * @param wires    what thinner and thicker wire would take
 * @param passes   the passes of a groove
 * @param cautions what to mind
 * @param drawing  the joint in section
 */
public record SheetView(
        FigureView hero,
        List<FigureView> panel,
        List<FigureView> torch,
        List<FigureView> wire,
        List<FigureView> weld,
        List<SchoolLine> schools,
        List<WireLine> wires,
        Optional<PassTable> passes,
        List<String> cautions,
        Drawing drawing) {

    /** A school's current, its share of the longest bar, and where it stands here. */
    public record SchoolLine(String name, String figure, long barPercent, boolean chosen, String note) {}

    /** A wire diameter and what it takes. */
    public record WireLine(
            String school,
            String diameter,
            String sameDeposit,
            String sameFeed,
            String plateLeft,
            String keeps,
            String chill) {}

    /** The passes of a groove and what a metre uses. */
    public record PassTable(List<PassLine> passes, List<FigureView.Line> totals) {}

    /** One pass. */
    public record PassLine(int number, String kind, String current, String area) {}

    static SheetView of(Sheet sheet, UnitSystem units) {
        return new SheetView(
                FigureView.of(sheet.setting(SettingKey.WORKING_CURRENT), units),
                figures(sheet, SettingKey.Group.PANEL, units),
                figures(sheet, SettingKey.Group.TORCH, units),
                figures(sheet, SettingKey.Group.WIRE, units),
                figures(sheet, SettingKey.Group.WELD, units),
                schools(sheet, units),
                sheet.wireChoices().stream().map(choice -> wire(choice, units)).toList(),
                sheet.passes().map(plan -> passes(plan, units)),
                sheet.cautions().stream()
                        .map(caution -> Phrasebook.say(caution.text(), units))
                        .toList(),
                JointDrawing.of(sheet, units));
    }

    private static List<FigureView> figures(Sheet sheet, SettingKey.Group group, UnitSystem units) {
        return Arrays.stream(SettingKey.values())
                .filter(key -> key.group() == group && key != SettingKey.WORKING_CURRENT)
                .flatMap(key -> sheet.find(key).stream())
                .map(setting -> FigureView.of(setting, units))
                .toList();
    }

    private static List<SchoolLine> schools(Sheet sheet, UnitSystem units) {
        double most = sheet.schools().stream()
                .mapToDouble(SchoolCurrent::currentA)
                .max()
                .orElse(1);
        return sheet.schools().stream()
                .map(school -> new SchoolLine(
                        Phrasebook.say(Phrase.of(school.school().words()), units),
                        units.show(Quantity.amperes(school.currentA())).line(),
                        Math.round(100 * school.currentA() / most),
                        school.school()
                                == sheet.setting(SettingKey.WORKING_CURRENT).school(),
                        Phrasebook.say(school.note(), units)))
                .toList();
    }

    private static WireLine wire(WireChoice choice, UnitSystem units) {
        return new WireLine(
                Phrasebook.say(Phrase.of(choice.school().words()), units),
                units.show(Quantity.stockMillimetres(choice.wire().diameterMm()))
                        .line(),
                units.show(Quantity.percent(choice.sameDepositPercent())).line(),
                units.show(Quantity.percent(choice.sameFeedPercent())).line(),
                units.show(Quantity.watts(choice.plateLeftW())).line(),
                units.show(Quantity.amperes(choice.currentToKeepA())).line(),
                units.show(Quantity.of(choice.chillPerDabK(), Unit.KELVIN)).line());
    }

    private static PassTable passes(PassPlan plan, UnitSystem units) {
        List<PassLine> lines = new ArrayList<>();
        for (PassPlan.Pass pass : plan.passes()) {
            lines.add(new PassLine(
                    lines.size() + 1,
                    Phrasebook.say(Phrase.of("pass." + pass.kind()), units),
                    units.show(Quantity.amperes(pass.currentA())).line(),
                    units.show(Quantity.of(pass.areaMm2(), Unit.SQUARE_MM)).line()));
        }
        return new PassTable(
                lines,
                List.of(
                        total("total.wire", Quantity.of(plan.wireMPerM(), Unit.METRE), units),
                        total("total.mass", Quantity.of(plan.gramPerM(), Unit.GRAM), units),
                        total("total.arc", Quantity.of(plan.arcMinPerM(), Unit.MINUTE), units),
                        total("total.gas", Quantity.of(plan.gasLPerM(), Unit.LITRE), units)));
    }

    private static FigureView.Line total(String words, Quantity quantity, UnitSystem units) {
        return new FigureView.Line(
                Phrasebook.say(Phrase.of(words), units), units.show(quantity).line());
    }
}
