package vastarc.core.advice.map;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import vastarc.core.advice.map.MapRequest.AxisRange;
import vastarc.core.advice.map.WeldMap.ZoneEdge;
import vastarc.core.advice.parameters.ParameterKey;
import vastarc.core.advice.parameters.ShopDefaults;
import vastarc.core.advice.parameters.TintForecast;
import vastarc.core.advice.plan.WeldPlan;
import vastarc.core.advice.sheet.SetupSheet;
import vastarc.core.advice.sheet.TintWords;
import vastarc.core.base.text.Phrase;
import vastarc.core.base.text.Phrasebook;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.domain.joint.Joint;
import vastarc.core.domain.joint.JointForm;
import vastarc.core.domain.joint.Penetration;
import vastarc.core.domain.joint.PulsePurpose;
import vastarc.core.domain.joint.Weld;
import vastarc.core.domain.joint.WeldingConditions;
import vastarc.core.domain.material.Material;

class MapPlannerTest {

    private static Optional<SetupSheet> sheet(Material metal, JointForm form, double mm, PulsePurpose pulse) {
        Weld weld =
                new Weld(Joint.of(metal, form, mm), WeldingConditions.usual().with(draft -> {
                    draft.purged = true;
                    draft.pulse = pulse;
                }));
        return WeldPlan.of(weld, ShopDefaults.usual()).sheet().value();
    }

    private static WeldMap map(SetupSheet sheet, MapAxis axis, int count) {
        return MapPlanner.of(sheet, new MapRequest(axis, count, count, Optional.empty(), Optional.empty()))
                .value()
                .orElseThrow();
    }

    private static SetupSheet butt() {
        return sheet(Material.STAINLESS_304L, JointForm.SQUARE_BUTT, 2, PulsePurpose.NONE)
                .orElseThrow();
    }

    @ParameterizedTest
    @EnumSource(JointForm.class)
    void theSheetsOwnSettingIsRightOnItsMap(JointForm form) {
        List<String> wrong = new ArrayList<>();
        int seen = 0;
        for (Material metal : Material.values()) {
            for (double mm : new double[] {0.8, 1.2, 1.6, 2, 3, 4, 6}) {
                Optional<SetupSheet> sheet = sheet(metal, form, mm, PulsePurpose.NONE);
                if (sheet.isPresent()) {
                    seen++;
                    WeldMap map = map(sheet.get(), MapAxis.TRAVEL, 2);
                    if (map.point().zone() != WeldZone.GOOD) {
                        wrong.add(metal + " " + mm + ": " + map.point());
                    }
                }
            }
        }
        assertThat(seen).isGreaterThan(20);
        assertThat(wrong).isEmpty();
    }

    /** One forecast of colours: at the sheet's own setting the map says what the sheet says, and more current leaves them no paler. */
    @ParameterizedTest
    @EnumSource(JointForm.class)
    void coloursAtTheSheetsOwnSettingAreTheSheets(JointForm form) {
        for (Material metal : List.of(Material.STAINLESS_304L, Material.TITANIUM_GR2)) {
            for (double mm : new double[] {1, 2, 4}) {
                sheet(metal, form, mm, PulsePurpose.NONE).ifPresent(MapPlannerTest::coloursAreTheSheets);
            }
        }
    }

    private static void coloursAreTheSheets(SetupSheet sheet) {
        double current = sheet.setting(ParameterKey.WORKING_CURRENT).value();
        double travel = sheet.setting(ParameterKey.TRAVEL_SPEED).value();
        TintForecast here = MapPlanner.at(sheet, current, travel).figures().tint();
        Phrase front = here.trail().isPresent() ? Phrase.of("tint.underTrail") : TintWords.front(here);

        assertThat(sheet.setting(ParameterKey.FRONT_TINT).shown(UnitSystem.METRIC))
                .isEqualTo(said(front));
        assertThat(sheet.setting(ParameterKey.BACK_TINT).shown(UnitSystem.METRIC))
                .isEqualTo(said(
                        TintWords.back(here, sheet.joint(), sheet.practice().purged())));
        assertThat(MapPlanner.at(sheet, 1.2 * current, travel).figures().tint().leavesC())
                .isGreaterThanOrEqualTo(here.leavesC());
    }

    private static String said(Phrase phrase) {
        return Phrasebook.say(phrase, UnitSystem.METRIC);
    }

