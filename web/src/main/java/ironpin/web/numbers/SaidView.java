package ironpin.web.numbers;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpServletResponseWrapper;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.nio.charset.StandardCharsets;
import java.util.Map;
import org.thymeleaf.spring6.view.ThymeleafView;

/**
 * A page as it leaves the house: with numbers as its cook writes them, and made bytes as a whole, not in the thousands of small pieces
 * that the engine writes.
 */
public class SaidView extends ThymeleafView {
    private static final int USUAL_LENGTH = 100_000;

    @Override
    public void render(Map<String, ?> model, HttpServletRequest request, HttpServletResponse response)
            throws Exception {
        byte[] page = said(model, request, response).getBytes(StandardCharsets.UTF_8);
        response.getOutputStream().write(page);
    }

    /** The page alone, for whoever makes something else of it; the response gets its type and nothing more. */
    public String said(Map<String, ?> model, HttpServletRequest request, HttpServletResponse response)
            throws Exception {
        StringWriter page = new StringWriter(USUAL_LENGTH);
        PrintWriter held = new PrintWriter(page);
        super.render(model, request, new HttpServletResponseWrapper(response) {
            @Override
            public PrintWriter getWriter() {
                return held;
            }
        });
        held.flush();
        OwnNumbers numbers = OwnNumbers.of(request);
        return numbers.asWritten() ? page.toString() : NumbersInPage.said(page.toString(), numbers);
    }
}
