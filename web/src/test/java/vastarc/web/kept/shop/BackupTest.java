package vastarc.web.kept.shop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import java.io.ByteArrayOutputStream;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.UUID;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.webmvc.test.autoconfigure.AutoConfigureMockMvc;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.context.ActiveProfiles;
import org.springframework.test.web.servlet.MockMvc;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;
import vastarc.core.machine.DialReading;
import vastarc.core.sheet.School;
import vastarc.web.Jobs;
import vastarc.web.format.Format;
import vastarc.web.kept.job.Job;
import vastarc.web.kept.job.JobStore;
import vastarc.web.kept.machine.Machine;
import vastarc.web.kept.machine.MachineStore;

/** The whole shop out and back: in a shop of its own, as it is emptied and filled again. */
@SpringBootTest(properties = "spring.datasource.url=jdbc:h2:mem:backup;DB_CLOSE_DELAY=-1")
@AutoConfigureMockMvc
@ActiveProfiles("test")
class BackupTest {

    @Autowired
    private MockMvc http;

    @Autowired
    private JobStore jobs;

    @Autowired
    private MachineStore machines;

    @Autowired
    private ShopStore shop;

    private byte[] export() throws Exception {
        return http.perform(get("/shop/backup.zip")).andReturn().getResponse().getContentAsByteArray();
    }

    private MockHttpServletResponse restore(byte[] archive, boolean take) throws Exception {
        return http.perform(post("/shop/restore")
                        .with(csrf())
                        .param("take", String.valueOf(take))
                        .contentType("application/zip")
                        .content(archive))
                .andReturn()
                .getResponse();
    }

    private static Map<String, String> files(byte[] archive) {
        return Archive.unpack(archive).value().orElseThrow();
    }

    private void empty() {
        jobs.onTheBench().forEach(job -> jobs.delete(job.id()));
        machines.machines().forEach(machine -> {
            machines.forgetAll(machine.id());
            machines.delete(machine.id());
        });
        machines.torches().forEach(torch -> machines.deleteTorch(torch.id()));
        shop.change(habits -> Habits.usual());
    }

    @Test
    void anEmptyShopRestoredIsIdentical() throws Exception {
        Machine machine = machines.machines().get(1);
        machines.read(machine.id(), "amps", 0, new DialReading(0.5, 71.25), true);
        shop.change(habits -> habits.with(School.PRE_FLOW_SHORT).stocked(List.of(1.6, 2.4), List.of(8), List.of()));
        byte[] before = export();
        assertThat(restore(before, false).getContentAsString()).contains("\"changes\":[]");

        empty();
        assertThat(jobs.onTheBench()).isEmpty();
        String told = restore(before, false).getContentAsString();
        assertThat(told)
                .contains("Stilling tube", "Booth 1 inverter", "habits and stock are replaced", "\"taken\":false");
        assertThat(jobs.onTheBench()).isEmpty();

        assertThat(restore(before, true).getStatus()).isEqualTo(200);
        Map<String, String> after = files(export());
        Map<String, String> wanted = files(before);
        wanted.forEach((name, text) -> {
            if (!name.equals("jobs.json")) {
                assertThat(after.get(name)).as(name).isEqualTo(text);
            }
        });
        assertThat(sorted(after.get("jobs.json"))).isEqualTo(sorted(wanted.get("jobs.json")));
    }

    @Test
    void theArchiveFitsItsPublishedFormatAndAFaultIsNamedByItsPlace() throws Exception {
        JsonMapper json = JsonMapper.shared();
        ObjectNode whole = json.createObjectNode();
        files(export()).forEach((name, text) -> whole.set(name, json.readTree(text)));
        assertThat(Format.SHOP.faults(whole)).isEmpty();
        assertThat(http.perform(get("/api/formats/shop.schema.json"))
                        .andReturn()
                        .getResponse()
                        .getContentAsString())
                .contains("vast-arc-shop");

        String jobs = files(export()).get("jobs.json").replaceFirst("\"name\" : \"[^\"]*\"", "\"name\" : 7");
        MockHttpServletResponse answer = restore(with("jobs.json", jobs), true);
        assertThat(answer.getStatus()).isEqualTo(422);
        assertThat(answer.getContentAsString()).contains("/jobs.json/0/name");
    }

    /** Jobs come in the order they were made, which a restored shop makes anew. */
    private static List<String> sorted(String json) {
        return Arrays.stream(json.split("\\},\\s*\\{"))
                .map(part -> part.replaceAll("[\\[\\]{}\\s]", ""))
                .sorted()
                .toList();
    }

