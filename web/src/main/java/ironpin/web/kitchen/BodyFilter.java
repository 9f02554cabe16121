package ironpin.web.kitchen;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletException;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import jakarta.servlet.http.HttpServletResponse;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/** The API takes JSON of a sensible size, and looks at both before it reads any of it. */
@Component
class BodyFilter extends OncePerRequestFilter {
    private static final int MOST_BYTES = 1_000_000;

    @Override
    protected boolean shouldNotFilter(HttpServletRequest request) {
        return !request.getRequestURI().startsWith("/api/")
                || request.getMethod().equals("GET");
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        if (!json(request.getContentType())) {
            problem(
                    response,
                    HttpServletResponse.SC_UNSUPPORTED_MEDIA_TYPE,
                    "The body must be application/json in UTF-8.");
            return;
        }
        if (request.getContentLengthLong() > MOST_BYTES) {
            tooLarge(response);
            return;
        }
        byte[] body = request.getInputStream().readNBytes(MOST_BYTES + 1);
        if (body.length > MOST_BYTES) {
            tooLarge(response);
            return;
        }
        chain.doFilter(new Read(request, body), response);
    }

    private static boolean json(String type) {
        try {
            MediaType said = MediaType.parseMediaType(type == null ? "" : type);
            boolean utf8 = said.getCharset() == null || said.getCharset().equals(StandardCharsets.UTF_8);
            return MediaType.APPLICATION_JSON.equalsTypeAndSubtype(said) && utf8;
        } catch (IllegalArgumentException odd) {
            return false;
        }
    }

    private static void tooLarge(HttpServletResponse response) throws IOException {
        problem(response, HttpServletResponse.SC_REQUEST_ENTITY_TOO_LARGE, "A body has up to 1,000,000 bytes here.");
    }

    private static void problem(HttpServletResponse response, int status, String detail) throws IOException {
        response.setStatus(status);
        response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
        response.getWriter().print("{\"status\":" + status + ",\"detail\":\"" + detail + "\"}");
    }

    /** A request whose body has been read. */
    private static final class Read extends HttpServletRequestWrapper {
        private final byte[] body;

        Read(HttpServletRequest request, byte[] body) {
            super(request);
            this.body = body;
        }

        @Override
        public ServletInputStream getInputStream() {
            ByteArrayInputStream bytes = new ByteArrayInputStream(body);
            return new ServletInputStream() {
                @Override
                public boolean isFinished() {
                    return bytes.available() == 0;
                }

                @Override
                public boolean isReady() {
                    return true;
                }

                @Override
                public void setReadListener(ReadListener listener) {
                    throw new IllegalStateException("read at once");
                }

                @Override
                public int read() {
                    return bytes.read();
                }
            };
        }
    }
}
