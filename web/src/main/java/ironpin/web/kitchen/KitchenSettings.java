package ironpin.web.kitchen;

import java.nio.file.Path;
import java.util.Optional;
import org.springframework.boot.context.properties.ConfigurationProperties;
import org.springframework.boot.context.properties.bind.DefaultValue;

/**
 * What a cook may set when starting Ironpin.
 *
 * @param data folder of the database and its backups
 * @param demo whether to fill an empty cupboard with the demo kitchen
 * @param copies folder to which the newest backup is copied, daily; empty for none
 * @param fromBackup whether to go back to the newest backup that opens, since the database does not
 */
@ConfigurationProperties("ironpin")
public record KitchenSettings(
        @DefaultValue("${user.home}/ironpin") Path data,
        @DefaultValue("false") boolean demo,
        @DefaultValue("") String copies,
        @DefaultValue("false") boolean fromBackup) {
    /** The folder for copies, if one was named. */
    Optional<Path> elsewhere() {
        return copies.isBlank() ? Optional.empty() : Optional.of(Path.of(copies));
    }
}
