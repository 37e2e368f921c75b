package vastarc.web.logbook;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.asyncDispatch;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static vastarc.web.ShopClient.send;

import java.awt.Color;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import java.util.function.ToDoubleFunction;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.web.servlet.MockMvc;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import vastarc.core.record.weldlog.RunVerdict;
import vastarc.web.SpringTest;
import vastarc.web.store.run.RunFilter;
import vastarc.web.store.run.WeldRun;
import vastarc.web.store.run.WeldRunQueries;
import vastarc.web.store.run.WeldRunQueries.LogbookOrder;
import vastarc.web.store.run.WeldRunService;

/** What is said of a run afterwards, how runs are sorted and found, and what a file or a photograph may be. */
@SpringTest
class RunAfterwardsTest {

    @Autowired
    private MockMvc http;

    @Autowired
    private WeldRunQueries book;

    @Autowired
    private WeldRunService runs;

    private WeldRun run;

    @BeforeEach
    void aRunOfOneOwn() throws Exception {
        String line =
                "job,started,ended,material,joint,thicknessMm,machine,hand,plannedA,currentA,arcS,seamMm,travelMmPerMin,plannedTravelMmPerMin\n"
                        + "Own " + UUID.randomUUID()
                        + ",2026-11-20T08:00:00Z,2026-11-20T08:02:00Z,CARBON_STEEL,T_FILLET,3,Bench 9,Isk,120,118,60,100,100,96\n";
        JsonNode report = JsonMapper.shared()
                .readTree(send(http, post("/logbook/import").content(line)).getContentAsByteArray());
        assertThat(report.get("taken").asInt()).as(report.toString()).isEqualTo(1);
        run = book.newest(RunFilter.named("own "), 1).get(0);
    }

    /** The first to judge a run is not overwritten in silence: the second is given, and what it said is added to the note. */
    @Test
    void ofTwoWindowsTheSecondIsToldAndBothAreKept() throws Exception {
        String version = String.valueOf(run.version());
        MockHttpServletResponse first =
                send(http, post(address()), "version", version, "verdict", "GOOD", "hand", "Isk", "note", "even");
        assertThat(first.getStatus()).isEqualTo(302);

        MockHttpServletResponse second =
                send(http, post(address()), "version", version, "verdict", "REJECTED", "hand", "Oda", "note", "pores");
        assertThat(second.getStatus()).isEqualTo(409);
        assertThat(second.getContentAsString()).contains("in another window meanwhile", "added to the note");
        WeldRun stored = runs.find(run.id()).orElseThrow();
        assertThat(stored.verdict()).isEqualTo(RunVerdict.GOOD);
        assertThat(stored.head().hand()).isEqualTo("Isk");
        assertThat(stored.note()).contains("even", "Oda", "pores");

        String long2000 = "x".repeat(1990);
        MockHttpServletResponse third =
                send(http, post(address()), "version", version, "verdict", "REJECTED", "hand", "Oda", "note", long2000);
        assertThat(third.getStatus()).isEqualTo(409);
        assertThat(third.getContentAsString()).contains("no room", long2000);
        assertThat(runs.find(run.id()).orElseThrow().note()).isEqualTo(stored.note());
    }

    @Test
    void whatASpreadsheetWouldTakeForAFormulaGoesOutAsTextAndComesBackAsItWas() throws Exception {
        send(http, post(address()), "verdict", "GOOD", "hand", "@Isk", "note", "=1+1");
        String table = http.perform(asyncDispatch(
                        http.perform(get("/logbook.csv").param("find", "@isk")).andReturn()))
                .andReturn()
                .getResponse()
                .getContentAsString();
        assertThat(table).contains("'@Isk", "'=1+1").doesNotContain(",=1+1", ",@Isk");

        runs.forget(run.id());
        send(http, post("/logbook/import").content(table));
        WeldRun back = runs.find(run.id()).orElseThrow();
        assertThat(back.note()).isEqualTo("=1+1");
        assertThat(back.head().hand()).isEqualTo("@Isk");
    }

