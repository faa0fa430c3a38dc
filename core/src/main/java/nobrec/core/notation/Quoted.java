package nobrec.core.notation;

import nobrec.core.limit.Limits;

/** What somebody wrote, in quotes and short enough to be said back. */
public final class Quoted {

    private Quoted() {}

    public static String of(String text) {
        String stripped = text.strip();
        return "“"
                + (stripped.length() <= Limits.FIGURE_TEXT
                        ? stripped
                        : stripped.substring(0, Limits.FIGURE_TEXT - 1) + "…")
                + "”";
    }
}
