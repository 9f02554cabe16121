package ironpin.web.page;

import java.util.Optional;

/**
 * What is answered to a value that was sent.
 *
 * @param refused that it was not taken, and why
 * @param read how an amount in words was understood
 */
public record Answered(Optional<FieldError> refused, Optional<ReadingNote> read) {
    static final Answered NOTHING = new Answered(Optional.empty(), Optional.empty());
}
