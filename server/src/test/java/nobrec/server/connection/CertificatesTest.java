package nobrec.server.connection;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.sun.net.httpserver.HttpsConfigurator;
import com.sun.net.httpserver.HttpsServer;
import java.io.IOException;
import java.io.InputStream;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.GeneralSecurityException;
import java.security.KeyStore;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javax.net.ssl.KeyManagerFactory;
import javax.net.ssl.SSLContext;
import javax.net.ssl.TrustManagerFactory;
import nobrec.server.ServerTest;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.beans.factory.annotation.Autowired;

/** A source that shows a certificate, made by the JDK's keytool. */
class CertificatesTest extends ServerTest {

    private static final char[] PASSWORD = "for-this-test".toCharArray();

    @TempDir
    private Path folder;

    @Autowired
    private InnerHosts innerHosts;

    /** What a source shows, and whom a caller must believe so that it is believed. */
    private record Shown(SSLContext context, SSLContext believer) {}

    /** @param days for which it is good, from ten days ago */
    private Shown certificate(String madeOutTo, int days) throws Exception {
        Path file = folder.resolve("certificates.p12");
        keytool(file, "authority", "-ext", "bc=ca:true");
        keytool(
                file,
                "source",
                "-signer",
                "authority",
                "-ext",
                "SAN=" + madeOutTo,
                "-startdate",
                "-10d",
                "-validity",
                "" + days);
        KeyStore store = KeyStore.getInstance("PKCS12");
        try (InputStream in = Files.newInputStream(file)) {
            store.load(in, PASSWORD);
        }
        KeyStore believed = KeyStore.getInstance("PKCS12");
        believed.load(null, null);
        believed.setCertificateEntry("authority", store.getCertificate("authority"));
        store.deleteEntry("authority");
        return new Shown(shows(store), believes(believed));
    }

    private static void keytool(Path file, String alias, String... more) throws IOException, InterruptedException {
        List<String> command = new ArrayList<>(List.of(
                Path.of(System.getProperty("java.home"), "bin", "keytool").toString(),
                "-genkeypair",
                "-alias",
                alias,
                "-keyalg",
                "EC",
                "-dname",
                "CN=" + alias,
                "-storetype",
                "PKCS12",
                "-keystore",
                file.toString(),
                "-storepass",
                new String(PASSWORD)));
        command.addAll(List.of(more));
        assertThat(new ProcessBuilder(command).inheritIO().start().waitFor()).isZero();
    }

    private static SSLContext shows(KeyStore store) throws GeneralSecurityException {
        KeyManagerFactory keys = KeyManagerFactory.getInstance(KeyManagerFactory.getDefaultAlgorithm());
        keys.init(store, PASSWORD);
        SSLContext context = SSLContext.getInstance("TLS");
        context.init(keys.getKeyManagers(), null, null);
        return context;
    }

    private static SSLContext believes(KeyStore authorities) throws GeneralSecurityException {
        TrustManagerFactory trust = TrustManagerFactory.getInstance(TrustManagerFactory.getDefaultAlgorithm());
        trust.init(authorities);
        SSLContext context = SSLContext.getInstance("TLS");
        context.init(null, trust.getTrustManagers(), null);
        return context;
    }

    private String read(Shown shown, SSLContext trust) throws Exception {
        HttpsServer server = HttpsServer.create(new InetSocketAddress(InetAddress.getLoopbackAddress(), 0), 0);
        server.setHttpsConfigurator(new HttpsConfigurator(shown.context()));
        server.createContext("/", exchange -> {
            exchange.sendResponseHeaders(200, 2);
            exchange.getResponseBody().write("{}".getBytes(StandardCharsets.UTF_8));
            exchange.close();
        });
        server.start();
        try {
            URI address = URI.create("https://127.0.0.1:" + server.getAddress().getPort());
            Connection source =
                    new Connection("C", "Source", "records-json", address, Duration.ofSeconds(5), Optional.empty());
            return new JsonReads(innerHosts, trust).read(source, "/").body().toString();
        } finally {
            server.stop(0);
        }
    }

    @Test
    void oneThatIsMadeOutToItIsRead() throws Exception {
        Shown right = certificate("ip:127.0.0.1", 90);
        assertThat(read(right, right.believer())).isEqualTo("{}");
    }

    @Test
    void oneThatIsMadeOutToAnotherIsRefused() throws Exception {
        Shown other = certificate("dns:other.example", 90);
        assertThatThrownBy(() -> read(other, other.believer()))
                .isInstanceOf(ReadFault.class)
                .hasMessageContaining("it is not made out to 127.0.0.1");
    }

    @Test
    void oneThatNobodyKnownHasSignedIsRefused() throws Exception {
        Shown own = certificate("ip:127.0.0.1", 90);
        assertThatThrownBy(() -> read(own, SSLContext.getDefault()))
                .isInstanceOf(ReadFault.class)
                .hasMessageContaining("signed by nobody");
    }

    @Test
    void oneThatHasRunOutIsRefused() throws Exception {
        Shown old = certificate("ip:127.0.0.1", 2);
        assertThatThrownBy(() -> read(old, old.believer()))
                .isInstanceOf(ReadFault.class)
                .hasMessageContaining("has run out");
    }
}
