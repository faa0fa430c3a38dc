package nobrec.core.mail;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** By the grammar of RFC 5321, section 4.1.2 (Mailbox, Dot-string), and RFC 5890 for domains of other scripts. */
class MailAddressTest {

    @ParameterizedTest
    @CsvSource({
        "dock@quillfeather.example, dock@quillfeather.example",
        "' Dock.Two+ship@Quillfeather.EXAMPLE ', Dock.Two+ship@quillfeather.example",
        "o'hara@a.b-c.example, o'hara@a.b-c.example",
        "lager@müller.example, lager@xn--mller-kva.example"
    })
    void whatCanBeSentToIsRead(String written, String sent) {
        assertThat(MailAddress.read(written)).map(MailAddress::text).contains(sent);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "",
                "dock",
                "@quillfeather.example",
                "dock@",
                "dock@quillfeather",
                "dock@@quillfeather.example",
                "a@b@quillfeather.example",
                "dock@quillfeather.example\r\nBcc: all@others.example",
                "dock\n@quillfeather.example",
                "do ck@quillfeather.example",
                "\"dock\"@quillfeather.example",
                "Dock <dock@quillfeather.example>",
                ".dock@quillfeather.example",
                "dock..two@quillfeather.example",
                "dock@-quillfeather.example",
                "dock@quill_feather.example",
                "dock@192.0.2.1"
            })
    void whatIsNoAddressOrMoreThanOneIsNot(String written) {
        assertThat(MailAddress.read(written)).isEmpty();
    }

    @Test
    void lengthsHaveTheirLimits() {
        assertThat(MailAddress.read("a".repeat(64) + "@b.example")).isPresent();
        assertThat(MailAddress.read("a".repeat(65) + "@b.example")).isEmpty();
    }

    @Test
    void severalAreReadWithWhateverStandsBetweenThem() {
        assertThat(MailAddress.readAll("a@b.example; c@d.example,e@f.example\ng@h.example a@b.example, none"))
                .extracting(MailAddress::text)
                .containsExactly("a@b.example", "c@d.example", "e@f.example", "g@h.example");
    }
}
