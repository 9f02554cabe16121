package ironpin.web.kitchen;

import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;

/** A refusal that is nobody's fault: it says why, and when to try again. */
final class TryLater {
    private static final int LATER_SECONDS = 5;

    private TryLater() {}

    static void say(HttpServletResponse response, String why) throws IOException {
        response.setStatus(HttpServletResponse.SC_SERVICE_UNAVAILABLE);
        response.setIntHeader("Retry-After", LATER_SECONDS);
        response.setContentType("text/plain;charset=UTF-8");
        response.getWriter().println(why);
    }
}
