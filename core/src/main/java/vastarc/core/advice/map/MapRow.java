package vastarc.core.advice.map;

import java.util.OptionalDouble;
import vastarc.core.advice.map.WeldMap.PointFigures;
import vastarc.core.advice.parameters.GasCover;
import vastarc.core.advice.parameters.ParameterKey;
import vastarc.core.advice.parameters.TintForecast;
import vastarc.core.advice.sheet.SetupSheet;
import vastarc.core.base.units.Length;
import vastarc.core.domain.joint.Joint;
import vastarc.core.domain.joint.JointForm;
import vastarc.core.domain.joint.Penetration;
import vastarc.core.physics.distortion.DistortionIndex;
import vastarc.core.physics.heat.ArcModel;
import vastarc.core.physics.heat.FusionRequirement;
import vastarc.core.physics.heat.HeatBalance;
import vastarc.core.physics.heat.JointConduction;
import vastarc.core.physics.heat.Pulse;
import vastarc.core.physics.heat.WeldPool;

/**
 * One row of a map: what becomes of the weld as the current rises and nothing else changes. The heat that a current brings into the plates is held to the
 * sheet's own at its own setting, so that the map agrees with the sheet there: {@code docs/model/map.md (1)}.
 */
final class MapRow {

    /** Share of the wanted half width at which the faces count as molten. */
    private static final double FACE_SHARE = 0.3;

    /** Share of the wanted width that still makes a sound root, toe or back. */
    private static final double ROOT_SHARE = WeldZone.LEAST_WIDTH_SHARE;

    private static final double SAG_SHARE = WeldZone.SAG_SHARE;

    private static final double WIDE_SHARE = WeldZone.MOST_WIDTH_SHARE;

    /** The face of a pool wider than planned grows by this power of what conduction alone says; in titanium, which conducts little, by less. */
    private static final double FACE_GROWTH = 0.6;

    private static final double TITANIUM_FACE_GROWTH = 0.5;

    /** So does the back of titanium; that of steel grows as conduction says. */
    private static final double TITANIUM_BACK_GROWTH = 0.7;

    private final SetupSheet sheet;
    private final Joint joint;
    private final FusionRequirement demand;
    private final JointConduction heat;
    private final Pulse pulse;
    private final double scale;
    private final double wireShare;
    private final double wallMm;
    private final boolean through;
    private final double faceW;
    private final double rootW;
    private final double backW;
    private final double wideW;
    private final OptionalDouble mostC;

    private MapRow(SetupSheet sheet, Joint joint, double speedMmPerS, Pulse pulse) {
        this(sheet, joint, speedMmPerS, pulse, 1);
    }

    private MapRow(SetupSheet sheet, Joint joint, double speedMmPerS, Pulse pulse, double wireShare) {
        FusionRequirement planned = sheet.heat().demand();
        FusionRequirement asked = joint == sheet.joint() ? planned : FusionRequirement.of(joint, sheet.practice());
        this.sheet = sheet;
        this.joint = joint;
        this.pulse = pulse;
        this.demand = new FusionRequirement(
                asked.halfWidthMm(),
                asked.depthMm(),
                planned.depositedAreaMm2(),
                asked.legMm(),
                speedMmPerS,
                planned.arcMm(),
                asked.sinkMm());
        this.heat = JointConduction.of(joint, sheet.practice(), demand);
        this.wireShare = wireShare;
        this.scale = sheet.heat().platePowerW() / into(planned.speedMmPerS(), pulseOf(sheet), 1);
        this.faceW = heat.powerW(FACE_SHARE * demand.halfWidthMm(), 0);
        this.wallMm = Math.min(joint.thinnerMm(), demand.sinkMm());
        this.through = sheet.penetration() == Penetration.FULL || sheet.penetration() == Penetration.THROUGH;
        double rootMm = through && joint.isOpenCorner()
                ? JointConduction.LEAST_HALF_WIDTH_MM
                : ROOT_SHARE * demand.halfWidthMm();
        this.rootW = heat.powerW(rootMm, demand.depthMm());
        double deep = through && demand.depthMm() > 0 ? Math.min(wallMm, demand.depthMm()) : wallMm;
        this.backW = heat.powerW(JointConduction.LEAST_HALF_WIDTH_MM, deep);
        double face = JointConduction.of(sheet.joint(), sheet.practice(), planned)
                .frontWidthMm(sheet.heat().platePowerW(), 2 * planned.halfWidthMm());
        double growth = joint.isTitanium() ? TITANIUM_FACE_GROWTH : FACE_GROWTH;
        this.wideW = heat.powerW(Math.pow(WIDE_SHARE, 1 / growth) * face / 2, 0);
        this.mostC = coolEnough(sheet);
    }

