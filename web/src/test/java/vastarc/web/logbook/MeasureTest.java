package vastarc.web.logbook;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.multipart;

import java.awt.Color;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.mock.web.MockMultipartFile;
import org.springframework.test.web.servlet.MockMvc;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import vastarc.web.SpringTest;

/** A photograph measured by the call; the demo shop's drawn bead is 90 pixels wide at 14 pixels a mm, its ripples 24 apart. */
@SpringTest
class MeasureTest {

    private static final String CALL = "/api/v1/measure";
    private static final String STRIP = """
            {"scale":{"strip":true},"seam":[[80,331],[600,329],[1100,330]],"material":"STAINLESS_304L","dabHz":1}""";
    private static final Color BLUISH = new Color(120, 130, 170);

    @Autowired
    private MockMvc http;

    private final JsonMapper json = JsonMapper.builder().build();

    private static byte[] bead() throws IOException {
        return DemoPhoto.of(BLUISH, 90 / 14.0, 1, 7);
    }

    private static MockMultipartFile image(byte[] file) {
        return new MockMultipartFile("image", "bead.png", "image/png", file);
    }

    private MockHttpServletResponse sent(byte[] file, String ask) throws Exception {
        return http.perform(multipart(CALL)
                        .file(image(file))
                        .file(new MockMultipartFile(
                                "ask", "", "application/json", ask.getBytes(StandardCharsets.UTF_8))))
                .andReturn()
                .getResponse();
    }

    private JsonNode measured(byte[] file, String ask) throws Exception {
        MockHttpServletResponse response = sent(file, ask);
        assertThat(response.getStatus()).as(response.getContentAsString()).isEqualTo(200);
        return json.readTree(response.getContentAsByteArray());
    }

    @Test
    void theStripGivesWidthRipplesTravelAndTint() throws Exception {
        JsonNode bead = measured(bead(), STRIP);

        assertThat(bead.at("/mmPerPixel/value").doubleValue()).isCloseTo(1 / 14.0, within(0.0005));
        double width = bead.at("/width/meanMm").doubleValue();
        assertThat(width)
                .isCloseTo(90 / 14.0, within(bead.at("/width/plusMinus").doubleValue()));
        assertThat(bead.at("/ripple/pitchMm").doubleValue()).isCloseTo(24 / 14.0, within(0.05));
        assertThat(bead.at("/travelMmPerMin").doubleValue())
                .isCloseTo(60 * bead.at("/ripple/pitchMm").doubleValue(), within(1e-6));
        assertThat(bead.at("/tint/band").asString()).isIn("PURPLE", "BLUE", "GREY");
        assertThat(bead.at("/width/along").size()).isGreaterThan(40);
        assertThat(bead.get("refused").isNull()).isTrue();
    }

    /** A picture read by every second pixel answers in its own pixels. */
    @Test
    void aLargePictureAnswersInItsOwnPixels() throws Exception {
        BufferedImage small = ImageIO.read(new ByteArrayInputStream(bead()));
        BufferedImage large = new BufferedImage(4800, 3200, BufferedImage.TYPE_INT_RGB);
        large.createGraphics().drawImage(small, 0, 0, 4800, 3200, null);
        ByteArrayOutputStream jpeg = new ByteArrayOutputStream();
        ImageIO.write(large, "jpg", jpeg);

        JsonNode bead = measured(
                jpeg.toByteArray(), "{\"scale\":{\"strip\":true},\"seam\":[[320,1324],[2400,1316],[4400,1320]]}");

        assertThat(bead.at("/mmPerPixel/value").doubleValue()).isCloseTo(1 / 56.0, within(0.0005));
        assertThat(bead.at("/width/meanMm").doubleValue()).isCloseTo(90 / 14.0, within(0.2));
        assertThat(bead.at("/outline/20/left/1").doubleValue()).isBetween(1100.0, 1500.0);
    }

