package nobrec.core.mail;

import java.net.IDN;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Pattern;
import nobrec.core.refusal.Refusal;

/**
 * An address that mail can be sent to: the plain form of RFC 5321 (dot-string, no quotes), domains of other scripts as RFC 5890 writes them.
 * Nothing else gets into the head of a mail, least of all a line break.
 *
 * @param text as it is sent; its domain in small letters
 */
public record MailAddress(String text) {

    private static final int LONGEST = 254;
    private static final int LONGEST_LOCAL = 64;
    private static final Pattern LOCAL =
            Pattern.compile("[A-Za-z0-9!#$%&'*+/=?^_`{|}~-]+(?:\\.[A-Za-z0-9!#$%&'*+/=?^_`{|}~-]+)*");
    private static final Pattern DOMAIN =
            Pattern.compile("(?:[a-z0-9](?:[a-z0-9-]{0,61}[a-z0-9])?\\.)+[a-z](?:[a-z0-9-]{0,61}[a-z0-9])?");

    /** Empty when it is none. */
    public static Optional<MailAddress> read(String text) {
        String stripped = text.strip();
        int at = stripped.lastIndexOf('@');
        if (at < 1 || at > LONGEST_LOCAL || stripped.length() > LONGEST) {
            return Optional.empty();
        }
        String local = stripped.substring(0, at);
        Optional<String> domain = ascii(stripped.substring(at + 1));
        return LOCAL.matcher(local).matches()
                        && domain.filter(each -> DOMAIN.matcher(each).matches()).isPresent()
                ? Optional.of(new MailAddress(local + "@" + domain.get()))
                : Optional.empty();
    }

    /** Several, with commas, semicolons, blanks or line breaks between them; what is none is left out. */
    public static List<MailAddress> readAll(String text) {
        LinkedHashSet<MailAddress> found = new LinkedHashSet<>();
        for (String each : text.split("[,;\\s]+")) {
            read(each).ifPresent(found::add);
        }
        return new ArrayList<>(found);
    }

    /** @throws Refusal when it is none */
    public static MailAddress require(String thing, String text) {
        return read(text)
                .orElseThrow(() -> Refusal.unusable(
                        thing, "“" + text.strip() + "” is no mail address.", "Write it like name@shop.example."));
    }

    /** By which it is recognized, capitals aside. */
    public String plain() {
        return text.toLowerCase(Locale.ROOT);
    }

    public String domain() {
        return text.substring(text.lastIndexOf('@') + 1);
    }

    private static Optional<String> ascii(String domain) {
        try {
            return Optional.of(IDN.toASCII(domain, IDN.USE_STD3_ASCII_RULES).toLowerCase(Locale.ROOT));
        } catch (IllegalArgumentException none) {
            return Optional.empty();
        }
    }
}