    /** The hottest that the seam may leave the gas, where the sheet's own setting keeps to it; else a shield follows anyhow. */
    private static OptionalDouble coolEnough(SetupSheet sheet) {
        OptionalDouble most = GasCover.mostC(sheet.joint(), sheet.practice());
        return most.isPresent() && GasCover.leavesC(sheet.heat(), sheet.gasCoverMm()) <= most.getAsDouble()
                ? most
                : OptionalDouble.empty();
    }

    /**
     * {@return the row of a sheet}
     *
     * @param sheet the sheet
     * @param axis  what the rows go over
     * @param value of the row
     */
    static MapRow of(SetupSheet sheet, MapAxis axis, double value) {
        double speed = sheet.setting(ParameterKey.TRAVEL_SPEED).value() / 60;
        Pulse planned = pulseOf(sheet);
        Joint joint = sheet.joint();
        return switch (axis) {
            case CURRENT -> new MapRow(sheet, joint, speed, planned);
            case TRAVEL -> new MapRow(sheet, joint, value / 60, planned);
            case GAP -> new MapRow(sheet, joint.with(draft -> draft.gap = Length.ofMillimetres(value)), speed, planned);
            case THICKNESS -> new MapRow(sheet, joint.withBothAt(Length.ofMillimetres(value)), speed, planned);
            case PULSE_ON_TIME ->
                new MapRow(
                        sheet,
                        joint,
                        speed,
                        new Pulse(planned.rateHz(), value / 100, planned.backgroundRatio(), planned.peakA()));
            case PULSE_BACKGROUND ->
                new MapRow(
                        sheet,
                        joint,
                        speed,
                        new Pulse(planned.rateHz(), planned.onFraction(), value / 100, planned.peakA()));
        };
    }

    /** {@return the row of a sheet's pulse and another travel, mm/min, with a rod that takes so many times the heat of the sheet's own} */
    static MapRow of(SetupSheet sheet, double travel, double wireShare) {
        return new MapRow(sheet, sheet.joint(), travel / 60, pulseOf(sheet), wireShare);
    }

    private static Pulse pulseOf(SetupSheet sheet) {
        double working = sheet.setting(ParameterKey.WORKING_CURRENT).value();
        return sheet.isPulsed()
                ? new Pulse(
                        sheet.setting(ParameterKey.PULSE_RATE).value(),
                        sheet.setting(ParameterKey.PULSE_ON_TIME).value() / 100,
                        sheet.setting(ParameterKey.PULSE_BACKGROUND).value() / 100,
                        working)
                : Pulse.steady(working);
    }

    /** What an arc puts into the plates beside the wire it melts, before it is held to the sheet's own, W. */
    private double into(double speedMmPerS, Pulse with, double rod) {
        HeatBalance own = sheet.heat();
        double wire = rod * own.wirePowerW() * speedMmPerS / own.demand().speedMmPerS();
        return Math.max(1e-6, ArcModel.EFFICIENCY * with.meanPowerW(own.arc()) - wire);
    }

    private double plateW(double currentA) {
        return scale
                * into(
                        demand.speedMmPerS(),
                        new Pulse(pulse.rateHz(), pulse.onFraction(), pulse.backgroundRatio(), currentA),
                        wireShare);
    }

