package vastarc.web.store.disk;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.time.Instant;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** A shop's file tried before the program starts: only after it was not stopped in order, and never deleted. */
class ShopFileTest {

    @TempDir
    private Path folder;

    private void database() throws Exception {
        try (Connection connection =
                DriverManager.getConnection("jdbc:h2:file:" + folder.resolve("vastarc"), "sa", "")) {
            connection.createStatement().execute("create table kept (id int)");
        }
    }

    @Test
    void aSoundFileAndNoFileHaveNoFault() throws Exception {
        ShopFile shop = new ShopFile(folder);
        assertThat(shop.openProblem()).isEmpty();
        database();
        Files.writeString(folder.resolve(".running"), "open");
        assertThat(shop.fault()).isEmpty();
    }

    @Test
    void aBrokenFileIsFoundOnlyAfterACrashAndPutAsideWhole() throws Exception {
        database();
        Path file = folder.resolve("vastarc.mv.db");
        byte[] broken = new byte[20_000];
        java.util.Arrays.fill(broken, (byte) 'x');
        Files.write(file, broken);
        ShopFile shop = new ShopFile(folder);
        assertThat(shop.fault()).isEmpty();
        Files.writeString(folder.resolve(".running"), "open");
        assertThat(shop.fault()).isPresent();
        Path aside = shop.putAside(Instant.parse("2026-11-26T08:00:00Z"));
        assertThat(Files.readAllBytes(aside)).isEqualTo(broken);
        assertThat(file).doesNotExist();
        assertThat(shop.openProblem()).isEmpty();
    }
}
