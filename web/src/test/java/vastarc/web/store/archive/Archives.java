package vastarc.web.store.archive;

import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.nio.charset.StandardCharsets;
import java.util.function.UnaryOperator;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;

/** Archives out of a shop and into it, as its page does it. */
public final class Archives {

    private Archives() {}

    public static byte[] export(MockMvc http) throws Exception {
        return http.perform(MockMvcRequestBuilders.get("/shop/backup.zip"))
                .andReturn()
                .getResponse()
                .getContentAsByteArray();
    }

    public static MockHttpServletResponse restore(MockMvc http, byte[] archive, boolean take) throws Exception {
        return http.perform(MockMvcRequestBuilders.post("/shop/restore")
                        .with(csrf())
                        .param("take", String.valueOf(take))
                        .contentType("application/zip")
                        .content(archive))
                .andReturn()
                .getResponse();
    }

    /** The archive with one of its files changed. */
    public static byte[] with(byte[] archive, String file, UnaryOperator<String> change) throws Exception {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (ZipInputStream in = new ZipInputStream(new ByteArrayInputStream(archive));
                ZipOutputStream out = new ZipOutputStream(bytes)) {
            for (ZipEntry entry = in.getNextEntry(); entry != null; entry = in.getNextEntry()) {
                String text = new String(in.readAllBytes(), StandardCharsets.UTF_8);
                out.putNextEntry(new ZipEntry(entry.getName()));
                out.write((entry.getName().equals(file) ? change.apply(text) : text).getBytes(StandardCharsets.UTF_8));
            }
        }
        return bytes.toByteArray();
    }
}
