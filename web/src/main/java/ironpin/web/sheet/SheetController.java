package ironpin.web.sheet;

import ironpin.crew.Person;
import ironpin.web.page.Screen;
import ironpin.web.page.Screens;
import ironpin.web.page.Shown;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;

/** The bench sheet, to print. */
@Controller
class SheetController {
    private final Screens screens;
    private final Shown shown;

    SheetController(Screens screens, Shown shown) {
        this.screens = screens;
        this.shown = shown;
    }

    /** @param who number of the person whose sheet it is, from 1; 0 for everybody's */
    @GetMapping("/batches/{id}/sheet")
    String sheet(@PathVariable long id, @RequestParam(defaultValue = "0") int who, Model model) {
        Screen screen = screens.of(id, Optional.empty(), 0);
        shown.bench(screen, who - 1, "", model);
        model.addAttribute("sheet", new SheetScreen(screen));
        model.addAttribute("steps", screen.run().line(who - 1));
        List<Person> people = screen.batch().crew().people();
        model.addAttribute(
                "own", who > 0 && who <= people.size() ? people.get(who - 1).name() : "");
        return "sheet";
    }
}
