package ironpin.web.page;

import ironpin.batch.Appetite;
import ironpin.book.FillingVerdict;
import ironpin.book.SkinVerdict;
import ironpin.caution.Caution;
import ironpin.dough.BowlMaterial;
import ironpin.dough.Kneading;
import ironpin.filling.PattyVerdict;
import ironpin.pantry.FlourKind;
import ironpin.quantity.CupStandard;
import ironpin.web.kitchen.Looking;
import ironpin.web.kitchen.TypedTextFilter;
import ironpin.web.numbers.OwnNumbers;
import ironpin.web.picture.Drawings;
import ironpin.web.picture.Say;
import jakarta.servlet.http.HttpServletRequest;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.bind.annotation.ModelAttribute;

/** What every template may use: words, drawings and the closed choices. */
@ControllerAdvice(basePackages = "ironpin.web")
class PageWords {
    private final Drawings drawings = new Drawings();

    /** Each way of cooking once, in its first school. */
    @ModelAttribute
    void words(Model model, HttpServletRequest request) {
        model.addAttribute("say", Say.WORDS);
        // Reading them is what cleans them.
        request.getParameterMap();
        model.addAttribute("dropped", request.getAttribute(TypedTextFilter.DROPPED) != null);
        model.addAttribute("looking", request.getAttribute(Looking.LOOKING) != null);
        model.addAttribute("draw", drawings);
        model.addAttribute("appetites", Appetite.values());
        model.addAttribute("kneadBy", Kneading.By.values());
        model.addAttribute("cupStandards", CupStandard.values());
        model.addAttribute("patties", PattyVerdict.values());
        model.addAttribute("flourKinds", FlourKind.values());
        model.addAttribute("bowlMaterials", BowlMaterial.values());
        model.addAttribute("units", Units.of(request));
        model.addAttribute("look", Look.of(request));
        model.addAttribute("numbers", OwnNumbers.of(request));
        model.addAttribute("skins", SkinVerdict.values());
        model.addAttribute("fillings", FillingVerdict.values());
        model.addAttribute("defer", Caution.DEFER);
    }
}
