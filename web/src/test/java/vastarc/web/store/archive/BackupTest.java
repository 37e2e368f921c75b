package vastarc.web.store.archive;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.UUID;
import java.util.concurrent.locks.ReentrantLock;
import java.util.stream.Stream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;
import javax.sql.DataSource;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.util.ReflectionTestUtils;
import org.springframework.test.web.servlet.MockMvc;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;
import vastarc.web.Jobs;
import vastarc.web.OwnShopTest;
import vastarc.web.format.Format;
import vastarc.web.store.job.Job;
import vastarc.web.store.job.JobStore;
import vastarc.web.store.machine.MachineStore;
import vastarc.web.store.shop.ShopSettings;
import vastarc.web.store.shop.ShopStore;
import vastarc.web.store.simulation.SimulationStore;

/** The whole shop out and back: in a shop of its own, as it is emptied and filled again. */
@OwnShopTest
class BackupTest {

    /** Changed copies tried; {@code -Dvastarc.mutations=1000} for more. */
    private static final int MUTATIONS = Integer.getInteger("vastarc.mutations", 40);

    @Autowired
    private MockMvc http;

    @Autowired
    private JobStore jobs;

    @Autowired
    private MachineStore machines;

    @Autowired
    private ShopStore shop;

    @Autowired
    private SimulationStore rehearsals;

    @Autowired
    private Backup backup;

    /** As the measure of a photograph is kept. */
    private static final String MEASURED = """
            {"seamMm":76.0,"widthMm":6.43,"widthPlusMinusMm":0.1,"widthSdMm":0.05,"wanderMm":0.02,"pitchMm":1.72,\
            "pitchPlusMinusMm":0.03,"evenness":0.92,"travelMmPerMin":null,"tint":"STRAW"}""";

    private JdbcClient database;

    private byte[] found = new byte[0];

    /** Past the stores and their transactions, as nothing of the program does. */
    @Autowired
    void openDatabase(DataSource source) {
        database = JdbcClient.create(source);
    }

    private byte[] export() throws Exception {
        return Archives.export(http);
    }

    private MockHttpServletResponse restore(byte[] archive, boolean take) throws Exception {
        return Archives.restore(http, archive, take);
    }

