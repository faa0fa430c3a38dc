package nobrec.server.mail.smtp;

import jakarta.activation.DataHandler;
import jakarta.mail.AuthenticationFailedException;
import jakarta.mail.BodyPart;
import jakarta.mail.Message;
import jakarta.mail.MessagingException;
import jakarta.mail.Part;
import jakarta.mail.Session;
import jakarta.mail.internet.InternetAddress;
import jakarta.mail.internet.MimeBodyPart;
import jakarta.mail.internet.MimeMessage;
import jakarta.mail.internet.MimeMultipart;
import jakarta.mail.internet.MimeUtility;
import jakarta.mail.util.ByteArrayDataSource;
import java.io.IOException;
import java.io.OutputStream;
import java.io.UnsupportedEncodingException;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.security.NoSuchAlgorithmException;
import java.time.Clock;
import java.util.Date;
import java.util.Optional;
import java.util.Properties;
import javax.net.ssl.SSLContext;
import nobrec.core.mail.MailAddress;
import nobrec.server.connection.Connection;
import nobrec.server.connection.Credentials;
import nobrec.server.connection.HostCheck;
import nobrec.server.connection.OutsideAnswer;
import nobrec.server.connection.OutsideTransactions;
import nobrec.server.connection.ReadFault;
import nobrec.server.mail.MailPort;
import org.eclipse.angus.mail.smtp.SMTPAddressFailedException;
import org.eclipse.angus.mail.smtp.SMTPSendFailedException;
import org.eclipse.angus.mail.smtp.SMTPTransport;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.stereotype.Component;

/**
 * Mail servers that speak SMTP (RFC 5321): {@code smtp://} with STARTTLS where it is offered (RFC 3207), {@code smtps://} with TLS from the
 * first byte (RFC 8314). A server that says later (4xx) is tried again, one that says no (5xx) is believed. Where the whole mail was sent and no
 * answer came, nobody knows whether it arrives: that is said, and left to a person, so that nobody gets it twice.
 */
@Component
class SmtpAdapter implements MailPort {

    private static final String PLAIN = "smtp";
    private static final String SECURE = "smtps";
    private static final int PORT = 587;
    private static final int SECURE_PORT = 465;
    private static final int LATER = 400;
    private static final int NEVER = 500;
    private static final int LONGEST_REPLY = 300;

    private final HostCheck hosts;
    private final SSLContext trust;
    private final Clock clock;

    @Autowired
    SmtpAdapter(HostCheck hosts, Clock clock) throws NoSuchAlgorithmException {
        this(hosts, clock, SSLContext.getDefault());
    }

    /** @param trust whose certificates are believed */
    SmtpAdapter(HostCheck hosts, Clock clock, SSLContext trust) {
        this.hosts = hosts;
        this.clock = clock;
        this.trust = trust;
    }

    @Override
    public String adapterName() {
        return "smtp";
    }

    @Override
    public boolean canCall(URI address) {
        return (PLAIN.equals(address.getScheme()) || SECURE.equals(address.getScheme())) && address.getHost() != null;
    }

    @Override
    public String addressForm() {
        return "smtp:// or smtps://, the host, and its port if it is another than 587 or 465";
    }

    /** A mail that knows whether all of it was sent. */
    private static final class Sent extends MimeMessage {
        private final String messageId;
        private boolean whole;

        Sent(Session session, String messageId) {
            super(session);
            this.messageId = messageId;
        }

        @Override
        protected void updateMessageID() throws MessagingException {
            setHeader("Message-ID", messageId);
        }

        @Override
        public void writeTo(OutputStream out, String[] leaveOut) throws IOException, MessagingException {
            super.writeTo(out, leaveOut);
            whole = true;
        }
    }

    @Override
    public OutsideAnswer<String> send(Connection connection, String key, Letter letter) {
        OutsideTransactions.require(connection);
        try {
            hosts.require(connection.address());
        } catch (ReadFault fault) {
            return new OutsideAnswer.Unknown<>(String.valueOf(fault.getMessage()));
        }
        Session session = Session.getInstance(settings(connection));
        Sent mail =
                new Sent(session, "<" + key + "@" + letter.sender().address().domain() + ">");
        try {
            write(mail, letter);
        } catch (MessagingException | UnsupportedEncodingException unusable) {
            return new OutsideAnswer.Refused<>("The mail cannot be written: " + shown(unusable));
        }
        try (SMTPTransport transport = (SMTPTransport)
                session.getTransport(SECURE.equals(connection.address().getScheme()) ? SECURE : PLAIN)) {
            transport.connect(
                    connection.address().getHost(),
                    port(connection.address()),
                    connection.credentials().map(Credentials::userName).orElse(null),
                    connection.credentials().map(Credentials::secret).orElse(null));
            transport.sendMessage(mail, mail.getAllRecipients());
            return new OutsideAnswer.Accepted<>("The server has it: " + shown(transport.getLastServerResponse()));
        } catch (MessagingException failed) {
            return answer(connection, failed, mail.whole);
        }
    }

    private static int port(URI address) {
        return address.getPort() > 0 ? address.getPort() : SECURE.equals(address.getScheme()) ? SECURE_PORT : PORT;
    }

