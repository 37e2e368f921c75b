package vastarc.web.store.disk;

import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import org.h2.store.fs.FileBase;
import org.h2.store.fs.FilePath;
import org.h2.store.fs.FilePathWrapper;

/** Files of a database on a disk that can be made full: {@code filling:/folder/name}. */
public final class FillingPath extends FilePathWrapper {

    static volatile boolean full;

    static void register() {
        FilePath.register(new FillingPath());
    }

    @Override
    public String getScheme() {
        return "filling";
    }

    @Override
    public FileChannel open(String mode) throws IOException {
        return new Channel(getBase().open(mode));
    }

    private static final class Channel extends FileBase {

        private final FileChannel file;

        Channel(FileChannel file) {
            this.file = file;
        }

        private static void requireRoom() throws IOException {
            if (full) {
                throw new IOException("No space left on device");
            }
        }

        @Override
        public int read(ByteBuffer into) throws IOException {
            return file.read(into);
        }

        @Override
        public int read(ByteBuffer into, long position) throws IOException {
            return file.read(into, position);
        }

        @Override
        public int write(ByteBuffer from) throws IOException {
            requireRoom();
            return file.write(from);
        }

        @Override
        public int write(ByteBuffer from, long position) throws IOException {
            requireRoom();
            return file.write(from, position);
        }

        @Override
        public long position() throws IOException {
            return file.position();
        }

        @Override
        public FileChannel position(long position) throws IOException {
            file.position(position);
            return this;
        }

        @Override
        public long size() throws IOException {
            return file.size();
        }

        @Override
        public FileChannel truncate(long size) throws IOException {
            file.truncate(size);
            return this;
        }

        @Override
        public void force(boolean metaData) throws IOException {
            file.force(metaData);
        }

        @Override
        public FileLock tryLock(long position, long size, boolean shared) throws IOException {
            return file.tryLock(position, size, shared);
        }

        @Override
        protected void implCloseChannel() throws IOException {
            file.close();
        }
    }
}
