package ironpin.web.page;

import ironpin.quantity.UnitSystem;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.time.Duration;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseCookie;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** From one system of units to the next, for this browser. */
@Controller
class UnitsController {
    @PostMapping("/units")
    String change(
            @RequestParam(defaultValue = "/") String back, HttpServletRequest request, HttpServletResponse response) {
        UnitSystem other = Units.of(request).next();
        ResponseCookie kept = ResponseCookie.from(Units.COOKIE, other.name())
                .path("/")
                .maxAge(Duration.ofDays(365))
                .sameSite("Lax")
                .httpOnly(true)
                .build();
        response.addHeader(HttpHeaders.SET_COOKIE, kept.toString());
        // Only a page of ours: never a place that a link from elsewhere made up.
        boolean ours = back.matches("/[a-z0-9/-]*(\\?[a-zA-Z0-9=&]*)?") && !back.startsWith("//");
        return "redirect:" + (ours ? back : "/");
    }
}
