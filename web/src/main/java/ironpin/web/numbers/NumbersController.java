package ironpin.web.numbers;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.time.Duration;
import java.util.Optional;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseCookie;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** Points or commas, twelve hours or twenty-four, and whose money, for this browser. */
@Controller
class NumbersController {
    @PostMapping("/numbers")
    String change(
            @RequestParam Optional<OwnNumbers.Mark> mark,
            @RequestParam Optional<OwnNumbers.Hours> hours,
            @RequestParam Optional<String> money,
            HttpServletRequest request,
            HttpServletResponse response) {
        OwnNumbers before = OwnNumbers.of(request);
        OwnNumbers after = new OwnNumbers(
                mark.orElse(before.mark()),
                hours.orElse(before.hours()),
                money.map(String::strip).orElse(before.money()),
                before.browser());
        response.addHeader(
                HttpHeaders.SET_COOKIE,
                ResponseCookie.from(OwnNumbers.COOKIE, after.written())
                        .path("/")
                        .maxAge(Duration.ofDays(365))
                        .sameSite("Lax")
                        .httpOnly(true)
                        .build()
                        .toString());
        return "redirect:/kit#look";
    }
}
