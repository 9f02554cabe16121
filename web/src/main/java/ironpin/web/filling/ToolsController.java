package ironpin.web.filling;

import ironpin.caution.Caution;
import ironpin.quantity.Mass;
import ironpin.web.page.TypedNumber;
import ironpin.web.page.Units;
import jakarta.servlet.http.HttpServletRequest;
import java.util.LinkedHashMap;
import java.util.Map;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestParam;

/** Sums beside a filling: fat from several sources, and soup that sets. */
@Controller
class ToolsController {
    private static final double USUAL_EACH = 18;
    private static final double MOST_EACH = 500;

    @GetMapping("/tools")
    String tools(
            @RequestParam Map<String, String> typed,
            @RequestHeader(name = "HX-Request", defaultValue = "false") boolean fragment,
            HttpServletRequest request,
            Model model) {
        Map<String, String> values = new LinkedHashMap<>(typed);
        double each = TypedNumber.read(values.getOrDefault("each", ""), "").orElse(USUAL_EACH);
        boolean sensible = each >= 1 && each <= MOST_EACH;
        FillingTools tools = FillingTools.of(values, Units.of(request));
        model.addAttribute("t", tools);
        model.addAttribute("each", sensible ? each : USUAL_EACH);
        model.addAttribute("blend", tools.blend());
        model.addAttribute("aspic", tools.aspic(Mass.ofGrams(sensible ? each : USUAL_EACH)));
        model.addAttribute("mindStock", Caution.HOT_STOCK.text());
        model.addAttribute("mindBite", Caution.HOT_MIDDLE.text());
        return fragment ? "tools :: screen" : "tools";
    }
}
