package vastarc.web.hostile;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** A shop whose file was broken while the program was down: a clear word, the last copy named, nothing deleted. */
class BrokenShopIT {

    @TempDir
    private Path data;

    @Test
    void aBrokenFileIsSaidAndTheLastCopyOffered() throws Exception {
        Files.write(
                data.resolve("vastarc.mv.db"),
                "not a database at all".repeat(1000).getBytes(StandardCharsets.UTF_8));
        Files.writeString(data.resolve(".running"), "open");
        Files.createDirectories(data.resolve("copies"));
        Files.writeString(data.resolve("copies/shop-2026-11-20.zip"), "copy");
        Process process = Program.launch(data);
        String text = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        assertThat(process.waitFor()).isEqualTo(1);
        assertThat(text)
                .contains("cannot be opened", "The last copy is", "shop-2026-11-20.zip")
                .doesNotContain("\tat ");
        assertThat(data.resolve("vastarc.mv.db")).exists();
    }
}
