package nobrec.server.customer;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import nobrec.core.layout.OrderField;
import nobrec.core.mail.MailAddress;
import nobrec.core.refusal.Refusal;
import nobrec.server.audit.AuditLog;
import nobrec.server.bench.FreightQuotes;
import nobrec.server.job.NewJobs;
import nobrec.server.platform.Fingerprint;
import nobrec.server.workorder.WorkOrders;
import org.springframework.stereotype.Service;

/**
 * A stranger asks what freight would cost: it becomes a request, read as if a person had typed it, and is quoted at once where the shop wants
 * that and it has a price.
 */
@Service
class RequestForm {

    private static final Duration HOUR = Duration.ofHours(1);
    private static final int OF_SENDER = 5;
    private static final int TO_MAIL = 3;
    private static final int OF_ALL = 100;

    private static final Map<String, OrderField> HEAD = Map.ofEntries(
            Map.entry("company", OrderField.COMPANY),
            Map.entry("person", OrderField.PERSON),
            Map.entry("street", OrderField.STREET),
            Map.entry("street2", OrderField.STREET2),
            Map.entry("city", OrderField.CITY),
            Map.entry("state", OrderField.STATE),
            Map.entry("postalCode", OrderField.POSTAL_CODE),
            Map.entry("country", OrderField.COUNTRY),
            Map.entry("service", OrderField.SERVICE),
            Map.entry("neededBy", OrderField.PROMISE_DATE),
            Map.entry("mail", OrderField.MAIL),
            Map.entry("phone", OrderField.PHONE),
            Map.entry("notes", OrderField.NOTES));

    private static final Map<String, OrderField> LINE = Map.of(
            "what", OrderField.DESCRIPTION,
            "pieces", OrderField.QUANTITY,
            "weight", OrderField.UNIT_WEIGHT,
            "size", OrderField.UNIT_SIZE);

    /** @param quoted empty where a person looks first */
    record Taken(String number, Optional<FreightQuotes.Quoted> quoted) {}

    private final CustomerMapper mapper;
    private final CustomerSettings settings;
    private final NewJobs newJobs;
    private final FreightQuotes quotes;
    private final WorkOrders workOrders;
    private final Clock clock;

    RequestForm(
            CustomerMapper mapper,
            CustomerSettings settings,
            NewJobs newJobs,
            FreightQuotes quotes,
            WorkOrders workOrders,
            Clock clock) {
        this.mapper = mapper;
        this.settings = settings;
        this.newJobs = newJobs;
        this.quotes = quotes;
        this.workOrders = workOrders;
        this.clock = clock;
    }

    /**
     * @param typed by the names of the fields; a field that is not there is empty
     * @param sender whose requests are counted together
     */
    Taken take(Map<String, String> typed, String sender) {
        MailAddress mail = MailAddress.require("The e-mail", typed.getOrDefault("mail", ""));
        String from = Fingerprint.of(sender);
        requirePace(from, mail);
        String number = newJobs.add("", true, head(typed, mail), List.of(line(typed)), AuditLog.BY_CUSTOMER);
        long id = workOrders.idOf(number);
        mapper.insertRequest(new FormRequestRow(id, from, mail.plain(), clock.instant(), "", null));
        Optional<FreightQuotes.Quoted> quoted = settings.now().answersByItself()
                ? quotes.keepByItself(number, settings.now().quoteDays(), AuditLog.BY_CUSTOMER)
                : Optional.empty();
        quoted.ifPresent(each -> mapper.quoted(id, each.service(), each.customerPays()));
        return new Taken(number, quoted);
    }

    /** Each may be answered by a mail to whatever address was typed: nobody shall be flooded with them. */
    private void requirePace(String sender, MailAddress mail) {
        Instant since = clock.instant().minus(HOUR);
        if (mapper.requestsOfSender(sender, since) >= OF_SENDER
                || mapper.requestsOfMail(mail.plain(), since) >= TO_MAIL
                || mapper.requests(since) >= OF_ALL) {
            throw Refusal.conflict(
                    "Your request",
                    "Too many came within an hour, from you or from all.",
                    "Try again in an hour, or write to us.");
        }
    }

    private static Map<OrderField, String> head(Map<String, String> typed, MailAddress mail) {
        Map<OrderField, String> head = new EnumMap<>(OrderField.class);
        HEAD.forEach((name, field) -> head.put(field, typed.getOrDefault(name, "")));
        head.put(OrderField.MAIL, mail.text());
        String company = typed.getOrDefault("company", "");
        head.put(OrderField.CUSTOMER, company.isEmpty() ? typed.getOrDefault("person", "") : company);
        return head;
    }

    private static Map<OrderField, String> line(Map<String, String> typed) {
        Map<OrderField, String> line = new EnumMap<>(OrderField.class);
        LINE.forEach((name, field) -> line.put(field, typed.getOrDefault(name, "")));
        return line;
    }
}
