package ironpin.web.api;

import ironpin.amount.AmountReader;
import ironpin.amount.Reading;
import ironpin.pantry.Food;
import ironpin.pantry.Foods;
import ironpin.quantity.CupStandard;
import java.util.List;
import java.util.Optional;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** A written amount in grams. */
@RestController
@RequestMapping("/api/v1/calculate")
class AmountApi {
    /**
     * What to read.
     *
     * @param text as a cook writes it
     * @param of key of an ingredient, for a text that does not say
     * @param cups US, METRIC, AUSTRALIAN, JAPANESE or IMPERIAL; US if left out
     */
    record AmountAsk(String text, String of, String cups) {}

    /** How it was understood. */
    record AmountAnswer(
            String said,
            double grams,
            double lowG,
            double highG,
            String assumption,
            String ingredient,
            List<String> alternatives,
            boolean guessed,
            SecondMeasure second) {}

    /** A second measure of the same thing. */
    record SecondMeasure(String said, double grams, double lowG, double highG, boolean agrees) {}

    @PostMapping("/amount")
    AmountAnswer amount(@RequestBody AmountAsk ask) {
        String text = Given.there("text", ask.text(), "an amount such as '2 1/4 cups flour'");
        CupStandard cups = Given.choiceOr("cups", ask.cups(), CupStandard.US);
        Reading reading = new AmountReader(cups).read(text, ingredient(ask.of()));
        return new AmountAnswer(
                reading.said(),
                reading.mass().grams(),
                reading.range().low().grams(),
                reading.range().high().grams(),
                reading.assumption(),
                reading.ingredient().orElse(null),
                reading.alternatives(),
                reading.guessed(),
                reading.second().map(AmountApi::second).orElse(null));
    }

    private static SecondMeasure second(Reading.Second second) {
        return new SecondMeasure(
                second.said(),
                second.mass().grams(),
                second.range().low().grams(),
                second.range().high().grams(),
                second.agrees());
    }

    private static Optional<Food> ingredient(String key) {
        if (key == null) {
            return Optional.empty();
        }
        Optional<Food> food = Foods.find(key);
        if (food.isEmpty()) {
            throw new BadField("of", "the key of a food such as flour-plain", key);
        }
        return food;
    }
}
