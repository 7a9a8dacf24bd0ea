package org.ledgerlamp.server.tokens;

import io.swagger.v3.oas.models.Operation;
import io.swagger.v3.oas.models.PathItem;
import io.swagger.v3.oas.models.security.SecurityRequirement;
import io.swagger.v3.oas.models.security.SecurityScheme;
import java.util.Map;
import org.springdoc.core.customizers.GlobalOpenApiCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** Tells in the description of the API which requests a token is good for, and made for which use. */
@Configuration
class TokenDescription {
    private static final String SCHEME = "token";

    @Bean
    GlobalOpenApiCustomizer whereTokensAreGood() {
        return api -> {
            api.getComponents()
                    .addSecuritySchemes(
                            SCHEME,
                            new SecurityScheme()
                                    .type(SecurityScheme.Type.HTTP)
                                    .scheme("bearer")
                                    .description("An access token of a member's, made on the page “Access tokens”."));
            TokenSecurity.uses().forEach((route, uses) -> api.getPaths().entrySet().stream()
                    .filter(e -> e.getKey().replaceAll("\\{[^}]+}", "*").equals(route.path()))
                    .map(e -> operation(e.getValue(), route))
                    .forEach(o -> uses.forEach(
                            use -> o.addSecurityItem(new SecurityRequirement().addList(SCHEME, use.name())))));
        };
    }

    private static Operation operation(PathItem path, TokenUse.Route route) {
        Map<PathItem.HttpMethod, Operation> operations = path.readOperationsMap();
        Operation operation =
                operations.get(PathItem.HttpMethod.valueOf(route.method().name()));
        if (operation == null) {
            throw new IllegalStateException("a token is good for what there is not: " + route);
        }
        return operation;
    }
}
