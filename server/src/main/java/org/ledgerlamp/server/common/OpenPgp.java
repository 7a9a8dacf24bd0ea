package org.ledgerlamp.server.common;

import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.SecureRandom;
import java.util.Date;
import org.bouncycastle.bcpg.SymmetricKeyAlgorithmTags;
import org.bouncycastle.openpgp.PGPEncryptedDataGenerator;
import org.bouncycastle.openpgp.PGPEncryptedDataList;
import org.bouncycastle.openpgp.PGPException;
import org.bouncycastle.openpgp.PGPLiteralData;
import org.bouncycastle.openpgp.PGPLiteralDataGenerator;
import org.bouncycastle.openpgp.PGPPBEEncryptedData;
import org.bouncycastle.openpgp.bc.BcPGPObjectFactory;
import org.bouncycastle.openpgp.operator.bc.BcPBEDataDecryptorFactory;
import org.bouncycastle.openpgp.operator.bc.BcPBEKeyEncryptionMethodGenerator;
import org.bouncycastle.openpgp.operator.bc.BcPGPDataEncryptorBuilder;
import org.bouncycastle.openpgp.operator.bc.BcPGPDigestCalculatorProvider;

/**
 * Files encrypted with a passphrase as the OpenPGP standard (RFC 9580) has it, with a digest of the whole: other programs
 * open them too.
 */
public final class OpenPgp {
    private static final int CHUNK = 1 << 16;

    private OpenPgp() {}

    /** Something that writes into a stream and leaves it open. */
    public interface Writing {
        void to(OutputStream out) throws IOException;
    }

    /** Something that makes sense of a stream. */
    public interface Reading<T> {
        T from(InputStream in) throws IOException;
    }

    /**
     * The passphrase in a file: its first line.
     *
     * @throws IOException where there is none, or it is empty
     */
    public static char[] key(Path file) throws IOException {
        String key = Files.readString(file).lines().findFirst().orElse("").strip();
        if (key.isEmpty()) {
            throw new IOException(file + " has no key in it");
        }
        return key.toCharArray();
    }

    /**
     * Encrypts what is written.
     *
     * @param name what the content is called where it is unpacked
     * @throws IOException where it could not be written
     */
    public static void seal(OutputStream out, char[] key, String name, Writing content) throws IOException {
        try {
            PGPEncryptedDataGenerator generator =
                    new PGPEncryptedDataGenerator(new BcPGPDataEncryptorBuilder(SymmetricKeyAlgorithmTags.AES_256)
                            .setWithIntegrityPacket(true)
                            .setSecureRandom(new SecureRandom()));
            generator.addMethod(new BcPBEKeyEncryptionMethodGenerator(key));
            try (OutputStream sealed = generator.open(out, new byte[CHUNK]);
                    OutputStream literal = new PGPLiteralDataGenerator()
                            .open(sealed, PGPLiteralData.BINARY, name, new Date(), new byte[CHUNK])) {
                content.to(literal);
            }
        } catch (PGPException e) {
            throw new IOException("it could not be encrypted: " + e.getMessage(), e);
        }
    }

    /**
     * Reads what was encrypted. Only when this returns is it sure that nothing was changed.
     *
     * @param what it should be, for messages
     * @throws IOException where it is nothing encrypted, the key is another, or it was changed or cut off
     */
    public static <T> T open(InputStream in, char[] key, String what, Reading<T> content) throws IOException {
        try {
            if (!(new BcPGPObjectFactory(in).nextObject() instanceof PGPEncryptedDataList list)) {
                throw new IOException("this is no encrypted " + what);
            }
            PGPPBEEncryptedData sealed = (PGPPBEEncryptedData) list.get(0);
            InputStream open =
                    sealed.getDataStream(new BcPBEDataDecryptorFactory(key, new BcPGPDigestCalculatorProvider()));
            PGPLiteralData literal = (PGPLiteralData) new BcPGPObjectFactory(open).nextObject();
            T read = content.from(literal.getInputStream());
            open.transferTo(OutputStream.nullOutputStream());
            if (!sealed.verify()) {
                throw new IOException("the " + what + " was changed after it was made");
            }
            return read;
        } catch (PGPException | ClassCastException e) {
            throw new IOException("the " + what + " does not open with this key", e);
        }
    }
}
