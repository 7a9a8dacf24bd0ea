package org.ledgerlamp.server.common;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.security.GeneralSecurityException;
import java.security.SecureRandom;
import javax.crypto.Cipher;
import javax.crypto.spec.GCMParameterSpec;
import javax.crypto.spec.SecretKeySpec;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/**
 * Encrypts what must be read again, such as passwords for other servers: AES-GCM with a key that lies beside the database
 * in the data folder, readable by its owner alone. Whoever has the database alone has no secret.
 */
@Component
public class Secrets {
    private static final int KEY_BYTES = 32;
    private static final int NONCE_BYTES = 12;
    private static final int TAG_BITS = 128;
    private static final String CIPHER = "AES/GCM/NoPadding";

    private final SecureRandom random = new SecureRandom();
    private final SecretKeySpec key;

    /**
     * Takes the key in a data folder; one is made where there is none.
     *
     * @throws IOException where it cannot be read or kept
     */
    public Secrets(@Value("${lamp.data}") Path data) throws IOException {
        key = new SecretKeySpec(keyIn(data.resolve("secrets.key")), "AES");
    }

    private byte[] keyIn(Path file) throws IOException {
        if (!Files.exists(file)) {
            byte[] fresh = new byte[KEY_BYTES];
            random.nextBytes(fresh);
            Files.createDirectories(file.getParent());
            Files.createFile(file, PosixFilePermissions.asFileAttribute(PosixFilePermissions.fromString("rw-------")));
            Files.write(file, fresh);
        }
        return Files.readAllBytes(file);
    }

    /** The words encrypted; twice the same words give different bytes. */
    public byte[] hidden(String words) {
        byte[] nonce = new byte[NONCE_BYTES];
        random.nextBytes(nonce);
        byte[] sealed = run(Cipher.ENCRYPT_MODE, nonce, words.getBytes(StandardCharsets.UTF_8), 0);
        byte[] all = new byte[NONCE_BYTES + sealed.length];
        System.arraycopy(nonce, 0, all, 0, NONCE_BYTES);
        System.arraycopy(sealed, 0, all, NONCE_BYTES, sealed.length);
        return all;
    }

    /**
     * What {@link #hidden} hid.
     *
     * @throws IllegalStateException where the key is another one or the bytes were changed
     */
    public String told(byte[] hidden) {
        byte[] nonce = new byte[NONCE_BYTES];
        System.arraycopy(hidden, 0, nonce, 0, NONCE_BYTES);
        return new String(run(Cipher.DECRYPT_MODE, nonce, hidden, NONCE_BYTES), StandardCharsets.UTF_8);
    }

    private byte[] run(int mode, byte[] nonce, byte[] bytes, int from) {
        try {
            Cipher cipher = Cipher.getInstance(CIPHER);
            cipher.init(mode, key, new GCMParameterSpec(TAG_BITS, nonce));
            return cipher.doFinal(bytes, from, bytes.length - from);
        } catch (GeneralSecurityException e) {
            throw new IllegalStateException("a secret cannot be read with the key in the data folder", e);
        }
    }
}