    @Test
    void whatCannotBeMeasuredIsSaidWithWords() throws Exception {
        BufferedImage dark = new BufferedImage(800, 600, BufferedImage.TYPE_INT_RGB);
        ByteArrayOutputStream png = new ByteArrayOutputStream();
        ImageIO.write(dark, "png", png);

        JsonNode refused = measured(png.toByteArray(), STRIP);
        assertThat(refused.get("refused").asString()).isEqualTo("TOO_DARK");
        assertThat(refused.get("words").asString()).contains("daylight");
        assertThat(refused.get("width").isNull()).isTrue();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "{};no scale",
                "{\"scale\":{\"from\":[1,1],\"to\":[1,1],\"mm\":50}};the same",
                "{\"scale\":{\"from\":[1,1],\"to\":[500,1],\"mm\":-1}};mm",
                "{\"scale\":{\"strip\":true},\"seam\":[[5,5]]};only one place",
                "{\"scale\":{\"strip\":true},\"seam\":[[5,\"x\"],[7,8,9]]};two numbers",
                "{\"scale\":{\"strip\":true},\"material\":\"WOOD\"};material",
                "{\"scale\":{\"strip\":true},\"dabHz\":1e9};dabHz",
                "{\"scale\":{\"strip\":true},\"blue\":1};no field of this name",
                "[1];not an object",
                "};JSON"
            })
    void badAsksAreNamed(String ask, String words) throws Exception {
        MockHttpServletResponse response = sent(bead(), ask);
        assertThat(response.getStatus()).as(ask).isEqualTo(400);
        assertThat(response.getContentAsString()).contains(words);
    }

    @Test
    void badPicturesAreRefused() throws Exception {
        assertThat(sent("no picture".getBytes(StandardCharsets.UTF_8), STRIP).getContentAsString())
                .contains("no photograph");
        ByteArrayOutputStream tiny = new ByteArrayOutputStream();
        ImageIO.write(new BufferedImage(1, 1, BufferedImage.TYPE_INT_RGB), "png", tiny);
        assertThat(sent(tiny.toByteArray(), STRIP).getContentAsString()).contains("less than 120 pixels");
        assertThat(http.perform(multipart(CALL).param("ask", STRIP))
                        .andReturn()
                        .getResponse()
                        .getContentAsString())
                .contains("it is missing");
    }

    /** Whatever is asked of it, a picture is measured or refused. */
    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "{\"scale\":{\"strip\":true},\"seam\":[[80,330],[80,330],[600,330]]}",
                "{\"scale\":{\"strip\":true},\"seam\":[[80,330],[600,330],[80,330]]}",
                "{\"scale\":{\"strip\":true},\"seam\":[[0,0],[100000,100000]]}",
                "{\"scale\":{\"strip\":true},\"clean\":[100000,0],\"moved\":[[0,0],[99999,5]]}",
                "{\"scale\":{\"from\":[0,0],\"to\":[2,0],\"mm\":5000},\"seam\":[[80,330],[1100,330]]}",
                "{\"scale\":{\"from\":[0,0],\"to\":[100000,0],\"mm\":0.5},\"seam\":[[80,330],[1100,330]]}",
                "{\"scale\":{\"from\":[0,0],\"to\":[10,0],\"tubeOdMm\":2000}}",
                "{\"scale\":{\"from\":[300,100],\"to\":[300,700],\"tubeOdMm\":42},\"seam\":[[80,330],[1100,330]]}"
            })
    void strangeAsksAreAnswered(String ask) throws Exception {
        MockHttpServletResponse response = sent(bead(), ask);
        assertThat(response.getStatus()).as(ask + response.getContentAsString()).isEqualTo(200);
    }

    @Test
    void theStripPrints() throws Exception {
        MockHttpServletResponse pdf =
                http.perform(get("/measure/strip.pdf")).andReturn().getResponse();
        assertThat(pdf.getContentType()).isEqualTo("application/pdf");
        assertThat(pdf.getContentAsByteArray()).startsWith("%PDF".getBytes(StandardCharsets.US_ASCII));
    }
}
