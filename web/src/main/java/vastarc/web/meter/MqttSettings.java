package vastarc.web.meter;

import java.net.URI;
import java.util.Optional;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/** Which broker the program asks for readings: one of the shop's network, its own for trying, or none. */
@Component
class MqttSettings {

    private static final String BUILT_IN = "built-in";
    private static final int USUAL_PORT = 1883;
    private static final int USUAL_SECURE_PORT = 8883;
    private static final String THIS_MACHINE = "127.0.0.1";

    private final String address;
    private final String user;
    private final String password;
    private final String listensOn;

    MqttSettings(
            @Value("${vastarc.mqtt:}") String address,
            @Value("${vastarc.mqtt-user:}") String user,
            @Value("${VASTARC_MQTT_PASSWORD:}") String password,
            @Value("${server.address:127.0.0.1}") String listensOn) {
        this.address = address.strip();
        this.user = user;
        this.password = password;
        this.listensOn = listensOn;
    }

    /**
     * Where a broker is.
     *
     * @param host name or address
     * @param port 1 to 65535
     * @param secure whether it is spoken to over TLS
     */
    record BrokerPlace(String host, int port, boolean secure) {

        @Override
        public String toString() {
            return (secure ? "ssl" : "tcp") + "://" + host + ":" + port;
        }
    }

    /** {@return what was given} */
    @Override
    public String toString() {
        return address;
    }

    boolean isWanted() {
        return !address.isEmpty();
    }

    boolean isBuiltIn() {
        return address.equals(BUILT_IN) || address.startsWith(BUILT_IN + ":");
    }

    /** Address the built-in broker listens on: the program's own. */
    String listensOn() {
        return listensOn;
    }

    String user() {
        return user;
    }

    String password() {
        return password;
    }

    /** Where the broker is; empty where what was given is no such place. */
    Optional<BrokerPlace> place() {
        try {
            URI uri = URI.create(isBuiltIn() ? "tcp://" + address.replaceFirst(BUILT_IN, THIS_MACHINE) : address);
            boolean secure = "ssl".equals(uri.getScheme());
            int port = uri.getPort() >= 0 ? uri.getPort() : secure ? USUAL_SECURE_PORT : USUAL_PORT;
            boolean known = uri.getHost() != null && (secure || "tcp".equals(uri.getScheme())) && port <= 65_535;
            return known ? Optional.of(new BrokerPlace(uri.getHost(), port, secure)) : Optional.empty();
        } catch (IllegalArgumentException e) {
            return Optional.empty();
        }
    }
}
