package nobrec.server.demo;

import java.util.List;
import java.util.Optional;
import nobrec.core.identifier.CompanyPrefix;
import nobrec.core.partner.InterchangeId;
import nobrec.core.partner.PartnerProfile;
import nobrec.core.partner.ShopNumbers;
import nobrec.server.audit.AuditLog;
import nobrec.server.demo.DemoShop.ConnectionEntry;
import nobrec.server.demo.DemoShop.PartnerEntry;
import nobrec.server.partner.Partner;
import nobrec.server.partner.Partners;
import nobrec.server.platform.DemoSettings;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.stereotype.Component;

/** Sets up the demonstration's trading partners. */
@Component
@ConditionalOnProperty("nobrec.demo.folder")
class DemoPartners {

    private static final String MUTUALLY_DEFINED = "ZZ";

    private final Partners partners;
    private final DemoSettings demo;

    DemoPartners(Partners partners, DemoSettings demo) {
        this.partners = partners;
        this.demo = demo;
    }

    void add(DemoShop shop) {
        DemoShop.PartnersEntry entry = shop.partners();
        partners.change(
                new ShopNumbers(
                        Optional.of(new CompanyPrefix(entry.companyPrefix())),
                        0,
                        entry.locationNumber(),
                        new InterchangeId(MUTUALLY_DEFINED, entry.interchangeId())),
                0,
                AuditLog.BY_ITSELF);
        entry.partners().forEach(each -> add(each, shop.connections()));
    }

    private void add(PartnerEntry entry, List<ConnectionEntry> connections) {
        ConnectionEntry connection = connections.stream()
                .filter(each -> each.code().equals(entry.code()))
                .findFirst()
                .orElseThrow();
        partners.add(
                new Partner(
                        entry.code(),
                        0,
                        true,
                        new PartnerProfile(
                                entry.name(),
                                entry.customers(),
                                true,
                                entry.elements(),
                                entry.form(),
                                entry.locationNumber(),
                                new InterchangeId(MUTUALLY_DEFINED, entry.interchangeId()),
                                false,
                                entry.acknowledgedWithinHours())),
                new Partners.Reach(
                        connection.adapter(), demo.standIns() + connection.path(), Optional.of(connection.secret())),
                AuditLog.BY_ITSELF);
    }
}
