package vastarc.web.kept.shop;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionTemplate;
import tools.jackson.core.JacksonException;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;
import vastarc.core.finding.Outcome;
import vastarc.core.finding.Problem;
import vastarc.core.machine.DialReading;
import vastarc.core.machine.MachineProfile;
import vastarc.web.format.CoreJson;
import vastarc.web.format.Format;
import vastarc.web.kept.job.JobContent;
import vastarc.web.kept.job.JobFormat;
import vastarc.web.kept.job.JobStore;
import vastarc.web.kept.machine.DialReadingRow;
import vastarc.web.kept.machine.Machine;
import vastarc.web.kept.machine.MachineStore;
import vastarc.web.kept.machine.ProfileReader;
import vastarc.web.kept.machine.Torch;

/** The whole shop out of the database and back into it. Nothing is written before all of an archive has been read and found sound. */
@Service
public class Backup {

    private static final JsonMapper JSON =
            CoreJson.kept().rebuild().enable(SerializationFeature.INDENT_OUTPUT).build();

    private final ShopStore shop;
    private final JobStore jobs;
    private final MachineStore machines;
    private final TransactionTemplate transaction;

    Backup(ShopStore shop, JobStore jobs, MachineStore machines, TransactionTemplate transaction) {
        this.shop = shop;
        this.jobs = jobs;
        this.machines = machines;
        this.transaction = transaction;
    }

    /** First file of an archive. */
    record Manifest(String format, int version) {

        static final Manifest OURS = new Manifest("vast-arc-shop", 2);
    }

    /** A job as archived. */
    public record JobFile(UUID id, String name, String notes, JobContent content) {}

    /** A machine as archived; its profile is a document of the published format. */
    record MachineFile(UUID id, JsonNode profile) {}

    /** A torch as archived. */
    public record TorchFile(UUID id, Torch.TorchForm torch) {}

    /** A reading as archived. */
    public record ReadingFile(UUID machine, String element, int band, double place, double amps, boolean simulated) {}

    /** A shop read from an archive and found sound. */
    public record Content(
            Habits habits,
            List<JobFile> jobs,
            Map<UUID, MachineProfile> machines,
            List<TorchFile> torches,
            List<ReadingFile> readings) {}

    /** The archive of the shop as it is. */
    public byte[] export() {
        Map<String, String> files = new LinkedHashMap<>();
        files.put("manifest.json", JSON.writeValueAsString(Manifest.OURS));
        files.put("shop.json", JSON.writeValueAsString(shop.habits()));
        files.put(
                "jobs.json",
                JSON.writeValueAsString(jobs.onTheBench().stream()
                        .map(job -> new JobFile(job.id(), job.name(), job.notes(), job.content()))
                        .toList()));
        List<Machine> kept = machines.machines();
        files.put(
                "machines.json",
                JSON.writeValueAsString(kept.stream()
                        .map(machine -> new MachineFile(machine.id(), ProfileReader.document(machine.profile())))
                        .toList()));
        files.put(
                "torches.json",
                JSON.writeValueAsString(machines.torches().stream()
                        .map(torch -> new TorchFile(torch.id(), torch.form()))
                        .toList()));
        List<ReadingFile> readings = new ArrayList<>();
        for (Machine machine : kept) {
            for (DialReadingRow row : machines.readings(machine.id())) {
                readings.add(new ReadingFile(
                        machine.id(),
                        row.elementId(),
                        row.band(),
                        row.reading().place(),
                        row.reading().amps(),
                        row.simulated()));
            }
        }
        files.put("readings.json", JSON.writeValueAsString(readings));
        return Archive.pack(files);
    }

    /** What an archive holds, or why it cannot be taken. Changes nothing. */
    public Outcome<Content> read(byte[] packed) {
        return Archive.unpack(packed).then(this::content);
    }

    private Outcome<Content> content(Map<String, String> files) {
        try {
            ObjectNode whole = JSON.createObjectNode();
            files.forEach((name, text) -> whole.set(name, JSON.readTree(text)));
            boolean first = whole.at("/manifest.json/version").asInt(0) == 1;
            List<Problem> faults = (first ? Format.SHOP_1 : Format.SHOP).faults(whole);
            if (!faults.isEmpty()) {
                return Archive.refused(faults.get(0).field() + " does not fit the format");
            }
            return sound(first ? upgraded(whole) : whole);
        } catch (JacksonException | IllegalArgumentException e) {
            return Archive.refused("one of its files does not fit the format");
        }
    }

