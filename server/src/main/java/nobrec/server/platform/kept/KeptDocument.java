package nobrec.server.platform.kept;

import java.util.Optional;
import java.util.function.BiConsumer;
import java.util.function.Function;
import java.util.function.IntSupplier;
import java.util.function.Supplier;
import nobrec.core.refusal.Refusal;

/** One document: whoever changes it says which version was looked at, so that nobody overwrites what another has decided. */
public final class KeptDocument<T> {

    /** @param version zero before anything was kept */
    public record Kept<T>(int version, T document) {}

    private final String thing;
    private final T none;
    private final Supplier<Optional<KeptDocumentRow>> reader;
    private final IntSupplier lock;
    private final Function<String, T> parser;
    private final BiConsumer<T, String> writer;

    KeptDocument(
            String thing,
            T none,
            Supplier<Optional<KeptDocumentRow>> reader,
            IntSupplier lock,
            Function<String, T> parser,
            BiConsumer<T, String> writer) {
        this.thing = thing;
        this.none = none;
        this.reader = reader;
        this.lock = lock;
        this.parser = parser;
        this.writer = writer;
    }

    public Kept<T> kept() {
        return reader.get()
                .map(row -> new Kept<>(row.version(), parser.apply(row.definition())))
                .orElse(new Kept<>(0, none));
    }

    /**
     * To be called in a transaction.
     *
     * @param version that was looked at
     * @throws Refusal where there is another one by now
     */
    public void change(int version, T next, String signIn) {
        if (lock.getAsInt() != version) {
            throw Refusal.changedSince(thing, "Somebody changed it meanwhile.", "Reload the page.");
        }
        writer.accept(next, signIn);
    }
}
