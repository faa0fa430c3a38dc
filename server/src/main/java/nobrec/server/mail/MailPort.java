package nobrec.server.mail;

import java.util.List;
import java.util.Optional;
import nobrec.core.mail.MailAddress;
import nobrec.server.connection.Adapter;
import nobrec.server.connection.Connection;
import nobrec.server.connection.OutsideAnswer;

/** What we need of a mail server. */
public interface MailPort extends Adapter {

    /** @param bytes as they are */
    record Attached(String name, String mediaType, byte[] bytes) {}

    /** Who writes; replies go to the second. */
    record Sender(String name, MailAddress address, MailAddress replyTo) {}

    /**
     * A mail, ready to be sent.
     *
     * @param logo a picture that stands in the HTML as {@code cid:logo}
     * @param stopLink where the receiver says that it wants no more; nothing for colleagues
     */
    record Letter(
            Sender sender,
            MailAddress to,
            String subject,
            String text,
            String html,
            Optional<Attached> logo,
            List<Attached> attached,
            Optional<String> stopLink) {}

    /**
     * Hands a mail to the server.
     *
     * @param key makes its Message-ID, so that the same mail is the same however often it is sent
     * @return what the server said
     */
    OutsideAnswer<String> send(Connection connection, String key, Letter letter);
}
