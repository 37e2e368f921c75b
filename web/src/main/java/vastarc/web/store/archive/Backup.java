package vastarc.web.store.archive;

import jakarta.persistence.EntityManager;
import java.io.IOException;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.nio.file.Path;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.concurrent.locks.ReentrantLock;
import java.util.function.BiConsumer;
import java.util.function.Supplier;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.TransactionDefinition;
import org.springframework.transaction.support.TransactionTemplate;
import tools.jackson.core.JsonEncoding;
import tools.jackson.core.JsonGenerator;
import tools.jackson.core.StreamWriteFeature;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.base.validation.Problem;
import vastarc.web.format.CoreJson;
import vastarc.web.format.Format;
import vastarc.web.store.TransactionRetry;
import vastarc.web.store.archive.ArchiveSection.ArchiveElement;

/**
 * Makes archives of the shop and takes them. Nothing is written before all of an archive has been read and found sound, and then all or
 * nothing. Equal shops give equal bytes.
 */
@Service
public class Backup {

    /** Largest archive taken, bytes. */
    public static final int MAX_PACKED = 64 * 1024 * 1024;

    /** The version that is written. */
    static final int VERSION = 14;

    private static final String MANIFEST = "manifest.json";
    private static final String KIND = "vast-arc-shop";
    private static final int AT_ONCE = 100;
    private static final int CHANGES_NAMED = 200;
    private static final LocalDateTime NO_TIME = LocalDateTime.of(1980, 1, 1, 0, 0);
    private static final JsonMapper JSON = CoreJson.kept();

    private final List<ArchiveSection> parts;
    private final EntityManager session;
    private final TransactionRetry retrying;
    private final TransactionTemplate snapshot;
    private final ReentrantLock taking = new ReentrantLock();

    Backup(
            List<ArchiveSection> parts,
            EntityManager session,
            TransactionRetry retrying,
            PlatformTransactionManager transactions) {
        this.parts = inOrder(parts);
        this.session = session;
        this.retrying = retrying;
        this.snapshot = new TransactionTemplate(transactions);
        snapshot.setReadOnly(true);
        snapshot.setIsolationLevel(TransactionDefinition.ISOLATION_REPEATABLE_READ);
    }

    /**
     * Writes the archive of the shop as it is.
     *
     * @param out where to write
     * @throws java.io.IOException if the disk fails
     */
    public void export(OutputStream out) throws IOException {
        try (ZipOutputStream zip = new ZipOutputStream(out)) {
            entry(zip, MANIFEST, json -> json.writePOJO(Map.of("format", KIND, "version", VERSION)));
            snapshot.executeWithoutResult(status -> parts.forEach(part -> export(zip, part)));
        } catch (UncheckedIOException e) {
            throw e.getCause();
        }
    }

    /** What others point to before them, else by name. */
    private static List<ArchiveSection> inOrder(List<ArchiveSection> sections) {
        List<ArchiveSection> left = new ArrayList<>(sections);
        left.sort(Comparator.comparing(ArchiveSection::file));
        List<ArchiveSection> ordered = new ArrayList<>();
        Set<String> placed = new TreeSet<>();
        while (!left.isEmpty()) {
            ArchiveSection next = left.stream()
                    .filter(section -> placed.containsAll(section.needs()))
                    .findFirst()
                    .orElseThrow(
                            () -> new IllegalStateException("sections of the archive need each other in a circle"));
            left.remove(next);
            ordered.add(next);
            placed.add(next.file());
        }
        return List.copyOf(ordered);
    }

    private interface BackupWriting {
        void write(JsonGenerator json);
    }

    private void export(ZipOutputStream zip, ArchiveSection part) {
        entry(zip, part.file(), json -> {
            if (part.isSingle()) {
                part.write(json::writeTree);
                return;
            }
            int[] count = {0};
            json.writeStartArray();
            part.write(element -> {
                json.writeRaw('\n');
                json.writeTree(element);
                if (++count[0] % AT_ONCE == 0) {
                    session.clear();
                }
            });
            json.writeEndArray();
        });
        session.clear();
    }

