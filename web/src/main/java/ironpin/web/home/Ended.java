package ironpin.web.home;

import ironpin.web.kitchen.KitchenSettings;
import ironpin.wording.TimeOfDay;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.format.DateTimeParseException;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Component;

/** Whether the process ended by itself lately and was started again; its launcher writes down when and why. */
@Component
class Ended {
    private static final String FILE = "ended.txt";
    private static final Duration LATELY = Duration.ofHours(12);
    private static final long MOST_BYTES = 100_000;

    private final Path file;
    private final Clock clock;

    Ended(KitchenSettings settings, Clock clock) {
        file = settings.data().resolve(FILE);
        this.clock = clock;
    }

    /** The last time in a sentence, if that was in the last twelve hours. */
    Optional<String> lately() {
        try {
            if (!Files.exists(file) || Files.size(file) > MOST_BYTES) {
                return Optional.empty();
            }
            List<String> lines = Files.readAllLines(file);
            String[] last = lines.isEmpty()
                    ? new String[0]
                    : lines.get(lines.size() - 1).split("\t", 2);
            if (last.length < 2) {
                return Optional.empty();
            }
            Instant at = Instant.parse(last[0]);
            return at.plus(LATELY).isBefore(clock.instant())
                    ? Optional.empty()
                    : Optional.of("Ironpin ended by itself at "
                            + TimeOfDay.of(at.atZone(clock.getZone()).toLocalDateTime()) + " (" + last[1]
                            + ") and was started again. What was answered before is kept.");
        } catch (IOException | DateTimeParseException unreadable) {
            return Optional.empty();
        }
    }
}
