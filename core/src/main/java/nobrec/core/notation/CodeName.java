package nobrec.core.notation;

import java.util.Locale;

/** What a kind of thing is called for programs, which stays as it is: {@code TooHeavy} is {@code TOO_HEAVY}. */
public final class CodeName {

    private CodeName() {}

    public static String of(Class<?> kind) {
        return kind.getSimpleName()
                .replaceAll("(?<=[a-z])(?=[A-Z])|(?<=[A-Z])(?=[A-Z][a-z])", "_")
                .toUpperCase(Locale.ROOT);
    }
}
