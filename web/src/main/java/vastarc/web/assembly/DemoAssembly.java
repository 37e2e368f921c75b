package vastarc.web.assembly;

import java.io.IOException;
import java.io.InputStream;
import java.time.Clock;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.core.io.ClassPathResource;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;
import vastarc.core.record.assembly.SeamEvent;
import vastarc.core.record.assembly.SeamEvent.Examination;
import vastarc.core.record.assembly.SeamEvent.SeamEventKind;
import vastarc.web.store.DemoPart;
import vastarc.web.store.assembly.AssemblyStore;
import vastarc.web.store.assembly.Seam;
import vastarc.web.store.assembly.Seam.SeamText;
import vastarc.web.store.assembly.SeamEventRow.SeamEntry;
import vastarc.web.store.job.Job;
import vastarc.web.store.job.JobStore;

/** The demo shop's station as an assembly of six seams, one of them repaired, one held. */
@Component
@Order(Ordered.LOWEST_PRECEDENCE)
class DemoAssembly implements DemoPart {

    private static final String FOLDER = "demo/";
    private static final int JOBS = 20;

    private final AssemblyStore assemblies;
    private final JobStore jobs;
    private final Clock clock;

    DemoAssembly(AssemblyStore assemblies, JobStore jobs, Clock clock) {
        this.assemblies = assemblies;
        this.jobs = jobs;
        this.clock = clock;
    }

    private record DemoStation(String name, String drawing, List<DemoSeam> seams) {}

    private record DemoSeam(
            String number, String location, String job, String hold, double x, double y, List<DemoEvent> events) {}

    private record DemoEvent(
            int daysAgo,
            SeamEventKind kind,
            String by,
            @Nullable String machine,
            @Nullable Examination method,
            boolean accepted,
            @Nullable String cause) {

        SeamEntry entry(LocalDate today) {
            return new SeamEntry(
                    new SeamEvent(
                            kind,
                            today.minusDays(daysAgo).toString(),
                            by,
                            Optional.ofNullable(method).orElse(Examination.NONE),
                            accepted,
                            Optional.ofNullable(cause).orElse("")),
                    Optional.empty(),
                    Optional.ofNullable(machine).orElse(""));
        }
    }

    @Override
    public boolean isBare() {
        return assemblies.all().isEmpty();
    }

    @Override
    public void lay() throws IOException {
        DemoStation station =
                JsonMapper.builder().build().readValue(read("tide-gauge-station.json"), DemoStation.class);
        Optional<UUID> made = assemblies.create(station.name()).map(assembly -> assembly.id());
        if (made.isPresent()) {
            lay(made.get(), station);
        }
    }

    private void lay(UUID assembly, DemoStation station) throws IOException {
        Map<String, UUID> bench =
                jobs.newest(JOBS).stream().collect(Collectors.toMap(Job::name, Job::id, (one, other) -> one));
        LocalDate today = LocalDate.ofInstant(clock.instant(), ZoneId.systemDefault());
        assemblies.draw(assembly, read(station.drawing()));
        assemblies.add(
                assembly,
                station.seams().stream()
                        .map(seam -> new SeamText(
                                seam.number(),
                                seam.location(),
                                Optional.ofNullable(bench.get(seam.job())),
                                "",
                                seam.hold()))
                        .toList());
        for (DemoSeam seam : station.seams()) {
            UUID id = assemblies.seam(assembly, seam.number()).map(Seam::id).orElseThrow();
            assemblies.mark(id, seam.x(), seam.y());
            seam.events().forEach(event -> assemblies.enter(id, event.entry(today)));
        }
    }

    private static byte[] read(String name) throws IOException {
        try (InputStream in = new ClassPathResource(FOLDER + name).getInputStream()) {
            return in.readAllBytes();
        }
    }
}
