package vastarc.web.store.job;

import java.io.IOException;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.core.annotation.Order;
import org.springframework.core.io.ClassPathResource;
import org.springframework.stereotype.Component;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;
import vastarc.web.store.DemoPart;

/** Fills an empty bench with the jobs of the demo shop, Harrow Slip. */
@Component
@Order(0)
class DemoShop implements DemoPart {

    private final JobStore store;

    DemoShop(JobStore store) {
        this.store = store;
    }

    private record DemoJob(String name, String notes, Map<String, String> joint, Map<String, String> purge) {}

    @Override
    public boolean isBare() {
        return store.isEmpty();
    }

    @Override
    public void lay() throws IOException {
        JsonMapper json = JsonMapper.builder().build();
        try (var in = new ClassPathResource("demo/harrow-slip.json").getInputStream()) {
            List<DemoJob> demo = json.readValue(in, new TypeReference<>() {});
            store.createAll(demo.stream()
                    .map(job -> new JobStore.JobEdit(job.name(), job.notes(), content(job)))
                    .toList());
        }
    }

    private static JobContent content(DemoJob job) {
        Map<String, String> purge = Optional.ofNullable(job.purge()).orElse(Map.of());
        return JobContent.of(new JointText(job.joint(), Map.of())).with(new PurgeText(purge, Map.of()));
    }
}
