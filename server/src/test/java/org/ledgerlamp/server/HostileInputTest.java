package org.ledgerlamp.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import java.nio.charset.StandardCharsets;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.springframework.mock.web.MockHttpServletResponse;

/** Input that means no good: it is refused with a word of ours, or taken without harm. */
class HostileInputTest extends ServerTest {
    @Test
    void a_zero_byte_goes_into_no_text_and_out_into_no_file() throws Exception {
        String typed = "{\"name\":\"Tom\\u0000 Rey\\u0007es\",\"role\":\"First\\tmate\",\"aliases\":[]}";
        assertThat(desk.create("/api/people", typed).text("/name")).isEqualTo("Tom Reyes");
    }

    @Test
    void a_list_or_an_invitation_with_zero_bytes_is_answered_and_not_stumbled_over() throws Exception {
        assertThat(desk.people("people.csv", "name,email\nTom\0 Reyes,tom@skerry.example\n")
                        .status())
                .isLessThan(500);
        assertThat(desk.invitation(
                                "call.ics",
                                "BEGIN:VCALENDAR\r\nBEGIN:VEVENT\r\nUID:a\0b\r\nSUMMARY:Ca\0ble\r\nDTSTART:20260303T100000Z\r\nEND:VEVENT\r\nEND:VCALENDAR\r\n")
                        .status())
                .isLessThan(500);
    }

    @Test
    void what_the_container_refuses_tells_nothing_of_what_the_program_is_made_of() throws Exception {
        MockHttpServletResponse asked = http.perform(get("/error")).andReturn().getResponse();

        assertThat(asked.getStatus()).isEqualTo(404);
        assertThat(asked.getContentAsString()).contains("nothing here").doesNotContain("timestamp", "path", "trace");
    }

    @Test
    void an_upload_that_is_cut_off_is_refused_with_a_word_of_ours() throws Exception {
        MockHttpServletResponse cut = http.perform(post("/api/tray")
                        .with(user(desk.who()))
                        .with(csrf())
                        .contentType("multipart/form-data")
                        .content("--quay\r\nContent-Disposition: form-data; name=\"fi"))
                .andReturn()
                .getResponse();

        assertThat(cut.getStatus()).isEqualTo(400);
        assertThat(cut.getContentType()).startsWith("application/problem+json");
    }

    /** A few of the damaged files; ./lamp soak takes ten thousand. */
    @Test
    void damaged_files_are_taken_in_or_refused_and_never_stumbled_over() throws Exception {
        Random random = new Random(20);
        String[] honest = {
            "WEBVTT\n\n00:01.000 --> 00:02.000\n<v Tom>One.\n",
            "1\n00:00:01,000 --> 00:00:02,500\nMira: Good.\n",
            "[00:03:12] Mira Voss: Let's begin.\n",
            "{\"segments\":[{\"speaker\":\"Tom\",\"start\":1,\"end\":2,\"text\":\"Hi\"}]}",
            "# Notes\n- A: ring the yard\n"
        };
        for (int i = 0; i < 60; i++) {
            byte[] file = honest[i % honest.length].getBytes(StandardCharsets.UTF_8);
            for (int hits = random.nextInt(1, 6); hits > 0; hits--) {
                file[random.nextInt(file.length)] = (byte) random.nextInt(256);
            }
            assertThat(desk.drop("damaged-" + i + ".txt", file).status())
                    .as("file " + i)
                    .isLessThan(500);
        }
    }
}
