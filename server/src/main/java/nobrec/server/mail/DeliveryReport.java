package nobrec.server.mail;

import jakarta.mail.BodyPart;
import jakarta.mail.MessagingException;
import jakarta.mail.Session;
import jakarta.mail.internet.InternetHeaders;
import jakarta.mail.internet.MimeMessage;
import jakarta.mail.internet.MimeMultipart;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.util.Locale;
import java.util.Optional;
import java.util.Properties;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import nobrec.server.platform.Shortened;

/**
 * What a mail server says later of a mail that another one took: a report as RFC 3464 has it, in a mail of its own. Whose mail it is about
 * is known by our key in the Message-ID of the mail that came back with it.
 *
 * @param key of the entry of the outbox
 * @param to whom it did not reach
 * @param failed whether it never will; else it is only late, or has arrived
 * @param reason in the words of that server
 */
record DeliveryReport(String key, String to, boolean failed, String reason) {

    private static final Pattern OURS =
            Pattern.compile("<([0-9a-f]{8}(?:-[0-9a-f]{4}){3}-[0-9a-f]{12})@[^>]+>", Pattern.CASE_INSENSITIVE);
    private static final int MOST_RECIPIENTS = 50;
    private static final int LONGEST = 300;

    /** @return nothing where it is no such report, or about no mail of ours */
    static Optional<DeliveryReport> read(byte[] mail) {
        try {
            MimeMessage message =
                    new MimeMessage(Session.getInstance(new Properties()), new ByteArrayInputStream(mail));
            return message.isMimeType("multipart/report") && message.getContent() instanceof MimeMultipart parts
                    ? read(parts)
                    : Optional.empty();
        } catch (MessagingException | IOException unreadable) {
            return Optional.empty();
        }
    }

    private static Optional<DeliveryReport> read(MimeMultipart parts) throws MessagingException, IOException {
        Optional<InternetHeaders> said = Optional.empty();
        Optional<String> key = Optional.empty();
        for (int index = 0; index < parts.getCount(); index++) {
            BodyPart part = parts.getBodyPart(index);
            if (part.isMimeType("message/delivery-status")) {
                said = worst(part.getInputStream());
            } else if (part.isMimeType("message/rfc822") || part.isMimeType("text/rfc822-headers")) {
                key = key(new InternetHeaders(part.getInputStream()));
            }
        }
        return said.isPresent() && key.isPresent() ? Optional.of(of(key.get(), said.get())) : Optional.empty();
    }

    /** The fields of the mail come first, then those of each recipient; one that it never reaches counts before others. */
    private static Optional<InternetHeaders> worst(InputStream fields) throws MessagingException {
        Optional<InternetHeaders> worst = Optional.empty();
        for (int block = 0; block <= MOST_RECIPIENTS; block++) {
            InternetHeaders each = new InternetHeaders(fields);
            if (!field(each, "Action").isEmpty()
                    && worst.filter(DeliveryReport::isFailed).isEmpty()) {
                worst = Optional.of(each);
            }
        }
        return worst;
    }

    private static Optional<String> key(InternetHeaders headers) {
        Matcher ours = OURS.matcher(field(headers, "Message-ID"));
        return ours.find() ? Optional.of(ours.group(1).toLowerCase(Locale.ROOT)) : Optional.empty();
    }

    private static boolean isFailed(InternetHeaders recipient) {
        return field(recipient, "Action").equalsIgnoreCase("failed");
    }

    private static DeliveryReport of(String key, InternetHeaders recipient) {
        String diagnosis = withoutType(field(recipient, "Diagnostic-Code"));
        return new DeliveryReport(
                key,
                withoutType(field(recipient, "Final-Recipient")),
                isFailed(recipient),
                diagnosis.isEmpty() ? "status " + field(recipient, "Status") : diagnosis);
    }

    /** Fields say of which type they are: “rfc822; ada@finch.example”. */
    private static String withoutType(String field) {
        return field.substring(field.indexOf(';') + 1).strip();
    }

    /** In one line that is not too long, also where it was folded or holds what no line may. */
    private static String field(InternetHeaders headers, String name) {
        String[] values = headers.getHeader(name);
        return values == null
                ? ""
                : Shortened.to(
                        LONGEST, values[0].replaceAll("[\\p{Cntrl}\\s]+", " ").strip());
    }
}
