package ironpin.web.kitchen;

import jakarta.servlet.DispatcherType;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.net.InetAddress;
import java.net.URI;
import java.net.UnknownHostException;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Who may come in. A page from elsewhere can give itself this machine's address under a name of its own and would then be
 * trusted by the browser; so only the names this kitchen is known by are answered, and a change must come from a page of ours.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
class DoorFilter extends OncePerRequestFilter {
    private static final Set<String> READS = Set.of("GET", "HEAD", "OPTIONS");
    private static final int MISDIRECTED = 421;

    private final Set<String> names;

    DoorFilter(
            @Value("${server.address:127.0.0.1}") String address, @Value("${ironpin.hosts:}") List<String> alsoCalled) {
        names = new HashSet<>(Set.of("localhost", "127.0.0.1", "[::1]"));
        names.add(address.toLowerCase(Locale.ROOT));
        alsoCalled.forEach(name -> names.add(name.strip().toLowerCase(Locale.ROOT)));
        if (address.equals("0.0.0.0") || address.equals("::")) {
            names.addAll(ofThisMachine());
        }
    }

    private static Set<String> ofThisMachine() {
        Set<String> found = new HashSet<>();
        for (InetAddress address : OwnAddresses.all()) {
            String said = address.getHostAddress().replaceAll("%.*", "");
            found.add(said.contains(":") ? "[" + said + "]" : said);
        }
        try {
            found.add(InetAddress.getLocalHost().getHostName().toLowerCase(Locale.ROOT));
        } catch (UnknownHostException nameless) {
            return found;
        }
        return found;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        String host = name(request.getHeader("Host"));
        if (request.getDispatcherType() == DispatcherType.REQUEST
                && request.getRequestURI().equals("/error")) {
            // A page for what went wrong elsewhere, not a place to go to.
            refuse(response, HttpServletResponse.SC_NOT_FOUND, "There is no such page.");
        } else if (!names.contains(host)) {
            refuse(
                    response,
                    MISDIRECTED,
                    "This kitchen is not known by that name. Start it with --host and the name to be called so.");
        } else if (!READS.contains(request.getMethod()) && !ours(request, host)) {
            refuse(response, HttpServletResponse.SC_FORBIDDEN, "A change must come from a page of this kitchen.");
        } else {
            chain.doFilter(request, response);
        }
    }

    /** Browsers say where a request comes from; what is no browser says nothing. */
    private static boolean ours(HttpServletRequest request, String host) {
        String site = request.getHeader("Sec-Fetch-Site");
        if (site != null && !site.equals("same-origin") && !site.equals("none")) {
            return false;
        }
        String origin = request.getHeader("Origin");
        if (origin == null) {
            return true;
        }
        // Our pages send no referrer, so a form of theirs has a null origin, and only the browser's own word tells
        // whose it is.
        if (origin.equals("null")) {
            return "same-origin".equals(site);
        }
        try {
            URI from = URI.create(origin);
            String said = request.getHeader("Host").toLowerCase(Locale.ROOT);
            return from.getAuthority() != null
                    && from.getAuthority().toLowerCase(Locale.ROOT).equals(said)
                    && name(from.getAuthority()).equals(host);
        } catch (IllegalArgumentException none) {
            return false;
        }
    }

    private static String name(String authority) {
        return authority == null ? "" : authority.toLowerCase(Locale.ROOT).replaceFirst(":\\d*$", "");
    }

    private static void refuse(HttpServletResponse response, int status, String why) throws IOException {
        response.setStatus(status);
        response.setContentType("text/plain;charset=UTF-8");
        response.getWriter().println(why);
    }
}
