package ironpin.web.api;

import com.fasterxml.jackson.core.JsonProcessingException;
import io.swagger.v3.core.util.Json31;
import io.swagger.v3.oas.models.Components;
import io.swagger.v3.oas.models.info.Info;
import io.swagger.v3.oas.models.media.Schema;
import ironpin.format.BatchFormat;
import org.springdoc.core.customizers.OpenApiCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** The API's own description: whole in itself, so that a program that makes clients out of it needs nothing else. */
@Configuration(proxyBeanMethods = false)
class Described {
    @Bean
    OpenApiCustomizer inItself() {
        return api -> {
            api.info(
                    new Info()
                            .title("Ironpin")
                            .version("1")
                            .description(
                                    "Doughs, fillings, batches and their days. Masses in grams, temperatures in °C, lengths in mm."));
            api.servers(null);
            Components parts = api.getComponents() == null ? new Components() : api.getComponents();
            parts.addSchemas(BatchBody.SCHEMA.replaceAll(".*/", ""), batch());
            api.components(parts);
        };
    }

    private static Schema<?> batch() {
        try {
            return Json31.mapper().readValue(BatchFormat.schema(), Schema.class);
        } catch (JsonProcessingException odd) {
            throw new IllegalStateException(odd);
        }
    }
}
