package nobrec.standins.mail;

import java.io.IOException;
import java.io.InputStream;
import java.net.InetAddress;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.TimeUnit;
import nobrec.standins.StandIn;
import nobrec.standins.http.Conduct;
import nobrec.standins.http.Pages;
import nobrec.standins.http.WebServer;
import org.subethamail.smtp.MessageContext;
import org.subethamail.smtp.MessageHandler;
import org.subethamail.smtp.RejectException;
import org.subethamail.smtp.server.SMTPServer;
import org.subethamail.smtp.server.Session;

/** A mail server (SMTP by SubEtha SMTP, not ours) with a page of what came; mail is read by Apache Mime4j, which did not write it. */
public final class MailStandIn implements StandIn, AutoCloseable {

    private static final int KEPT = 500;
    private static final int LATER = 451;
    private static final int NO_SUCH = 550;
    private static final int FULL = 552;
    private static final long HANG_SECONDS = 30;

    private final Conduct conduct = new Conduct();
    private final List<ReceivedMail> mails = new CopyOnWriteArrayList<>();
    private final Set<String> asked = ConcurrentHashMap.newKeySet();
    private final SMTPServer server;
    private volatile MailMood mood = MailMood.TAKES_ALL;

    /** @param port zero for any free port */
    public MailStandIn(int port) throws IOException {
        server = SMTPServer.port(port)
                .bindAddress(InetAddress.getLoopbackAddress())
                .hostName("mail.shop.example")
                .messageHandlerFactory(Taking::new)
                .build();
        server.start();
    }

    public int port() {
        return server.getPortAllocated();
    }

    public void setMood(MailMood chosen) {
        mood = chosen;
        asked.clear();
    }

    /** What came, the newest last. */
    public List<ReceivedMail> mails() {
        return List.copyOf(mails);
    }

    /** The report that one of them could not be delivered. */
    public byte[] returned(int index) throws IOException {
        return ReturnedMail.of(mails.get(index));
    }

    /** One mail as it comes in. */
    private final class Taking implements MessageHandler {
        private String from = "";
        private String to = "";

        private final MessageContext context;

        Taking(MessageContext context) {
            this.context = context;
        }

        @Override
        public void from(String address) {
            from = address;
        }

        @Override
        public void recipient(String address) throws RejectException {
            if (mood == MailMood.REFUSES_ADDRESS) {
                throw new RejectException(NO_SUCH, "No such mailbox: " + address);
            }
            if (mood == MailMood.GREYLISTS && asked.add(from + " " + address)) {
                throw new RejectException(LATER, "Greylisted, come again later");
            }
            to = address;
        }

        @Override
        public String data(InputStream data) throws RejectException, IOException {
            if (mood == MailMood.HANGS) {
                pause();
            }
            ReceivedMail mail = ReceivedMail.read(from, to, data.readAllBytes());
            if (mood == MailMood.FULL) {
                throw new RejectException(FULL, "Mailbox full");
            }
            mails.add(mail);
            if (mails.size() > KEPT) {
                mails.remove(0);
            }
            if (mood == MailMood.BREAKS_OFF && context instanceof Session session) {
                session.closeSocket();
            }
            return null;
        }

        @Override
        public void done() {
            // nothing is left open
        }

        private void pause() throws IOException {
            try {
                TimeUnit.SECONDS.sleep(HANG_SECONDS);
            } catch (InterruptedException ended) {
                Thread.currentThread().interrupt();
                throw new IOException("Ended while waiting", ended);
            }
        }
    }

    @Override
    public String name() {
        return "Mail server";
    }

    @Override
    public String path() {
        return "/mail";
    }

    @Override
    public Conduct conduct() {
        return conduct;
    }

    @Override
    public void mount(WebServer web) {
        web.get(path(), exchange -> exchange.html(page()));
        web.post(path() + "/mood", exchange -> {
            setMood(MailMood.valueOf(exchange.form().getOrDefault("mood", "TAKES_ALL")));
            exchange.redirect(path());
        });
        web.get(
                path() + "/returned/{index}",
                exchange -> exchange.bytes(200, "message/rfc822", returned(Integer.parseInt(exchange.pathPart(0)))));
        web.get(path() + "/received", exchange -> exchange.json(200, mails));
        web.get(
                path() + "/received/{index}",
                exchange -> exchange.html(
                        mails.get(Integer.parseInt(exchange.pathPart(0))).html()));
    }

    private String page() {
        List<Map<String, String>> moods = Arrays.stream(MailMood.values())
                .map(each ->
                        Map.of("value", each.name(), "words", each.words(), "chosen", each == mood ? "selected" : ""))
                .toList();
        List<Map<String, Object>> rows = new ArrayList<>();
        for (int index = mails.size() - 1; index >= 0; index--) {
            ReceivedMail mail = mails.get(index);
            rows.add(Map.of(
                    "index", index,
                    "to", mail.to(),
                    "subject", mail.subject(),
                    "text", mail.text(),
                    "attached", String.join(", ", mail.attached())));
        }
        return Pages.page(name(), Pages.fill("mail", Map.of("moods", moods, "mails", rows, "port", port())));
    }

    @Override
    public void close() {
        server.stop();
    }
}
