package ironpin.web.page;

import ironpin.quantity.UnitSystem;
import ironpin.web.kitchen.BrowserKeeps;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
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
        BrowserKeeps.liking(response, Units.COOKIE, other.name(), false);
        // Only a page of ours: never a place that a link from elsewhere made up.
        boolean ours = back.matches("/[a-z0-9/-]*(\\?[a-zA-Z0-9=&]*)?") && !back.startsWith("//");
        return "redirect:" + (ours ? back : "/");
    }
}
