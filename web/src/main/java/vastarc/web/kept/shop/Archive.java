package vastarc.web.kept.shop;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.time.LocalDateTime;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.zip.ZipEntry;
import java.util.zip.ZipException;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;
import vastarc.core.finding.Outcome;
import vastarc.core.finding.Problem;
import vastarc.core.table.Complete;

/** A shop as one open archive: a few JSON files of known names, zipped. Anything else is refused before it is unpacked. */
public final class Archive {

    /** The names an archive has, in order. */
    static final Set<String> NAMES = Collections.unmodifiableSet(new LinkedHashSet<>(
            List.of("manifest.json", "shop.json", "jobs.json", "machines.json", "torches.json", "readings.json")));

    /** Largest archive taken, and largest file in it once unpacked, bytes. */
    public static final int MAX_PACKED = 8 * 1024 * 1024;

    private static final int MAX_FILE = 24 * 1024 * 1024;
    private static final LocalDateTime NO_TIME = LocalDateTime.of(1980, 1, 1, 0, 0);

    private Archive() {}

    /** Packs files; the same files give the same bytes. */
    static byte[] pack(Map<String, String> files) {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(bytes)) {
            for (String name : NAMES) {
                ZipEntry entry = new ZipEntry(name);
                entry.setTimeLocal(NO_TIME);
                zip.putNextEntry(entry);
                zip.write(Complete.get(files, name).getBytes(StandardCharsets.UTF_8));
                zip.closeEntry();
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return bytes.toByteArray();
    }

    /** The files of an archive, or why it is none of ours. */
    static Outcome<Map<String, String>> unpack(byte[] packed) {
        if (packed.length > MAX_PACKED) {
            return refused("it is larger than " + MAX_PACKED / 1024 / 1024 + " MB");
        }
        Map<String, String> files = new LinkedHashMap<>();
        try (ZipInputStream zip = new ZipInputStream(new ByteArrayInputStream(packed))) {
            for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
                if (!NAMES.contains(entry.getName())) {
                    return refused("it holds a file of another name");
                }
                if (files.containsKey(entry.getName())) {
                    return refused("it holds " + entry.getName() + " twice");
                }
                byte[] content = zip.readNBytes(MAX_FILE + 1);
                if (content.length > MAX_FILE) {
                    return refused(entry.getName() + " unpacks to more than " + MAX_FILE / 1024 / 1024 + " MB");
                }
                files.put(entry.getName(), new String(content, StandardCharsets.UTF_8));
            }
        } catch (ZipException e) {
            return refused("it is damaged");
        } catch (IOException | IllegalArgumentException e) {
            return refused("it is cut short or damaged");
        }
        return files.keySet().containsAll(NAMES) ? Outcome.of(files) : refused("it is no archive of a shop");
    }

    static <T> Outcome<T> refused(String why) {
        return Outcome.failed(Problem.badValue("archive", "archive", why));
    }
}
