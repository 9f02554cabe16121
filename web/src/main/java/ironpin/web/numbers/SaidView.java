package ironpin.web.numbers;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpServletResponseWrapper;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.util.Map;
import org.thymeleaf.spring6.view.ThymeleafView;

/**
 * A page as it leaves the house: with numbers as its cook writes them, and made bytes as a whole, which takes a fraction of what the
 * thousands of small pieces take that the engine writes.
 */
public class SaidView extends ThymeleafView {
    private static final int USUAL_LENGTH = 100_000;

    @Override
    public void render(Map<String, ?> model, HttpServletRequest request, HttpServletResponse response)
            throws Exception {
        OwnNumbers numbers = OwnNumbers.of(request);
        StringWriter page = new StringWriter(USUAL_LENGTH);
        PrintWriter held = new PrintWriter(page);
        super.render(model, request, new HttpServletResponseWrapper(response) {
            @Override
            public PrintWriter getWriter() {
                return held;
            }
        });
        held.flush();
        String text = page.toString();
        String said = numbers.asWritten() ? text : NumbersInPage.said(text, numbers);
        response.getOutputStream().write(said.getBytes(response.getCharacterEncoding()));
    }
}
