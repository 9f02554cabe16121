package ironpin.web.kitchen;

import java.nio.file.Path;
import org.springframework.boot.context.properties.ConfigurationProperties;
import org.springframework.boot.context.properties.bind.DefaultValue;

/**
 * What a cook may set when starting Ironpin.
 *
 * @param data folder of the database and its backups
 * @param demo whether to fill an empty cupboard with the demo kitchen
 */
@ConfigurationProperties("ironpin")
public record KitchenSettings(@DefaultValue("${user.home}/ironpin") Path data, @DefaultValue("false") boolean demo) {}
