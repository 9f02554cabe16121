package ironpin.web.door;

import ironpin.store.DeviceStore;
import ironpin.store.DeviceStore.Device;
import ironpin.store.DeviceStore.Kind;
import ironpin.web.kitchen.BrowserKeeps;
import ironpin.web.kitchen.Looking;
import ironpin.wording.Typed;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.net.InetAddress;
import java.net.UnknownHostException;
import java.time.Clock;
import java.time.Duration;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseCookie;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Pages of this very machine need nothing. Whoever comes from elsewhere gets the page that asks for the code, whatever was asked for, until
 * it was let in; a guest sees one batch and changes nothing; a script sends readings and reads.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 1)
class LetIn extends OncePerRequestFilter {
    static final String COOKIE = "ironpin-device";
    /** One that was given behind the enciphered door is never sent in the clear, nor in the way of one that was not. */
    static final String SECURE_COOKIE = "__Secure-" + COOKIE;

    static final String KNOCK = "/let-in";
    static final String LOOK = "/look/";

    private static final Duration REMEMBERED = Duration.ofDays(400);
    private static final Set<String> READS = Set.of("GET", "HEAD");
    private static final Set<String> READINGS = Set.of("/api/v1/scale/readings", "/api/v1/probe/readings");
    private static final int TOO_MANY = 429;

    /** Asked for with the first request: filters are made before it is known whether the data folder can be used. */
    private final ObjectProvider<DeviceStore> devices;

    private final DoorCode code;
    private final Clock clock;

    LetIn(ObjectProvider<DeviceStore> devices, DoorCode code, Clock clock) {
        this.devices = devices;
        this.code = code;
        this.clock = clock;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        if (ofThisMachine(request.getRemoteAddr())) {
            chain.doFilter(request, response);
            return;
        }
        String path = request.getRequestURI();
        Optional<Device> device =
                shown(request).flatMap(token -> devices.getObject().of(token, clock.instant()));
        if (device.isPresent() && may(device.get(), request)) {
            if (device.get().kind() == Kind.GUEST) {
                request.setAttribute(Looking.LOOKING, true);
            }
            chain.doFilter(request, response);
        } else if (path.startsWith(LOOK) && READS.contains(request.getMethod())) {
            look(path.substring(LOOK.length()), request, response);
        } else if (path.equals(KNOCK) && request.getMethod().equals("POST")) {
            knock(request, response);
        } else if (device.filter(one -> one.kind() == Kind.GUEST).isPresent()) {
            AskingPage.onlyLooking(response, device.get().batch().orElseThrow());
        } else {
            AskingPage.ask(
                    response,
                    path.equals(KNOCK) ? typed(request, "code") : "",
                    "",
                    HttpServletResponse.SC_UNAUTHORIZED);
        }
    }

    /** The loopback address alone: the others of this machine may be somebody else's by tomorrow. Who is gone already has none. */
    private static boolean ofThisMachine(String address) {
        if (address == null) {
            return false;
        }
        try {
            return InetAddress.getByName(address.replaceAll("%.*", "")).isLoopbackAddress();
        } catch (UnknownHostException none) {
            return false;
        }
    }

    private static Optional<String> shown(HttpServletRequest request) {
        String bearer = request.getHeader(HttpHeaders.AUTHORIZATION);
        if (bearer != null && bearer.startsWith("Bearer ")) {
            return Optional.of(bearer.substring("Bearer ".length()).strip());
        }
        return Stream.of(COOKIE, SECURE_COOKIE)
                .flatMap(name -> BrowserKeeps.values(request, name))
                .findFirst();
    }

    private static boolean may(Device device, HttpServletRequest request) {
        boolean reads = READS.contains(request.getMethod());
        String path = request.getRequestURI();
        return switch (device.kind()) {
            case DEVICE -> true;
            case SCRIPT -> path.startsWith("/api/") && (reads || READINGS.contains(path));
            case GUEST ->
                reads
                        && !path.contains("..")
                        && (path.startsWith("/assets/")
                                || path.equals("/stream")
                                || path.startsWith("/closings/")
                                || path.startsWith("/batches/" + device.batch().orElseThrow() + "/"));
        };
    }

    private void look(String token, HttpServletRequest request, HttpServletResponse response) throws IOException {
        Optional<Device> guest = devices.getObject().of(token, clock.instant()).filter(one -> one.kind() == Kind.GUEST);
        if (guest.isEmpty()) {
            AskingPage.ask(response, "", "This link shows nothing any more.", HttpServletResponse.SC_UNAUTHORIZED);
            return;
        }
        remember(token, request, response);
        response.sendRedirect("/batches/" + guest.get().batch().orElseThrow() + "/table");
    }

    private void knock(HttpServletRequest request, HttpServletResponse response) throws IOException {
        String address = request.getRemoteAddr();
        String typed = typed(request, "code");
        Duration waits = code.waits(address);
        if (!waits.isZero()) {
            tooMany(response, waits);
        } else if (code.is(typed, address)) {
            String name = Typed.name(typed(request, "name").strip());
            remember(
                    devices.getObject()
                            .letIn(Kind.DEVICE, name.isBlank() ? "Device" : name, Optional.empty(), clock.instant()),
                    request,
                    response);
            response.sendRedirect("/");
        } else if (!code.waits(address).isZero()) {
            tooMany(response, code.waits(address));
        } else {
            AskingPage.ask(
                    response, "", "That is not the code that is shown now.", HttpServletResponse.SC_UNAUTHORIZED);
        }
    }

    private static void tooMany(HttpServletResponse response, Duration waits) throws IOException {
        response.setIntHeader(HttpHeaders.RETRY_AFTER, (int) waits.toSeconds() + 1);
        long minutes = (waits.toSeconds() + 59) / 60;
        AskingPage.ask(
                response,
                "",
                "Wrong too often. Try again in " + (minutes == 1 ? "a minute." : minutes + " minutes."),
                TOO_MANY);
    }

    private static String typed(HttpServletRequest request, String name) {
        String said = request.getParameter(name);
        return said == null ? "" : said;
    }

    private static void remember(String token, HttpServletRequest request, HttpServletResponse response) {
        BrowserKeeps.keep(
                response,
                ResponseCookie.from(request.isSecure() ? SECURE_COOKIE : COOKIE, token)
                        .httpOnly(true)
                        .secure(request.isSecure()),
                REMEMBERED);
    }
}
