package org.ledgerlamp.server.recorder;

import java.net.URI;
import java.security.SecureRandom;
import java.util.HexFormat;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.ledgerlamp.core.exchange.WebhookSignature;
import org.ledgerlamp.server.access.SignedIn;
import org.ledgerlamp.server.common.Refusal;
import org.ledgerlamp.server.common.Secrets;
import org.ledgerlamp.server.common.WebAddress;
import org.ledgerlamp.server.outgoing.NetworkService;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps the team's recorders. */
@Service
@Transactional
public class RecorderService {
    private static final int MOST = 20;
    private static final int BOX_BYTES = 16;

    private final Recorders recorders;
    private final Secrets secrets;
    private final NetworkService networks;
    private final SecureRandom random = new SecureRandom();

    RecorderService(Recorders recorders, Secrets secrets, NetworkService networks) {
        this.recorders = recorders;
        this.secrets = secrets;
        this.networks = networks;
    }

    String freshSecret() {
        return WebhookSignature.freshSecret(random);
    }

    /** An address that nobody can guess. */
    String freshBox() {
        byte[] bytes = new byte[BOX_BYTES];
        random.nextBytes(bytes);
        return HexFormat.of().formatHex(bytes);
    }

    @Transactional(readOnly = true)
    List<Recorder> all(UUID teamId) {
        return recorders.findByTeamIdOrderByName(teamId);
    }

    /** @throws Refusal where the team has no such recorder */
    @Transactional(readOnly = true)
    Recorder one(UUID teamId, UUID id) {
        return recorders.findByIdAndTeamId(id, teamId).orElseThrow(() -> Refusal.notFound("recorder"));
    }

    Recorder setUp(SignedIn who, String name, @Nullable String control, String secret, String box) {
        if (recorders.findByTeamIdOrderByName(who.teamId()).size() >= MOST) {
            throw Refusal.conflict("A team may have " + MOST + " recorders.");
        }
        return recorders.save(new Recorder(
                who.teamId(),
                who.memberId(),
                name.strip(),
                box,
                checked(who.teamId(), control),
                secrets.hidden(secret)));
    }

    /** Sets up a recorder that was told before where to deliver and with which secret. */
    public void setUpKnown(SignedIn who, String name, String control, String secret, String box) {
        setUp(who, name, control, secret, box);
    }

    private @Nullable String checked(UUID teamId, @Nullable String control) {
        if (control == null || control.isBlank()) {
            return null;
        }
        URI address = WebAddress.of(control, "a recorder");
        networks.refuseForbidden(teamId, address);
        return address.toString();
    }

    /** Takes a recorder away; the answer is what it was called. */
    String remove(UUID teamId, UUID id) {
        Recorder recorder = one(teamId, id);
        recorders.delete(recorder);
        return recorder.name();
    }
}
