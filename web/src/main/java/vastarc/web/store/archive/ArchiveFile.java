package vastarc.web.store.archive;

import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Path;
import java.util.Enumeration;
import java.util.HashSet;
import java.util.Set;
import java.util.function.Consumer;
import java.util.zip.CRC32;
import java.util.zip.CheckedInputStream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;
import tools.jackson.core.JacksonException;
import tools.jackson.core.JsonParser;
import tools.jackson.core.JsonToken;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.util.TokenBuffer;
import vastarc.web.format.CoreJson;

/**
 * An archive as a zip on the disk, read one element at a time. A file cut anywhere, of an unknown name, twice in the zip, too large or
 * altered since it was packed is refused.
 */
final class ArchiveFile implements AutoCloseable {

    /** Largest file once unpacked, bytes. */
    private static final long MAX_FILE = 512L * 1024 * 1024;

    /** Most tokens of one element: a machine with every control there can be has some thousands. */
    private static final int MAX_TOKENS = 50_000;

    private static final JsonMapper JSON = CoreJson.kept();

    private final ZipFile zip;

    private ArchiveFile(ZipFile zip) {
        this.zip = zip;
    }

    /**
     * Opens an archive.
     *
     * @param names the files it may hold
     * @throws ArchiveRefused where it is no archive of ours
     */
    static ArchiveFile open(Path packed, Set<String> names) throws IOException {
        try {
            ArchiveFile file = new ArchiveFile(new ZipFile(packed.toFile()));
            file.knowsAll(names);
            return file;
        } catch (IOException | IllegalArgumentException e) {
            throw new ArchiveRefused("it is cut short, damaged, or no archive of a shop");
        }
    }

    private void knowsAll(Set<String> names) throws IOException {
        Set<String> met = new HashSet<>();
        for (Enumeration<? extends ZipEntry> entries = zip.entries(); entries.hasMoreElements(); ) {
            String name = entries.nextElement().getName();
            if (!names.contains(name) || !met.add(name)) {
                zip.close();
                throw new ArchiveRefused("it holds a file of another name, or one twice");
            }
        }
    }

    boolean has(String name) {
        return zip.getEntry(name) != null;
    }

    /**
     * Goes through a file.
     *
     * @param single whether it holds one element rather than a list
     */
    void forEach(String name, boolean single, Consumer<JsonNode> element) {
        ZipEntry entry = zip.getEntry(name);
        if (entry == null) {
            throw new ArchiveRefused(name + " is missing");
        }
        if (entry.getSize() > MAX_FILE) {
            throw new ArchiveRefused(name + " unpacks to more than " + MAX_FILE / 1024 / 1024 + " MB");
        }
        try (CheckedInputStream in = new CheckedInputStream(zip.getInputStream(entry), new CRC32())) {
            try (JsonParser parser = JSON.createParser(bounded(in))) {
                read(parser, single, element);
            }
            if (in.getChecksum().getValue() != entry.getCrc()) {
                throw new ArchiveRefused(name + " was altered since it was packed");
            }
        } catch (IOException | JacksonException e) {
            throw new ArchiveRefused(name + " is damaged");
        }
    }

    /** Whatever the zip says of its sizes, no more than the bound is unpacked. The checksum is taken of all that is there. */
    private static InputStream bounded(InputStream in) {
        return new InputStream() {
            private long left = MAX_FILE;

            @Override
            public int read() throws IOException {
                left--;
                return left < 0 ? -1 : in.read();
            }

            @Override
            public int read(byte[] bytes, int from, int length) throws IOException {
                int read = left <= 0 ? -1 : in.read(bytes, from, (int) Math.min(left, length));
                left -= Math.max(0, read);
                return read;
            }
        };
    }

    private static void read(JsonParser parser, boolean single, Consumer<JsonNode> element) {
        JsonToken first = parser.nextToken();
        if (single) {
            element.accept(tree(parser));
        } else {
            if (first != JsonToken.START_ARRAY) {
                throw new ArchiveRefused("one of its files is no list");
            }
            while (parser.nextToken() != JsonToken.END_ARRAY) {
                element.accept(tree(parser));
            }
        }
        if (parser.nextToken() != null) {
            throw new ArchiveRefused("one of its files goes on after its end");
        }
    }

    /** The element that begins at the present token, if it is of bearable size. */
    private static JsonNode tree(JsonParser parser) {
        try (TokenBuffer buffer = TokenBuffer.forGeneration()) {
            int depth = 0;
            int tokens = 0;
            JsonToken token = parser.currentToken();
            while (true) {
                if (token == null || ++tokens > MAX_TOKENS) {
                    throw new ArchiveRefused("one of its elements is cut off or too large");
                }
                buffer.copyCurrentEvent(parser);
                depth += token.isStructStart() ? 1 : token.isStructEnd() ? -1 : 0;
                if (depth == 0) {
                    return JSON.readTree(buffer.asParser());
                }
                token = parser.nextToken();
            }
        }
    }

    @Override
    public void close() throws IOException {
        zip.close();
    }
}
