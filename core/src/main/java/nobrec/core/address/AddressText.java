package nobrec.core.address;

import java.util.Arrays;
import java.util.List;
import nobrec.core.notation.Reading;

/** An address in one text: company; person; street; street 2; city; state; postal code; country. */
public final class AddressText {

    public static final String FORM = "company; person; street; street 2; city; state; postal code; country";

    private static final int PARTS = 8;
    private static final int COUNTRY = 7;

    private AddressText() {}

    /** A semicolon in a part is written as a comma. */
    public static String write(PostalAddress address) {
        return String.join(
                        "; ",
                        address.parts().stream()
                                .map(part -> part.replace(';', ','))
                                .toList())
                .strip();
    }

    /** @param longest so many signs at most in a part */
    public static Reading<PostalAddress> read(String text, int longest) {
        List<String> parts =
                Arrays.stream(text.split(";", -1)).map(String::strip).toList();
        if (parts.size() != PARTS) {
            return Reading.refused("The address has " + parts.size() + " parts, not eight.", "Write: " + FORM + ".");
        }
        if (parts.stream().anyMatch(part -> part.length() > longest)) {
            return Reading.refused("A part of the address has more than " + longest + " characters.", "Shorten it.");
        }
        return Countries.read(parts.get(COUNTRY))
                .<Reading<PostalAddress>>map(country -> Reading.of(new PostalAddress(
                                parts.get(0),
                                parts.get(1),
                                parts.get(2),
                                parts.get(3),
                                parts.get(4),
                                parts.get(5),
                                parts.get(6),
                                country)
                        .inStandardSpelling()))
                .orElseGet(() -> Reading.refused(
                        "There is no country “" + parts.get(COUNTRY) + "”.",
                        "Write its English name or its two letters (ISO 3166)."));
    }
}
