package vastarc.web.meter;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.hivemq.client.mqtt.MqttClient;
import com.hivemq.client.mqtt.datatypes.MqttQos;
import com.hivemq.client.mqtt.mqtt3.Mqtt3BlockingClient;
import com.hivemq.client.mqtt.mqtt3.exceptions.Mqtt3ConnAckException;
import java.net.ServerSocket;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.OptionalInt;
import java.util.Random;
import java.util.UUID;
import java.util.stream.IntStream;
import org.assertj.core.api.Assertions;
import org.awaitility.Awaitility;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;
import org.springframework.beans.factory.annotation.Autowired;
import tools.jackson.databind.json.JsonMapper;
import vastarc.core.record.weldlog.Channel;
import vastarc.core.record.weldlog.MeasuredQuantity;
import vastarc.core.record.weldlog.RunEvent.EventKind;
import vastarc.web.Jobs;
import vastarc.web.SpringTest;
import vastarc.web.format.Format;
import vastarc.web.meter.MqttState.Phase;
import vastarc.web.service.RunSetups;
import vastarc.web.store.job.Job;
import vastarc.web.store.job.JobStore;
import vastarc.web.store.run.MeterKeys;
import vastarc.web.store.run.WeldRunService;

/** Readings that come through a broker: from the meters of the shop only, each once, in their order, whatever the broker does. */
@SpringTest
@Timeout(60)
class MqttLinkTest {

    private static final String METER = "Mqtt clamp";

    @Autowired
    private MeterKeys keys;

    @Autowired
    private MeterIntake intake;

    @Autowired
    private ArrivalBoard board;

    @Autowired
    private Clock clock;

    @Autowired
    private JobStore jobs;

    @Autowired
    private RunSetups setups;

    @Autowired
    private WeldRunService runs;

    private BuiltInBroker broker;
    private int port;
    private MqttLink link;
    private String key;

    @BeforeEach
    void connected() throws Exception {
        try (ServerSocket free = new ServerSocket(0)) {
            port = free.getLocalPort();
        }
        key = keys.make(METER).orElseThrow();
        broker = new BuiltInBroker(keys);
        broker.start("127.0.0.1", port);
        link = new MqttLink(
                new MqttSettings("tcp://127.0.0.1:" + port, BuiltInBroker.OWN_NAME, broker.ownPassword(), "127.0.0.1"),
                broker,
                intake,
                clock);
        link.start();
        waitFor(Phase.CONNECTED);
    }

    @AfterEach
    void gone() {
        link.stop();
        broker.stop();
        keys.all().stream().filter(meter -> meter.name().equals(METER)).forEach(meter -> keys.revoke(meter.id()));
    }

    private void waitFor(Phase phase) {
        Awaitility.await()
                .atMost(Duration.ofSeconds(20))
                .until(() -> link.state().phase() == phase);
    }

    private Mqtt3BlockingClient meter() {
        return MqttClient.builder()
                .useMqttVersion3()
                .serverHost("127.0.0.1")
                .serverPort(port)
                .simpleAuth()
                .username(METER)
                .password(key.getBytes(StandardCharsets.UTF_8))
                .applySimpleAuth()
                .buildBlocking();
    }

    private static void publish(Mqtt3BlockingClient meter, String topic, String payload) {
        meter.publishWith()
                .topic(topic)
                .qos(MqttQos.AT_LEAST_ONCE)
                .payload(payload.getBytes(StandardCharsets.UTF_8))
                .send();
    }

    private String message(Instant at, double amps) {
        return "{\"key\":\"" + key + "\",\"readings\":[{\"at\":\"" + at + "\",\"quantity\":\"CURRENT\",\"value\":"
                + amps + "}]}";
    }

    private MeterTraffic traffic() {
        return board.all().stream()
                .filter(traffic -> traffic.meter().equals(METER))
                .findFirst()
                .orElseThrow(() -> new AssertionError("nothing has arrived"));
    }

    /** Begins a run that listens to the meter. */
    private UUID listening() {
        Job job = jobs.create("=Broker job", "", Jobs.lapUnderTheTrigger());
        RunSetups.Setup setup = setups.of(job, OptionalInt.empty()).value().orElseThrow();
        UUID run = setups.begin(job, setup, "Isk", METER).run().id();
        runs.listen(run, METER);
        return run;
    }

    private Channel current(UUID run) {
        return runs.trace(run).channels().getOrDefault(MeasuredQuantity.CURRENT, Channel.none());
    }

    @Test
    void messagesRepeatedAndOutOfOrderAreKeptOnceInTheirOrder() {
        UUID run = listening();
        Instant began = runs.find(run).orElseThrow().startedAt();
        List<String> messages = new ArrayList<>(IntStream.range(0, 30)
                .mapToObj(i -> message(began.plusMillis(100L * i), 20 + i))
                .toList());
        Random chance = new Random(38);
        IntStream.range(0, 15).forEach(i -> messages.add(messages.get(chance.nextInt(30))));
        for (int i = 0; i + 3 < messages.size(); i += 4) {
            Collections.shuffle(messages.subList(i, i + 4), chance);
        }
        Mqtt3BlockingClient meter = meter();
        meter.connect();
        assertThat(Format.METER_READINGS.faults(JsonMapper.shared().readTree(messages.get(0))))
                .isEmpty();
        assertThat(messages).hasSizeLessThan(MqttLink.MOST_A_SECOND);
        messages.forEach(message -> publish(meter, MqttLink.topic(METER), message));
        meter.disconnect();

        Awaitility.await()
                .atMost(Duration.ofSeconds(10))
                .until(() -> current(run).size() >= 30);
        Channel kept = current(run);
        assertThat(kept.size()).isEqualTo(30);
        for (int i = 0; i < 30; i++) {
            assertThat(kept.s(i)).isEqualTo(i / 10.0, within(0.0011));
            assertThat(kept.value(i)).isEqualTo(20.0 + i);
        }
        assertThat(runs.events(run)).extracting(event -> event.kind()).contains(EventKind.ARC_ON);
    }

