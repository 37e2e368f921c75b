package vastarc.web.api;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.delete;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;

import java.io.UnsupportedEncodingException;
import java.time.Instant;
import java.util.UUID;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import java.util.function.BooleanSupplier;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.MvcResult;
import vastarc.web.SpringTest;
import vastarc.web.stream.Measurement;
import vastarc.web.stream.MeasurementHub;
import vastarc.web.work.Work;
import vastarc.web.work.Work.WorkState;
import vastarc.web.work.WorkRoom;

/** Work and streams over HTTP. */
@SpringTest
class WorkApiTest {

    @Autowired
    private MockMvc http;

    @Autowired
    private WorkRoom room;

    @Autowired
    private MeasurementHub stream;

    private static void until(BooleanSupplier condition) throws InterruptedException {
        CountDownLatch never = new CountDownLatch(1);
        for (int i = 0; i < 1000 && !condition.getAsBoolean(); i++) {
            never.await(5, TimeUnit.MILLISECONDS);
        }
        assertThat(condition.getAsBoolean()).isTrue();
    }

    @Test
    void workIsFollowedByEventsUntilItIsOver() throws Exception {
        CountDownLatch go = new CountDownLatch(1);
        Work<String> work = room.<String>start("followed", progress -> {
                    progress.at(0.25);
                    try {
                        go.await();
                    } catch (InterruptedException e) {
                        Thread.currentThread().interrupt();
                    }
                    return "done";
                })
                .value()
                .orElseThrow();

        MvcResult events =
                http.perform(get("/api/v1/work/" + work.id() + "/events")).andReturn();
        until(() -> text(events).contains("\"share\":0.25"));
        go.countDown();
        until(() -> text(events).contains("\"state\":\"DONE\""));
        assertThat(http.perform(get("/api/v1/work/" + work.id()))
                        .andReturn()
                        .getResponse()
                        .getContentAsString())
                .contains("\"state\":\"DONE\"", "\"share\":1.0", "\"engine\":\"rules");
    }

    private static String text(MvcResult events) {
        try {
            return events.getResponse().getContentAsString();
        } catch (UnsupportedEncodingException e) {
            throw new IllegalStateException(e);
        }
    }

    @Test
    void workIsStoppedWhenToldTo() throws Exception {
        Work<String> work = room.<String>start("stopped", progress -> {
                    while (true) {
                        progress.orStop();
                        Thread.onSpinWait();
                    }
                })
                .value()
                .orElseThrow();

        assertThat(http.perform(delete("/api/v1/work/" + work.id()))
                        .andReturn()
                        .getResponse()
                        .getStatus())
                .isEqualTo(200);
        until(() -> work.state() == WorkState.CANCELLED);
    }

    @Test
    void readingsReachWhoListensToTheirChannel() throws Exception {
        MvcResult events =
                http.perform(get("/api/v1/stream").param("channels", "clamp")).andReturn();
        stream.publish(new Measurement("clamp", Instant.parse("2026-11-25T08:00:00Z"), 61.5, true));

        until(() -> text(events).contains("\"value\":61.5") && text(events).contains("\"simulated\":true"));
        assertThat(text(events)).startsWith("data:");
    }

    @Test
    void whatIsNotThereOrCannotBeUsedIsSaid() throws Exception {
        MockHttpServletResponse none = http.perform(get("/api/v1/work/" + UUID.randomUUID()))
                .andReturn()
                .getResponse();
        assertThat(none.getStatus()).isEqualTo(404);
        for (String address : new String[] {"/api/v1/stream", "/api/v1/stream?channels=", "/api/v1/work/7"}) {
            assertThat(http.perform(get(address)).andReturn().getResponse().getStatus())
                    .as(address)
                    .isEqualTo(400);
        }
    }
}
