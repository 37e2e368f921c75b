package vastarc.web.machines;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import javax.sql.DataSource;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.MediaType;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.MvcResult;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import vastarc.core.equipment.DialReading;
import vastarc.core.equipment.MachineProfile;
import vastarc.core.equipment.TorchProfile.TorchCooling;
import vastarc.web.SpringTest;
import vastarc.web.store.archive.Archives;
import vastarc.web.store.machine.Machine;
import vastarc.web.store.machine.MachineStore;
import vastarc.web.store.machine.ProfileReader;
import vastarc.web.store.machine.StartingProfiles;
import vastarc.web.store.machine.Torch;

/** A shop that has as many machines and torches as are stored says so, and machines taken off the list go for good at last. */
@SpringTest
class MachineBoundTest {

    private static final MachineProfile KNOBS = StartingProfiles.of("knobs").orElseThrow();

    @Autowired
    private MockMvc http;

    @Autowired
    private MachineStore store;

    private JdbcClient database;

    /** Past the stores and their transactions, as nothing of the program does. */
    @Autowired
    void openDatabase(DataSource source) {
        database = JdbcClient.create(source);
    }

    private final List<UUID> made = new ArrayList<>();

    @BeforeEach
    void aFullShop() {
        for (Optional<Machine> next = store.create(KNOBS); next.isPresent(); next = store.create(KNOBS)) {
            made.add(next.get().id());
        }
    }

    @AfterEach
    void asBefore() {
        made.forEach(store::delete);
    }

    private MvcResult ask(MockHttpServletRequestBuilder request) throws Exception {
        return http.perform(request.with(csrf())).andReturn();
    }

    private String page(int number) throws Exception {
        return ask(get("/machines?page=" + number)).getResponse().getContentAsString();
    }

    @Test
    void anotherMachineIsRefusedWithWords() throws Exception {
        assertThat(store.machines()).hasSize(MachineStore.MOST);
        MvcResult refused = ask(post("/machines").param("pattern", "knobs"));
        assertThat(refused.getResponse().getRedirectedUrl()).isEqualTo("/machines");
        assertThat(refused.getFlashMap().get("machineProblem"))
                .asString()
                .contains("40 machines", "Remove one that the shop no longer has");
        MockHttpServletResponse byCall = ask(post("/api/v1/machines")
                        .contentType(MediaType.APPLICATION_JSON)
                        .content(ProfileReader.text(KNOBS)))
                .getResponse();
        assertThat(byCall.getStatus()).isEqualTo(400);
        assertThat(byCall.getContentAsString()).contains("40 machines");
        assertThat(store.machines()).hasSize(MachineStore.MOST);
    }

    @Test
    void oneTakenOffComesBackWhereThereIsRoom() throws Exception {
        UUID off = made.get(0);
        store.delete(off);
        UUID instead = store.create(KNOBS).orElseThrow().id();
        MvcResult refused = ask(post("/machines/" + off + "/restore"));
        assertThat(refused.getFlashMap().get("machineProblem")).asString().contains("40 machines");
        store.delete(instead);
        ask(post("/machines/" + off + "/restore"));
        assertThat(store.machine(off)).isPresent();
    }

    @Test
    void theListGoesOverPagesAndEveryMachineStandsOnOne() throws Exception {
        String all = page(1) + page(2);
        assertThat(store.machines()).allMatch(machine -> all.contains("/machines/" + machine.id() + "\""));
        assertThat(page(1)).hasSizeLessThan(300 * 1024).contains("rel=\"next\"", ">Next</a>");
        assertThat(page(9)).contains("/machines/" + made.get(made.size() - 1));
    }

    @Test
    void thoseTakenOffLongestAgoGoForGoodWithTheirReadings() {
        UUID first = made.get(0);
        store.read(first, "amps", 0, new DialReading(0.5, 80), false);
        store.delete(first);
        assertThat(count("machine where id = ?", first)).isEqualTo(1);
        made.forEach(store::delete);
        assertThat(count("machine where id = ?", first)).isZero();
        assertThat(count("dial_reading where machine_id = ?", first)).isZero();
        assertThat(database.sql("select count(*) from machine where deleted_at is not null")
                        .query(Integer.class)
                        .single())
                .isEqualTo(20);
    }

