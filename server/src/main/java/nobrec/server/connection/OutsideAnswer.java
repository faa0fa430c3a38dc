package nobrec.server.connection;

import java.util.function.Function;

/**
 * What came of a call to a system outside. Certain is only what the other side says about this very key in the form agreed
 * (docs/outside-protocol.md); whatever else comes back is not known.
 *
 * @param <T> what the other side tells about what it did
 */
public sealed interface OutsideAnswer<T> {

    /** It was done, now or by an earlier call with the same key. */
    record Accepted<T>(T result) implements OutsideAnswer<T> {}

    /**
     * It was not done under this key and never will be.
     *
     * @param code the other side's own word for the reason; empty text where it gives none
     */
    record Refused<T>(String reason, String code) implements OutsideAnswer<T> {
        public Refused(String reason) {
            this(reason, "");
        }
    }

    /** There is nothing under that key: it was not done, or has not arrived yet. */
    record NotFound<T>() implements OutsideAnswer<T> {}

    /** Nobody knows: no answer came, or none that can be relied on. Ask again with the same key. */
    record Unknown<T>(String reason) implements OutsideAnswer<T> {}

    /** The same answer with its result read further. */
    default <R> OutsideAnswer<R> then(Function<T, OutsideAnswer<R>> further) {
        if (this instanceof Accepted<T> accepted) {
            return further.apply(accepted.result());
        }
        if (this instanceof Refused<T> refused) {
            return new Refused<>(refused.reason(), refused.code());
        }
        return this instanceof Unknown<T> unknown ? new Unknown<>(unknown.reason()) : new NotFound<>();
    }

    /** Why it is to be asked about again, where it was neither done nor refused. */
    default String whyOpen() {
        return this instanceof Unknown<T> unknown ? unknown.reason() : "It has not arrived there yet.";
    }

    /** To a request that is no look-up “there is nothing” is no answer. */
    default OutsideAnswer<T> toARequest(String system) {
        return this instanceof NotFound<T>
                ? new Unknown<>(system + " says that there is nothing at that address.")
                : this;
    }
}