    /** {@return what a current, A, puts into the joint and how much that pulls, beside the sheet's own setting} */
    PointFigures figures(double currentA) {
        HeatBalance own = sheet.heat();
        double plate = plateW(currentA);
        double guess = 2 * demand.halfWidthMm();
        JointConduction atSheet = JointConduction.of(sheet.joint(), sheet.practice(), own.demand());
        return new PointFigures(
                heat.frontWidthMm(plate, guess),
                plate / demand.speedMmPerS() / 1000,
                pull(heat, plate, demand.speedMmPerS(), guess)
                        / pull(atSheet, own.platePowerW(), own.demand().speedMmPerS(), guess),
                TintForecast.of(here(plate, pool(plate, guess), backPeakC(plate)), sheet.gasCoverMm()));
    }

    private WeldPool pool(double plate, double guess) {
        WeldPool own = sheet.heat().pool();
        return new WeldPool(
                heat.frontWidthMm(plate, guess), heat.backWidthMm(plate, guess), own.lengthMm(), own.thicknessMm());
    }

    private double backPeakC(double plate) {
        return heat.backPeakC(plate, joint.thinnerMm(), sheet.heat().metal().meltC());
    }

    private double pull(JointConduction conduction, double plate, double speedMmPerS, double guess) {
        return DistortionIndex.of(
                        plate / speedMmPerS,
                        conduction.frontWidthMm(plate, guess),
                        joint.hasOpenBack() ? conduction.backWidthMm(plate, guess) : 0,
                        sheet.heat().effectiveThicknessMm())
                .index();
    }

    /** {@return what becomes of the weld at a current, A} */
    WeldZone zone(double currentA) {
        double plate = plateW(currentA);
        if (plate < faceW) {
            return WeldZone.NO_FUSION;
        }
        if (joint.hasOpenBack()) {
            double widest = WeldPool.widestBackMm(sheet.heat().metal(), wallMm, currentA);
            if (plate > backAtW(widest)) {
                return WeldZone.BURN_THROUGH;
            }
            if (plate > backAtW(SAG_SHARE * widest)) {
                return WeldZone.SAGS;
            }
        }
        if (plate < rootW) {
            return through ? WeldZone.NOT_THROUGH : WeldZone.ROOT_NOT_FUSED;
        }
        boolean solid = !through && sheet.heat().pool().backWidthMm() == 0;
        if (solid && joint.hasOpenBack() && plate > backW) {
            return WeldZone.BACK_MELTS;
        }
        return shape(plate);
    }

    private WeldZone shape(double plate) {
        boolean hasBack = joint.hasOpenBack() && joint.form() != JointForm.OUTSIDE_CORNER;
        boolean wideBack = hasBack && plate > backAtW(WIDE_SHARE * 2 * demand.halfWidthMm());
        if (plate > wideW || wideBack) {
            return WeldZone.TOO_WIDE;
        }
        double width = heat.frontWidthMm(plate, 2 * demand.halfWidthMm());
        double behind = heat.poolLengthMm(plate, width);
        if (behind + width / 2 > Math.PI * width) {
            return WeldZone.UNDERCUT;
        }
        return mostC.isPresent() && leavesC(plate) > mostC.getAsDouble() ? WeldZone.TOO_HOT_FOR_COLOUR : WeldZone.GOOD;
    }

    /** The power at which the back is so wide, W. */
    private double backAtW(double widthMm) {
        double planned = sheet.heat().pool().backWidthMm();
        double conducted = joint.isTitanium() && planned > 0 && widthMm > planned
                ? planned * Math.pow(widthMm / planned, 1 / TITANIUM_BACK_GROWTH)
                : widthMm;
        return heat.powerW(Math.max(JointConduction.LEAST_HALF_WIDTH_MM, conducted / 2), wallMm);
    }

    private double leavesC(double plate) {
        HeatBalance own = sheet.heat();
        return GasCover.leavesC(here(plate, own.pool(), own.backPeakC()), sheet.gasCoverMm());
    }

    /** The sheet's balance with another power, and with what that melts. */
    private HeatBalance here(double plate, WeldPool pool, double backPeakC) {
        HeatBalance own = sheet.heat();
        return new HeatBalance(
                own.joint(),
                own.practice(),
                demand,
                plate,
                own.wirePowerW(),
                own.baseShare(),
                pool,
                own.poolBehindMm(),
                backPeakC,
                own.coolingPowerW() * plate / own.platePowerW());
    }
}
