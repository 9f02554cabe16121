package ironpin.format;

import ironpin.book.FillingVerdict;
import ironpin.book.Outcome;
import ironpin.book.SkinVerdict;
import ironpin.quantity.Mass;
import ironpin.quantity.Temperature;
import java.time.Instant;
import java.util.Optional;

/** What came of one lot, as JSON. */
public record WrittenOutcome(
        int lotNo,
        Instant recordedAt,
        int made,
        int burst,
        int leaked,
        int stuck,
        double doughLeftG,
        double fillingLeftG,
        SkinVerdict skin,
        FillingVerdict filling,
        Double coreC,
        String note) {
    /**
     * What came of a lot, in its written form.
     *
     * @param lotNo which lot
     * @param recordedAt when it was written down
     */
    public static WrittenOutcome of(int lotNo, Instant recordedAt, Outcome outcome) {
        return new WrittenOutcome(
                lotNo,
                recordedAt,
                outcome.made(),
                outcome.burst(),
                outcome.leaked(),
                outcome.stuck(),
                outcome.doughLeft().grams(),
                outcome.fillingLeft().grams(),
                outcome.skin(),
                outcome.filling(),
                outcome.core().map(Temperature::celsius).orElse(null),
                outcome.note());
    }

    public Outcome outcome() {
        return new Outcome(
                made,
                burst,
                leaked,
                stuck,
                Mass.ofGrams(doughLeftG),
                Mass.ofGrams(fillingLeftG),
                skin,
                filling,
                Optional.ofNullable(coreC).map(Temperature::ofCelsius),
                note);
    }
}
