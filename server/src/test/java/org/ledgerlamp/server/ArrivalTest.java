package org.ledgerlamp.server;

import static org.assertj.core.api.Assertions.assertThat;

import jakarta.servlet.ServletContext;
import jakarta.servlet.ServletInputStream;
import org.junit.jupiter.api.Test;
import org.springframework.mock.web.MockHttpServletRequest;

/** What is done with a delivery before it is known to be one. */
class ArrivalTest extends ServerTest {
    /** A body that nobody may begin to read. */
    private static final class Untouched extends MockHttpServletRequest {
        private boolean read;

        Untouched(ServletContext context, String path) {
            super(context, "POST", path);
        }

        @Override
        public ServletInputStream getInputStream() {
            read = true;
            return super.getInputStream();
        }
    }

    @Test
    void of_a_delivery_to_nobody_or_without_a_seal_not_a_byte_is_read() throws Exception {
        Untouched[] sent = new Untouched[2];
        String path = desk.create("/api/recorders", "{\"name\":\"Boat hall\",\"control\":null}")
                .text("/recorder/path");
        String[] where = {"/api/arrivals/nobody", path};
        for (int i = 0; i < sent.length; i++) {
            int n = i;
            int status = http.perform(context -> {
                        sent[n] = new Untouched(context, where[n]);
                        sent[n].setPathInfo(where[n]);
                        return sent[n];
                    })
                    .andReturn()
                    .getResponse()
                    .getStatus();
            assertThat(status).isEqualTo(401);
            assertThat(sent[i].read).as(where[i]).isFalse();
        }
    }
}
