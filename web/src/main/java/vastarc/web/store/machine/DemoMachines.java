package vastarc.web.store.machine;

import java.io.IOException;
import java.io.InputStream;
import java.util.List;
import org.springframework.core.annotation.Order;
import org.springframework.core.io.ClassPathResource;
import org.springframework.stereotype.Component;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;
import vastarc.web.store.DemoPart;

/** Gives an empty demo shop its three machines and their torches. */
@Component
@Order(0)
class DemoMachines implements DemoPart {

    private static final JsonMapper JSON = JsonMapper.builder().build();

    private final MachineStore store;

    DemoMachines(MachineStore store) {
        this.store = store;
    }

    private record NamedProfile(String pattern, String name) {}

    @Override
    public boolean isBare() {
        return store.machines().isEmpty() && store.torches().isEmpty();
    }

    @Override
    public void lay() throws IOException {
        List<NamedProfile> machines = read("demo/machines.json", new TypeReference<>() {});
        machines.forEach(machine -> StartingProfiles.of(machine.pattern())
                .map(profile -> StartingProfiles.named(profile, machine.name()))
                .ifPresent(store::create));
        List<Torch.TorchForm> torches = read("demo/torches.json", new TypeReference<>() {});
        torches.forEach(store::create);
    }

    private static <T> T read(String name, TypeReference<T> type) throws IOException {
        try (InputStream in = new ClassPathResource(name).getInputStream()) {
            return JSON.readValue(in, type);
        }
    }
}
