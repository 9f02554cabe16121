package ironpin.web.numbers;

import ironpin.web.kitchen.BrowserKeeps;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.Optional;
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
        BrowserKeeps.liking(response, OwnNumbers.COOKIE, after.written(), false);
        return "redirect:/kit#look";
    }
}
