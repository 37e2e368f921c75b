package vastarc.core.rehearsal;

import java.util.List;
import java.util.Optional;
import vastarc.core.consumable.Wire;
import vastarc.core.joint.Chill;
import vastarc.core.joint.Joint;
import vastarc.core.joint.JointLimits.Range;
import vastarc.core.joint.PulsePurpose;
import vastarc.core.joint.Weld;
import vastarc.core.material.Material;
import vastarc.core.quantity.Unit;
import vastarc.core.score.ScoreKey;
import vastarc.core.sheet.SettingKey;
import vastarc.core.sheet.Sheet;

/** One thing that is changed beside an otherwise same weld. Spoken by {@code rehearsal.change.<name>}. */
public enum Change {
    NOTHING,
    CURRENT,
    TRAVEL,
    PULSE,
    THINNER_WIRE,
    THICKER_WIRE,
    BAR,
    NO_SLOPES,
    UNSTEADY,
    NARROW,
    CARBON_STEEL,
    CHROMOLY_4130,
    STAINLESS_304L,
    STAINLESS_316L,
    TITANIUM_GR2,
    TITANIUM_GR5;

    /** By how much, for those that ask: current and travel, %. */
    public static final Range AMOUNT = new Range("amount", -40, 40, Unit.PERCENT);

    public static final double USUAL_AMOUNT = 10;

    private static final double NARROW_MM = 12;
    private static final double SUDDEN_S = 0.1;

    public boolean takesAmount() {
        return this == CURRENT || this == TRAVEL;
    }

    /**
     * The changed weld; the same where the change does not apply to it. What is changed beside the current leaves the current as it was.
     *
     * @param percent for those that take an amount
     */
    public Setup on(Setup setup, double percent) {
        Optional<Sheet> planned = setup.sheet().value();
        if (planned.isEmpty()) {
            return setup;
        }
        Sheet sheet = planned.get();
        double factor = 1 + percent / 100;
        return switch (this) {
            case NOTHING -> setup;
            case CURRENT ->
                setup.own(
                        SettingKey.WORKING_CURRENT,
                        factor * sheet.setting(SettingKey.WORKING_CURRENT).value());
            case TRAVEL ->
                setup.by(setup.hand()
                        .travelling(60 * factor * sheet.heat().demand().speedMmPerS()));
            case PULSE -> pulse(setup, sheet);
            case THINNER_WIRE, THICKER_WIRE -> wire(setup, sheet);
            case BAR -> bar(setup, sheet);
            case NO_SLOPES -> sudden(setup, sheet);
            case UNSTEADY ->
                setup.by(setup.hand().unsteady(Hand.USUAL_SCATTER, setup.hand().seed()));
            case NARROW -> setup.legs(NARROW_MM);
            default -> metal(setup);
        };
    }

    /** A pulse of the same mean power, or none. */
    private static Setup pulse(Setup setup, Sheet sheet) {
        PulsePurpose other = sheet.isPulsed() ? PulsePurpose.NONE : PulsePurpose.HEAT;
        return setup.practised(draft -> draft.pulse = other);
    }

    private Setup wire(Setup setup, Sheet sheet) {
        double now = sheet.find(SettingKey.WIRE_DIAMETER)
                .filter(setting -> setting.window().isPresent())
                .map(setting -> setting.value())
                .orElse(0.0);
        List<Double> sizes =
                Wire.sizes().stream().map(Wire::diameterMm).sorted().toList();
        return now == 0
                ? setup
                : (this == THINNER_WIRE
                                ? sizes.stream().filter(size -> size < now).reduce((a, b) -> b)
                                : sizes.stream().filter(size -> size > now).findFirst())
                        .map(setup::wire)
                        .orElse(setup);
    }

    private static Setup bar(Setup setup, Sheet sheet) {
        Chill other = sheet.practice().chill() == Chill.NONE ? Chill.COPPER_BAR : Chill.NONE;
        return setup.held().practised(draft -> draft.chill = other);
    }

    private static Setup sudden(Setup setup, Sheet sheet) {
        return setup.own(
                        SettingKey.START_CURRENT,
                        sheet.setting(SettingKey.WORKING_CURRENT).value())
                .own(SettingKey.UP_SLOPE, 0)
                .own(SettingKey.DOWN_SLOPE, 0)
                .own(ScoreKey.END_HOLD, 0)
                .own(ScoreKey.FOOT_IN, SUDDEN_S)
                .own(ScoreKey.FOOT_OUT, SUDDEN_S);
    }

    private Setup metal(Setup setup) {
        Material material = Material.valueOf(name());
        Joint joint = setup.plan().weld().joint().with(draft -> {
            draft.material = material;
            draft.other = material;
        });
        return setup.held().welding(new Weld(joint, setup.plan().weld().practice()));
    }
}
