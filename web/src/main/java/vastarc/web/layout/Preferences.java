package vastarc.web.layout;

import jakarta.servlet.http.Cookie;
import jakarta.servlet.http.HttpServletRequest;
import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import vastarc.core.base.units.UnitSystem;

/**
 * What the reader has chosen, kept in cookies so that the first paint is right.
 *
 * @param units units to show
 * @param theme {@code dark} unless chosen otherwise, {@code light}, or {@code auto} to follow the system
 */
public record Preferences(UnitSystem units, String theme) {

    private static final Set<String> THEMES = Set.of("dark", "light", "auto");

    static Preferences of(HttpServletRequest request) {
        String theme = cookie(request, "theme").filter(THEMES::contains).orElse("dark");
        boolean inch = cookie(request, "units").filter("inch"::equals).isPresent();
        return new Preferences(inch ? UnitSystem.INCH : UnitSystem.METRIC, theme);
    }

    private static Optional<String> cookie(HttpServletRequest request, String name) {
        return Optional.ofNullable(request.getCookies()).stream()
                .flatMap(Arrays::stream)
                .filter(cookie -> cookie.getName().equals(name))
                .map(Cookie::getValue)
                .findFirst();
    }

    /** {@return the name of the unit system, as the page's scripts know it} */
    public String unitsName() {
        return units.name().toLowerCase(Locale.ROOT);
    }
}
