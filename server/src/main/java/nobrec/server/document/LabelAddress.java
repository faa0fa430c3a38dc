package nobrec.server.document;

import java.util.List;
import java.util.stream.Stream;
import nobrec.core.address.Countries;
import nobrec.core.address.PhoneNumber;
import nobrec.core.address.PostalAddress;
import nobrec.core.workorder.WorkOrder;
import nobrec.server.site.Site;

/** Addresses as they stand on papers. */
final class LabelAddress {

    private LabelAddress() {}

    static LabelText.Receiver receiver(WorkOrder job, Site site) {
        return receiver(job.shipTo(), job.phone(), site);
    }

    /** The site itself, for what comes back to it. */
    static LabelText.Receiver receiver(Site site) {
        return receiver(site.address(), site.phone(), site);
    }

    private static LabelText.Receiver receiver(PostalAddress to, String phone, Site site) {
        return new LabelText.Receiver(
                filled(to.company(), to.person()),
                filled(to.street(), to.street2(), to.state().isEmpty() ? to.city() : to.city() + ", " + to.state()),
                to.postalCode(),
                to.country().equals(site.country()) ? "" : Countries.nameOf(to.country()),
                phone(phone, to.country(), site));
    }

    static String phone(String text, String country, Site readAt) {
        return PhoneNumber.read(text, country)
                .found()
                .map(number -> number.shown(readAt.country()))
                .orElse("");
    }

    static List<String> lines(PostalAddress address) {
        return filled(address.company(), address.person(), address.street(), address.street2(), address.cityLine());
    }

    static List<String> filled(String... lines) {
        return Stream.of(lines).filter(line -> !line.isEmpty()).toList();
    }
}
