package vastarc.web.security;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.security.authentication.AbstractAuthenticationToken;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.authority.SimpleGrantedAuthority;
import org.springframework.security.core.context.SecurityContextHolder;

/** Who asks: this machine itself, or a paired device. */
public final class Caller extends AbstractAuthenticationToken {

    private static final long serialVersionUID = 1L;

    /** What a caller may do; {@link SecurityConfiguration} says which address is for which of them. */
    public enum Role {
        /** Somebody at the machine the program runs on: everything. */
        LOCAL,
        /** A paired device: everything but the devices themselves. */
        DEVICE,
        /** A paired device that may look and change nothing. */
        VIEWER
    }

    private final Role role;
    private final String name;

    private Caller(Role role, String name) {
        super(List.of(new SimpleGrantedAuthority("ROLE_" + role)));
        this.role = role;
        this.name = name;
        setAuthenticated(true);
    }

    static Caller local() {
        return new Caller(Role.LOCAL, "local");
    }

    static Caller device(UUID id, boolean readOnly) {
        return new Caller(readOnly ? Role.VIEWER : Role.DEVICE, id.toString());
    }

    /**
     * {@return the device on whose behalf this thread answers a request; empty for this machine, and for the program
     * itself}
     */
    public static Optional<UUID> device() {
        Authentication caller = SecurityContextHolder.getContext().getAuthentication();
        return caller instanceof Caller known && known.role != Role.LOCAL
                ? Optional.of(UUID.fromString(known.name))
                : Optional.empty();
    }

    Role role() {
        return role;
    }

    @Override
    public String getPrincipal() {
        return name;
    }

    @Override
    public String getCredentials() {
        return "";
    }
}