    /** Two dozen more of each kind come in with an archive: what is off the list goes again but for the last twenty, the others stay. */
    @Test
    void whatAnArchiveBringsBesideAFullShopComesInAndMuchMoreDoesNot() throws Exception {
        byte[] now = Archives.export(http);
        String others = "\"id\":\"[0-9a-f]{8}-[0-9a-f]{4}";
        for (String start : List.of("0a0a0a0a-0a0a", "0b0b0b0b-0b0b")) {
            byte[] more =
                    Archives.with(emptied(now), "machines.json", text -> text.replaceAll(others, "\"id\":\"" + start));
            MockHttpServletResponse answer = Archives.restore(http, more, true);
            boolean fits = start.startsWith("0a");
            assertThat(answer.getStatus()).as(answer.getContentAsString()).isEqualTo(fits ? 200 : 422);
            assertThat(answer.getContentAsString())
                    .contains(fits ? "comes in" : "more than 80 machines; take some of the shop’s own off the list");
            assertThat(store.machines()).hasSize(2 * MachineStore.MOST);
        }
        store.machines().stream()
                .map(Machine::id)
                .filter(id -> id.toString().startsWith("0a0a0a0a"))
                .forEach(store::delete);
        byte[] away = Archives.with(
                emptied(now),
                "machines.json",
                text -> text.replaceAll(others, "\"id\":\"0c0c0c0c-0c0c")
                        .replace("\"putAway\":null", "\"putAway\":\"2026-11-01T06:00:00Z\""));
        assertThat(Archives.restore(http, away, true).getStatus()).isEqualTo(200);
        assertThat(database.sql("select count(*) from machine where deleted_at is not null")
                        .query(Integer.class)
                        .single())
                .isEqualTo(20);
    }

    /** Without what is on machines. */
    private static byte[] emptied(byte[] archive) throws Exception {
        byte[] some = archive;
        for (String file : List.of("readings.json", "slots.json", "panels.json")) {
            some = Archives.with(some, file, text -> "[]");
        }
        return some;
    }

    private int count(String what, UUID id) {
        return database.sql("select count(*) from " + what)
                .param(id)
                .query(Integer.class)
                .single();
    }

    @Test
    void anotherTorchIsRefusedAndWhatWasTypedStays() throws Exception {
        Torch.TorchForm form = new Torch.TorchForm("Spare", TorchCooling.AIR, 150, 35, 4, 4, false);
        List<UUID> torches = new ArrayList<>();
        for (Optional<Torch> next = store.create(form); next.isPresent(); next = store.create(form)) {
            torches.add(next.get().id());
        }
        MvcResult refused = ask(post("/torches")
                .param("name", "One more")
                .param("ratedA", "150")
                .param("percent", "35")
                .param("leadM", "4")
                .param("boreMm", "4"));
        assertThat(refused.getFlashMap().get("torchProblem")).asString().contains("60 torches");
        assertThat(refused.getFlashMap().get("torchTyped")).asString().contains("One more");
        torches.forEach(store::deleteTorch);
    }

    @Test
    void thoseWhoAddAtOnceAreCountedOneAfterTheOther() throws Exception {
        Torch.TorchForm form = new Torch.TorchForm("Spare", TorchCooling.AIR, 150, 35, 4, 4, false);
        int before = store.torches().size();
        List<Callable<Optional<Torch>>> adding =
                Collections.nCopies(MachineStore.MOST_TORCHES + 20, () -> store.create(form));
        ExecutorService hands = Executors.newFixedThreadPool(6);
        List<UUID> torches = new ArrayList<>();
        for (Future<Optional<Torch>> one : hands.invokeAll(adding)) {
            one.get().map(Torch::id).ifPresent(torches::add);
        }
        hands.shutdown();

        assertThat(torches).hasSize(MachineStore.MOST_TORCHES - before);
        assertThat(store.torches()).hasSize(MachineStore.MOST_TORCHES);
        torches.forEach(store::deleteTorch);
    }
}
