package nobrec.core.notation;

import java.util.Optional;

/** What came of reading a text: a value, or why there is none and what to write instead. */
public sealed interface Reading<T> {

    record Read<T>(T value) implements Reading<T> {}

    /**
     * @param reason what is wrong with the text
     * @param cure what would be understood
     */
    record Refused<T>(String reason, String cure) implements Reading<T> {}

    static <T> Reading<T> of(T value) {
        return new Read<>(value);
    }

    static <T> Reading<T> refused(String reason, String cure) {
        return new Refused<>(reason, cure);
    }

    /** Passes a refusal on; where it does not say why, with these words. */
    static <T> Reading<T> refusedLike(Reading<?> other, String reason, String cure) {
        return other instanceof Refused<?> refused && !refused.reason().isEmpty()
                ? refused(refused.reason(), refused.cure())
                : refused(reason, cure);
    }

    default Optional<T> found() {
        return this instanceof Read<T> read ? Optional.of(read.value()) : Optional.empty();
    }
}