    private Properties settings(Connection connection) {
        Properties settings = new Properties();
        String millis = Long.toString(connection.timeLimit().toMillis());
        for (String scheme : new String[] {PLAIN, SECURE}) {
            String name = "mail." + scheme + ".";
            settings.put(name + "connectiontimeout", millis);
            settings.put(name + "timeout", millis);
            settings.put(name + "writetimeout", millis);
            settings.put(
                    name + "auth", Boolean.toString(connection.credentials().isPresent()));
            settings.put(name + "starttls.enable", "true");
            settings.put(name + "ssl.protocols", "TLSv1.3 TLSv1.2");
            settings.put(name + "ssl.checkserveridentity", "true");
            settings.put(name + "ssl.socketFactory", trust.getSocketFactory());
            settings.put(name + "quitwait", "false");
        }
        return settings;
    }

    // What is written --------------------------------------------------------------------------------------------

    private void write(MimeMessage mail, Letter letter) throws MessagingException, UnsupportedEncodingException {
        mail.setFrom(new InternetAddress(
                letter.sender().address().text(), letter.sender().name(), StandardCharsets.UTF_8.name()));
        mail.setReplyTo(new InternetAddress[] {address(letter.sender().replyTo())});
        mail.setRecipient(Message.RecipientType.TO, address(letter.to()));
        mail.setSubject(letter.subject(), StandardCharsets.UTF_8.name());
        mail.setSentDate(Date.from(clock.instant()));
        mail.setHeader("Auto-Submitted", "auto-generated");
        if (letter.stopLink().isPresent()) {
            mail.setHeader("List-Unsubscribe", "<" + letter.stopLink().get() + ">");
            mail.setHeader("List-Unsubscribe-Post", "List-Unsubscribe=One-Click");
        }
        MimeMultipart whole = new MimeMultipart("mixed");
        whole.addBodyPart(holding(body(letter)));
        for (Attached each : letter.attached()) {
            whole.addBodyPart(part(each, Part.ATTACHMENT));
        }
        mail.setContent(whole);
        mail.saveChanges();
    }

    private static InternetAddress address(MailAddress address) throws MessagingException {
        return new InternetAddress(address.text(), true);
    }

    /** Text, and the same as HTML with its picture. */
    private static MimeMultipart body(Letter letter) throws MessagingException {
        MimeBodyPart text = new MimeBodyPart();
        text.setText(letter.text(), StandardCharsets.UTF_8.name());
        MimeBodyPart html = new MimeBodyPart();
        html.setText(letter.html(), StandardCharsets.UTF_8.name(), "html");
        MimeMultipart pictured = new MimeMultipart("related");
        pictured.addBodyPart(html);
        Optional<Attached> logo = letter.logo();
        if (logo.isPresent()) {
            MimeBodyPart picture = part(logo.get(), Part.INLINE);
            picture.setContentID("<logo>");
            pictured.addBodyPart(picture);
        }
        return new MimeMultipart("alternative", text, holding(pictured));
    }

    private static BodyPart holding(MimeMultipart parts) throws MessagingException {
        MimeBodyPart part = new MimeBodyPart();
        part.setContent(parts);
        return part;
    }

    private static MimeBodyPart part(Attached attached, String disposition) throws MessagingException {
        MimeBodyPart part = new MimeBodyPart();
        part.setDataHandler(new DataHandler(new ByteArrayDataSource(attached.bytes(), attached.mediaType())));
        part.setDisposition(disposition);
        try {
            part.setFileName(MimeUtility.encodeText(attached.name(), StandardCharsets.UTF_8.name(), null));
        } catch (UnsupportedEncodingException never) {
            throw new MessagingException("UTF-8 is always there", never);
        }
        return part;
    }

    // What came of it --------------------------------------------------------------------------------------------

    private static OutsideAnswer<String> answer(Connection connection, MessagingException failed, boolean whole) {
        if (failed instanceof AuthenticationFailedException) {
            return new OutsideAnswer.Unknown<>(
                    connection.name() + " does not accept our sign-in: " + shown(failed) + " Check it on Connections.");
        }
        int code = codeOf(failed);
        if (code >= NEVER) {
            return new OutsideAnswer.Refused<>(connection.name() + " refused it: " + shown(innermost(failed)));
        }
        if (code >= LATER) {
            return new OutsideAnswer.Unknown<>(connection.name() + " says later: " + shown(innermost(failed)));
        }
        return whole
                ? new OutsideAnswer.Refused<>(connection.name() + " took the whole mail and gave no answer: it may have"
                        + " arrived. Ask the receiver, and try again if it has not.")
                : new OutsideAnswer.Unknown<>(connection.name() + " did not take it: " + shown(failed));
    }

    /** Zero where the server said none. */
    private static int codeOf(MessagingException failed) {
        for (Exception each = failed; each instanceof MessagingException next; each = next.getNextException()) {
            if (each instanceof SMTPAddressFailedException address) {
                return address.getReturnCode();
            }
            if (each instanceof SMTPSendFailedException sending && sending.getReturnCode() > 0) {
                return next.getNextException() instanceof SMTPAddressFailedException address
                        ? address.getReturnCode()
                        : sending.getReturnCode();
            }
        }
        return 0;
    }

    private static Exception innermost(MessagingException failed) {
        Exception last = failed;
        while (last instanceof MessagingException next && next.getNextException() != null) {
            last = next.getNextException();
        }
        return last;
    }

    private static String shown(Exception failed) {
        return shown(String.valueOf(failed.getMessage()));
    }

    private static String shown(String reply) {
        String line = reply.replaceAll("\\s+", " ").strip();
        return line.length() > LONGEST_REPLY ? line.substring(0, LONGEST_REPLY) + "…" : line;
    }
}
