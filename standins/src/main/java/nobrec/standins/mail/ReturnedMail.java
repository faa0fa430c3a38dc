package nobrec.standins.mail;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import org.apache.james.mime4j.dom.Message;
import org.apache.james.mime4j.dom.Multipart;
import org.apache.james.mime4j.dom.field.ParseException;
import org.apache.james.mime4j.message.BodyPartBuilder;
import org.apache.james.mime4j.message.DefaultMessageWriter;
import org.apache.james.mime4j.message.MultipartBuilder;
import org.apache.james.mime4j.stream.NameValuePair;

/** The report (RFC 3464) that a mail could not be delivered, written by Apache Mime4j. */
final class ReturnedMail {

    private static final String STATUS = """
            Reporting-MTA: dns; mail.shop.example

            Final-Recipient: rfc822; %s
            Action: failed
            Status: 5.1.1
            Diagnostic-Code: smtp; 550 5.1.1 There is no such
              mailbox here
            """;

    private ReturnedMail() {}

    static byte[] of(ReceivedMail mail) throws IOException {
        MultipartBuilder parts = MultipartBuilder.create("report")
                .addContentTypeParameter(new NameValuePair("report-type", "delivery-status"))
                .addTextPart("Your mail to " + mail.to() + " could not be delivered.", StandardCharsets.US_ASCII)
                .addBodyPart(part("message/delivery-status", STATUS.formatted(mail.to())))
                .addBodyPart(part(
                        "text/rfc822-headers",
                        "Message-ID: " + mail.headers().getOrDefault("Message-ID", "") + "\nSubject: "
                                + mail.headers().getOrDefault("Subject", "") + "\n"));
        ByteArrayOutputStream written = new ByteArrayOutputStream();
        new DefaultMessageWriter().writeMessage(message(mail, parts.build()), written);
        return written.toByteArray();
    }

    private static Message message(ReceivedMail mail, Multipart report) throws IOException {
        try {
            return Message.Builder.of()
                    .setFrom("mailer-daemon@mail.shop.example")
                    .setTo(mail.from())
                    .setSubject("Undelivered mail returned to sender")
                    .setBody(report)
                    .build();
        } catch (ParseException noAddress) {
            throw new IOException("The sender of a mail that came is no address", noAddress);
        }
    }

    private static BodyPartBuilder part(String type, String text) throws IOException {
        return BodyPartBuilder.create()
                .setBody(text.replace("\n", "\r\n"), StandardCharsets.US_ASCII)
                .setContentType(type)
                .setContentTransferEncoding("7bit");
    }
}
