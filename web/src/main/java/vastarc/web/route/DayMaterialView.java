package vastarc.web.route;

import java.util.List;
import java.util.stream.Collectors;
import vastarc.core.advice.sequence.DayMaterial;
import vastarc.core.advice.sequence.DayMaterial.MaterialNeed;
import vastarc.core.advice.sequence.DayMaterial.StockAnswer;
import vastarc.core.base.text.Phrase;
import vastarc.core.base.text.Phrasebook;
import vastarc.core.base.units.Quantity;
import vastarc.core.base.units.Unit;
import vastarc.core.base.units.UnitSystem;
import vastarc.web.request.PurgeReader;

/**
 * What the jobs of a day take, in words.
 *
 * @param lines rods, tungstens, cups and bars, what the shop lacks first
 * @param argon at the torch and behind, and how much of a bottle that is
 * @param lacking how many of the lines the shop lacks
 */
public record DayMaterialView(List<NeedLine> lines, String argon, long lacking) {

    /** One thing: what, how much of it, for which jobs, and whether the shop has it: LISTED, LACKING, or NOT_LISTED where it lists nothing of the kind. */
    public record NeedLine(String what, String amount, String jobs, StockAnswer stock) {}

    static DayMaterialView of(DayMaterial material, List<String> names, UnitSystem units) {
        List<NeedLine> lines =
                material.needs().stream().map(need -> line(need, names, units)).toList();
        double litres = material.torchArgonL() + material.purgeArgonL();
        double bottles = litres / PurgeReader.usualBottle().argonL();
        return new DayMaterialView(
                lines,
                say(
                        "material.argon",
                        units,
                        Quantity.of(litres, Unit.LITRE),
                        Quantity.of(material.purgeArgonL(), Unit.LITRE),
                        Quantity.percent(Math.rint(100 * bottles)),
                        Quantity.of(PurgeReader.usualBottle().sizeL(), Unit.LITRE)),
                lines.stream()
                        .filter(line -> line.stock() == StockAnswer.LACKING)
                        .count());
    }

    private static NeedLine line(MaterialNeed need, List<String> names, UnitSystem units) {
        return new NeedLine(
                what(need, units),
                amount(need, units),
                need.jobs().stream().map(names::get).collect(Collectors.joining(", ")),
                need.stock());
    }

    private static String what(MaterialNeed need, UnitSystem units) {
        Object size = switch (need.kind()) {
            case ROD, TUNGSTEN -> Quantity.stockMillimetres(need.size());
            case CUP -> String.valueOf(Math.round(need.size()));
            case BAR -> Phrase.of("chill." + need.name());
        };
        return say("material.need." + need.kind().name(), units, size, need.name());
    }

    private static String amount(MaterialNeed need, UnitSystem units) {
        return switch (need.kind()) {
            case ROD -> say("material.rods", units, need.count(), Math.round(need.grams()));
            case TUNGSTEN -> need.count() == 0 ? "" : say("material.grinds", units, need.count());
            case CUP, BAR -> "";
        };
    }

    private static String say(String key, UnitSystem units, Object... arguments) {
        return Phrasebook.say(Phrase.of(key, arguments), units);
    }
}