    @AfterEach
    void forgotten() {
        runs.forget(run.id());
    }

    private String address() {
        return "/logbook/" + run.id();
    }

    private WeldRun now() {
        return runs.find(run.id()).orElseThrow();
    }

    @Test
    void aVerdictAHandAndANoteAreKept() throws Exception {
        assertThat(send(
                                http,
                                post(address()),
                                "verdict",
                                "FAULTY",
                                "hand",
                                "Korvin",
                                "note",
                                "crater at the end",
                                "seam",
                                "100 mm")
                        .getRedirectedUrl())
                .isEqualTo(address());
        assertThat(now().verdict()).isEqualTo(RunVerdict.FAULTY);
        assertThat(now().head().hand()).isEqualTo("Korvin");
        assertThat(send(http, get(address())).getContentAsString()).contains("crater at the end", "Korvin");
        assertThat(send(http, get("/logbook"), "find", "crater at the end").getContentAsString())
                .contains(run.head().jobName());
    }

    @ParameterizedTest
    @CsvSource({"seam, around the corner", "seam, -4", "seam, 900 m"})
    void whatCannotBeReadIsMarkedAndAllTypedStays(String field, String text) throws Exception {
        String page = send(http, post(address()), field, text, "note", "kept while it is put right")
                .getContentAsString();
        assertThat(page).contains("kept while it is put right", text, "class=\"wrong\"");
        assertThat(now().note()).isEmpty();
    }

    @Test
    void aNoteLongerThanABookPageIsToldSo() throws Exception {
        String page = send(http, post(address()), "note", "x".repeat(3000)).getContentAsString();
        assertThat(page).contains("class=\"wrong\"");
        assertThat(now().note()).isEmpty();
    }

    @ParameterizedTest
    @EnumSource(LogbookOrder.class)
    void everyOrderSortsTheWholeBook(LogbookOrder order) {
        List<WeldRun> first = book.page(RunFilter.all(), order, 0).things();
        Comparator<WeldRun> wanted = switch (order) {
            case NEWEST -> Comparator.comparing(WeldRun::startedAt).reversed();
            case OLDEST -> Comparator.comparing(WeldRun::startedAt);
            case CURRENT -> descending(weldRun -> weldRun.figures().currentA().orElse(-1));
            case TRAVEL -> descending(weldRun -> weldRun.figures().travel().orElse(-1));
            case HEAT -> descending(weldRun -> weldRun.figures().heat().orElse(-1));
            case ARC_TIME -> descending(weldRun -> weldRun.figures().arcS());
        };
        assertThat(first).isSortedAccordingTo(wanted).hasSizeGreaterThan(10);
    }

    private static Comparator<WeldRun> descending(ToDoubleFunction<WeldRun> figure) {
        return Comparator.comparingDouble(figure).reversed();
    }

    /** Words are found in one way through; the same runs in the same order as by looking at each. */
    @ParameterizedTest
    @ValueSource(strings = {"own", "isk", "a", "bench 9", "100%", "_", "!", "nothing that is there"})
    void wordsFindWhatLookingAtEachRunFinds(String words) {
        List<UUID> all = book.newest(RunFilter.all(), 10_000).stream()
                .filter(weldRun -> String.join(
                                " ",
                                weldRun.head().jobName(),
                                weldRun.head().machineName(),
                                weldRun.head().hand(),
                                weldRun.head().meter(),
                                weldRun.note())
                        .toLowerCase(Locale.ROOT)
                        .contains(words))
                .map(WeldRun::id)
                .toList();
        var page = book.page(RunFilter.named(words), LogbookOrder.NEWEST, 0);
        assertThat(page.total()).isEqualTo(all.size());
        assertThat(page.things())
                .extracting(WeldRun::id)
                .containsExactlyElementsOf(all.subList(0, page.things().size()));
        if (page.pages() > 1) {
            var second = book.page(RunFilter.named(words), LogbookOrder.NEWEST, 1);
            int from = page.things().size();
            assertThat(second.things())
                    .extracting(WeldRun::id)
                    .containsExactlyElementsOf(
                            all.subList(from, from + second.things().size()));
        }
    }

