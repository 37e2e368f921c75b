package vastarc.web.shop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static vastarc.web.ShopClient.send;

import java.nio.charset.StandardCharsets;
import java.util.Map;
import javax.sql.DataSource;
import org.jsoup.Jsoup;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.web.servlet.MockMvc;
import vastarc.core.record.batch.MaterialBatch;
import vastarc.web.SpringTest;
import vastarc.web.store.register.CertificateFile;
import vastarc.web.store.register.Register;

/** The certificate of a paper: handed in, taken out as it was, replaced, gone with its paper. */
@SpringTest
class CertificateFileTest {

    private static final String FILE = "/shop/batches/file";

    @Autowired
    private MockMvc http;

    @Autowired
    private Register<MaterialBatch> batches;

    private JdbcClient database;

    /** Past the store, which has no files so large. */
    @Autowired
    void openDatabase(DataSource source) {
        database = JdbcClient.create(source);
    }

    @BeforeEach
    void aBatch() throws Exception {
        send(http, "/shop/batches", Map.of("version", "-1", "number", "H-1", "kind", "GAS"));
    }

    @AfterEach
    void away() {
        batches.all().forEach(kept -> batches.delete(kept.number()));
    }

    private MockHttpServletResponse handIn(String number, String name, byte[] file) throws Exception {
        return http.perform(post(FILE + "?number=" + number + "&name=" + name)
                        .with(csrf())
                        .content(file))
                .andReturn()
                .getResponse();
    }

    private MockHttpServletResponse taken() throws Exception {
        return http.perform(get(FILE + "?number=H-1")).andReturn().getResponse();
    }

    private static byte[] bytes(String text) {
        return text.getBytes(StandardCharsets.ISO_8859_1);
    }

    @Test
    void aFileComesOutAsItWentInAndTheNextStandsInItsPlace() throws Exception {
        assertThat(handIn("H-1", "gas H-1.pdf", bytes("%PDF-1.7 one")).getStatus())
                .isEqualTo(200);
        assertThat(taken().getContentAsByteArray()).isEqualTo(bytes("%PDF-1.7 one"));
        assertThat(taken().getContentType()).isEqualTo("application/pdf");
        assertThat(taken().getHeader("Content-Disposition"))
                .startsWith("attachment")
                .contains("H-1.pdf");

        handIn("H-1", "gas.png", bytes("\u0089PNG\r\n"));

        assertThat(taken().getContentType()).isEqualTo("image/png");
        assertThat(Jsoup.parse(http.perform(get("/shop/batches"))
                                .andReturn()
                                .getResponse()
                                .getContentAsString())
                        .select("#papers td a")
                        .eachText())
                .contains("gas.png");
    }

    @ParameterizedTest
    @CsvSource({
        "H-1, <html>, 'The file is none that is kept here. Give a PDF, a JPEG or a PNG.'",
        "H-1, '', 'The file is none that is kept here. Give a PDF, a JPEG or a PNG.'",
        "H-9, %PDF-1, 'The register has no H-9. Save the paper first, then its file.'"
    })
    void whatCannotBeKeptIsSaidAndTheFileBeforeStays(String number, String file, String says) throws Exception {
        handIn("H-1", "gas.pdf", bytes("%PDF-1.7 one"));

        MockHttpServletResponse refused = handIn(number, "other.pdf", bytes(file));

        assertThat(refused.getStatus()).isEqualTo(422);
        assertThat(refused.getContentAsString()).isEqualTo(says);
        assertThat(taken().getContentAsByteArray()).isEqualTo(bytes("%PDF-1.7 one"));
    }

    @Test
    void aFileThatIsTooLargeIsRefused() throws Exception {
        byte[] large = new byte[CertificateFile.MOST_BYTES + 1];
        System.arraycopy(bytes("%PDF-"), 0, large, 0, 5);

        assertThat(handIn("H-1", "large.pdf", large).getContentAsString())
                .isEqualTo("The file is too large. Give at most 2 MB; scan it coarser, or save it as a PDF.");
    }

    @Test
    void moreThanAnArchiveHoldsIsRefused() throws Exception {
        handIn("H-1", "gas.pdf", bytes("%PDF-1.7 one"));
        send(http, "/shop/batches", Map.of("version", "-1", "number", "H-2", "kind", "GAS"));
        database.sql("update register_file set bytes = 299999999").update();

        assertThat(handIn("H-2", "gas.pdf", bytes("%PDF-1.7 two")).getContentAsString())
                .isEqualTo("All files of papers together take 300 MB already. "
                        + "Take files off papers that are no longer used, or scan coarser.");
        assertThat(handIn("H-1", "gas.pdf", bytes("%PDF-1.7 another")).getStatus())
                .isEqualTo(200);
    }

    @Test
    void aFileIsDeletedAloneOrGoesWithItsPaper() throws Exception {
        handIn("H-1", "gas.pdf", bytes("%PDF-1.7 one"));
        send(http, FILE + "/delete", Map.of("number", "H-1"));
        assertThat(taken().getStatus()).isEqualTo(404);
        assertThat(batches.find("H-1")).isPresent();

        handIn("H-1", "gas.pdf", bytes("%PDF-1.7 one"));
        send(http, "/shop/batches/delete", Map.of("number", "H-1"));
        assertThat(taken().getStatus()).isEqualTo(404);
    }

    @Test
    void aNameIsCutToWhatAFileIsCalled() {
        assertThat(CertificateFile.of("C:\\scans\\<b>gas</b>.pdf", bytes("%PDF-1"))
                        .value()
                        .orElseThrow()
                        .name())
                .isEqualTo("b.pdf");
        assertThat(CertificateFile.of("///", bytes("%PDF-1"))
                        .value()
                        .orElseThrow()
                        .name())
                .isEqualTo("certificate");
    }
}
