package ironpin.web.rehearsal;

import ironpin.refusal.Refused;
import ironpin.rehearsal.Card;
import ironpin.store.CardStore;
import ironpin.web.page.Choice;
import java.util.concurrent.ThreadLocalRandom;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** Pairs for the eye, asked again the sooner the less they are known. */
@Controller
class CardsController {
    private static final int SEEDS = 1_000_000;

    private final CardStore cards;

    CardsController(CardStore cards) {
        this.cards = cards;
    }

    @GetMapping("/cards")
    String card(Model model) {
        show(model);
        return "cards";
    }

    /** An answer, with what it was; then the next one. */
    @PostMapping("/cards")
    String answer(
            @RequestParam String card,
            @RequestParam long seed,
            @RequestParam int box,
            @RequestParam boolean left,
            Model model) {
        Card asked = Choice.of(Card.class, card);
        if (box < 0 || box >= Card.BOXES) {
            throw new Refused("a card lies in box 0 to " + (Card.BOXES - 1) + ", not " + box);
        }
        Card.Pair pair = asked.pair(seed, box);
        boolean right = pair.meantLeft() == left;
        cards.answered(asked, right);
        model.addAttribute(
                "result",
                (right ? "Right" : "It was the one at the " + (pair.meantLeft() ? "left" : "right")) + ": "
                        + asked.because());
        model.addAttribute("right", right);
        show(model);
        return "cards";
    }

    private void show(Model model) {
        Card card = cards.next();
        int box = cards.all().get(card).box();
        long seed = ThreadLocalRandom.current().nextInt(SEEDS);
        Card.Pair pair = card.pair(seed, box);
        model.addAttribute("card", card);
        model.addAttribute("seed", seed);
        model.addAttribute("box", box);
        model.addAttribute("leftPicture", SignPicture.of(pair.left()));
        model.addAttribute("rightPicture", SignPicture.of(pair.right()));
        model.addAttribute(
                "known",
                cards.boxes().stream().filter(one -> one == Card.BOXES - 1).count() + " of " + Card.values().length);
    }
}
