package ironpin.web.api;

import ironpin.book.FillingVerdict;
import ironpin.book.Outcome;
import ironpin.book.SkinVerdict;
import ironpin.quantity.Mass;
import ironpin.quantity.Temperature;
import ironpin.store.BookEntry;
import java.time.Instant;
import java.util.Optional;

/** What came of one lot, as JSON. */
record OutcomePart(
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
    static OutcomePart of(BookEntry entry) {
        Outcome outcome = entry.outcome();
        return new OutcomePart(
                entry.lotNo(),
                entry.recordedAt(),
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

    Outcome outcome() {
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
