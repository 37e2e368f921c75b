package vastarc.web.security;

import java.net.Inet4Address;
import java.net.InetAddress;
import java.net.NetworkInterface;
import java.net.SocketException;
import java.net.UnknownHostException;
import java.util.Collections;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/** Whether the program is open to the shop's network, and under which names and addresses. */
@Component
public class Lan {

    private static final Set<String> THIS_MACHINE = Set.of("localhost", "127.0.0.1", "[::1]", "::1");

    private final boolean open;
    private final boolean secure;
    private final String proxy;
    private final Set<String> names;

    Lan(
            @Value("${vastarc.lan:false}") boolean network,
            @Value("${vastarc.proxy:}") String proxy,
            @Value("${server.ssl.certificate:}") String certificate) {
        this.proxy = proxy.strip();
        this.open = network || isProxied();
        this.secure = !certificate.isBlank() || isProxied();
        Set<String> known = new HashSet<>(THIS_MACHINE);
        if (open) {
            addresses().forEach(address -> known.add(address.toLowerCase(Locale.ROOT)));
            known.addAll(hostNames());
        }
        if (isProxied()) {
            known.add(this.proxy.toLowerCase(Locale.ROOT));
        }
        this.names = Set.copyOf(known);
    }

    /** {@return whether others than this machine are let in, once they are paired} */
    public boolean isOpen() {
        return open;
    }

    /** {@return whether what is sent cannot be read along} */
    public boolean isSecure() {
        return secure;
    }

    /** {@return whether others reach the program through a reverse proxy on this machine, over HTTPS} */
    public boolean isProxied() {
        return !proxy.isEmpty();
    }

    /** {@return names and addresses under which others reach the program} */
    public List<String> reachable() {
        return isProxied() ? List.of(proxy) : addresses();
    }

    /**
     * {@return the program's first page under one of them}
     *
     * @param address a name or an address
     * @param port that the program listens on
     */
    String url(String address, int port) {
        return (secure ? "https://" : "http://") + address + (isProxied() ? "" : ":" + port) + "/";
    }

    /**
     * {@return whether a request may ask under a name; any other is a foreign page rebinding its address to ours}
     *
     * @param host the name of the host
     */
    public boolean isOwnName(String host) {
        return names.contains(host.toLowerCase(Locale.ROOT));
    }

    /**
     * {@return whether an address is this machine's own loop: whoever sits there needs no pairing}
     *
     * @param address a name or an address
     */
    public static boolean isLoop(String address) {
        try {
            return !address.isEmpty() && InetAddress.getByName(address).isLoopbackAddress();
        } catch (UnknownHostException none) {
            return false;
        }
    }

    /** {@return addresses under which other machines reach this one} */
    public static List<String> addresses() {
        try {
            return Collections.list(NetworkInterface.getNetworkInterfaces()).stream()
                    .flatMap(networkInterface -> Collections.list(networkInterface.getInetAddresses()).stream())
                    .filter(address -> address instanceof Inet4Address && !address.isLoopbackAddress())
                    .map(InetAddress::getHostAddress)
                    .sorted()
                    .toList();
        } catch (SocketException e) {
            return List.of();
        }
    }

    private static Set<String> hostNames() {
        try {
            String name = InetAddress.getLocalHost().getHostName().toLowerCase(Locale.ROOT);
            return Set.of(name, name + ".local");
        } catch (UnknownHostException e) {
            return Set.of();
        }
    }
}
