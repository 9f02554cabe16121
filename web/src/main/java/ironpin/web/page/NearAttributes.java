package ironpin.web.page;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.HashMap;
import java.util.Map;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * A page asks for its variables some thousand times, and each is an attribute of the request: kept at hand behind all filters, they
 * are not fetched through the wrappers of each.
 */
@Component
@Order(Ordered.LOWEST_PRECEDENCE)
class NearAttributes extends OncePerRequestFilter {
    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        chain.doFilter(new Near(request), response);
    }

    /** What is set goes to the request too, for whoever looks from outside; what is not there is asked for again. */
    private static final class Near extends HttpServletRequestWrapper {
        private final Map<String, Object> known = new HashMap<>();

        Near(HttpServletRequest request) {
            super(request);
        }

        @Override
        public Object getAttribute(String name) {
            Object value = known.get(name);
            if (value == null) {
                value = super.getAttribute(name);
                if (value != null) {
                    known.put(name, value);
                }
            }
            return value;
        }

        @Override
        public void setAttribute(String name, Object value) {
            known.put(name, value);
            super.setAttribute(name, value);
        }

        @Override
        public void removeAttribute(String name) {
            known.remove(name);
            super.removeAttribute(name);
        }
    }
}
