package ironpin.web.page;

import ironpin.quantity.Decimal;
import ironpin.quantity.UnitSystem;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;
import org.springframework.web.util.ContentCachingResponseWrapper;

/** The one place where a page's quantities get their units: pages are written with quoted quantities, and said here. */
@Component
class UnitsFilter extends OncePerRequestFilter {
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
        ContentCachingResponseWrapper page = new ContentCachingResponseWrapper(response);
        chain.doFilter(request, page);
        String type = page.getContentType();
        if (type == null || !type.startsWith("text/html")) {
            page.copyBodyToResponse();
            return;
        }
        UnitSystem units = Units.of(request);
        String quoted = new String(page.getContentAsByteArray(), StandardCharsets.UTF_8);
        byte[] said = units.say(quoted).getBytes(StandardCharsets.UTF_8);
        double millis = (System.nanoTime() - began) / NANOS_PER_MILLI;
        response.setHeader("Server-Timing", "app;dur=" + Decimal.fixed(millis, 3));
        response.setContentLength(said.length);
        response.getOutputStream().write(said);
    }
}
