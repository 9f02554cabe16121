package ironpin.web.recipe;

import ironpin.batch.Appetite;
import ironpin.batch.Batch;
import ironpin.plan.BatchPlan;
import ironpin.quantity.CupStandard;
import ironpin.quantity.UnitSystem;
import ironpin.recipe.RecipeBatch;
import ironpin.recipe.UnreadableRecipe;
import ironpin.store.BatchStore;
import ironpin.store.KitStore;
import ironpin.web.page.Asked;
import ironpin.web.page.Units;
import ironpin.web.picture.RibbonPicture;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.LocalDateTime;
import java.util.Optional;
import org.springframework.core.io.ClassPathResource;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.multipart.MultipartFile;

/** A recipe from elsewhere: pasted or dropped, read, corrected in place, and made a batch. */
@Controller
class RecipeController {
    private static final int USUAL_EATERS = 4;

    private final BatchStore batches;
    private final KitStore kit;
    private final Clock clock;

    RecipeController(BatchStore batches, KitStore kit, Clock clock) {
        this.batches = batches;
        this.kit = kit;
        this.clock = clock;
    }

    @GetMapping("/recipes")
    String empty(@RequestParam Optional<String> example, Model model) throws IOException {
        model.addAttribute("text", example.isPresent() ? example() : "");
        return first(model);
    }

    @PostMapping("/recipes")
    String bring(
            @RequestParam(defaultValue = "") String text,
            @RequestParam(required = false) MultipartFile file,
            Model model,
            HttpServletRequest request,
            HttpServletResponse response)
            throws IOException {
        try {
            boolean dropped = file != null && !file.isEmpty();
            byte[] bytes = dropped ? file.getBytes() : new byte[0];
            RecipeForm form = RecipeForm.of(
                    Patience.with(() -> dropped
                            ? RecipeFile.read(bytes, name(file.getOriginalFilename()))
                            : RecipeFile.read(text, "")),
                    Units.of(request));
            return show(form, model, request);
        } catch (UnreadableRecipe refused) {
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
            model.addAttribute("text", text);
            model.addAttribute("problem", refused.getMessage());
            return first(model);
        }
    }

    @PostMapping("/recipes/read")
    String read(
            @RequestHeader(name = "HX-Request", defaultValue = "false") boolean fragment,
            Model model,
            HttpServletRequest request,
            HttpServletResponse response)
            throws IOException {
        try {
            String view = show(RecipeForm.of(request), model, request);
            return fragment ? view + " :: screen" : view;
        } catch (UnreadableRecipe refused) {
            return refuse(refused, model, request, response);
        }
    }

    @PostMapping("/recipes/batch")
    String keep(Model model, HttpServletRequest request, HttpServletResponse response) throws IOException {
        try {
            RecipeForm form = RecipeForm.of(request);
            Optional<Integer> eaters = eaters(request);
            Optional<LocalDateTime> serving =
                    Asked.serving(request.getParameter("date"), request.getParameter("clock"));
            if (eaters.isEmpty() || serving.isEmpty()) {
                response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
                return show(form, model, request);
            }
            CupStandard cups = kit.load().cups();
            Batch batch = RecipeBatch.of(
                    Patience.with(() -> new RecipeScreen(form, cups)).read(),
                    serving.get(),
                    eaters.get(),
                    Appetite.USUAL,
                    kit.load());
            long id = batches.create(batch, "made of a recipe", Optional.of(form.words()), clock.instant());
            return "redirect:/batches/" + id + "/table";
        } catch (UnreadableRecipe refused) {
            return refuse(refused, model, request, response);
        }
    }

    /** Back to the first page, with the lines as text so that nothing typed is lost. */
    private String refuse(
            UnreadableRecipe refused, Model model, HttpServletRequest request, HttpServletResponse response)
            throws IOException {
        response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
        model.addAttribute("text", RecipeForm.text(request));
        model.addAttribute("problem", refused.getMessage());
        return first(model);
    }

    /** The page before anything was read, with the example read beside it. */
    private String first(Model model) throws IOException {
        RecipeForm form = RecipeForm.of(RecipeFile.read(example(), ""), UnitSystem.METRIC);
        model.addAttribute("sample", new RecipeScreen(form, kit.load().cups()));
        return "recipe-new";
    }

    private String show(RecipeForm form, Model model, HttpServletRequest request) {
        CupStandard cups = kit.load().cups();
        RecipeScreen screen = Patience.with(() -> new RecipeScreen(form, cups));
        LocalDateTime usual = Asked.usualServing(clock);
        String date = typed(request, "date", usual.toLocalDate().toString());
        String time = typed(request, "clock", usual.toLocalTime().toString());
        int usualEaters = screen.read().yield().eaters().orElse(USUAL_EATERS);
        Optional<Integer> eaters = eaters(request);
        Optional<LocalDateTime> serving = Asked.serving(date, time);
        model.addAttribute("r", screen);
        model.addAttribute("eaters", typed(request, "eaters", "" + usualEaters));
        model.addAttribute("date", date);
        model.addAttribute("time", time);
        if (request.getParameter("eaters") != null && eaters.isEmpty()) {
            model.addAttribute("eatersError", "A whole number from 1 to 200.");
        }
        if (serving.isEmpty()) {
            model.addAttribute("servingError", Asked.SERVING_RULE);
        }
        int table = eaters.orElse(usualEaters);
        BatchPlan plan =
                BatchPlan.of(RecipeBatch.of(screen.read(), serving.orElse(usual), table, Appetite.USUAL, kit.load()));
        model.addAttribute("plan", plan);
        model.addAttribute(
                "ribbon", RibbonPicture.narrow(plan, plan.lots().get(0).lot().no()));
        return "recipe";
    }

    private static String typed(HttpServletRequest request, String name, String otherwise) {
        String value = request.getParameter(name);
        return value == null ? otherwise : value;
    }

    private static Optional<Integer> eaters(HttpServletRequest request) {
        return Asked.eaters(typed(request, "eaters", ""));
    }

    private static String name(String file) {
        return file == null ? "a file" : file.replaceAll("[\\p{Cntrl}]", "").strip();
    }

    private static String example() throws IOException {
        return new ClassPathResource("recipe-example.txt").getContentAsString(StandardCharsets.UTF_8);
    }
}
