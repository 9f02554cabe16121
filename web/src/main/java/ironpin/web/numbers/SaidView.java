package ironpin.web.numbers;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpServletResponseWrapper;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.util.Map;
import org.thymeleaf.spring6.view.ThymeleafView;

/** A page as it leaves the house. Where a cook writes numbers as the pages do, it leaves as it was written. */
public class SaidView extends ThymeleafView {
    @Override
    public void render(Map<String, ?> model, HttpServletRequest request, HttpServletResponse response)
            throws Exception {
        OwnNumbers numbers = OwnNumbers.of(request);
        if (numbers.asWritten()) {
            super.render(model, request, response);
            return;
        }
        StringWriter page = new StringWriter();
        PrintWriter held = new PrintWriter(page);
        super.render(model, request, new HttpServletResponseWrapper(response) {
            @Override
            public PrintWriter getWriter() {
                return held;
            }
        });
        held.flush();
        response.getWriter().write(NumbersInPage.said(page.toString(), numbers));
    }
}
