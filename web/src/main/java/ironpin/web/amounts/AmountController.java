package ironpin.web.amounts;

import ironpin.amount.AmountReader;
import ironpin.amount.Reading;
import ironpin.amount.UnreadableAmount;
import ironpin.quantity.Sentence;
import ironpin.store.KitStore;
import ironpin.web.page.Marked;
import ironpin.web.page.ReadingNote;
import ironpin.web.picture.AmountPicture;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestParam;

/** Amounts as cooks write them, one to a line, in grams. */
@Controller
class AmountController {
    private static final int MOST_LINES = 60;
    private static final String EXAMPLE =
            "2 1/4 cups flour\n3–4 tbsp soy sauce\n2 eggs\na 3 cm knob of ginger\na pinch of salt";

    private final KitStore kit;

    AmountController(KitStore kit) {
        this.kit = kit;
    }

    /**
     * One line, understood or not.
     *
     * @param index its place
     * @param text as written
     * @param reading what was understood, or null
     * @param picture its range, drawn
     * @param disagrees what a second measure says, if the two cannot both be right
     * @param marked where it stops making sense, or null
     * @param error why
     */
    public record Line(
            int index,
            String text,
            Reading reading,
            Sentence picture,
            Sentence disagrees,
            Marked marked,
            String error) {}

    /**
     * @param line which line is to be replaced, if another meaning was chosen
     * @param instead by what
     */
    @GetMapping("/amounts")
    String amounts(
            @RequestParam(defaultValue = EXAMPLE) String text,
            @RequestParam(defaultValue = "-1") int line,
            @RequestParam(defaultValue = "") String instead,
            @RequestHeader(name = "HX-Request", defaultValue = "false") boolean fragment,
            Model model) {
        List<String> lines = new ArrayList<>(Arrays.asList(text.split("\\R", -1)));
        if (!instead.isEmpty() && line >= 0 && line < lines.size()) {
            lines.set(line, instead);
        }
        AmountReader reader = kit.load().amounts();
        List<Line> read = new ArrayList<>();
        for (int i = 0; i < Math.min(lines.size(), MOST_LINES); i++) {
            if (!lines.get(i).isBlank()) {
                read.add(line(reader, i, lines.get(i).strip()));
            }
        }
        model.addAttribute("text", String.join("\n", lines));
        model.addAttribute("lines", read);
        model.addAttribute("cups", kit.load().cups());
        model.addAttribute("tooMany", lines.size() > MOST_LINES);
        return fragment ? "amounts :: screen" : "amounts";
    }

    private static Line line(AmountReader reader, int index, String text) {
        try {
            Reading reading = reader.read(text);
            return new Line(index, text, reading, AmountPicture.of(reading), ReadingNote.disagrees(reading), null, "");
        } catch (UnreadableAmount refused) {
            return new Line(
                    index, text, null, Sentence.EMPTY, Sentence.EMPTY, Marked.of(refused), refused.getMessage());
        }
    }
}
