package ironpin.web.kitchen;

import jakarta.servlet.http.Cookie;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.time.Duration;
import java.util.Arrays;
import java.util.stream.Stream;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseCookie;
import org.springframework.http.ResponseCookie.ResponseCookieBuilder;

/** What a browser keeps for this kitchen: how its cook likes the pages, and what it shows at the door. */
public final class BrowserKeeps {
    private static final Duration YEAR = Duration.ofDays(365);

    private BrowserKeeps() {}

    /** What it keeps under a name; usually one value. */
    public static Stream<String> values(HttpServletRequest request, String name) {
        Cookie[] cookies = request.getCookies();
        return cookies == null
                ? Stream.empty()
                : Arrays.stream(cookies)
                        .filter(cookie -> cookie.getName().equals(name))
                        .map(Cookie::getValue);
    }

    /** Lets it keep how its cook likes the pages, for a year. @param scripts whether the page's own scripts read it too */
    public static void liking(HttpServletResponse response, String name, String value, boolean scripts) {
        keep(response, ResponseCookie.from(name, value).httpOnly(!scripts), YEAR);
    }

    /** Lets it keep something on every page of this kitchen. */
    public static void keep(HttpServletResponse response, ResponseCookieBuilder what, Duration time) {
        response.addHeader(
                HttpHeaders.SET_COOKIE,
                what.path("/").maxAge(time).sameSite("Lax").build().toString());
    }
}
