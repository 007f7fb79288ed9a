package saltdrum.server.store.review;

import jakarta.annotation.PostConstruct;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.security.GeneralSecurityException;
import java.security.SecureRandom;
import java.util.Arrays;
import javax.crypto.AEADBadTagException;
import javax.crypto.Cipher;
import javax.crypto.spec.GCMParameterSpec;
import javax.crypto.spec.SecretKeySpec;
import org.springframework.stereotype.Component;

/**
 * Encrypts the secrets of links that can be shown again (AES-256-GCM, NIST SP 800-38D) with the workshop's own key.
 * Backups do not contain the key, so links restored elsewhere still work but cannot be shown again.
 */
@Component
public class SealedLinks {
    private static final int KEY_BYTES = 32;
    private static final int NONCE_BYTES = 12;
    private static final int TAG_BITS = 128;

    private final SecureRandom random = new SecureRandom();
    private final LinkMapper links;

    SealedLinks(LinkMapper links) {
        this.links = links;
    }

    /** Links from before they were sealed. */
    @PostConstruct
    public void sealOpenOnes() {
        for (LinkMapper.OpenLink link : links.open()) {
            links.seal(link.id(), seal(link.token()));
        }
    }

    byte[] seal(String token) {
        byte[] nonce = new byte[NONCE_BYTES];
        random.nextBytes(nonce);
        try {
            byte[] sealed = cipher(Cipher.ENCRYPT_MODE, nonce).doFinal(token.getBytes(StandardCharsets.UTF_8));
            return ByteBuffer.allocate(nonce.length + sealed.length)
                    .put(nonce)
                    .put(sealed)
                    .array();
        } catch (GeneralSecurityException e) {
            throw new IllegalStateException(e);
        }
    }

    /** @return null for what was sealed with another key */
    String open(byte[] sealed) {
        if (sealed == null || sealed.length < NONCE_BYTES) {
            return null;
        }
        try {
            Cipher cipher = cipher(Cipher.DECRYPT_MODE, Arrays.copyOf(sealed, NONCE_BYTES));
            return new String(cipher.doFinal(sealed, NONCE_BYTES, sealed.length - NONCE_BYTES), StandardCharsets.UTF_8);
        } catch (AEADBadTagException other) {
            return null;
        } catch (GeneralSecurityException e) {
            throw new IllegalStateException(e);
        }
    }

    private Cipher cipher(int mode, byte[] nonce) throws GeneralSecurityException {
        Cipher cipher = Cipher.getInstance("AES/GCM/NoPadding");
        cipher.init(mode, new SecretKeySpec(key(), "AES"), new GCMParameterSpec(TAG_BITS, nonce));
        return cipher;
    }

    private byte[] key() {
        LinkMapper.Key key = links.key();
        if (key != null) {
            return key.key();
        }
        byte[] fresh = new byte[KEY_BYTES];
        random.nextBytes(fresh);
        links.addKey(fresh);
        return links.key().key();
    }
}
