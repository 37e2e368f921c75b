package vastarc.web.rehearse;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.DoubleStream;
import org.jspecify.annotations.Nullable;
import vastarc.core.advice.map.MapAxis;
import vastarc.core.advice.map.MapPlanner;
import vastarc.core.advice.map.WeldMap;
import vastarc.core.advice.map.WeldMap.MapPlace;
import vastarc.core.advice.map.WeldZone;
import vastarc.core.advice.parameters.MachineCalibration;
import vastarc.core.advice.parameters.ParameterKey;
import vastarc.core.advice.parameters.TintForecast;
import vastarc.core.advice.sheet.SetupSheet;
import vastarc.core.advice.sheet.TintWords;
import vastarc.core.base.text.Phrase;
import vastarc.core.base.text.Phrasebook;
import vastarc.core.base.units.Quantity;
import vastarc.core.base.units.Unit;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.physics.duty.DutyPoint;
import vastarc.core.record.diagnosis.AcceptanceChance;
import vastarc.core.record.diagnosis.AcceptanceChance.Chance;
import vastarc.core.record.diagnosis.RunsOnMap;
import vastarc.core.record.weldlog.RunVerdict;
import vastarc.web.drawing.MapDrawing.PlotArea;
import vastarc.web.rehearse.JobMaps.JobMap;
import vastarc.web.rehearse.RehearseForm.MapSetting;
import vastarc.web.service.MachineRuns.CurrentLimits;

/**
 * The map of a job, finished for display.
 *
 * @param tolerance how far the sheet's setting may slip, in a sentence
 * @param lines     the zones on the map
 * @param point     the point looked at; the sheet's own unless one was chosen; null on a map that does not go over travel
 * @param place     what becomes of the weld there
 * @param forgiving the most forgiving setting; null where there is none to be shown
 * @param plot      where the plot lies and what it goes over, for a page that lets a point be chosen
 */
public record MapPage(
        String tolerance,
        List<ZoneLine> lines,
        @Nullable MapSetting point,
        PlaceLine place,
        @Nullable MapSetting forgiving,
        String plot) {

    /** A zone that is on the map, its criterion, and where its equation stands. */
    public record ZoneLine(WeldZone zone, String criterion, String equation) {}

    /** What a chosen point comes to, in a sentence. */
    record PlaceLine(String words, boolean unsure) {

        static PlaceLine of(SetupSheet sheet, MapSetting point, UnitSystem units) {
            MapPlace place = MapPlanner.at(sheet, point.currentA(), point.travel());
            List<Phrase> says = new ArrayList<>();
            says.add(Phrase.of(
                    "map.at",
                    Quantity.amperes(point.currentA()),
                    Quantity.mmPerMin(point.travel()),
                    Phrase.of(place.zone().words()),
                    Quantity.ruled(place.figures().poolMm()),
                    Quantity.of(place.figures().kjPerMm(), Unit.KJ_PER_MM),
                    Quantity.percent(Math.round(100 * place.figures().distortion()))));
            TintForecast tint = place.figures().tint();
            if (tint.front().isPresent()) {
                says.add(Phrase.of(
                        "map.tint",
                        TintWords.front(tint),
                        TintWords.back(tint, sheet.joint(), sheet.practice().purged())));
            }
            return new PlaceLine(
                    says.stream().map(said -> Phrasebook.say(said, units)).collect(Collectors.joining(" ")),
                    place.unsure());
        }
    }

    static MapPage of(SetupSheet sheet, WeldMap map, Optional<MapSetting> chosen, UnitSystem units) {
        MapSetting point = chosen.orElse(MapSetting.rounded(
                map.point().x(), sheet.setting(ParameterKey.TRAVEL_SPEED).value()));
        return new MapPage(
                Phrasebook.say(map.tolerance().words(), units),
                Arrays.stream(WeldZone.values())
                        .filter(zone -> map.zones().stream().anyMatch(row -> row.contains(zone)))
                        .map(zone -> new ZoneLine(
                                zone, Phrasebook.say(Phrase.of(zone.words()), units), "map (" + zone.equation() + ")"))
                        .toList(),
                map.axis() == MapAxis.TRAVEL ? point : null,
                PlaceLine.of(sheet, point, units),
                MapPlanner.mostForgiving(sheet, map)
                        .map(best -> MapSetting.rounded(best.x(), best.y()))
                        .orElse(null),
                plot(map));
    }

    /** Left, right, top and bottom of the plot in its drawing, first and last current, first and last value upwards. */
    private static String plot(WeldMap map) {
        PlotArea area = PlotArea.OF_MAPS;
        return DoubleStream.of(
                        area.left(),
                        area.right(),
                        area.top(),
                        area.bottom(),
                        map.x().get(0),
                        map.x().get(map.x().size() - 1),
                        map.y().get(0),
                        map.y().get(map.y().size() - 1))
                .mapToObj(number -> String.format(Locale.ROOT, "%.3f", number))
                .collect(Collectors.joining(" "));
    }

    /** What machine and torch bear and what the shop's own runs say, in sentences. */
    static List<String> known(JobMap made, UnitSystem units) {
        List<Phrase> says = new ArrayList<>();
        made.machine().ifPresent(machine -> {
            made.limits().ifPresent(limits -> says.add(limits(machine, made.sheet(), limits)));
            made.runs().ifPresent(runs -> says.addAll(known(machine, made.sheet(), made.map(), runs)));
        });
        return RehearsePage.texts(says, units);
    }

    private static Phrase limits(String machine, SetupSheet sheet, CurrentLimits limits) {
        double rmsA = sheet.setting(ParameterKey.RMS_CURRENT).value();
        Quantity most = Quantity.amperes(limits.machineA());
        Quantity held = duty(limits.machinePlate(), rmsA);
        return limits.torchA().isPresent()
                ? Phrase.of(
                        "map.limits",
                        machine,
                        most,
                        held,
                        Quantity.amperes(limits.torchA().getAsDouble()),
                        duty(limits.torchPlate(), rmsA))
                : Phrase.of("map.limitsMachine", machine, most, held);
    }

    private static Quantity duty(List<DutyPoint> plate, double rmsA) {
        return Quantity.percent(Math.round(DutyPoint.percentAt(plate, rmsA)));
    }

    private static List<Phrase> known(String machine, SetupSheet sheet, WeldMap map, RunsOnMap runs) {
        List<Phrase> says = new ArrayList<>();
        MachineCalibration known = runs.known();
        long low = Math.round(100 * known.low());
        long high = Math.round(100 * known.high());
        says.add(
                known.runs() > 0
                        ? Phrase.of("map.known", machine, low, high, known.runs())
                        : Phrase.of("map.knownNone", machine, low, high));
        if (runs.drifted()) {
            says.add(Phrase.of("map.drifted"));
        }
        says.add(runs.chance()
                .map(chance -> accepted(chance, runs.chanceAt(sheet, map.point())))
                .orElseGet(() -> Phrase.of("map.tooFewJudged", judged(runs), AcceptanceChance.LEAST_RUNS)));
        return says;
    }

    private static Phrase accepted(AcceptanceChance chance, Chance here) {
        return Phrase.of(
                "map.accepted",
                Math.round(100 * here.chance()),
                Math.round(100 * here.low()),
                Math.round(100 * here.high()),
                chance.runs());
    }

    private static long judged(RunsOnMap runs) {
        return runs.runs().stream()
                .filter(run -> run.verdict() != RunVerdict.UNJUDGED)
                .count();
    }
}
