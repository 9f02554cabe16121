package ironpin.web.kitchen;

import ironpin.wording.Typed;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.Map;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/** Whatever is typed into a form loses what no page can show, before anybody reads it; the page says so. */
@Component
public class TypedTextFilter extends OncePerRequestFilter {
    /** Attribute of a request from which something was dropped. */
    public static final String DROPPED = "ironpin.dropped";

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        chain.doFilter(new Cleaned(request), response);
    }

    private static final class Cleaned extends HttpServletRequestWrapper {
        Cleaned(HttpServletRequest request) {
            super(request);
        }

        @Override
        public String getParameter(String name) {
            return clean(super.getParameter(name));
        }

        @Override
        public String[] getParameterValues(String name) {
            String[] values = super.getParameterValues(name);
            return values == null
                    ? null
                    : Arrays.stream(values).map(this::clean).toArray(String[]::new);
        }

        @Override
        public Map<String, String[]> getParameterMap() {
            Map<String, String[]> cleaned = new LinkedHashMap<>();
            super.getParameterMap().forEach((name, values) -> cleaned.put(name, getParameterValues(name)));
            return cleaned;
        }

        private String clean(String value) {
            if (value == null || !Typed.dropsFrom(value)) {
                return value;
            }
            setAttribute(DROPPED, true);
            return Typed.clean(value);
        }
    }
}
