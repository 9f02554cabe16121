package ironpin.web.sheet;

import ironpin.web.page.Screen;
import ironpin.web.page.Screens;
import java.util.Optional;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;

/** The bench sheet, to print. */
@Controller
class SheetController {
    private final Screens screens;

    SheetController(Screens screens) {
        this.screens = screens;
    }

    @GetMapping("/batches/{id}/sheet")
    String sheet(@PathVariable long id, Model model) {
        Screen screen = screens.of(id, Optional.empty(), 0);
        model.addAttribute("s", screen);
        model.addAttribute("sheet", new SheetScreen(screen));
        return "sheet";
    }
}
