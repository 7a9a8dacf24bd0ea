package org.ledgerlamp.server.access;

import com.google.zxing.BarcodeFormat;
import com.google.zxing.WriterException;
import com.google.zxing.common.BitMatrix;
import com.google.zxing.qrcode.QRCodeWriter;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import java.time.Duration;
import java.util.List;
import org.ledgerlamp.server.common.AuditKind;
import org.ledgerlamp.server.common.Refusal;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** One's own second factor over HTTP. */
@RestController
@RequestMapping("/api/session/factor")
class SecondFactorController {
    private static final Duration WINDOW = Duration.ofMinutes(5);
    private static final int MOST_TRIES = 10;

    private final SecondFactor factor;
    private final Tries tries;
    private final Auditor auditor;

    SecondFactorController(SecondFactor factor, Tries tries, Auditor auditor) {
        this.factor = factor;
        this.tries = tries;
        this.auditor = auditor;
    }

    /** @param recoveryCodesLeft how many open in place of the authenticator */
    record FactorState(boolean on, int recoveryCodesLeft) {}

    /**
     * What an authenticator is told, this once.
     *
     * @param secret to be typed
     * @param size of the picture, in squares a side
     * @param squares the dark ones of the picture, as a path of SVG
     */
    record FactorSecret(String secret, int size, String squares) {}

    record FactorCode(@NotBlank @Size(max = 40) String code) {}

    /** Recovery codes, told this once. */
    record RecoveryCodes(List<String> codes) {}

    @GetMapping
    FactorState state(@AuthenticationPrincipal SignedIn who) {
        return new FactorState(factor.isOn(who.memberId()), factor.recoveryCodesLeft(who.memberId()));
    }

    /** Makes a secret for an authenticator. */
    @PostMapping("/secret")
    FactorSecret begin(@AuthenticationPrincipal SignedIn who) throws WriterException {
        SecondFactor.Told told = factor.begin(who);
        BitMatrix picture = new QRCodeWriter().encode(told.address(), BarcodeFormat.QR_CODE, 0, 0);
        return new FactorSecret(told.secret(), picture.getWidth(), squares(picture));
    }

    private static String squares(BitMatrix picture) {
        StringBuilder path = new StringBuilder();
        for (int y = 0; y < picture.getHeight(); y++) {
            for (int x = 0; x < picture.getWidth(); x++) {
                if (picture.get(x, y)) {
                    path.append('M').append(x).append(' ').append(y).append("h1v1h-1z");
                }
            }
        }
        return path.toString();
    }

    /** Signs in with a code from now on. */
    @PostMapping
    RecoveryCodes turnOn(@AuthenticationPrincipal SignedIn who, @Valid @RequestBody FactorCode typed) {
        limit(who);
        List<String> codes = factor.turnOn(who.memberId(), typed.code());
        auditor.note(who, AuditKind.SECOND_FACTOR_ON, "their own");
        return new RecoveryCodes(codes);
    }

    /** Signs in with the password alone from now on. */
    @PostMapping("/off")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void turnOff(@AuthenticationPrincipal SignedIn who, @Valid @RequestBody FactorCode typed) {
        limit(who);
        if (!factor.opens(who.memberId(), typed.code())) {
            throw Refusal.invalid("That is not the code, or it was used already. Wait for the next one.");
        }
        factor.turnOff(who.memberId());
        auditor.note(who, AuditKind.SECOND_FACTOR_OFF, "their own");
    }

    private void limit(SignedIn who) {
        tries.limit("code of " + who.memberId(), WINDOW, MOST_TRIES);
    }
}
