package ironpin.web.page;

import ironpin.quantity.UnitSystem;
import ironpin.web.kitchen.BrowserKeeps;
import jakarta.servlet.http.HttpServletRequest;
import java.util.Arrays;

/** Which units this browser likes to read; kept in a cookie of its own. */
public final class Units {
    static final String COOKIE = "units";

    private Units() {}

    public static UnitSystem of(HttpServletRequest request) {
        return BrowserKeeps.values(request, COOKIE)
                .flatMap(kept -> Arrays.stream(UnitSystem.values())
                        .filter(units -> units.name().equals(kept)))
                .findFirst()
                .orElse(UnitSystem.METRIC);
    }
}
