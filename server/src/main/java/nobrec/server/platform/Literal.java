package nobrec.server.platform;

/** A text to be found as it stands, though LIKE has a meaning for some of its signs. */
public final class Literal {

    private Literal() {}

    public static String of(String text) {
        return text.replace("\\", "\\\\").replace("%", "\\%").replace("_", "\\_");
    }
}
