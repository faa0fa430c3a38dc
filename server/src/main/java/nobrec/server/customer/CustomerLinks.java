package nobrec.server.customer;

import java.util.regex.Matcher;
import java.util.regex.Pattern;
import nobrec.core.refusal.Refusal;
import nobrec.core.workorder.WorkOrder;
import nobrec.server.audit.AuditLog;
import nobrec.server.mail.MailSettings;
import nobrec.server.platform.LinkSeal;
import nobrec.server.telling.CustomerPageAddresses;
import nobrec.server.workorder.WorkOrders;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Links to customers' pages: the job's number in the database, which issue of its link it is, and the seal over both. Whoever guesses has to
 * find the 256 bits of an HMAC; a link that does not fit costs no question to the database.
 */
@Service
public class CustomerLinks implements CustomerPageAddresses {

    static final String PURPOSE = "customer page";
    static final String PATH = "/customer/";

    private static final Pattern TOKEN = Pattern.compile("([0-9a-z]{1,13})-([0-9a-z]{1,6})-([A-Za-z0-9_-]{43})");
    private static final int BASE = Character.MAX_RADIX;

    private final CustomerMapper mapper;
    private final CustomerSettings settings;
    private final MailSettings mail;
    private final WorkOrders workOrders;
    private final LinkSeal seal;
    private final AuditLog auditLog;

    CustomerLinks(
            CustomerMapper mapper,
            CustomerSettings settings,
            MailSettings mail,
            WorkOrders workOrders,
            LinkSeal seal,
            AuditLog auditLog) {
        this.mapper = mapper;
        this.settings = settings;
        this.mail = mail;
        this.workOrders = workOrders;
        this.seal = seal;
        this.auditLog = auditLog;
    }

    @Override
    public String of(long workOrderId) {
        String reachedAt = mail.look().reachedAt();
        return settings.now().page() && !reachedAt.isEmpty()
                ? reachedAt + PATH + token(workOrderId, row(workOrderId).issue())
                : "";
    }

    LinkRow row(long workOrderId) {
        return mapper.link(workOrderId).orElse(LinkRow.none(workOrderId));
    }

    private String token(long workOrderId, int issue) {
        String begin = Long.toString(workOrderId, BASE) + "-" + Integer.toString(issue, BASE);
        return begin + "-" + seal.of(PURPOSE, begin);
    }

    /** @throws Refusal where the link is not ours, or not any more */
    WorkOrder jobOf(String token) {
        Matcher parts = TOKEN.matcher(token);
        if (!settings.now().page()
                || !parts.matches()
                || !seal.fits(PURPOSE, parts.group(1) + "-" + parts.group(2), parts.group(3))) {
            throw none();
        }
        long workOrderId = Long.parseLong(parts.group(1), BASE);
        if (row(workOrderId).issue() != Integer.parseInt(parts.group(2), BASE)) {
            throw none();
        }
        return workOrders.byId(workOrderId);
    }

    private static Refusal none() {
        return Refusal.notFound(
                "This link", "It is not whole, or counts no more. Use it as it stands in the newest mail, or ask us.");
    }

    /** All links to the page of a job that were ever told lead nowhere from now on. */
    @Transactional
    public void withdraw(String job, String signIn) {
        mapper.nextIssue(workOrders.idOf(job));
        auditLog.write(signIn, "withdrew the links to a customer's page", "Job " + job, "");
    }
}
