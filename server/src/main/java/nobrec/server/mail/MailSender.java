package nobrec.server.mail;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import nobrec.core.mail.MailAddress;
import nobrec.core.refusal.Refusal;
import nobrec.server.connection.Adapters;
import nobrec.server.connection.Connection;
import nobrec.server.connection.Connections;
import nobrec.server.connection.OutboxAnswers;
import nobrec.server.connection.OutsideAnswer;
import nobrec.server.document.PaperRow;
import nobrec.server.document.Papers;
import nobrec.server.platform.outbox.Outbox;
import nobrec.server.platform.outbox.OutboxEntry;
import nobrec.server.platform.outbox.OutboxHandler;
import nobrec.server.platform.outbox.OutboxKind;
import nobrec.server.platform.outbox.Subject;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/** Hands what was written to the mail server, with its papers once they are made. */
@Component
class MailSender implements OutboxHandler {

    /** Many mail servers refuse more. */
    private static final int LARGEST = 10_000_000;

    private static final String PDF = "application/pdf";

    private final Outbox outbox;
    private final OutboxAnswers answers;
    private final Connections connections;
    private final Adapters<MailPort> ports;
    private final MailSettings settings;
    private final MailStops stops;
    private final Papers papers;
    private final JsonMapper json;

    MailSender(
            Outbox outbox,
            OutboxAnswers answers,
            Connections connections,
            List<MailPort> ports,
            MailSettings settings,
            MailStops stops,
            Papers papers,
            JsonMapper json) {
        this.outbox = outbox;
        this.answers = answers;
        this.connections = connections;
        this.ports = new Adapters<>(ports);
        this.settings = settings;
        this.stops = stops;
        this.papers = papers;
        this.json = json;
    }

    @Override
    public Set<OutboxKind> kinds() {
        return Set.of(OutboxKind.MAIL);
    }

    @Override
    public void carryOut(OutboxEntry entry) {
        answers.settle(entry, send(entry));
    }

    private OutsideAnswer<String> send(OutboxEntry entry) {
        MailRequest mail = json.readValue(entry.request(), MailRequest.class);
        try {
            Optional<MailAddress> to = MailAddress.read(mail.to());
            if (to.isEmpty()) {
                return new OutsideAnswer.Refused<>("“" + mail.to() + "” is no mail address.");
            }
            if (!mail.colleagues() && !stops.of(List.of(to.get())).isEmpty()) {
                return new OutsideAnswer.Refused<>(mail.to() + " wants no more of them.");
            }
            boolean ofShipment = entry.subjectKind() == Subject.Kind.SHIPMENT;
            if (ofShipment
                    && !mail.papers().isEmpty()
                    && outbox.waiting(OutboxKind.PAPERS, Subject.Kind.SHIPMENT, entry.subjectId())
                            .isPresent()) {
                return new OutsideAnswer.Unknown<>("The papers that go with it are not made yet.");
            }
            outbox.sending(entry, mail.text());
            return deliver(entry.entryKey(), mail, to.get(), ofShipment ? papers(entry.subjectId(), mail) : List.of());
        } catch (Refusal refusal) {
            return new OutsideAnswer.Refused<>(refusal.thing() + ": " + refusal.reason() + " " + refusal.remedy());
        }
    }

    private List<MailPort.Attached> papers(long shipmentId, MailRequest mail) {
        List<MailPort.Attached> attached = new ArrayList<>();
        if (!mail.papers().isEmpty()) {
            for (PaperRow row : papers.of(Subject.Kind.SHIPMENT, shipmentId)) {
                if (mail.papers().contains(row.kind())) {
                    attached.add(new MailPort.Attached(fileName(row.title()), PDF, papers.pdf(row.id())));
                }
            }
        }
        return attached;
    }

    private static String fileName(String title) {
        return title.replaceAll("[^\\p{L}\\p{N} ._-]+", "-").strip() + ".pdf";
    }

    /** Hands over a mail as it would be sent; without an entry of the outbox it is a trial. */
    OutsideAnswer<String> deliver(String key, MailRequest mail, MailAddress to, List<MailPort.Attached> papers) {
        MailSettingRow look = settings.kept();
        List<MailPort.Attached> attached = new ArrayList<>(papers);
        attached.addAll(settings.attached(mail.files()));
        int size = attached.stream().mapToInt(each -> each.bytes().length).sum();
        if (size > LARGEST) {
            return new OutsideAnswer.Refused<>(
                    "What is attached is larger than 10 MB. Attach less, and have it written on demand.");
        }
        Optional<String> stopLink = mail.colleagues() ? Optional.empty() : stops.link(look, to);
        Optional<MailPort.Attached> logo = settings.logo(look);
        Connection connection = connections.to(MailOutbox.TARGET);
        return ports.of(connection)
                .send(
                        connection,
                        key,
                        new MailPort.Letter(
                                MailSettings.sender(look),
                                to,
                                mail.subject(),
                                MailHtml.plain(mail.text(), look, stopLink),
                                MailHtml.of(mail.text(), look, logo.map(each -> "cid:logo"), stopLink),
                                logo,
                                attached,
                                stopLink));
    }
}
