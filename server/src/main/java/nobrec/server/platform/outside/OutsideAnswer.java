package nobrec.server.platform.outside;

import tools.jackson.databind.JsonNode;

/**
 * What came of a call to a system outside. Certain is only what the other side says about this very key in the form of
 * {@code docs/outside-protocol.md}; whatever else comes back is not known.
 */
public sealed interface OutsideAnswer {

    /** It was done, now or by an earlier call with the same key. */
    record Accepted(JsonNode body) implements OutsideAnswer {}

    /** It was not done under this key and never will be. */
    record Refused(String reason) implements OutsideAnswer {}

    /** There is nothing under that key: it was not done, or has not arrived yet. */
    record NotFound() implements OutsideAnswer {}

    /** Nobody knows: no answer came, or none that can be relied on. Ask again with the same key. */
    record Unknown(String reason) implements OutsideAnswer {}
}
