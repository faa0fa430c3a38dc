package nobrec.server.customer;

import java.util.Set;
import nobrec.core.refusal.Refusal;
import nobrec.server.audit.AuditLog;
import nobrec.server.carrier.ServiceCatalog;
import nobrec.server.document.PaperKind;
import nobrec.server.mail.MailSettings;
import nobrec.server.platform.LinkSeal;
import nobrec.server.platform.Remembered;
import nobrec.server.platform.SetUpVersion;
import nobrec.server.platform.kept.KeptDocument;
import nobrec.server.platform.kept.KeptDocuments;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.core.type.TypeReference;

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

    private final KeptDocument<CustomerSettingDocument> kept;
    private final MailSettings mail;
    private final ServiceCatalog catalog;
    private final LinkSeal seal;
    private final Remembered<CustomerSettingDocument> counting;
    private final AuditLog auditLog;

    CustomerSettings(
            KeptDocuments documents,
            MailSettings mail,
            ServiceCatalog catalog,
            LinkSeal seal,
            SetUpVersion setUpVersion,
            AuditLog auditLog) {
        this.kept = documents.of("CUSTOMERS", THING, new TypeReference<>() {}, CustomerSettingDocument.NONE);
        this.mail = mail;
        this.catalog = catalog;
        this.seal = seal;
        this.counting = new Remembered<>(setUpVersion, () -> kept().document());
        this.auditLog = auditLog;
    }

    KeptDocument.Kept<CustomerSettingDocument> kept() {
        return kept.kept();
    }

    CustomerSettingDocument now() {
        return counting.get();
    }

    /** @param version that was looked at */
    @Transactional
    public void change(int version, CustomerSettingDocument document, String signIn) {
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
        kept.change(version, document, signIn);
        auditLog.write(
                signIn,
                "changed what customers may do",
                "Customers",
                "page " + (document.page() ? "on" : "off") + ", form " + (document.form() ? "on" : "off"));
    }
}
