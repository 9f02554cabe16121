package ironpin.web;

import java.time.Clock;
import java.time.Instant;
import java.time.ZoneId;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.context.annotation.Primary;

/** The clock of the kitchen under test: the real one, or one that stands until it is moved, so that an evening goes by in a minute. */
@Configuration(proxyBeanMethods = false)
class KitchenClock {
    private static volatile Instant stands;

    @Bean
    @Primary
    static Clock moved() {
        return in(ZoneId.systemDefault());
    }

    /** @param time at which it stands; the real one, going on, where it is null */
    static void moveTo(Instant time) {
        stands = time;
    }

    private static Clock in(ZoneId zone) {
        return new Clock() {
            @Override
            public ZoneId getZone() {
                return zone;
            }

            @Override
            public Clock withZone(ZoneId other) {
                return in(other);
            }

            @Override
            public Instant instant() {
                Instant time = stands;
                return time == null ? Instant.now() : time;
            }
        };
    }
}
