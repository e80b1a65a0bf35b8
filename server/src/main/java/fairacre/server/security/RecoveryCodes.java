package fairacre.server.security;

import fairacre.server.store.RecoveryStore;
import fairacre.server.store.Secrets;
import java.util.List;
import java.util.Locale;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/**
 * Codes with which somebody who has forgotten their password sets another, each once. Twelve letters and digits of 32
 * that are not mistaken for each other are 60 bits: they are not guessed at the pace at which guesses are let in.
 */
@Component
class RecoveryCodes {

    /** So many at a time. */
    private static final int CODES = 8;
    /** Without I, L, O and U (Crockford's base 32). */
    private static final String LETTERS = "0123456789ABCDEFGHJKMNPQRSTVWXYZ";

    private static final int GROUPS = 3;
    private static final int GROUP = 4;

    private final RecoveryStore store;

    RecoveryCodes(RecoveryStore store) {
        this.store = store;
    }

    /** New ones in the place of those that were there. */
    @Transactional
    List<String> make(UUID account) {
        List<String> codes = Stream.generate(RecoveryCodes::code).limit(CODES).toList();
        store.put(account, codes.stream().map(RecoveryCodes::hash).toList());
        return codes;
    }

    int left(UUID account) {
        return store.left(account);
    }

    boolean isOne(UUID account, String code) {
        return code != null && store.isOne(account, hash(code));
    }

    /** Whether it was one still. */
    boolean useUp(UUID account, String code) {
        return store.useUp(account, hash(code));
    }

    private static String code() {
        return Stream.generate(RecoveryCodes::group).limit(GROUPS).collect(Collectors.joining("-"));
    }

    private static String group() {
        return Stream.generate(() -> String.valueOf(LETTERS.charAt(Secrets.below(LETTERS.length()))))
                .limit(GROUP)
                .collect(Collectors.joining());
    }

    /** Of the letters and digits alone: hyphens, spaces and small letters don't matter, nor an O for a zero. */
    static byte[] hash(String code) {
        return Secrets.hash(code.toUpperCase(Locale.ROOT)
                .replaceAll("[^0-9A-Z]", "")
                .replace('O', '0')
                .replace('I', '1')
                .replace('L', '1'));
    }
}
