package nobrec.server.platform.outside;

/** What came of a call to a system outside. */
public sealed interface OutsideAnswer {

    /** It was done, now or by an earlier call with the same key. */
    record Accepted(String body) implements OutsideAnswer {}

    /** It will not be done as it was asked; asking again is no use. */
    record Refused(String reason) implements OutsideAnswer {}

    /** There is nothing under that key: it was not done. */
    record NotFound() implements OutsideAnswer {}

    /** Nobody knows: no answer came, or the other side is out of order. Ask again with the same key. */
    record Unknown(String reason) implements OutsideAnswer {}
}