    @Test
    void readingsGoOnAfterTheBrokerWasKilledAndStartedAnew() throws Exception {
        UUID run = listening();
        Instant began = runs.find(run).orElseThrow().startedAt();
        Mqtt3BlockingClient meter = meter();
        meter.connect();
        publish(meter, MqttLink.topic(METER), message(began.plusMillis(100), 50));
        Awaitility.await()
                .atMost(Duration.ofSeconds(10))
                .until(() -> current(run).size() == 1);

        broker.stop();
        waitFor(Phase.TRYING);
        broker.start("127.0.0.1", port);
        waitFor(Phase.CONNECTED);
        Mqtt3BlockingClient again = meter();
        again.connect();
        // Connected comes before subscribed: what is published in between is not waited for.
        Awaitility.await().atMost(Duration.ofSeconds(10)).until(() -> {
            publish(again, MqttLink.topic(METER), message(began.plusMillis(200), 51));
            return current(run).size() == 2;
        });
        again.disconnect();
        assertThat(current(run).value(1)).isEqualTo(51);
    }

    @Test
    void whatIsWrongIsLeftOutAndSaid() {
        Mqtt3BlockingClient meter = meter();
        meter.connect();
        publish(meter, MqttLink.topic(METER), message(clock.instant(), 60).replace(key, "stolen"));
        Awaitility.await().until(() -> traffic().trouble().orElse("").contains("not that of the meter"));
        publish(meter, MqttLink.topic(METER), "{\"key\"");
        Awaitility.await().until(() -> traffic().trouble().orElse("").contains("broken at line 1"));
        publish(meter, MqttLink.topic(METER), message(clock.instant(), 1e9));
        Awaitility.await().until(() -> traffic().trouble().orElse("").startsWith("readings[0].value"));
        long before = traffic().readings();
        publish(meter, MqttLink.topic(METER), message(clock.instant(), 60));
        Awaitility.await().until(() -> traffic().trouble().isEmpty());
        assertThat(traffic().readings()).isEqualTo(before + 1);
        assertThat(traffic().last()).containsEntry(MeasuredQuantity.CURRENT, 60.0);
        meter.disconnect();
    }

    @Test
    void aFloodIsBounded() {
        Mqtt3BlockingClient meter = meter();
        meter.connect();
        Instant now = clock.instant();
        long before = board.all().isEmpty() ? 0 : traffic().messages();
        IntStream.range(0, 6 * MqttLink.MOST_A_SECOND)
                .forEach(i -> meter.toAsync()
                        .publishWith()
                        .topic(MqttLink.topic(METER))
                        .payload(message(now.plusMillis(i), 60).getBytes(StandardCharsets.UTF_8))
                        .send());
        Awaitility.await().until(() -> traffic().trouble().orElse("").contains("in a second"));
        meter.disconnect();
        assertThat(traffic().messages() - before).isLessThan(4L * MqttLink.MOST_A_SECOND);
    }

    @Test
    void theBuiltInBrokerLetsAMeterPublishItsOwnReadingsOnly() {
        Mqtt3BlockingClient stranger = MqttClient.builder()
                .useMqttVersion3()
                .serverHost("127.0.0.1")
                .serverPort(port)
                .buildBlocking();
        Assertions.assertThatThrownBy(stranger::connect).isInstanceOf(Mqtt3ConnAckException.class);
        Mqtt3BlockingClient meter = meter();
        meter.connect();
        long others = board.all().stream()
                .filter(traffic -> traffic.meter().equals("Other meter"))
                .count();
        // The broker answers nothing to what it does not pass on.
        meter.publishWith()
                .topic(MqttLink.topic("Other meter"))
                .payload(message(clock.instant(), 60).getBytes(StandardCharsets.UTF_8))
                .send();
        publish(meter, MqttLink.topic(METER), message(clock.instant(), 61));
        Awaitility.await()
                .until(() -> traffic().last().get(MeasuredQuantity.CURRENT).equals(61.0));
        assertThat(board.all().stream()
                        .filter(traffic -> traffic.meter().equals("Other meter"))
                        .count())
                .isEqualTo(others);
        meter.disconnect();
    }

    @Test
    void whatIsNoAddressIsSaidAndTheProgramRunsOn() {
        for (String address : List.of("http://x", "tcp://", "tcp://a:99999", "broker", "tcp://a b")) {
            MqttLink wrong = new MqttLink(new MqttSettings(address, "", "", "127.0.0.1"), broker, intake, clock);
            wrong.start();
            assertThat(wrong.state().phase()).as(address).isEqualTo(Phase.WRONG);
            wrong.stop();
        }
        MqttLink taken = new MqttLink(
                new MqttSettings("built-in:" + port, "", "", "127.0.0.1"), new BuiltInBroker(keys), intake, clock);
        taken.start();
        assertThat(taken.state().phase()).isEqualTo(Phase.WRONG);
    }
}
