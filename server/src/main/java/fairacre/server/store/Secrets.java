package fairacre.server.store;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.security.SecureRandom;
import java.util.Base64;

/** Secrets that are told once; kept is their hash alone. */
public final class Secrets {

    /** Bytes of chance: nobody guesses 256 bits. */
    private static final int LENGTH = 32;

    private static final SecureRandom RANDOM = new SecureRandom();

    private Secrets() {}

    /** One for an address, 43 letters, digits, hyphens and underscores. */
    public static String make() {
        byte[] chance = new byte[LENGTH];
        RANDOM.nextBytes(chance);
        return Base64.getUrlEncoder().withoutPadding().encodeToString(chance);
    }

    /** A number from 0 to below a bound that nobody foresees. */
    public static int below(int bound) {
        return RANDOM.nextInt(bound);
    }

    /** SHA-256: enough where the secret itself can't be guessed. */
    public static byte[] hash(String secret) {
        try {
            return MessageDigest.getInstance("SHA-256").digest(secret.getBytes(StandardCharsets.UTF_8));
        } catch (NoSuchAlgorithmException missing) {
            throw new IllegalStateException("every Java has SHA-256", missing);
        }
    }
}
