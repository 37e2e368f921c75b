package vastarc.web.bench;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import java.time.Duration;
import java.time.Instant;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.regex.Pattern;
import javax.sql.DataSource;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.web.servlet.MockMvc;
import vastarc.web.Jobs;
import vastarc.web.OwnShopTest;
import vastarc.web.store.diagnosis.BeadObservations;
import vastarc.web.store.diagnosis.DiagnosisStore;
import vastarc.web.store.job.Job;
import vastarc.web.store.job.JobStore;
import vastarc.web.store.shop.ArchivedJobCleanup;
import vastarc.web.store.shop.ShopStore;

/** A bench with more jobs than fit a page, and those that are archived. */
@OwnShopTest
class ManyJobsTest {

    private static final Pattern CARD = Pattern.compile("class=\"card\"");

    @Autowired
    private MockMvc http;

    @Autowired
    private JobStore jobs;

    @Autowired
    private ShopStore shop;

    @Autowired
    private ArchivedJobCleanup putAway;

    @Autowired
    private DiagnosisStore readings;

    private JdbcClient database;

    /** Past the stores and their transactions, as nothing of the program does. */
    @Autowired
    void openDatabase(DataSource source) {
        database = JdbcClient.create(source);
    }

    private final List<UUID> made = new ArrayList<>();
    private final List<UUID> aside = new ArrayList<>();

    /** A shop of these jobs alone, whatever other tests have left. */
    @BeforeEach
    void fill() {
        aside.addAll(database.sql("select id from job where deleted_at is null")
                .query(UUID.class)
                .list());
        aside.forEach(jobs::delete);
        for (int i = 0; i < 45; i++) {
            UUID job = jobs.create("Rung " + i, i == 7 ? "with 100 % cover_all" : "", Jobs.fresh())
                    .id();
            made.add(job);
            // Each a second after the one before: made within one millisecond they would have no order.
            database.sql("update job set created_at = dateadd('SECOND', ?, created_at) where id = ?")
                    .params(3600 + i, job)
                    .update();
        }
    }

    @AfterEach
    void clear() {
        made.forEach(job -> {
            database.sql("delete from job_step where job_id = ?").param(job).update();
            database.sql("delete from job where id = ?").param(job).update();
        });
        aside.forEach(jobs::restore);
        shop.change(settings -> settings.forgettingAfter(0));
    }

    private String page(String address) throws Exception {
        MockHttpServletResponse response =
                http.perform(get(address)).andReturn().getResponse();
        assertThat(response.getStatus()).isEqualTo(200);
        return response.getContentAsString();
    }

    @Test
    void theBenchComesAPageAtATimeNewestFirst() throws Exception {
        String first = page("/");
        assertThat(CARD.matcher(first).results().count()).isEqualTo(20);
        assertThat(first)
                .contains(">Rung 44<", "Page 1 of 3, 45 in all", "href=\"/?page=2\"")
                .doesNotContain(">Rung 24<");
        assertThat(page("/?page=2")).contains(">Rung 24<", ">Rung 5<", "href=\"/?page=1\"", "href=\"/?page=3\"");
        assertThat(CARD.matcher(page("/?page=3")).results().count()).isEqualTo(5);
    }

    @Test
    void aPageThatIsNotThereIsEmptyAndOneThatIsNoneIsTheFirst() throws Exception {
        assertThat(page("/?page=99")).contains("Page 99 of 3", "href=\"/?page=3\"");
        for (String odd : new String[] {"-1", "x", "1e400", "99999999999999999999"}) {
            assertThat(page("/?page=" + odd)).as(odd).contains(">Rung 44<");
        }
    }

    @Test
    void wordsOfNameOrNotesAreFoundAsTheyAreTyped() throws Exception {
        assertThat(page("/?find=rung 1")).contains(">Rung 1<", ">Rung 19<").doesNotContain(">Rung 2<");
        assertThat(page("/?find=100 % COVER_")).contains(">Rung 7<").doesNotContain(">Rung 8<");
        assertThat(page("/?find=no such <b>")).contains("id=\"none-found\"", "no such &lt;b&gt;");
        assertThat(page("/search.json?find=rung 33")).contains("\"Rung 33\"").doesNotContain("Rung 3\"");
    }

    @Test
    void aJobPutAwayIsListedAndComesBack() throws Exception {
        UUID job = made.get(3);
        http.perform(post("/jobs/" + job + "/delete").with(csrf()));

        assertThat(page("/")).contains("id=\"to-away\"");
        assertThat(page("/away")).contains(">Rung 3<", "Archived jobs stay until they are put back.");
        http.perform(post("/jobs/" + job + "/restore").with(csrf()));
        assertThat(page("/away")).doesNotContain(">Rung 3<");
    }

    @Test
    void jobsPutAwayGoForGoodAfterTheTimeTheShopHasChosenAndNotBefore() throws Exception {
        Job old = jobs.delete(made.get(0)).orElseThrow();
        Job recent = jobs.delete(made.get(1)).orElseThrow();
        http.perform(post("/jobs/" + recent.id() + "/sheet").with(csrf()));
        database.sql("update job set deleted_at = ? where id = ?")
                .params(OffsetDateTime.ofInstant(Instant.now().minus(Duration.ofDays(91)), ZoneOffset.UTC), old.id())
                .update();

        readings.change(old.id(), marks -> marks.marked("CRATER", true));

        assertThat(putAway.letGo()).isZero();
        http.perform(post("/shop/away").with(csrf()).param("days", "90"));
        assertThat(page("/away")).contains("Archived jobs are deleted for good 90 days after");
        assertThat(putAway.letGo()).isEqualTo(1);
        assertThat(jobs.find(old.id())).isEmpty();
        assertThat(readings.of(old.id())).isEqualTo(BeadObservations.none());
        assertThat(jobs.find(recent.id())).isPresent();
        assertThat(jobs.find(made.get(2))).isPresent();
    }

    @Test
    void aDayThatIsNotOfferedChangesNothing() throws Exception {
        http.perform(post("/shop/away").with(csrf()).param("days", "1"));
        assertThat(shop.habits().putAwayDays()).isZero();
    }
}
