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
        boolean us = cookies != null
                && Arrays.stream(cookies)
                        .anyMatch(one ->
                                one.getName().equals(COOKIE) && one.getValue().equals(UnitSystem.US.name()));
        return us ? UnitSystem.US : UnitSystem.METRIC;
    }
}
