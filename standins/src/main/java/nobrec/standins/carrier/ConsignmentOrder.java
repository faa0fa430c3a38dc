package nobrec.standins.carrier;

import java.math.BigDecimal;
import java.util.List;

/** What a carrier is asked to take, in whichever form it came; its quote is empty where it is booked without one. */
record ConsignmentOrder(
        String service,
        String quote,
        String shipDate,
        String expectedOn,
        String reference,
        Journey.Place from,
        Receiver receiver,
        List<Parcel> packages) {

    record Receiver(String name, String street, String city, String state, String postalCode, String phone) {}

    record Parcel(int number, BigDecimal weightGrams) {}

    /** @throws IllegalArgumentException with what is missing */
    void require(boolean phone) {
        requireText(service, "the service");
        requireText(receiver.street(), "the receiver's street");
        requireText(receiver.postalCode(), "the receiver's postal code");
        if (phone) {
            requireText(receiver.phone(), "the receiver's phone number");
        }
        if (packages.isEmpty()) {
            throw new IllegalArgumentException("A consignment needs a package.");
        }
    }

    private static void requireText(String text, String what) {
        if (text.isBlank()) {
            throw new IllegalArgumentException("The consignment lacks " + what + ".");
        }
    }
}
