package nobrec.server.document;

import java.util.List;
import java.util.stream.Stream;
import nobrec.core.address.AddressLayout;
import nobrec.core.address.PhoneNumber;
import nobrec.core.address.PostalAddress;
import nobrec.core.workorder.WorkOrder;
import nobrec.server.site.Site;

/** Addresses as they stand on papers. */
final class LabelAddress {

    private LabelAddress() {}

    static LabelText.Receiver receiver(WorkOrder job, Site site) {
        return receiver(job.shipToOnPapers(), job.phone(), site);
    }

    /** The site itself, for what comes back to it. */
    static LabelText.Receiver receiver(Site site) {
        return receiver(site.address(), site.phone(), site);
    }

    /** At home the postal code stands large; abroad the country, and the code by the form of that country. */
    private static LabelText.Receiver receiver(PostalAddress to, String phone, Site site) {
        boolean abroad = !to.country().equals(site.country());
        return new LabelText.Receiver(
                filled(to.company(), to.person()),
                abroad
                        ? AddressLayout.lines(to)
                        : filled(
                                to.street(),
                                to.street2(),
                                to.state().isEmpty() ? to.city() : to.city() + ", " + to.state()),
                abroad ? AddressLayout.countryLine(to.country()) : to.postalCode(),
                phone(phone, to.country(), site));
    }

    static String phone(String text, String country, Site readAt) {
        return PhoneNumber.read(text, country)
                .found()
                .map(number -> number.shown(readAt.country()))
                .orElse("");
    }

    /** @param readIn country in which they are read; an address in another one names its country */
    static List<String> lines(PostalAddress address, String readIn) {
        return AddressLayout.whole(address, readIn);
    }

    static List<String> filled(String... lines) {
        return Stream.of(lines).filter(line -> !line.isEmpty()).toList();
    }
}
