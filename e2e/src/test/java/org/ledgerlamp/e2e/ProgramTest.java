package org.ledgerlamp.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.TimeUnit;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** A member makes a token on its page, and what docs/api.md tells of programs is tried word for word. */
class ProgramTest extends BrowserTest {
    private static final Path TOLD = Path.of("../docs/api.md");
    private static final Pattern BLOCK = Pattern.compile("(?ms)^```(sh|json)\\n(.*?)^```$");
    /** What of an answer the following requests are given, and under which name. */
    private static final Map<String, String> LATER = Map.of("meetingId", "MEETING", "minutesId", "MINUTES");

    private static final JsonMapper JSON = JsonMapper.builder().build();

    @TempDir
    private Path folder;

    /** A request as told, and the answer as told. */
    private record Told(String command, JsonNode answer) {}

    @Test
    @Timeout(value = 5, unit = TimeUnit.MINUTES)
    void the_five_requests_of_the_document_do_what_it_says() throws Exception {
        Desk mira = miraAtHerDesk();
        String token = tokenMadeOn(mira.page, "Hand in and ask", 4);
        Map<String, String> variables = new LinkedHashMap<>(Map.of("LAMP", address(), "TOKEN", token));
        List<String> blocks = blocks("sh");
        run(blocks.getFirst(), variables);

        List<JsonNode> answers = new ArrayList<>();
        for (Told told : requests(blocks)) {
            JsonNode answer = JSON.readTree(run(told.command(), variables));
            while (answer.has("reach")
                    && !answer.path("reach").equals(told.answer().path("reach"))) {
                // what was filed is found a moment later; until then only what comes near it
                answer = JSON.readTree(run(told.command(), variables));
            }
            assertHasShape(told.command(), answer, told.answer());
            for (Map.Entry<String, String> later : LATER.entrySet()) {
                if (answer.has(later.getKey())) {
                    variables.put(later.getValue(), answer.get(later.getKey()).asString());
                }
            }
            answers.add(answer);
        }

        assertThat(answers).hasSize(5);
        int folio = answers.get(2).at("/filing/folio").asInt();
        assertThat(answers.get(3).at("/folios/0/folio").asInt()).isEqualTo(folio);
        assertThat(answers.get(4).path("answered").asBoolean()).isTrue();
        assertThat(answers.get(4).at("/statements/0/citations/0/folio").asInt()).isEqualTo(folio);
    }

    @Test
    void a_token_that_is_revoked_on_the_page_is_refused() throws Exception {
        Desk mira = miraAtHerDesk();
        String token = tokenMadeOn(mira.page, "Short-lived", 1);
        String look =
                "curl -sS -o /dev/null -w '%{http_code}' \"$LAMP/api/lamp?q=quay\" -H \"Authorization: Bearer $TOKEN\"";
        Map<String, String> variables = Map.of("LAMP", address(), "TOKEN", token);
        assertThat(run(look, variables)).isEqualTo("200");

        mira.page
                .getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Revoke Short-lived"))
                .click();

        assertThat(mira.page.getByText("Short-lived is revoked.")).isVisible();
        assertThat(run(look, variables)).isEqualTo("401");
    }

    private static String tokenMadeOn(Page page, String name, int uses) {
        page.navigate(address() + "/tokens");
        page.getByLabel("What is it for?").fill(name);
        for (int i = 0; i < uses; i++) {
            page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("It may"))
                    .getByRole(AriaRole.CHECKBOX)
                    .nth(i)
                    .check();
        }
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Make the token"))
                .click();
        return page.getByRole(AriaRole.ALERT).locator("code").textContent().strip();
    }

    private static List<String> blocks(String language) throws IOException {
        Matcher m = BLOCK.matcher(Files.readString(TOLD));
        List<String> blocks = new ArrayList<>();
        while (m.find()) {
            if (m.group(1).equals(language)) {
                blocks.add(m.group(2));
            }
        }
        return blocks;
    }

    private static List<Told> requests(List<String> commands) throws IOException {
        List<String> answers = blocks("json");
        assertThat(answers).as("each request with its answer").hasSize(commands.size() - 1);
        List<Told> told = new ArrayList<>();
        for (int i = 0; i < answers.size(); i++) {
            told.add(new Told(commands.get(i + 1), JSON.readTree(answers.get(i))));
        }
        return told;
    }

    private String run(String command, Map<String, String> variables) throws IOException, InterruptedException {
        ProcessBuilder bash = new ProcessBuilder("bash", "-euc", command).directory(folder.toFile());
        bash.environment().putAll(variables);
        Path errors = folder.resolve("errors");
        Process process = bash.redirectError(errors.toFile()).start();
        String said = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        assertThat(process.waitFor())
                .as(command + "\n" + Files.readString(errors))
                .isZero();
        return said;
    }

    /** Whatever the document shows of an answer is there, and is of that kind; words without an ellipsis are the same. */
    private static void assertHasShape(String where, JsonNode answer, JsonNode told) {
        assertThat(answer.getNodeType()).as(where + " answers " + answer).isEqualTo(told.getNodeType());
        told.properties().forEach(field -> {
            assertThat(answer.has(field.getKey()))
                    .as(field.getKey() + " in " + answer)
                    .isTrue();
            assertHasShape(where, answer.get(field.getKey()), field.getValue());
        });
        for (int i = 0; i < told.size() && told.isArray(); i++) {
            assertThat(answer.has(i)).as(i + " in " + answer).isTrue();
            assertHasShape(where, answer.get(i), told.get(i));
        }
        if (told.isString() && !told.asString().contains("…")) {
            assertThat(answer.asString()).as(where).isEqualTo(told.asString());
        }
    }
}
