package vastarc.web.meter;

import io.moquette.BrokerConstants;
import io.moquette.broker.Server;
import io.moquette.broker.config.IConfig;
import io.moquette.broker.config.MemoryConfig;
import io.moquette.broker.security.IAuthenticator;
import io.moquette.broker.security.IAuthorizatorPolicy;
import io.moquette.broker.subscriptions.Topic;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Properties;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import vastarc.web.store.SecretKeys;
import vastarc.web.store.run.MeterKeys;

/**
 * A broker inside the program, to try meters without another one. A meter signs in with its name and its key, and may only publish its own
 * readings; nobody but the program may listen. It keeps nothing on the disk.
 */
@Component
class BuiltInBroker {

    /** The program's own name at the broker; no meter is called so, as names of meters begin with a letter or a figure. */
    static final String OWN_NAME = "-vastarc";

    private final MeterKeys keys;
    private final String ownPassword = SecretKeys.fresh();
    private @Nullable Server server;

    BuiltInBroker(MeterKeys keys) {
        this.keys = keys;
    }

    void start(String address, int port) throws IOException {
        Properties properties = new Properties();
        properties.setProperty(IConfig.HOST_PROPERTY_NAME, address);
        properties.setProperty(IConfig.PORT_PROPERTY_NAME, String.valueOf(port));
        properties.setProperty(IConfig.ALLOW_ANONYMOUS_PROPERTY_NAME, "false");
        properties.setProperty(BrokerConstants.ALLOW_ZERO_BYTE_CLIENT_ID_PROPERTY_NAME, "true");
        properties.setProperty(IConfig.PERSISTENCE_ENABLED_PROPERTY_NAME, "false");
        properties.setProperty(IConfig.ENABLE_TELEMETRY_NAME, "false");
        properties.setProperty(IConfig.NETTY_MAX_BYTES_PROPERTY_NAME, String.valueOf(MqttLink.MAX_BYTES));
        IAuthenticator authenticator = (client, name, password) -> opens(name, password);
        Server fresh = new Server();
        fresh.startServer(new MemoryConfig(properties), List.of(), null, authenticator, new OwnTopicOnly());
        server = fresh;
    }

    void stop() {
        if (server != null) {
            server.stopServer();
            server = null;
        }
    }

    String ownPassword() {
        return ownPassword;
    }

    private boolean opens(String name, byte[] password) {
        String key = password == null ? "" : new String(password, StandardCharsets.UTF_8);
        return OWN_NAME.equals(name) ? ownPassword.equals(key) : name != null && keys.opens(name, key);
    }

    private static final class OwnTopicOnly implements IAuthorizatorPolicy {

        @Override
        public boolean canWrite(Topic topic, String user, String client) {
            return topic.toString().equals(MqttLink.topic(user));
        }

        @Override
        public boolean canRead(Topic topic, String user, String client) {
            return OWN_NAME.equals(user);
        }
    }
}