    private static Map<String, String> files(byte[] archive) throws Exception {
        Map<String, String> files = new LinkedHashMap<>();
        try (ZipInputStream zip = new ZipInputStream(new ByteArrayInputStream(archive))) {
            for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
                files.put(entry.getName(), new String(zip.readAllBytes(), StandardCharsets.UTF_8));
            }
        }
        return files;
    }

    private void deleteAll(String table) {
        database.sql("delete from " + table).update();
    }

    /** Nothing left of the shop at all. */
    private void empty() {
        Stream.of(
                        ("run run_record run_sheet run_event run_readings run_photo job_panel rehearsal memory_slot dial_reading job_step "
                                        + "job torch machine shop")
                                .split(" "))
                .forEach(this::deleteAll);
        LearnedPartsTest.TABLES.forEach(this::deleteAll);
        shop.change(settings -> ShopSettings.usual());
    }

    @Test
    void backupIntoAnEmptyShopAndBackupAgainIsTheSameByForByte() throws Exception {
        byte[] demo = export();
        for (int seed = 1; seed <= 6; seed++) {
            new GeneratedShop(jobs, machines, shop, rehearsals, http).fill(new Random(seed));
            database.sql("update run_photo set measured = ?").param(MEASURED).update();
            byte[] before = export();
            assertThat(files(before).get("run-photos.json")).contains("\"widthMm\":6.43", "\"tint\":\"STRAW\"");
            assertThat(export()).isEqualTo(before);
            assertThat(restore(before, false).getContentAsString()).contains("\"changes\":[]");

            empty();
            assertThat(jobs.newest(1000)).isEmpty();
            assertThat(restore(before, false).getContentAsString()).contains("comes in", "\"taken\":false");
            assertThat(jobs.newest(1000)).isEmpty();

            assertThat(restore(before, true).getStatus()).isEqualTo(200);
            byte[] after = export();
            Map<String, String> wanted = files(before);
            files(after).forEach((name, text) -> assertThat(text).as(name).isEqualTo(wanted.get(name)));
            assertThat(after).isEqualTo(before);
        }
        empty();
        restore(demo, true);
        assertThat(export()).isEqualTo(demo);
    }

    @Test
    void moreJobsThanAShopHasInALifetimeGoOutAndComeIn() throws Exception {
        byte[] demo = export();
        JsonMapper json = JsonMapper.shared();
        ArrayNode many = json.createArrayNode();
        JsonNode node = json.readTree(files(demo).get("jobs.json")).get(0);
        for (int i = 0; i < 5_001; i++) {
            ObjectNode job = node.deepCopy().asObject();
            job.put("id", new UUID(7, i).toString()).put("name", "Job " + i);
            many.add(job);
        }
        byte[] large = with(
                "jobs.json",
                many.toString(),
                "slots.json",
                "[]",
                "panels.json",
                "[]",
                "rehearsals.json",
                "[]",
                "run-sheets.json",
                "[]",
                "runs.json",
                "[]",
                "run-photos.json",
                "[]",
                "assemblies.json",
                "[]",
                "batch-uses.json",
                "[]");

        assertThat(restore(large, true).getContentAsString()).contains("comes in", "and 4801 more");
        assertThat(jobs.find(new UUID(7, 5_000))).isPresent();
        empty();
        restore(demo, true);
    }

    @Test
    void aJobThatCannotBeReadGoesOutAndComesBackAsItIs() throws Exception {
        byte[] demo = export();
        Job job = jobs.create("Cannot be read", "", Jobs.fresh());
        database.sql("update job set form = ? where id = ?")
                .params("{\"format\":9}", job.id())
                .update();
        byte[] before = export();
        assertThat(files(before).get("jobs.json")).contains("\"unread\":");

        empty();
        assertThat(restore(before, true).getStatus()).isEqualTo(200);
        assertThat(export()).isEqualTo(before);
        assertThat(jobs.find(job.id()).orElseThrow().document().isReadable()).isFalse();
        empty();
        restore(demo, true);
    }

    @Test
    void whileOneArchiveIsTakenAnotherIsToldToWait() throws Exception {
        byte[] whole = export();
        ReentrantLock taking = (ReentrantLock) ReflectionTestUtils.getField(backup, "taking");
        Thread other = new Thread(taking::lock);
        other.start();
        other.join();

        MockHttpServletResponse response = restore(whole, true);
        assertThat(response.getStatus()).isEqualTo(409);
        assertThat(response.getContentAsString()).contains("Another archive is being taken just now");
        ReflectionTestUtils.setField(backup, "taking", new ReentrantLock());
        assertThat(restore(whole, true).getStatus()).isEqualTo(200);
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

        String jobs = files(export()).get("jobs.json").replaceFirst("\"name\":\"[^\"]*\"", "\"name\":7");
        MockHttpServletResponse answer = restore(with("jobs.json", jobs), true);
        assertThat(answer.getStatus()).isEqualTo(422);
        assertThat(answer.getContentAsString()).contains("/jobs.json/0/name");
    }

    @Test
    void aJobOfTheShopIsReplacedAndOthersStay() throws Exception {
        byte[] before = export();
        Job stored = jobs.create("Later job", "", Jobs.fresh());
        restore(before, true);
        assertThat(jobs.find(stored.id())).isPresent();
        jobs.delete(stored.id());
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

    private byte[] with(String... namesAndTexts) throws Exception {
        Map<String, byte[]> files = new LinkedHashMap<>();
        files(asItIs()).forEach((own, content) -> files.put(own, content.getBytes(StandardCharsets.UTF_8)));
        for (int i = 0; i < namesAndTexts.length; i += 2) {
            files.put(namesAndTexts[i], namesAndTexts[i + 1].getBytes(StandardCharsets.UTF_8));
        }
        return zip(files);
    }

    /** Version 6 knew of no prices: an archive of it is the same shop, with none told. */
    @Test
    void anArchiveOfTheVersionBeforeIsTakenAndOneThatMixesTheTwoIsNot() throws Exception {
        shop.change(settings -> ShopSettings.usual());
        byte[] now = export();
        ObjectNode habits = (ObjectNode) JsonMapper.shared().readTree(files(now).get("shop.json"));
        habits.remove(List.of("money", "prices"));
        String six = "{\"format\":\"vast-arc-shop\",\"version\":6}";
        assertThat(restore(with("manifest.json", six, "shop.json", habits.toString()), true)
                        .getContentAsString())
                .contains("\"changes\":[]");
        assertThat(export()).isEqualTo(now);
        isRefused(with("shop.json", habits.toString()));
        isRefused(with("manifest.json", six));
        isRefused(with("shop.json", files(now).get("shop.json").replace("\"hour\":null", "\"hour\":-4")));
    }

    /** The shop as this test found it: what is refused changes nothing, so that it is told once. */
    private byte[] asItIs() throws Exception {
        if (found.length == 0) {
            found = export();
        }
        return found;
    }

    private void isRefused(byte[] archive) throws Exception {
        Map<String, String> before = files(asItIs());
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
                "torches.json|[{\"id\":\"11111111-1111-1111-1111-111111111111\",\"made\":\"2026-13-40T25:00:00Z\",\"torch\":{\"name\":\"n\",\"cooling\":\"AIR\",\"ratedA\":100,\"percent\":60,\"leadM\":4,\"boreMm\":4,\"valve\":false}}]",
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
        isRefused(with("jobs.json", "[" + "0,".repeat(10_000_000) + "0]"));
        isRefused(with("jobs.json", "[[" + "0,".repeat(10_000_000) + "0]]"));
    }

    @Test
    void truncatedAndMutatedArchivesNeverChangeAnythingByHalves() throws Exception {
        byte[] whole = export();
        for (int length : new int[] {0, 1, 20, whole.length / 3, whole.length / 2, whole.length * 9 / 10}) {
            isRefused(Arrays.copyOf(whole, length));
        }
        Random random = new Random(6);
        for (int i = 0; i < MUTATIONS; i++) {
            byte[] mutated = whole.clone();
            for (int n = 0; n < 1 + random.nextInt(6); n++) {
                mutated[random.nextInt(mutated.length)] = (byte) random.nextInt(256);
            }
            int status = restore(mutated, true).getStatus();
            assertThat(status).isIn(200, 422);
            if (status == 422) {
                assertThat(export()).as("refused, and nothing of it taken").isEqualTo(whole);
            } else {
                empty();
                assertThat(restore(whole, true).getStatus()).isEqualTo(200);
            }
        }
    }
}
