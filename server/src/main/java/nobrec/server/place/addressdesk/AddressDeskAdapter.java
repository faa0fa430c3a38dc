package nobrec.server.place.addressdesk;

import java.util.Arrays;
import java.util.Optional;
import nobrec.core.address.OutsideVerdict;
import nobrec.core.address.OutsideVerdict.Deliverable;
import nobrec.core.address.PlaceKind;
import nobrec.core.address.PostalAddress;
import nobrec.core.limit.Limits;
import nobrec.server.connection.Connection;
import nobrec.server.connection.KeyedJsonCalls;
import nobrec.server.connection.OutsideAnswer;
import nobrec.server.place.AddressServicePort;
import nobrec.server.platform.Shortened;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;

/** Address services that are asked with JSON and a key (docs/outside-protocol.md). */
@Component
class AddressDeskAdapter implements AddressServicePort {

    private final KeyedJsonCalls calls;

    AddressDeskAdapter(KeyedJsonCalls calls) {
        this.calls = calls;
    }

    @Override
    public String adapterName() {
        return "addresses-json";
    }

    @Override
    public OutsideAnswer<OutsideVerdict> check(Connection connection, String key, PostalAddress address) {
        return calls.send(connection, "POST", "/checks", key, address).then(body -> verdict(body, address));
    }

    /** What it does not say, or says too long, stays as it was asked about; a word that we do not know says nothing. */
    private static OutsideAnswer<OutsideVerdict> verdict(JsonNode body, PostalAddress asked) {
        JsonNode to = body.path("address");
        return new OutsideAnswer.Accepted<>(new OutsideVerdict(
                named(Deliverable.values(), body.path("deliverable").asString(""))
                        .orElse(Deliverable.UNKNOWN),
                named(PlaceKind.values(), body.path("kind").asString("")),
                new PostalAddress(
                        text(to, "company", asked.company()),
                        text(to, "person", asked.person()),
                        text(to, "street", asked.street()),
                        text(to, "street2", asked.street2()),
                        text(to, "city", asked.city()),
                        text(to, "state", asked.state()),
                        text(to, "postalCode", asked.postalCode()),
                        asked.country()),
                Shortened.to(Limits.NOTES, body.path("text").asString(""))));
    }

    private static String text(JsonNode address, String field, String otherwise) {
        String text = address.path(field).asString(otherwise).strip();
        return text.length() > Limits.TEXT ? otherwise : text;
    }

    private static <E extends Enum<E>> Optional<E> named(E[] all, String name) {
        return Arrays.stream(all).filter(each -> each.name().equals(name)).findFirst();
    }
}
