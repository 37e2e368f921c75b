package vastarc.web.security;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;

import com.google.zxing.BinaryBitmap;
import com.google.zxing.RGBLuminanceSource;
import com.google.zxing.ReaderException;
import com.google.zxing.common.HybridBinarizer;
import com.google.zxing.qrcode.QRCodeReader;
import java.awt.image.BufferedImage;
import java.util.HashSet;
import java.util.Optional;
import java.util.Set;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;
import vastarc.web.Jobs;
import vastarc.web.store.job.Job;
import vastarc.web.store.job.JobStore;

/** A code on paper stands where a tablet can open it, with an address that another machine reaches. */
@LanSpringTest
class CardCodeTest {

    /** A camera sees a code at more than one size; a reader fails on one picture in a hundred. */
    private static final int[] SIZES = {200, 300, 400};

    @Autowired
    private MockMvc http;

    @Autowired
    private JobStore jobs;

    @Autowired
    private Lan lan;

    @Test
    void theCardOfAProgramOpenToTheNetworkHasACodeThatAnotherMachineReaches() throws Exception {
        Job job = jobs.create("Card with a code", "", Jobs.lapUnderTheTrigger());
        String card = Requests.send(http, get("/jobs/" + job.id() + "/card"), Requests.HERE)
                .getContentAsString();

        assertThat(card)
                .contains(
                        "The code opens the booth of this job", lan.reachable().get(0) + "/jobs/" + job.id() + "/run")
                .doesNotContain("localhost/jobs", "No code for a tablet");
        assertThat(codeOnPaper(job)).isEqualTo("http://" + lan.reachable().get(0) + "/jobs/" + job.id() + "/run");
        jobs.delete(job.id());
    }

    private String codeOnPaper(Job job) throws Exception {
        byte[] card = Requests.send(http, get("/jobs/" + job.id() + "/card.pdf"), Requests.HERE)
                .getContentAsByteArray();
        try (PDDocument pdf = Loader.loadPDF(card)) {
            Set<String> read = new HashSet<>();
            for (int dpi : SIZES) {
                read(new PDFRenderer(pdf).renderImageWithDPI(0, dpi)).ifPresent(read::add);
            }
            assertThat(read).hasSize(1);
            return read.iterator().next();
        }
    }

    private static Optional<String> read(BufferedImage page) {
        int[] pixels = page.getRGB(0, 0, page.getWidth(), page.getHeight(), null, 0, page.getWidth());
        RGBLuminanceSource brightness = new RGBLuminanceSource(page.getWidth(), page.getHeight(), pixels);
        try {
            BinaryBitmap picture = new BinaryBitmap(new HybridBinarizer(brightness));
            return Optional.of(new QRCodeReader().decode(picture).getText());
        } catch (ReaderException unread) {
            return Optional.empty();
        }
    }
}
