package nobrec.core.notation;

import java.util.Optional;

/** What came of reading a text: a value, or why there is none and what to write instead. */
public sealed interface Reading<T> {

    record Read<T>(T value) implements Reading<T> {}

    /**
     * @param reason what is wrong with the text
     * @param remedy what would be understood
     */
    record Refused<T>(String reason, String remedy) implements Reading<T> {}

    static <T> Reading<T> of(T value) {
        return new Read<>(value);
    }

    static <T> Reading<T> refused(String reason, String remedy) {
        return new Refused<>(reason, remedy);
    }

    /** Passes a refusal on; where it does not say why, with these words. */
    static <T> Reading<T> refusedLike(Reading<?> other, String reason, String remedy) {
        return other instanceof Refused<?> refused && !refused.reason().isEmpty()
                ? refused(refused.reason(), refused.remedy())
                : refused(reason, remedy);
    }

    default Optional<T> found() {
        return this instanceof Read<T> read ? Optional.of(read.value()) : Optional.empty();
    }
}
