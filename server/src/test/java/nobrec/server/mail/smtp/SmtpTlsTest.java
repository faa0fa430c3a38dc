package nobrec.server.mail.smtp;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.Mockito.mock;

import java.io.IOException;
import java.io.InputStream;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.net.Socket;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.GeneralSecurityException;
import java.security.KeyStore;
import java.time.Clock;
import java.time.Duration;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CopyOnWriteArrayList;
import javax.net.ssl.KeyManagerFactory;
import javax.net.ssl.SSLContext;
import javax.net.ssl.SSLSocket;
import javax.net.ssl.TrustManagerFactory;
import nobrec.core.mail.MailAddress;
import nobrec.server.connection.Connection;
import nobrec.server.connection.HostCheck;
import nobrec.server.connection.OutsideAnswer;
import nobrec.server.mail.MailPort;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.subethamail.smtp.helper.SimpleMessageListener;
import org.subethamail.smtp.helper.SimpleMessageListenerAdapter;
import org.subethamail.smtp.server.SMTPServer;

/** Mail servers that demand TLS: SubEtha SMTP with the Java platform's TLS; certificates by the platform's keytool. */
class SmtpTlsTest {

    private static final String SECRET = "changeit";

    @TempDir
    private Path folder;

    private final List<String> came = new CopyOnWriteArrayList<>();
    private final List<SSLSocket> secured = new CopyOnWriteArrayList<>();

    private KeyStore certificateOf(String host) throws IOException, GeneralSecurityException, InterruptedException {
        Path file = folder.resolve(host + ".p12");
        Process keytool = new ProcessBuilder(
                        Path.of(System.getProperty("java.home"), "bin", "keytool")
                                .toString(),
                        "-genkeypair",
                        "-alias",
                        "mail",
                        "-keyalg",
                        "EC",
                        "-dname",
                        "CN=" + host,
                        "-ext",
                        "SAN=dns:" + host,
                        "-validity",
                        "2",
                        "-storetype",
                        "PKCS12",
                        "-keystore",
                        file.toString(),
                        "-storepass",
                        SECRET)
                .inheritIO()
                .start();
        assertThat(keytool.waitFor()).isZero();
        KeyStore store = KeyStore.getInstance("PKCS12");
        try (InputStream in = Files.newInputStream(file)) {
            store.load(in, SECRET.toCharArray());
        }
        return store;
    }

    /** Presents the store's certificate, and believes it. */
    private static SSLContext context(KeyStore store) throws GeneralSecurityException {
        KeyManagerFactory keys = KeyManagerFactory.getInstance(KeyManagerFactory.getDefaultAlgorithm());
        keys.init(store, SECRET.toCharArray());
        TrustManagerFactory trust = TrustManagerFactory.getInstance(TrustManagerFactory.getDefaultAlgorithm());
        KeyStore believed = KeyStore.getInstance("PKCS12");
        try {
            believed.load(null, null);
        } catch (IOException never) {
            throw new GeneralSecurityException(never);
        }
        believed.setCertificateEntry("mail", store.getCertificate("mail"));
        trust.init(believed);
        SSLContext context = SSLContext.getInstance("TLS");
        context.init(keys.getKeyManagers(), trust.getTrustManagers(), null);
        return context;
    }

    private SSLSocket secured(Socket socket, SSLContext context, String protocol) throws IOException {
        InetSocketAddress other = (InetSocketAddress) socket.getRemoteSocketAddress();
        SSLSocket secure = (SSLSocket)
                context.getSocketFactory().createSocket(socket, other.getHostString(), socket.getPort(), true);
        secure.setUseClientMode(false);
        secure.setEnabledProtocols(new String[] {protocol});
        secured.add(secure);
        return secure;
    }

    private SMTPServer.Builder server() {
        return SMTPServer.port(0)
                .bindAddress(InetAddress.getLoopbackAddress())
                .messageHandlerFactory(new SimpleMessageListenerAdapter(new SimpleMessageListener() {
                    @Override
                    public boolean accept(String from, String recipient) {
                        return true;
                    }

                    @Override
                    public void deliver(String from, String recipient, InputStream data) throws IOException {
                        came.add(new String(data.readAllBytes(), StandardCharsets.US_ASCII));
                    }
                }));
    }

    private SMTPServer demanding(SSLContext context, String protocol) {
        return server().enableTLS()
                .requireTLS()
                .startTlsSocketFactory(socket -> secured(socket, context, protocol))
                .build();
    }

    private static OutsideAnswer<String> send(SMTPServer server, String scheme, SSLContext trust) {
        server.start();
        try {
            MailAddress address = MailAddress.require("The address", "shipping@marrowby.example");
            return new SmtpAdapter(mock(HostCheck.class), Clock.systemUTC(), trust)
                    .send(
                            new Connection(
                                    "MAIL",
                                    "Mail server",
                                    "smtp",
                                    URI.create(scheme + "://localhost:" + server.getPortAllocated()),
                                    Duration.ofSeconds(5),
                                    Optional.empty()),
                            "00000000-0000-4000-8000-000000000001",
                            new MailPort.Letter(
                                    new MailPort.Sender("Shipping", address, address),
                                    address,
                                    "Gone",
                                    "Gone.",
                                    "<p>Gone.</p>",
                                    Optional.empty(),
                                    List.of(),
                                    Optional.empty()));
        } finally {
            server.stop();
        }
    }

    @Test
    void aServerThatDemandsTls13GetsIt() throws Exception {
        SSLContext context = context(certificateOf("localhost"));
        OutsideAnswer<String> answer = send(demanding(context, "TLSv1.3"), "smtp", context);
        assertThat(answer).isInstanceOf(OutsideAnswer.Accepted.class);
        assertThat(secured.get(0).getSession().getProtocol()).isEqualTo("TLSv1.3");
        assertThat(came).hasSize(1).first().asString().contains("Subject: Gone");
    }

    @Test
    void tlsFromTheFirstByteIsSpokenToo() throws Exception {
        SSLContext context = context(certificateOf("localhost"));
        SMTPServer server = server().serverSocketFactory(context).build();
        assertThat(send(server, "smtps", context)).isInstanceOf(OutsideAnswer.Accepted.class);
        assertThat(came).hasSize(1);
    }

    @Test
    void whatCannotBeTrustedGetsNothing() throws Exception {
        SSLContext unknown = context(certificateOf("localhost"));
        SSLContext other = context(certificateOf("mail.other.example"));
        for (OutsideAnswer<String> answer : List.of(
                send(demanding(unknown, "TLSv1.3"), "smtp", SSLContext.getDefault()),
                send(demanding(other, "TLSv1.3"), "smtp", other),
                send(demanding(unknown, "TLSv1.1"), "smtp", unknown))) {
            assertThat(answer).isInstanceOf(OutsideAnswer.Unknown.class);
            assertThat(answer.whyOpen()).contains("Mail server did not take it");
        }
        assertThat(came).isEmpty();
    }
}
