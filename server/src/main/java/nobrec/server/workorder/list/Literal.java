package nobrec.server.workorder.list;

/** A text to be found as it stands, though LIKE has a meaning for some of its signs. */
final class Literal {

    private Literal() {}

    static String of(String text) {
        return text.replace("\\", "\\\\").replace("%", "\\%").replace("_", "\\_");
    }
}