    /** With more current the weld goes from cold to burnt, with more travel from burnt to cold; nothing comes back. */
    @Test
    void alongTheCurrentColdComesFirstAndBurntLast() {
        WeldMap map = MapPlanner.of(
                        butt(),
                        new MapRequest(MapAxis.TRAVEL, 41, 41, Optional.of(new AxisRange(20, 160)), Optional.empty()))
                .value()
                .orElseThrow();
        for (List<WeldZone> row : map.zones()) {
            List<Integer> heat = row.stream().map(MapPlannerTest::heat).toList();
            assertThat(heat).isSorted();
        }
        for (int i = 0; i < map.x().size(); i++) {
            int at = i;
            List<Integer> heat =
                    map.zones().stream().map(row -> -heat(row.get(at))).toList();
            assertThat(heat).isSorted();
        }
        Set<WeldZone> seen = EnumSet.noneOf(WeldZone.class);
        map.zones().forEach(seen::addAll);
        assertThat(seen)
                .contains(
                        WeldZone.NO_FUSION, WeldZone.NOT_THROUGH, WeldZone.GOOD, WeldZone.SAGS, WeldZone.BURN_THROUGH);
    }

    /** A curve for each zone tells what lies between two of them, for every joint: each point is in the last zone that has begun. */
    @ParameterizedTest
    @EnumSource(JointForm.class)
    void everyPointLiesInTheLastZoneThatHasBegun(JointForm form) {
        for (Material metal : List.of(
                Material.CARBON_STEEL, Material.STAINLESS_304L, Material.TITANIUM_GR2, Material.CHROMOLY_4130)) {
            for (double mm : new double[] {1, 3}) {
                for (MapAxis axis : List.of(MapAxis.TRAVEL, MapAxis.GAP, MapAxis.THICKNESS)) {
                    sheet(metal, form, mm, PulsePurpose.NONE)
                            .ifPresent(sheet -> liesAsItsEdgesSay(map(sheet, axis, 25)));
                }
            }
        }
    }

    private static void liesAsItsEdgesSay(WeldMap map) {
        for (int j = 0; j < map.y().size(); j++) {
            for (int i = 0; i < map.x().size() - 1; i++) {
                WeldZone last = map.edges().get(0).zone();
                for (ZoneEdge edge : map.edges()) {
                    last = edge.currentsA().get(j) <= map.x().get(i) ? edge.zone() : last;
                }
                assertThat(map.zones().get(j).get(i)).isEqualTo(last);
            }
        }
    }

    private static int heat(WeldZone zone) {
        return switch (zone) {
            case NO_FUSION -> 0;
            case NOT_THROUGH, ROOT_NOT_FUSED -> 1;
            case GOOD -> 2;
            case BACK_MELTS, UNDERCUT, TOO_WIDE, TOO_HOT_FOR_COLOUR -> 3;
            case SAGS -> 4;
            case BURN_THROUGH -> 5;
        };
    }

    @Test
    void withinTheToleranceTheMapIsRightAndJustBeyondItIsNot() {
        SplittableRandom random = new SplittableRandom(39);
        for (int i = 0; i < 30; i++) {
            Material metal = Material.values()[random.nextInt(Material.values().length)];
            JointForm form = i % 2 == 0 ? JointForm.SQUARE_BUTT : JointForm.T_FILLET;
            SetupSheet sheet = sheet(metal, form, 0.8 + 2 * random.nextDouble(), PulsePurpose.NONE)
                    .orElseThrow();
            WeldMap map = map(sheet, MapAxis.TRAVEL, 2);
            double travel = sheet.setting(ParameterKey.TRAVEL_SPEED).value();
            MapRow row = MapRow.of(sheet, MapAxis.TRAVEL, travel);
            double up = map.tolerance().currentUpA();
            double down = map.tolerance().currentDownA();
            assertThat(row.zone(map.point().x() + up)).isEqualTo(WeldZone.GOOD);
            assertThat(row.zone(map.point().x() - down)).isEqualTo(WeldZone.GOOD);
            assertThat(row.zone(map.point().x() + up + 0.26)).isNotEqualTo(WeldZone.GOOD);
            assertThat(row.zone(map.point().x() - down - 0.26)).isNotEqualTo(WeldZone.GOOD);
            assertThat(map.tolerance().travelDownPercent()).isPositive();
        }
    }

    @Test
    void thinnerMetalThanToldBurnsAndThickerStaysCold() {
        SetupSheet sheet = butt();
        double amps = sheet.setting(ParameterKey.WORKING_CURRENT).value();

        assertThat(MapRow.of(sheet, MapAxis.THICKNESS, 2).zone(amps)).isEqualTo(WeldZone.GOOD);
        assertThat(MapRow.of(sheet, MapAxis.THICKNESS, 1).zone(amps)).isIn(WeldZone.SAGS, WeldZone.BURN_THROUGH);
        assertThat(MapRow.of(sheet, MapAxis.THICKNESS, 3.2).zone(amps)).isIn(WeldZone.NOT_THROUGH, WeldZone.NO_FUSION);
    }

