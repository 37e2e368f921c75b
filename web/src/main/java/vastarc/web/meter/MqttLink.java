package vastarc.web.meter;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import com.hivemq.client.mqtt.MqttClient;
import com.hivemq.client.mqtt.datatypes.MqttQos;
import com.hivemq.client.mqtt.mqtt3.Mqtt3AsyncClient;
import com.hivemq.client.mqtt.mqtt3.Mqtt3ClientBuilder;
import com.hivemq.client.mqtt.mqtt3.message.auth.Mqtt3SimpleAuth;
import com.hivemq.client.mqtt.mqtt3.message.publish.Mqtt3Publish;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.Duration;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.Executor;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.ThreadPoolExecutor;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.SmartLifecycle;
import org.springframework.scheduling.concurrent.CustomizableThreadFactory;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;
import vastarc.core.base.validation.Outcome;
import vastarc.core.base.validation.Problem;
import vastarc.web.meter.MeterTraffic.Way;
import vastarc.web.meter.MqttSettings.BrokerPlace;
import vastarc.web.meter.MqttState.Phase;
import vastarc.web.request.JsonObjects;

/**
 * Listens to a broker for readings of meters, where one was named at start ({@code vastarc.mqtt}); where it goes away, tries again after one
 * second, then ever less often, up to thirty seconds apart.
 */
@Component
public class MqttLink implements SmartLifecycle {

    /** A message may be so long. */
    static final int MAX_BYTES = 128 * 1024;

    /** Messages of one meter in a second; more are left out. */
    static final int MOST_A_SECOND = 50;

    private static final Logger LOG = LoggerFactory.getLogger(MqttLink.class);
    private static final String EXAMPLE = MeterIntake.EXAMPLE.replaceFirst("\\{", "{\"key\":\"the key of the meter\",");
    private static final String TOPICS = "vastarc/meters/";
    private static final String READINGS = "/readings";
    private static final Duration FIRST_RETRY = Duration.ofSeconds(1);
    private static final Duration LAST_RETRY = Duration.ofSeconds(30);
    private static final int MOST_NAMES = 1000;
    private static final long IDLE_S = 30;
    private static final Duration LONGEST_GOODBYE = Duration.ofSeconds(2);

    private final MqttSettings settings;
    private final BuiltInBroker broker;
    private final MeterIntake intake;
    private final Clock clock;
    private final Cache<String, AtomicInteger> thisSecond = Caffeine.newBuilder()
            .maximumSize(MOST_NAMES)
            .expireAfterWrite(Duration.ofSeconds(1))
            .build();

    /** One thread, so that messages are taken in as they came; none while nothing comes. */
    private final Executor worker = new ThreadPoolExecutor(
            0, 1, IDLE_S, TimeUnit.SECONDS, new LinkedBlockingQueue<>(), new CustomizableThreadFactory("mqtt-"));

    private volatile MqttState state;
    private @Nullable Mqtt3AsyncClient client;

    MqttLink(MqttSettings settings, BuiltInBroker broker, MeterIntake intake, Clock clock) {
        this.settings = settings;
        this.broker = broker;
        this.intake = intake;
        this.clock = clock;
        this.state = new MqttState(Phase.OFF, "", clock.instant());
    }

    /** {@return how it is with the broker} */
    public MqttState state() {
        return state;
    }

    /**
     * {@return topic that a meter publishes its readings under}
     *
     * @param meter name of the meter
     */
    static String topic(String meter) {
        return TOPICS + meter + READINGS;
    }

    @Override
    public void start() {
        if (!settings.isWanted()) {
            return;
        }
        settings.place().ifPresentOrElse(this::startAt, () -> {
            LOG.warn("“{}” is no address of a broker; tcp://HOST:PORT, ssl://HOST:PORT or built-in is.", settings);
            enter(Phase.WRONG, settings.toString());
        });
    }