    @Test
    void pagesBeyondTheEndAndAbsurdOnesAreNoFault() throws Exception {
        for (String page : List.of("2", "0", "-7", "99999999999", "two", "")) {
            assertThat(send(http, get("/logbook?page=" + page)).getStatus())
                    .as(page)
                    .isEqualTo(200);
            assertThat(send(http, get("/api/v1/runs?page=" + page)).getStatus())
                    .as(page)
                    .isEqualTo(200);
        }
        assertThat(send(http, get("/logbook/compare?run=" + run.id() + "&run=nonsense"))
                        .getStatus())
                .isEqualTo(400);
        assertThat(send(http, get("/logbook/" + UUID.randomUUID())).getStatus()).isEqualTo(404);
    }

    private static byte[] picture(String kind, int width, int height) throws Exception {
        BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        image.createGraphics().setColor(Color.ORANGE);
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(image, kind, out);
        return out.toByteArray();
    }

    private String photo(byte[] body) throws Exception {
        return send(http, post(address() + "/photo").content(body), "kind", "BACK")
                .getContentAsString();
    }

    @Test
    void aPhotographIsShownBesideTheRunUntilItIsTakenAway() throws Exception {
        assertThat(photo(picture("png", 400, 300))).contains("\"wrong\":\"\"");
        String page = send(http, get(address())).getContentAsString();
        Matcher shown = Pattern.compile("/logbook/photo/([0-9a-f-]{36})\\.jpg").matcher(page);
        assertThat(shown.find()).isTrue();
        MockHttpServletResponse jpeg = send(http, get("/logbook/photo/" + shown.group(1) + ".jpg"));
        assertThat(jpeg.getContentType()).isEqualTo("image/jpeg");
        assertThat(jpeg.getContentAsByteArray()).startsWith(0xFF, 0xD8);
        send(http, post(address() + "/photo/" + shown.group(1) + "/delete"));
        assertThat(send(http, get("/logbook/photo/" + shown.group(1) + ".jpg")).getStatus())
                .isEqualTo(404);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "<svg xmlns='http://www.w3.org/2000/svg'><script>alert(1)</script></svg>",
                "GIF89a nothing",
                "",
                "%PDF-1.7"
            })
    void whatIsNoPhotographIsRefusedWithWords(String body) throws Exception {
        String answer = photo(body.getBytes(StandardCharsets.UTF_8));
        assertThat(JsonMapper.shared().readTree(answer).get("wrong").asString()).isNotBlank();
    }

    @Test
    void aRunIsForgottenWithAllThatBelongsToIt() throws Exception {
        assertThat(send(http, post(address() + "/delete")).getRedirectedUrl()).isEqualTo("/logbook");
        assertThat(runs.find(run.id())).isEmpty();
        assertThat(send(http, get(address())).getStatus()).isEqualTo(404);
        assertThat(send(http, post(address()), "note", "too late").getStatus()).isEqualTo(404);
    }

    @Test
    void aRunWithoutAJobProvesNothingAndIsNoFault() throws Exception {
        assertThat(send(http, post(address() + "/proven")).getRedirectedUrl()).isEqualTo(address());
        assertThat(now().verdict()).isEqualTo(RunVerdict.UNJUDGED);
        assertThat(now().endedAt()).isEqualTo(Optional.of(Instant.parse("2026-11-20T08:02:00Z")));
        assertThat(now().figures().currentA().orElseThrow()).isCloseTo(118, within(1e-9));
    }
}
