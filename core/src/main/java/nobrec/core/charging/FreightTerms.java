package nobrec.core.charging;

import java.util.Locale;
import java.util.Optional;

/** Who pays the freight. */
public enum FreightTerms {
    PREPAID_AND_BILLED("we pay and bill"),
    PREPAID("we pay"),
    COLLECT("receiver pays"),
    THIRD_PARTY("third party pays");

    private final String words;

    FreightTerms(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }

    /** Whether the customer finds the freight on our invoice. */
    public boolean isBilled() {
        return this == PREPAID_AND_BILLED;
    }

    /** Whether the carrier needs the account number of whoever pays it. */
    public boolean demandsAccount() {
        return this == COLLECT || this == THIRD_PARTY;
    }

    /** Whether the carrier bills us. */
    public boolean isOurCost() {
        return this == PREPAID_AND_BILLED || this == PREPAID;
    }

    /** The terms meant by these words; an empty text means the usual ones. */
    public static Optional<FreightTerms> read(String text) {
        String plain = text.strip().toLowerCase(Locale.ROOT);
        if (plain.isEmpty()) {
            return Optional.of(PREPAID_AND_BILLED);
        }
        for (FreightTerms terms : values()) {
            if (terms.words.equals(plain)) {
                return Optional.of(terms);
            }
        }
        return Optional.empty();
    }
}