    private void startAt(BrokerPlace place) {
        if (settings.isBuiltIn() && !isBrokerStarted(place)) {
            return;
        }
        enter(Phase.TRYING, place.toString());
        Mqtt3AsyncClient fresh = client(place);
        client = fresh;
        fresh.connectWith()
                .cleanSession(true)
                .send()
                .thenCompose(connected -> fresh.subscribeWith()
                        .topicFilter(topic("+"))
                        .qos(MqttQos.AT_LEAST_ONCE)
                        .callback(this::accept)
                        .executor(worker)
                        .send())
                .whenComplete((subscribed, failed) -> {
                    if (failed != null) {
                        LOG.warn("Readings of the broker {} are not listened to: {}", place, failed.getMessage());
                    }
                });
    }

    private boolean isBrokerStarted(BrokerPlace place) {
        try {
            broker.start(settings.listensOn(), place.port());
            return true;
        } catch (IOException | RuntimeException taken) {
            LOG.warn("The built-in broker cannot listen on port {}: {}", place.port(), taken.getMessage());
            enter(Phase.WRONG, place.toString());
            return false;
        }
    }

    private Mqtt3AsyncClient client(BrokerPlace place) {
        Mqtt3ClientBuilder builder = MqttClient.builder()
                .useMqttVersion3()
                .identifier("vastarc-" + UUID.randomUUID())
                .serverHost(place.host())
                .serverPort(place.port())
                .automaticReconnect()
                .initialDelay(FIRST_RETRY.toMillis(), TimeUnit.MILLISECONDS)
                .maxDelay(LAST_RETRY.toMillis(), TimeUnit.MILLISECONDS)
                .applyAutomaticReconnect()
                .addConnectedListener(connected -> enter(Phase.CONNECTED, place.toString()))
                .addDisconnectedListener(gone -> enter(Phase.TRYING, place.toString()));
        String user = settings.isBuiltIn() ? BuiltInBroker.OWN_NAME : settings.user();
        String password = settings.isBuiltIn() ? broker.ownPassword() : settings.password();
        if (!user.isEmpty()) {
            builder = builder.simpleAuth(Mqtt3SimpleAuth.builder()
                    .username(user)
                    .password(password.getBytes(StandardCharsets.UTF_8))
                    .build());
        }
        return (place.secure() ? builder.sslWithDefaultConfig() : builder).buildAsync();
    }

    private void enter(Phase phase, String address) {
        if (state.phase() != phase) {
            state = new MqttState(phase, address, clock.instant());
        }
    }

    /** A message; whatever is wrong with it, the next one is read. */
    private void accept(Mqtt3Publish message) {
        String topic = message.getTopic().toString();
        String meter = topic.substring(TOPICS.length(), topic.length() - READINGS.length());
        try {
            if (thisSecond.get(meter, name -> new AtomicInteger()).incrementAndGet() > MOST_A_SECOND) {
                refuse(meter, Problem.badValue("message", "meter.flood", MOST_A_SECOND));
            } else {
                read(meter, message.getPayloadAsBytes());
            }
        } catch (RuntimeException failed) {
            LOG.warn("Readings of {} could not be kept", meter, failed);
            refuse(meter, Problem.badValue("message", "meter.notKept"));
        }
    }

    private void read(String meter, byte[] payload) {
        if (payload.length > MAX_BYTES) {
            refuse(meter, Problem.badValue("body", "textTooLong", "more than " + MAX_BYTES, MAX_BYTES));
            return;
        }
        Outcome<JsonNode> body = JsonObjects.read(payload, EXAMPLE);
        String key = body.value().map(object -> object.path("key").asString("")).orElse("");
        if (body.value().isEmpty() || intake.opens(Way.MQTT, meter, key)) {
            intake.accept(Way.MQTT, meter, body);
        }
    }

    private void refuse(String meter, Problem problem) {
        intake.refuse(Way.MQTT, meter, List.of(problem));
    }

    @Override
    public void stop() {
        Mqtt3AsyncClient open = client;
        client = null;
        if (open != null) {
            open.disconnect()
                    .orTimeout(LONGEST_GOODBYE.toMillis(), TimeUnit.MILLISECONDS)
                    .exceptionally(gone -> null)
                    .join();
        }
        if (settings.isBuiltIn()) {
            broker.stop();
        }
        state = new MqttState(Phase.OFF, "", clock.instant());
    }

    @Override
    public boolean isRunning() {
        return client != null;
    }
}
