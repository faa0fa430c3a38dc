package nobrec.server.workorder;

import java.time.LocalDate;
import java.util.Optional;
import nobrec.core.address.PlaceKind;
import nobrec.core.address.PostalAddress;
import nobrec.core.workorder.WorkOrderStatus;
import org.jspecify.annotations.Nullable;

/** Some columns of a row of table work_order. */
record OpenOrderRow(
        long id,
        String number,
        String customer,
        String company,
        String street,
        String street2,
        String city,
        String state,
        String postalCode,
        String country,
        PlaceKind placeKind,
        LocalDate promiseDate,
        String requestedService,
        WorkOrderStatus status,
        @Nullable Long placeId,
        String site) {

    OpenOrder order() {
        return new OpenOrder(
                id,
                number,
                customer,
                new PostalAddress(company, "", street, street2, city, state, postalCode, country),
                Optional.ofNullable(placeKind),
                Optional.ofNullable(promiseDate),
                requestedService,
                status,
                Optional.ofNullable(placeId),
                site);
    }
}
