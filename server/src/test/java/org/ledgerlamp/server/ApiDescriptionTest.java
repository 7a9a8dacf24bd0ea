package org.ledgerlamp.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;

/** The description in {@code web/api} is what the interface's types are generated from. */
class ApiDescriptionTest extends ServerTest {
    private static final Path KEPT = Path.of("../web/api/openapi.json");

    @Test
    void the_description_of_the_api_that_the_interface_is_built_on_is_current() throws Exception {
        String described = JsonMapper.builder()
                        .enable(SerializationFeature.ORDER_MAP_ENTRIES_BY_KEYS)
                        .build()
                        .writerWithDefaultPrettyPrinter()
                        .writeValueAsString(desk.read("/api/openapi").body())
                + "\n";
        if (Boolean.getBoolean("lamp.api.write")) {
            Files.createDirectories(KEPT.getParent());
            Files.writeString(KEPT, described);
        }
        assertThat(Files.readString(KEPT))
                .as("the API changed: run ./lamp api, which writes web/api/openapi.json and the types anew")
                .isEqualTo(described);
    }
}
