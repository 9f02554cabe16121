package ironpin.web.page;

import ironpin.quantity.UnitSystem;
import jakarta.servlet.http.Cookie;
import jakarta.servlet.http.HttpServletRequest;
import java.util.Arrays;

/** Which units this browser likes to read; kept in a cookie of its own. */
public final class Units {
    static final String COOKIE = "units";

    private Units() {}

    public static UnitSystem of(HttpServletRequest request) {
        Cookie[] cookies = request.getCookies();
        return Arrays.stream(UnitSystem.values())
                .filter(units -> cookies != null && Arrays.stream(cookies).anyMatch(one -> chosen(one, units)))
                .findFirst()
                .orElse(UnitSystem.METRIC);
    }

    private static boolean chosen(Cookie cookie, UnitSystem units) {
        return cookie.getName().equals(COOKIE) && cookie.getValue().equals(units.name());
    }
}
