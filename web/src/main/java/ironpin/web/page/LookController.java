package ironpin.web.page;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.time.Duration;
import java.util.Optional;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseCookie;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** Light or dark, and how large, for this browser. */
@Controller
class LookController {
    @PostMapping("/look")
    String change(
            @RequestParam Optional<Look.Light> light,
            @RequestParam Optional<Integer> letters,
            HttpServletRequest request,
            HttpServletResponse response) {
        Look before = Look.of(request);
        Look after = new Look(light.orElse(before.light()), letters.orElse(before.letters()));
        response.addHeader(
                HttpHeaders.SET_COOKIE,
                ResponseCookie.from(Look.COOKIE, after.written())
                        .path("/")
                        .maxAge(Duration.ofDays(365))
                        .sameSite("Lax")
                        .build()
                        .toString());
        return "redirect:/kit#look";
    }
}