    private static void entry(ZipOutputStream zip, String name, BackupWriting writing) {
        try {
            ZipEntry entry = new ZipEntry(name);
            entry.setTimeLocal(NO_TIME);
            zip.putNextEntry(entry);
            try (JsonGenerator json = JSON.writer()
                    .without(StreamWriteFeature.AUTO_CLOSE_TARGET)
                    .createGenerator(zip, JsonEncoding.UTF8)) {
                writing.write(json);
            }
            zip.closeEntry();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /**
     * {@return what taking an archive would change, a line each; empty where the shop is the same} Changes nothing.
     *
     * @param packed the backup
     * @throws ArchiveRefused where it cannot be taken
     */
    public List<String> changes(Path packed) {
        return alone(() -> read(packed));
    }

    /**
     * Takes an archive into the shop, all or nothing. What it does not name stays.
     *
     * @param packed the backup
     * @return what it changed
     * @throws ArchiveRefused where it cannot be taken
     */
    public List<String> take(Path packed) {
        return alone(() -> {
            List<String> changes = read(packed);
            try {
                retrying.inTransaction(() -> put(packed));
            } finally {
                parts.forEach(ArchiveSection::restored);
            }
            return changes;
        });
    }

    private int put(Path packed) {
        int[] count = {0};
        read(packed, (part, item) -> {
            item.take();
            if (++count[0] % AT_ONCE == 0) {
                session.flush();
                session.clear();
            }
        });
        session.flush();
        parts.forEach(ArchiveSection::makeRoom);
        return count[0];
    }

    private interface BackupTask {
        List<String> done();
    }

    private List<String> alone(BackupTask work) {
        if (!taking.tryLock()) {
            throw new ArchiveBusy();
        }
        try {
            return work.done();
        } finally {
            taking.unlock();
        }
    }

    private List<String> read(Path packed) {
        Set<String> lines = new LinkedHashSet<>();
        int[] more = {0};
        read(
                packed,
                (part, item) -> item.change().ifPresent(line -> {
                    if (lines.size() < CHANGES_NAMED) {
                        lines.add(line);
                    } else if (!lines.contains(line)) {
                        more[0]++;
                    }
                }));
        List<String> messages = new ArrayList<>(lines);
        if (more[0] > 0) {
            messages.add("and " + more[0] + " more");
        }
        return messages;
    }

    private void read(Path packed, BiConsumer<ArchiveSection, ArchiveElement> taker) {
        Set<String> names = new TreeSet<>(Set.of(MANIFEST));
        parts.forEach(part -> names.add(part.file()));
        try (ArchiveFile file = ArchiveFile.open(packed, names)) {
            int version = version(file);
            ArchiveIds known = new ArchiveIds();
            for (ArchiveSection part : parts) {
                if (part.since() <= version) {
                    read(file, version, part, known, taker);
                }
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static int version(ArchiveFile file) {
        int[] version = {0};
        file.forEach(MANIFEST, true, manifest -> {
            boolean ours = KIND.equals(manifest.path("format").asString(""));
            version[0] = ours ? manifest.path("version").asInt(0) : 0;
        });
        if (version[0] < 1 || version[0] > VERSION) {
            throw new ArchiveRefused("it says it is of version " + version[0] + "; this program takes 1 to " + VERSION);
        }
        return version[0];
    }

    private static void read(
            ArchiveFile file,
            int version,
            ArchiveSection part,
            ArchiveIds known,
            BiConsumer<ArchiveSection, ArchiveElement> taker) {
        int[] place = {0};
        file.forEach(part.file(), part.isSingle(), element -> {
            String where = part.isSingle() ? "/" + part.file() : "/" + part.file() + "/" + place[0];
            upgrade(part, element, version, place[0]++, where);
            List<Problem> faults = Format.SHOP.faults(part.file(), element);
            if (!faults.isEmpty()) {
                Problem fault = faults.get(0);
                String inside = fault.field().equals("body") ? "" : fault.field();
                throw new ArchiveRefused(
                        where + inside + " does not fit the format: " + fault.message(UnitSystem.METRIC));
            }
            taker.accept(part, kept(where, () -> part.read(element, known)));
        });
    }

    /** From version to version up to today's. */
    private static void upgrade(ArchiveSection part, JsonNode element, int version, int place, String where) {
        if (version < VERSION && element instanceof ObjectNode object) {
            kept(where, () -> {
                for (int from = version; from < VERSION; from++) {
                    part.upgrade(object, from, place);
                }
                return object;
            });
        }
    }

    /** Whatever a part stumbles over, it is the archive that is wrong: parts look at nothing else here. */
    private static <T> T kept(String where, Supplier<T> reading) {
        try {
            return reading.get();
        } catch (IllegalArgumentException e) {
            throw new ArchiveRefused(where + " cannot be kept: " + e.getMessage());
        } catch (RuntimeException e) {
            throw new ArchiveRefused(where + " cannot be kept: it does not fit");
        }
    }
}