    @Test
    void aFilletOnThickPlateIsNotWantedThrough() {
        SetupSheet sheet = sheet(Material.STAINLESS_304L, JointForm.T_FILLET, 4, PulsePurpose.NONE)
                .orElseThrow();
        WeldMap map = map(sheet, MapAxis.TRAVEL, 61);
        Set<WeldZone> seen = EnumSet.noneOf(WeldZone.class);
        map.zones().forEach(seen::addAll);

        assertThat(sheet.penetration()).isEqualTo(Penetration.ROOT);
        assertThat(seen).contains(WeldZone.ROOT_NOT_FUSED, WeldZone.BACK_MELTS).doesNotContain(WeldZone.NOT_THROUGH);
    }

    @Test
    void aPulseIsMappedWhereThereIsOne() {
        MapRequest request = new MapRequest(
                MapAxis.PULSE_ON_TIME, 5, 5, Optional.of(new AxisRange(30, 120)), Optional.of(new AxisRange(20, 80)));
        SetupSheet pulsed = sheet(Material.STAINLESS_304L, JointForm.SQUARE_BUTT, 2, PulsePurpose.HEAT)
                .orElseThrow();
        WeldMap map = MapPlanner.of(pulsed, request).value().orElseThrow();

        assertThat(map.x()).containsExactly(30.0, 52.5, 75.0, 97.5, 120.0);
        assertThat(map.y()).containsExactly(20.0, 35.0, 50.0, 65.0, 80.0);
        assertThat(map.point().zone()).isEqualTo(WeldZone.GOOD);
        assertThat(heat(map.zones().get(0).get(2)))
                .isLessThanOrEqualTo(heat(map.zones().get(4).get(2)));
        assertThat(MapPlanner.of(butt(), request).problems()).hasSize(1);
    }

    /** From the most forgiving setting one may slip at least as far, for its colder and its hotter side together, as from the sheet's. */
    @ParameterizedTest
    @EnumSource(
            value = JointForm.class,
            names = {"SQUARE_BUTT", "T_FILLET", "LAP", "TUBE_BUTT"})
    void theMostForgivingSettingLiesFarFromEveryEdge(JointForm form) {
        SetupSheet sheet =
                sheet(Material.STAINLESS_316L, form, 1.5, PulsePurpose.NONE).orElseThrow();
        WeldMap map = map(sheet, MapAxis.TRAVEL, 61);
        WeldMap.MapPoint best = MapPlanner.mostForgiving(sheet, map).orElseThrow();

        assertThat(best.zone()).isEqualTo(WeldZone.GOOD);
        assertThat(best.y())
                .isBetween(
                        sheet.setting(ParameterKey.TRAVEL_SPEED)
                                .window()
                                .orElseThrow()
                                .low(),
                        sheet.setting(ParameterKey.TRAVEL_SPEED)
                                .window()
                                .orElseThrow()
                                .high());
        assertThat(narrowest(sheet, best.x(), best.y()))
                .isGreaterThanOrEqualTo(
                        narrowest(sheet, map.point().x(), map.point().y()));
        assertThat(MapPlanner.mostForgiving(sheet, map(sheet, MapAxis.GAP, 11))).isEmpty();
    }

    /** How many steps of 2 % more and of 2 % less current stay right, whichever is fewer. */
    private static int narrowest(SetupSheet sheet, double currentA, double travel) {
        MapRow row = MapRow.of(sheet, MapAxis.TRAVEL, travel);
        int steps = 0;
        while (steps < 40
                && row.zone(currentA * (1 + 0.02 * (steps + 1))) == WeldZone.GOOD
                && row.zone(currentA * (1 - 0.02 * (steps + 1))) == WeldZone.GOOD) {
            steps++;
        }
        return steps;
    }

    /** Unsure is what lies within a tenth of the current of an edge, in its row; far from every edge the map is sure. */
    @Test
    void nearAnEdgeTheMapIsUnsure() {
        WeldMap map = map(butt(), MapAxis.TRAVEL, 61);
        int unsure = 0;
        for (int j = 0; j < map.y().size(); j++) {
            for (int i = 1; i < map.x().size(); i++) {
                boolean edge = map.zones().get(j).get(i - 1).side()
                        != map.zones().get(j).get(i).side();
                assertThat(edge && !map.isUnsure(j, i))
                        .as("row " + j + ", " + i)
                        .isFalse();
                unsure += map.isUnsure(j, i) ? 1 : 0;
            }
        }
        assertThat(unsure).isBetween(200, 61 * 61 / 2);
        assertThat(map.isUnsure(0, 0)).isFalse();
    }

    @Test
    void everyZoneSaysItsCriterion() {
        for (WeldZone zone : WeldZone.values()) {
            assertThat(Phrasebook.say(Phrase.of(zone.words()), UnitSystem.METRIC))
                    .isNotBlank();
        }
    }
}
