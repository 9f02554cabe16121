package ironpin.web.door;

import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.web.util.HtmlUtils;

/** What somebody sees who was not let in: one page that loads nothing else, so that nothing else has to be open. */
final class AskingPage {
    private static final String PAGE =
            """
            <!DOCTYPE html>
            <html lang="en"><head><meta charset="utf-8"><meta name="viewport" content="width=device-width, initial-scale=1">
            <meta name="color-scheme" content="light dark"><title>%s · Ironpin</title>
            <style>body{font:1.1rem/1.5 sans-serif;max-width:30rem;margin:2rem auto;padding:0 1rem}
            input,button{font:inherit;padding:.6rem;min-height:44px}input{display:block;width:100%%;box-sizing:border-box;margin:.3rem 0 1rem}
            [role=alert]{font-weight:bold}</style></head><body><main><h1>%s</h1>%s</main></body></html>
            """;

    private static final String FORM =
            """
            %s<p>Ironpin shows a code of six digits: on the machine where it runs, open <strong>Devices</strong> in the kit.</p>
            <form method="post" action="/let-in"><label for="code">The code</label><input id="code" name="code" inputmode="numeric"
            autocomplete="one-time-code" maxlength="9" required value="%s"><label for="name">What this device is called</label><input
            id="name" name="name" maxlength="60" placeholder="kitchen tablet"><button>Come in</button></form>
            """;

    private AskingPage() {}

    static void ask(HttpServletResponse response, String code, String trouble, int status) throws IOException {
        String alert = trouble.isEmpty() ? "" : "<p role=\"alert\">" + HtmlUtils.htmlEscape(trouble) + "</p>";
        write(
                response,
                status,
                "Not let in yet",
                FORM.formatted(alert, HtmlUtils.htmlEscape(code.replaceAll("\\D", ""))));
    }

    static void onlyLooking(HttpServletResponse response, long batch) throws IOException {
        write(
                response,
                HttpServletResponse.SC_FORBIDDEN,
                "You are looking",
                "<p>This link shows one batch and changes nothing. <a href=\"/batches/" + batch
                        + "/table\">Back to it</a></p>");
    }

    private static void write(HttpServletResponse response, int status, String title, String body) throws IOException {
        response.setStatus(status);
        response.setContentType(MediaType.TEXT_HTML_VALUE + ";charset=UTF-8");
        response.setHeader(HttpHeaders.CACHE_CONTROL, "no-store");
        response.setHeader("X-Content-Type-Options", "nosniff");
        response.setHeader(
                "Content-Security-Policy",
                "default-src 'none'; style-src 'unsafe-inline'; form-action 'self'; base-uri 'none'; frame-ancestors 'none'");
        response.getWriter().write(PAGE.formatted(title, title, body));
    }
}
