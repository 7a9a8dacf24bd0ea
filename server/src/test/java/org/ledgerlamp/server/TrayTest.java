package org.ledgerlamp.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;

import java.nio.charset.StandardCharsets;
import org.junit.jupiter.api.Test;
import org.springframework.mock.web.MockHttpServletResponse;
import tools.jackson.databind.JsonNode;

class TrayTest extends ServerTest {
    private static final String TALK =
            """
            WEBVTT

            00:00:01.000 --> 00:00:04.000
            <v Mira Voss>Let's put a roller on the fender.</v>

            00:00:05.000 --> 00:00:07.000
            <v Tom Reyes>Agreed. I'll order it today.</v>
            """;

    @Test
    void a_transcript_is_read_and_waits_with_what_it_tells() throws Exception {
        Desk.Answer taken = desk.drop("weekly.vtt", TALK);

        assertThat(taken.status()).isEqualTo(200);
        JsonNode waiting = desk.read("/api/tray").at("/0");
        assertThat(waiting.at("/name").asString()).isEqualTo("weekly.vtt");
        assertThat(waiting.at("/state").asString()).isEqualTo("READ");
        assertThat(waiting.at("/format").asString()).isEqualTo("WebVTT");
        assertThat(waiting.at("/passages").asInt()).isEqualTo(2);
        assertThat(waiting.at("/seconds").asInt()).isEqualTo(7);
        assertThat(waiting.at("/speakers")).extracting(JsonNode::asString).containsExactly("Mira Voss", "Tom Reyes");
    }

    @Test
    void a_broken_file_stays_in_the_tray_with_the_place_of_the_trouble_and_its_bytes() throws Exception {
        byte[] bytes = "{\"segments\": [ {\"text\": \"half a".getBytes(StandardCharsets.UTF_8);

        String id = desk.drop("recording.json", bytes).text("/0/source/id");

        JsonNode waiting = desk.read("/api/tray").at("/0");
        assertThat(waiting.at("/state").asString()).isEqualTo("BROKEN");
        assertThat(waiting.at("/problems/0/place").asString()).isEqualTo("line 1");
        assertThat(waiting.at("/problems/0/message").asString()).startsWith("no valid JSON");
        assertThat(download(desk, id).getContentAsByteArray()).isEqualTo(bytes);
    }

    @Test
    void a_program_or_picture_is_refused_by_what_it_is_and_kept_all_the_same() throws Exception {
        byte[] png = {(byte) 0x89, 'P', 'N', 'G', 13, 10, 26, 10, 0, 0, 0, 13};

        String id = desk.drop("notes.txt", png).text("/0/source/id");

        assertThat(desk.read("/api/tray").text("/0/state")).isEqualTo("BROKEN");
        assertThat(download(desk, id).getContentAsByteArray()).isEqualTo(png);
    }

    @Test
    void a_broken_file_cannot_be_placed() throws Exception {
        String id = desk.drop("recording.json", "{").text("/0/source/id");

        Desk.Answer refused = desk.place(id, desk.meeting("Weekly"));

        assertThat(refused.status()).isEqualTo(409);
        assertThat(refused.text("/detail")).contains("recording.json");
    }

    @Test
    void bad_cues_are_listed_and_the_rest_is_read() throws Exception {
        String half = TALK + "\n00:00:09.000 --> later\n<v Tom Reyes>And the other one.</v>\n";

        JsonNode source = desk.drop("weekly.vtt", half).at("/0/source");

        assertThat(source.at("/state").asString()).isEqualTo("READ");
        assertThat(source.at("/passages").asInt()).isEqualTo(2);
        assertThat(source.at("/problems/0/message").asString()).contains("-->");
    }

    @Test
    void several_files_come_in_at_once_and_the_same_bytes_are_pointed_out() throws Exception {
        desk.drop("weekly.vtt", TALK);

        Desk.Answer again = desk.drop("copy.vtt", TALK);

        assertThat(again.text("/0/sameAs")).isEqualTo("weekly.vtt");
        assertThat(desk.read("/api/tray").body()).hasSize(2);
    }

    @Test
    void pasted_text_is_a_source_like_any_other() throws Exception {
        Desk.Answer taken =
                desk.create("/api/tray/text", "{\"name\":null,\"text\":\"A: ring the yard\\n+ Holm is live\"}");

        assertThat(taken.text("/source/name")).isEqualTo("pasted text");
        assertThat(taken.at("/source/notes").asBoolean()).isTrue();
        JsonNode passages = desk.read("/api/sources/{id}/passages", taken.text("/source/id"))
                .body();
        assertThat(passages.at("/0/mark").asString()).isEqualTo("ACTION");
        assertThat(passages.at("/0/text").asString()).isEqualTo("ring the yard");
    }

    @Test
    void a_name_loses_folders_and_control_characters_and_nothing_else() throws Exception {
        Desk.Answer taken = desk.drop("../../etc/na\u0007me \"quoted\" <b>.txt", "plain words");

        assertThat(taken.text("/0/source/name")).isEqualTo("name \"quoted\" <b>.txt");
    }

    @Test
    void an_original_is_a_download_that_no_browser_runs() throws Exception {
        String id = desk.drop("page.txt", "<script>alert(1)</script> said Tom").text("/0/source/id");

        MockHttpServletResponse original = download(desk, id);

        assertThat(original.getContentType()).isEqualTo("application/octet-stream");
        assertThat(original.getHeader("Content-Disposition")).startsWith("attachment");
        assertThat(original.getHeader("X-Content-Type-Options")).isEqualTo("nosniff");
    }

    @Test
    void what_is_taken_out_can_be_put_back() throws Exception {
        String id = desk.drop("weekly.vtt", TALK).text("/0/source/id");

        assertThat(desk.remove("/api/sources/{id}", id).status()).isEqualTo(204);
        assertThat(desk.read("/api/tray").body()).isEmpty();
        desk.create("/api/sources/{id}/restore", "{}", id);
        assertThat(desk.read("/api/tray").body()).hasSize(1);
    }

    @Test
    void an_empty_file_says_so() throws Exception {
        assertThat(desk.drop("empty.txt", "  \n ").text("/0/source/problems/0/message"))
                .isEqualTo("there is not a word in it");
    }

    @Test
    void four_byte_characters_and_odd_charsets_come_back_as_they_were_said() throws Exception {
        String id = desk.drop("notes.txt", "+ Quay café is open \uD83D\uDEA2".getBytes(StandardCharsets.UTF_16))
                .text("/0/source/id");

        assertThat(desk.read("/api/sources/{id}/passages", id).text("/0/text"))
                .isEqualTo("Quay café is open \uD83D\uDEA2");
    }

    private MockHttpServletResponse download(Desk who, String id) throws Exception {
        return http.perform(get("/api/sources/{id}/original", id).with(user(who.who())))
                .andReturn()
                .getResponse();
    }
}
