package ironpin.web.page;

import ironpin.quantity.Decimal;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.security.web.csrf.CsrfToken;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;
import org.springframework.web.util.ContentCachingResponseWrapper;

/** A page is sent when it is whole: what breaks in its middle becomes an answer of its own, and how long it took stands in its head. */
@Component
class WholePage extends OncePerRequestFilter {
    private static final double NANOS_PER_MILLI = 1e6;

    @Override
    protected boolean shouldNotFilter(HttpServletRequest request) {
        String path = request.getRequestURI();
        return path.startsWith("/assets/") || path.startsWith("/api/") || path.endsWith("/stream");
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        long began = System.nanoTime();
        // Whoever has looked at a page can send its forms: the token is made here, since no form asks for it any more.
        if (request.getAttribute(CsrfToken.class.getName()) instanceof CsrfToken token) {
            token.getToken();
        }
        ContentCachingResponseWrapper page = new ContentCachingResponseWrapper(response);
        chain.doFilter(request, page);
        double millis = (System.nanoTime() - began) / NANOS_PER_MILLI;
        response.setHeader("Server-Timing", "app;dur=" + Decimal.fixed(millis, 3));
        page.copyBodyToResponse();
    }
}