    /** An archive of version 1, whose jobs were kept in one map of texts, as one of today. */
    private static ObjectNode upgraded(ObjectNode whole) {
        whole.get("jobs.json").forEach(node -> {
            ObjectNode job = (ObjectNode) node;
            JobContent content = JobFormat.FORMAT.read(job.remove("form"), 1);
            job.set("content", JobFormat.FORMAT.content(content));
        });
        return whole;
    }

    /** What the schema cannot say: sizes that are made, profiles, forms, ids that lead somewhere. */
    private static Outcome<Content> sound(ObjectNode whole) {
        Habits habits = JSON.treeToValue(whole.get("shop.json"), Habits.class);
        List<JobFile> jobFiles = JSON.convertValue(whole.get("jobs.json"), new TypeReference<>() {});
        List<MachineFile> machineFiles = JSON.convertValue(whole.get("machines.json"), new TypeReference<>() {});
        List<TorchFile> torchFiles = JSON.convertValue(whole.get("torches.json"), new TypeReference<>() {});
        List<ReadingFile> readings = JSON.convertValue(whole.get("readings.json"), new TypeReference<>() {});
        Map<UUID, MachineProfile> profiles = new LinkedHashMap<>();
        for (MachineFile file : machineFiles) {
            Outcome<MachineProfile> read = ProfileReader.read(file.profile());
            if (read.value().isEmpty()) {
                return Outcome.failed(read.problems());
            }
            profiles.put(file.id(), read.value().get());
        }
        boolean sound = habits.isSound()
                && jobFiles.stream().allMatch(job -> job.content().joint().isSound())
                && torchFiles.stream().allMatch(file -> file.torch().isSound())
                && readings.stream().allMatch(reading -> profiles.containsKey(reading.machine()));
        return sound
                ? Outcome.of(new Content(habits, jobFiles, profiles, torchFiles, readings))
                : Archive.refused("one of its jobs, torches or readings does not fit the format");
    }

    /** What taking an archive would change, a line each. */
    public List<String> changes(Content content) {
        List<String> lines = new ArrayList<>();
        for (JobFile file : content.jobs()) {
            jobs.find(file.id())
                    .ifPresentOrElse(
                            job -> {
                                boolean same = !job.isDeleted()
                                        && job.name().equals(file.name())
                                        && job.notes().equals(file.notes())
                                        && job.document()
                                                .value()
                                                .filter(file.content()::equals)
                                                .isPresent();
                                if (!same) {
                                    lines.add("job “" + job.name() + "” is replaced");
                                }
                            },
                            () -> lines.add("job “" + file.name() + "” comes in"));
        }
        content.machines()
                .forEach((id, profile) -> machines.machine(id)
                        .ifPresentOrElse(
                                machine -> {
                                    if (!machine.profile().equals(profile)) {
                                        lines.add("machine “" + machine.name() + "” is replaced");
                                    }
                                },
                                () -> lines.add("machine “" + profile.name() + "” comes in")));
        content.torches().stream()
                .filter(file -> machines.torch(file.id()).isEmpty())
                .forEach(file -> lines.add("torch “" + file.torch().name() + "” comes in"));
        if (!shop.habits().equals(content.habits())) {
            lines.add("habits and stock are replaced");
        }
        return lines;
    }

    /** Takes an archive into the shop, all or nothing. Jobs and machines it does not name stay. */
    public void restore(Content content) {
        try {
            transaction.executeWithoutResult(status -> put(content));
        } finally {
            shop.reread();
        }
    }

    private void put(Content content) {
        shop.change(habits -> content.habits());
        content.jobs()
                .forEach(file -> jobs.put(file.id(), new JobStore.Edit(file.name(), file.notes(), file.content())));
        content.machines().forEach(machines::put);
        content.torches().forEach(file -> machines.putTorch(file.id(), file.torch()));
        content.machines().keySet().forEach(machines::forgetAll);
        content.readings()
                .forEach(reading -> machines.read(
                        reading.machine(),
                        reading.element(),
                        reading.band(),
                        new DialReading(reading.place(), reading.amps()),
                        reading.simulated()));
    }
}
