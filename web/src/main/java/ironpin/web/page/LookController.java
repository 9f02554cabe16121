package ironpin.web.page;

import ironpin.web.kitchen.BrowserKeeps;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.Optional;
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
        BrowserKeeps.liking(response, Look.COOKIE, after.written(), true);
        return "redirect:/kit#look";
    }
}
