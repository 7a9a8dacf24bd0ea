package org.ledgerlamp.server.launch;

import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.info.Info;
import io.swagger.v3.oas.models.media.Schema;
import java.util.List;
import java.util.TreeMap;
import org.ledgerlamp.server.access.SignedIn;
import org.springdoc.core.customizers.GlobalOpenApiCustomizer;
import org.springdoc.core.utils.SpringDocUtils;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** The description of the API that the interface's types are generated from. */
@Configuration
class OpenApiConfiguration {
    static {
        SpringDocUtils.getConfig().addRequestWrapperToIgnore(SignedIn.class);
    }

    @Bean
    OpenAPI description() {
        return new OpenAPI().info(new Info().title("Ledger Lamp").version("1"));
    }

    /** Every field of a record is always there; whether it may be null says its type. */
    @Bean
    GlobalOpenApiCustomizer everyFieldIsThere(NullableFields nullable) {
        return api -> {
            api.setServers(List.of());
            api.getComponents().setSchemas(new TreeMap<>(api.getComponents().getSchemas()));
            api.getComponents().getSchemas().forEach((name, schema) -> {
                requireEveryField(schema);
                nullable.mark(name, schema);
            });
        };
    }

    private static void requireEveryField(Schema<?> schema) {
        if (schema.getProperties() != null) {
            schema.setRequired(List.copyOf(schema.getProperties().keySet()));
        }
    }
}
