package org.ledgerlamp.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;

import java.nio.charset.StandardCharsets;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.mock.web.MockHttpServletResponse;
import tools.jackson.databind.JsonNode;

/** Attachments: kept as they came, handed on where they are what they claim to be. */
class AttachmentsTest extends ServerTest {
    private static final byte[] PDF = "%PDF-1.7 plan".getBytes(StandardCharsets.US_ASCII);
    private static final byte[] PROGRAM = "MZ program".getBytes(StandardCharsets.US_ASCII);

    private String meeting;

    @BeforeEach
    void setUp() throws Exception {
        meeting = desk.meeting("Yard talk");
    }

    private JsonNode attached() throws Exception {
        return desk.read("/api/meetings/{id}/attachments", meeting).body();
    }

    @Test
    void a_file_is_attached_and_comes_back_byte_for_byte_as_a_download() throws Exception {
        String id = desk.attach(meeting, "../../plan <b>.pdf", PDF).text("/id");

        assertThat(attached().at("/0/name").asString()).isEqualTo("plan <b>.pdf");
        assertThat(attached().at("/0/type").asString()).isEqualTo("PDF document");
        assertThat(attached().at("/0/problem").isNull()).isTrue();
        MockHttpServletResponse answer = http.perform(get("/api/attachments/{id}", id)
                        .with(user(colleague("Ana Prokop").who())))
                .andReturn()
                .getResponse();
        assertThat(answer.getContentAsByteArray()).isEqualTo(PDF);
        assertThat(answer.getContentType()).isEqualTo("application/octet-stream");
        assertThat(answer.getHeader("Content-Disposition")).startsWith("attachment");
        assertThat(answer.getHeader("X-Content-Type-Options")).isEqualTo("nosniff");
    }

    @Test
    void one_that_is_not_what_it_claims_to_be_is_kept_and_held_back_from_others() throws Exception {
        String id = desk.attach(meeting, "plan.pdf", PROGRAM).text("/id");

        assertThat(attached().at("/0/problem").asString()).contains("program");
        assertThat(colleague("Ana Prokop").read("/api/attachments/{id}", id).status())
                .isEqualTo(409);
        assertThat(desk.bytes("/api/attachments/{id}", id)).isEqualTo(PROGRAM);
    }

    @Test
    void one_taken_off_can_be_put_back() throws Exception {
        String id = desk.attach(meeting, "plan.pdf", PDF).text("/id");
        desk.remove("/api/attachments/{id}", id);
        assertThat(attached()).isEmpty();

        desk.create("/api/attachments/{id}/restore", "{}", id);
        assertThat(attached()).hasSize(1);
    }

    @Test
    void a_meeting_takes_only_so_much() throws Exception {
        byte[] large = new byte[24 << 20];
        large[0] = 'x';
        for (int i = 0; i < 8; i++) {
            assertThat(desk.attach(meeting, "part.bin", large).status()).isEqualTo(200);
        }

        Desk.Answer refused = desk.attach(meeting, "part.bin", large);
        assertThat(refused.status()).isEqualTo(409);
        assertThat(refused.text("/detail")).contains("209,715,200");
        assertThat(attached()).hasSize(8);
    }
}
