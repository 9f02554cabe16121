package ironpin.store;

import java.time.Instant;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;

/** Instants as the database keeps them. */
final class Times {
    private Times() {}

    static OffsetDateTime kept(Instant instant) {
        return instant.atOffset(ZoneOffset.UTC);
    }

    static Instant read(OffsetDateTime kept) {
        return kept == null ? null : kept.toInstant();
    }
}
