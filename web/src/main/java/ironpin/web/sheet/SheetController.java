package ironpin.web.sheet;

import ironpin.crew.Person;
import ironpin.web.page.RunStep;
import ironpin.web.page.Screen;
import ironpin.web.page.Screens;
import ironpin.web.page.Shown;
import ironpin.web.paper.PaperPress;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import tools.jackson.databind.json.JsonMapper;

/** The bench sheet, to print. */
@Controller
class SheetController {
    private static final MediaType LINKED_DATA = MediaType.parseMediaType("application/ld+json;charset=UTF-8");

    private final Screens screens;
    private final Shown shown;
    private final JsonMapper json;
    private final PaperPress press;

    SheetController(Screens screens, Shown shown, JsonMapper json, PaperPress press) {
        this.press = press;
        this.screens = screens;
        this.shown = shown;
        this.json = json;
    }

    /** As a recipe that other programs read. */
    @GetMapping("/api/v1/batches/{id}/recipe.jsonld")
    ResponseEntity<String> recipe(@PathVariable long id) {
        return ResponseEntity.ok()
                .contentType(LINKED_DATA)
                .body(json.writeValueAsString(new RecipeOut(screens.of(id, Optional.empty(), 0)).written()));
    }

    /** The bench sheet on paper. */
    @GetMapping("/batches/{id}/sheet.pdf")
    ResponseEntity<byte[]> sheetPaper(
            @PathVariable long id, Model model, HttpServletRequest request, HttpServletResponse response)
            throws Exception {
        Screen screen = screens.of(id, Optional.empty(), 0);
        model.addAttribute("s", screen);
        model.addAttribute("sheet", new SheetScreen(screen));
        return press.print("sheet", "bench-sheet", model, request, response);
    }

    /** What is done at the stove, on paper. */
    @GetMapping("/batches/{id}/card.pdf")
    ResponseEntity<byte[]> card(
            @PathVariable long id, Model model, HttpServletRequest request, HttpServletResponse response)
            throws Exception {
        model.addAttribute("s", screens.of(id, Optional.empty(), 0));
        model.addAttribute("minutes", StoveMinutes.WORDS);
        return press.print("card", "cooking-card", model, request, response);
    }

    /** The day on paper: a sheet for each person. */
    @GetMapping("/batches/{id}/day.pdf")
    ResponseEntity<byte[]> day(
            @PathVariable long id, Model model, HttpServletRequest request, HttpServletResponse response)
            throws Exception {
        Screen screen = screens.of(id, Optional.empty(), 0);
        List<Person> people = screen.batch().crew().people();
        model.addAttribute("s", screen);
        model.addAttribute(
                "people",
                people.size() < 2
                        ? List.of(new Hands("", screen.run().line(-1)))
                        : IntStream.range(0, people.size())
                                .mapToObj(who -> new Hands(
                                        people.get(who).name(), screen.run().line(who)))
                                .toList());
        return press.print("day", "day", model, request, response);
    }

    /** @param steps what somebody does, in order */
    public record Hands(String name, List<RunStep> steps) {}

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
