package vastarc.web.store;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.security.SecureRandom;
import java.util.Base64;
import java.util.HexFormat;

/** Keys that nobody guesses, and the digests that are stored of them. */
public final class SecretKeys {

    private static final int BYTES = 18;
    private static final SecureRandom CHANCE = new SecureRandom();

    private SecretKeys() {}

    /** {@return a new key, in letters that an address or a header may hold} */
    public static String fresh() {
        byte[] bytes = new byte[BYTES];
        CHANCE.nextBytes(bytes);
        return Base64.getUrlEncoder().withoutPadding().encodeToString(bytes);
    }

    /**
     * {@return a number below a bound}
     *
     * @param bound the bound, above 0
     */
    public static int below(int bound) {
        return CHANCE.nextInt(bound);
    }

    /**
     * {@return what is stored of a key}
     *
     * @param key the key
     */
    public static String digest(String key) {
        try {
            byte[] sum = MessageDigest.getInstance("SHA-256").digest(key.getBytes(StandardCharsets.UTF_8));
            return HexFormat.of().formatHex(sum);
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException(e);
        }
    }

    /**
     * {@return whether two texts are alike, in a time that does not say where they differ}
     *
     * @param text the text
     * @param other the other one
     */
    public static boolean areAlike(String text, String other) {
        return MessageDigest.isEqual(text.getBytes(StandardCharsets.UTF_8), other.getBytes(StandardCharsets.UTF_8));
    }
}
