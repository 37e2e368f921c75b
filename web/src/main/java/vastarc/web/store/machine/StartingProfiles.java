package vastarc.web.store.machine;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import vastarc.core.advice.cycle.TriggerMode.TriggerModeName;
import vastarc.core.equipment.MachineProfile;
import vastarc.core.equipment.MachineProfile.OfferedTriggerMode;
import vastarc.core.equipment.MachineProfile.PanelShape;

/** The shapes a new machine can start from. */
public final class StartingProfiles {

    /** Names of the profiles that a new machine may start from. */
    public static final List<String> NAMES = List.of("menu", "knobs", "generator", "nothing");

    private StartingProfiles() {}

    /**
     * {@return the profile of a shape; empty if there is no such shape}
     *
     * @param name the name
     */
    public static Optional<MachineProfile> of(String name) {
        if (!NAMES.contains(name)) {
            return Optional.empty();
        }
        return Optional.of(name.equals("nothing") ? nothing() : read(name));
    }

    private static MachineProfile nothing() {
        return new MachineProfile(
                "New machine",
                PanelShape.KNOBS,
                5,
                200,
                false,
                List.of(
                        OfferedTriggerMode.usual(TriggerModeName.PEDAL),
                        OfferedTriggerMode.usual(TriggerModeName.TRIGGER_2T_SLOPES),
                        OfferedTriggerMode.usual(TriggerModeName.TRIGGER_4T)),
                Set.of("HF"),
                true,
                MachineProfile.Polarity.SWAP_LEADS,
                false,
                List.of(),
                1.6,
                List.of(),
                0);
    }

    private static MachineProfile read(String name) {
        try (InputStream in = StartingProfiles.class.getResourceAsStream("/machines/" + name + ".json")) {
            return ProfileReader.read(new String(in.readAllBytes(), StandardCharsets.UTF_8))
                    .value()
                    .orElseThrow(() -> new IllegalStateException("pattern " + name + " is broken"));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** A profile under another name. */
    static MachineProfile named(MachineProfile profile, String name) {
        return new MachineProfile(
                name,
                profile.shape(),
                profile.minA(),
                profile.maxA(),
                profile.alternating(),
                profile.logics(),
                profile.starts(),
                profile.remote(),
                profile.polarity(),
                profile.cooler(),
                profile.plate(),
                profile.aspect(),
                profile.elements(),
                profile.slots());
    }
}
