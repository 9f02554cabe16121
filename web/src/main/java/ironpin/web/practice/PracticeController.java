package ironpin.web.practice;

import ironpin.hands.Drill;
import ironpin.quantity.CupStandard;
import ironpin.quantity.Decimal;
import ironpin.quantity.Dimension;
import ironpin.quantity.Mass;
import ironpin.quantity.Quantity;
import ironpin.quantity.Sentence;
import ironpin.quantity.UnitSystem;
import ironpin.refusal.Refused;
import ironpin.store.WorkStore;
import ironpin.web.page.Choice;
import ironpin.web.page.TypedValue;
import ironpin.wrapper.Fold;
import java.time.Clock;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.ThreadLocalRandom;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** Guessing masses by eye, and pleating to a beat. */
@Controller
class PracticeController {
    private static final double LEAST_GRAMS = 0.5;
    private static final double MOST_GRAMS = 500;

    private final WorkStore work;
    private final Clock clock;

    PracticeController(WorkStore work, Clock clock) {
        this.work = work;
        this.clock = clock;
    }

    /**
     * One to guess.
     *
     * @param shape of it
     * @param grams it weighs
     * @param picture at true size
     * @param wideMm width of the picture
     */
    public record Task(DrillShape shape, double grams, Sentence picture, double wideMm) {
        static Task of(DrillShape shape, Mass mass) {
            return new Task(shape, mass.grams(), shape.picture(mass), shape.size(mass)[0] + 8);
        }

        public String label() {
            return shape.label();
        }
    }

    @GetMapping("/practice")
    String practice(@RequestParam(defaultValue = "BALL") String shape, Model model) {
        DrillShape chosen = Choice.of(DrillShape.class, shape);
        show(chosen, Task.of(chosen, chosen.pick(ThreadLocalRandom.current().nextDouble())), model);
        return "practice";
    }

    /** A guess, with what it was of; then the next one. */
    @PostMapping("/practice")
    String guess(@RequestParam String shape, @RequestParam double truth, @RequestParam String guess, Model model) {
        DrillShape chosen = Choice.of(DrillShape.class, shape);
        Mass weighs = Mass.ofGrams(Math.max(LEAST_GRAMS, Math.min(MOST_GRAMS, truth)));
        Optional<Mass> said = read(guess);
        if (said.isEmpty()) {
            model.addAttribute("error", "A mass from 0.5 to 500 g.");
            model.addAttribute("typed", guess);
            show(chosen, Task.of(chosen, weighs), model);
            return "practice";
        }
        Drill.Guess one = new Drill.Guess(said.get(), weighs);
        work.guess(chosen.name(), one, clock.instant());
        double off = 100 * one.off();
        model.addAttribute(
                "result",
                Sentence.of(
                        "It weighs ",
                        Quantity.mass(weighs.grams(), 1),
                        "; you said ",
                        Quantity.mass(said.get().grams(), 1),
                        ", ",
                        Math.abs(off) < 0.5
                                ? "right on it."
                                : Decimal.trimmed(Math.abs(off), 0) + " % too " + (off > 0 ? "much." : "little.")));
        show(chosen, Task.of(chosen, chosen.pick(ThreadLocalRandom.current().nextDouble())), model);
        return "practice";
    }

    private static Optional<Mass> read(String text) {
        try {
            return TypedValue.read(
                            text, "g", Optional.of(Dimension.MASS), UnitSystem.METRIC, Optional.empty(), CupStandard.US)
                    .map(value -> Mass.ofGrams(value.metric()))
                    .filter(mass -> mass.grams() >= LEAST_GRAMS && mass.grams() <= MOST_GRAMS);
        } catch (Refused odd) {
            return Optional.empty();
        }
    }

    private void show(DrillShape shape, Task task, Model model) {
        List<Drill.Guess> guesses = work.guesses(shape.name());
        model.addAttribute("task", task);
        model.addAttribute("shapes", DrillShape.values());
        model.addAttribute("said", said(guesses));
        model.addAttribute("picture", GuessPicture.of(guesses));
        model.addAttribute(
                "folds",
                Arrays.stream(Fold.values()).filter(fold -> fold.pleats() > 0).toList());
    }

    /** Bias, spread and trend in a sentence. */
    static String said(List<Drill.Guess> guesses) {
        return Drill.of(guesses)
                .map(drill -> "From " + drill.guesses() + " guesses (est.): "
                        + (Math.abs(drill.bias()) < 0.005
                                ? "no bias"
                                : Decimal.trimmed(100 * Math.abs(drill.bias()), 0) + " % too "
                                        + (drill.bias() > 0 ? "much" : "little") + " on the whole")
                        + ", spread ±" + Decimal.trimmed(100 * drill.spread(), 0) + " %."
                        + drill.trend().map(PracticeController::trend).orElse(""))
                .orElse("Two guesses, and your bias and spread are known.");
    }

    private static String trend(double trend) {
        if (Math.abs(trend) < 0.01) {
            return " The later half is no nearer than the earlier.";
        }
        return " The later half is " + Decimal.trimmed(100 * Math.abs(trend), 0) + " points "
                + (trend > 0 ? "nearer" : "further off") + " than the earlier.";
    }
}