    @Test
    void aJobOfTheShopIsReplacedAndOthersStay() throws Exception {
        byte[] before = export();
        Job kept = jobs.create("Later job", "", Jobs.fresh());

        restore(before, true);
        assertThat(jobs.find(kept.id())).isPresent();
        jobs.delete(kept.id());
    }

    private static byte[] zip(Map<String, byte[]> files) throws Exception {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(bytes)) {
            for (Map.Entry<String, byte[]> file : files.entrySet()) {
                zip.putNextEntry(new ZipEntry(file.getKey()));
                zip.write(file.getValue());
                zip.closeEntry();
            }
        }
        return bytes.toByteArray();
    }

    private byte[] with(String name, String text) throws Exception {
        Map<String, byte[]> files = new LinkedHashMap<>();
        files(export()).forEach((own, content) -> files.put(own, content.getBytes()));
        files.put(name, text.getBytes());
        return zip(files);
    }

    private void isRefused(byte[] archive) throws Exception {
        Map<String, String> before = files(export());
        for (boolean take : new boolean[] {false, true}) {
            MockHttpServletResponse response = restore(archive, take);
            assertThat(response.getStatus()).isEqualTo(422);
            assertThat(response.getContentAsString()).contains("Nothing was changed");
        }
        assertThat(files(export())).isEqualTo(before);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {"../../evil.json", "/etc/passwd", "jobs.json/../../x", "C:\\\\windows\\\\x", "extra.json", ""})
    void namesThatAreNotOursAreRefused(String name) throws Exception {
        isRefused(with(name.isEmpty() ? " " : name, "[]"));
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "manifest.json|{\"format\":\"vast-arc-shop\",\"version\":99}",
                "manifest.json|{}",
                "shop.json|{\"schools\":{},\"tungstensMm\":[1e308],\"cups\":[],\"wiresMm\":[],\"newJob\":{}}",
                "shop.json|[]",
                "jobs.json|[{\"id\":null}]",
                "jobs.json|[{\"id\":\"x\",\"name\":\"n\",\"notes\":\"\",\"form\":{\"texts\":{},\"bareIn\":{}}}]",
                "jobs.json|null",
                "machines.json|[{\"id\":\"11111111-1111-1111-1111-111111111111\",\"profile\":{}}]",
                "torches.json|[{\"id\":\"11111111-1111-1111-1111-111111111111\",\"torch\":{\"name\":\"\",\"cooling\":\"AIR\",\"ratedA\":1e999,\"percent\":1,\"leadM\":4,\"boreMm\":4,\"valve\":false}}]",
                "readings.json|[{\"machine\":\"11111111-1111-1111-1111-111111111111\",\"element\":\"a\",\"band\":0,\"place\":0.5,\"amps\":1,\"simulated\":true}]",
                "readings.json|{",
            })
    void contentsThatDoNotFitAreRefused(String nameAndText) throws Exception {
        String[] parts = nameAndText.split("\\|", 2);
        isRefused(with(parts[0], parts[1]));
    }

    @Test
    void aLongTextAndAnUnknownFieldAreRefused() throws Exception {
        String form = "[{\"id\":\"" + UUID.randomUUID()
                + "\",\"name\":\"n\",\"notes\":\"\",\"form\":{\"texts\":{\"%s\":\"%s\"},\"bareIn\":{}}}]";

        isRefused(with("jobs.json", String.format(form, "material", "x".repeat(500))));
        isRefused(with("jobs.json", String.format(form, "evil", "x")));
    }

    @Test
    void aBombIsRefusedBeforeItIsUnpacked() throws Exception {
        isRefused(with("jobs.json", " ".repeat(30 * 1024 * 1024)));
        isRefused(new byte[9 * 1024 * 1024]);
        isRefused(with("jobs.json", "[".repeat(200_000)));
    }

    @Test
    void truncatedAndMutatedArchivesNeverChangeAnythingByHalves() throws Exception {
        byte[] whole = export();
        for (int length : new int[] {0, 1, 20, whole.length / 3, whole.length / 2, whole.length * 9 / 10}) {
            isRefused(Arrays.copyOf(whole, length));
        }
        Random random = new Random(6);
        for (int i = 0; i < 120; i++) {
            byte[] mutated = whole.clone();
            for (int n = 0; n < 1 + random.nextInt(6); n++) {
                mutated[random.nextInt(mutated.length)] = (byte) random.nextInt(256);
            }
            assertThat(restore(mutated, false).getStatus()).isIn(200, 422);
        }
    }
}
