package org.ledgerlamp.core.exchange;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.charset.StandardCharsets;
import java.security.SecureRandom;
import java.time.Instant;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.ledgerlamp.core.exchange.WebhookSignature.Verdict;

class WebhookSignatureTest {
    /** The example of the specification. */
    private static final String SECRET = "whsec_MfKQ9r8GKYqrTwjUPD8ILPZIo2LaLaSw";

    private static final byte[] BODY = "{\"test\": 2432232314}".getBytes(StandardCharsets.UTF_8);
    private static final Instant AT = Instant.ofEpochSecond(1614265330);
    private static final String ID = "msg_p5jXN8AQM9LWM0D4loKWxJek";

    private final WebhookSignature signature = new WebhookSignature(SECRET);

    private Verdict check(String id, String timestamp, String signatures, byte[] body) {
        return signature.check(id, timestamp, signatures, body, AT.plusSeconds(30));
    }

    @Test
    void it_signs_as_the_specification_has_it() {
        assertThat(signature.sign(ID, AT, BODY)).isEqualTo("v1,g0hM9SsE+OTPJTGt/tmIKtSyZlE3uFJELVlNIOLJ1OE=");
    }

    @Test
    void what_it_signed_is_genuine_also_beside_another_signature() {
        String good = signature.sign(ID, AT, BODY);

        assertThat(check(ID, "1614265330", good, BODY)).isEqualTo(Verdict.GENUINE);
        assertThat(check(ID, "1614265330", "v1,AAAA v1a,x " + good, BODY)).isEqualTo(Verdict.GENUINE);
    }

    @Test
    void anything_changed_is_forged() {
        String good = signature.sign(ID, AT, BODY);
        byte[] other = "{\"test\": 2432232315}".getBytes(StandardCharsets.UTF_8);
        String stranger = new WebhookSignature(WebhookSignature.freshSecret(new SecureRandom())).sign(ID, AT, BODY);

        assertThat(check(ID, "1614265330", good, other)).isEqualTo(Verdict.FORGED);
        assertThat(check("msg_other", "1614265330", good, BODY)).isEqualTo(Verdict.FORGED);
        assertThat(check(ID, "1614265331", good, BODY)).isEqualTo(Verdict.FORGED);
        assertThat(check(ID, "1614265330", stranger, BODY)).isEqualTo(Verdict.FORGED);
        assertThat(check(ID, "1614265330", "", BODY)).isEqualTo(Verdict.FORGED);
    }

    @Test
    void what_is_too_old_or_from_the_future_is_untimely() {
        String good = signature.sign(ID, AT, BODY);

        assertThat(signature.check(ID, "1614265330", good, BODY, AT.plusSeconds(299)))
                .isEqualTo(Verdict.GENUINE);
        assertThat(signature.check(ID, "1614265330", good, BODY, AT.plusSeconds(301)))
                .isEqualTo(Verdict.UNTIMELY);
        assertThat(signature.check(ID, "1614265330", good, BODY, AT.minusSeconds(301)))
                .isEqualTo(Verdict.UNTIMELY);
    }

    @Test
    void a_header_field_that_is_missing_or_nonsense_is_said() {
        String good = signature.sign(ID, AT, BODY);

        assertThat(check(null, "1614265330", good, BODY)).isEqualTo(Verdict.INCOMPLETE);
        assertThat(check(" ", "1614265330", good, BODY)).isEqualTo(Verdict.INCOMPLETE);
        assertThat(check("x".repeat(201), "1614265330", good, BODY)).isEqualTo(Verdict.INCOMPLETE);
        assertThat(check(ID, null, good, BODY)).isEqualTo(Verdict.INCOMPLETE);
        assertThat(check(ID, "yesterday", good, BODY)).isEqualTo(Verdict.INCOMPLETE);
        assertThat(check(ID, "99999999999999999999", good, BODY)).isEqualTo(Verdict.INCOMPLETE);
        assertThat(check(ID, "1614265330", null, BODY)).isEqualTo(Verdict.INCOMPLETE);
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "MfKQ9r8GKYqrTwjUPD8ILPZIo2LaLaSw", "whsec_", "whsec_not base 64"})
    void a_secret_that_is_none_is_refused(String secret) {
        assertThatThrownBy(() -> new WebhookSignature(secret)).isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void fresh_secrets_differ_and_serve() {
        SecureRandom random = new SecureRandom();
        String one = WebhookSignature.freshSecret(random);

        assertThat(one).isNotEqualTo(WebhookSignature.freshSecret(random)).startsWith("whsec_");
        assertThat(new WebhookSignature(one)
                        .check("a", "1614265330", new WebhookSignature(one).sign("a", AT, BODY), BODY, AT))
                .isEqualTo(Verdict.GENUINE);
    }
}
