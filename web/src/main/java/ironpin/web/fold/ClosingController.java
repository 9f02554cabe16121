package ironpin.web.fold;

import ironpin.web.page.Choice;
import ironpin.wrapper.Fold;
import java.util.concurrent.TimeUnit;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;

/** How every fold moves, and the atlas of all of them. */
@Controller
class ClosingController {
    private static final int USUAL_MM = 100;
    private static final int USUAL_FULL = 65;

    /** The same numbers give the same surfaces, so a browser may keep them. */
    @GetMapping("/closings/{fold}.bin")
    ResponseEntity<byte[]> points(
            @PathVariable String fold,
            @RequestParam(defaultValue = "100") int wide,
            @RequestParam(defaultValue = "65") int full) {
        ClosingView view = ClosingView.usual(
                Choice.of(Fold.class, fold), Math.max(40, Math.min(350, wide)), Math.max(10, Math.min(100, full)));
        return ResponseEntity.ok()
                .contentType(MediaType.APPLICATION_OCTET_STREAM)
                .cacheControl(CacheControl.maxAge(1, TimeUnit.HOURS).cachePrivate())
                .body(view.points());
    }

    @GetMapping("/closings")
    String atlas(Model model) {
        model.addAttribute("folds", Fold.values());
        return "closings";
    }

    @GetMapping("/closings/{fold}")
    String closing(@PathVariable String fold, Model model) {
        model.addAttribute("view", ClosingView.usual(Choice.of(Fold.class, fold), USUAL_MM, USUAL_FULL));
        model.addAttribute("folds", Fold.values());
        return "closings";
    }
}
