package nobrec.server.customer;

import java.time.Clock;
import java.util.Set;
import nobrec.core.refusal.Refusal;
import nobrec.server.audit.AuditLog;
import nobrec.server.carrier.ServiceCatalog;
import nobrec.server.document.PaperKind;
import nobrec.server.mail.MailSettings;
import nobrec.server.platform.LinkSeal;
import nobrec.server.platform.Remembered;
import nobrec.server.platform.SetUpVersion;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

/** What customers may do, as it is kept. */
@Service
public class CustomerSettings {

    private static final String THING = "What customers may do";

    /** What says who packs, or what carriers charge, is not for customers. */
    static final Set<PaperKind> PAPERS_FOR_CUSTOMERS = Set.of(
            PaperKind.PACKING_SLIP,
            PaperKind.BILL_OF_LADING,
            PaperKind.COMMERCIAL_INVOICE,
            PaperKind.CUSTOMS_DECLARATION,
            PaperKind.STATEMENT_OF_ORIGIN);

    /** @param version to be sent with each change */
    record Kept(int version, CustomerSettingDocument document) {}

    private final CustomerMapper mapper;
    private final MailSettings mail;
    private final ServiceCatalog catalog;
    private final LinkSeal seal;
    private final SetUpVersion setUpVersion;
    private final Remembered<CustomerSettingDocument> counting;
    private final AuditLog auditLog;
    private final JsonMapper json;
    private final Clock clock;

    CustomerSettings(
            CustomerMapper mapper,
            MailSettings mail,
            ServiceCatalog catalog,
            LinkSeal seal,
            SetUpVersion setUpVersion,
            AuditLog auditLog,
            JsonMapper json,
            Clock clock) {
        this.mapper = mapper;
        this.mail = mail;
        this.catalog = catalog;
        this.seal = seal;
        this.setUpVersion = setUpVersion;
        this.counting = new Remembered<>(setUpVersion, () -> kept().document());
        this.auditLog = auditLog;
        this.json = json;
        this.clock = clock;
    }

    Kept kept() {
        return mapper.setting()
                .map(row -> new Kept(row.version(), json.readValue(row.definition(), CustomerSettingDocument.class)))
                .orElse(new Kept(0, CustomerSettingDocument.NONE));
    }

    CustomerSettingDocument now() {
        return counting.get();
    }

    /** @param version that was looked at */
    @Transactional
    public void change(int version, CustomerSettingDocument document, String signIn) {
        if (mapper.settingVersionLocked().orElse(0) != version) {
            throw Refusal.changedSince(THING, "Somebody changed it meanwhile.", "Reload the page.");
        }
        document.services().forEach(catalog::service);
        document.papers().stream()
                .filter(each -> !PAPERS_FOR_CUSTOMERS.contains(each))
                .findFirst()
                .ifPresent(each -> {
                    throw Refusal.unusable(THING, each.words() + " is not for customers.", "Take it off.");
                });
        if (document.page() && mail.look().reachedAt().isEmpty()) {
            throw Refusal.unusable(
                    "The customer’s page",
                    "Nobody has said where customers reach this server.",
                    "Set it on Emails, Look; then switch the page on.");
        }
        if (document.page()) {
            seal.of(CustomerLinks.PURPOSE, "");
        }
        mapper.keepSetting(json.writeValueAsString(document), signIn, clock.instant());
        setUpVersion.changed();
        auditLog.write(
                signIn,
                "changed what customers may do",
                "Customers",
                "page " + (document.page() ? "on" : "off") + ", form " + (document.form() ? "on" : "off"));
    }
}
