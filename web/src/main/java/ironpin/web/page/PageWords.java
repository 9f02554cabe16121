package ironpin.web.page;

import ironpin.batch.Appetite;
import ironpin.book.FillingVerdict;
import ironpin.book.SkinVerdict;
import ironpin.caution.Caution;
import ironpin.dough.BenchFeel;
import ironpin.web.picture.Drawings;
import ironpin.web.picture.Say;
import ironpin.wrapper.Fold;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.bind.annotation.ModelAttribute;

/** What every template may use: words, drawings and the closed choices. */
@ControllerAdvice(basePackages = "ironpin.web")
class PageWords {
    private final Drawings drawings = new Drawings();

    @ModelAttribute
    void words(Model model) {
        model.addAttribute("say", Say.WORDS);
        model.addAttribute("draw", drawings);
        model.addAttribute("appetites", Appetite.values());
        model.addAttribute("feels", BenchFeel.values());
        model.addAttribute("folds", Fold.values());
        model.addAttribute("skins", SkinVerdict.values());
        model.addAttribute("fillings", FillingVerdict.values());
        model.addAttribute("defer", Caution.DEFER);
    }
}
