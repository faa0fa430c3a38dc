package nobrec.server.writeback.statement;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import nobrec.core.refusal.Refusal;

/**
 * A statement of the shop's with named parameters: {@code UPDATE shop_order SET via = :carrier WHERE job_no = :number}. One statement; what
 * goes into it is bound, never written into its text.
 *
 * @param sql with question marks in place of the names
 * @param names in the order of the question marks
 */
record ShopStatement(String sql, List<String> names) {

    private static final Set<String> WRITING = Set.of("UPDATE", "INSERT");
    private static final Set<String> READING = Set.of("SELECT", "WITH");

    static ShopStatement writing(String thing, String text) {
        return read(thing, text, WRITING, "UPDATE or INSERT");
    }

    static ShopStatement reading(String thing, String text) {
        return read(thing, text, READING, "SELECT");
    }

    boolean updates() {
        return firstWord(sql).equals("UPDATE");
    }

    private static String firstWord(String text) {
        return text.strip().split("[^A-Za-z]", 2)[0].toUpperCase(Locale.ROOT);
    }

    private static ShopStatement read(String thing, String text, Set<String> firstWords, String inWords) {
        String statement = text.strip().replaceAll(";+\\s*$", "");
        if (!firstWords.contains(firstWord(statement))) {
            throw Refusal.unusable(
                    thing, "It does not begin with " + inWords + ".", "Write one " + inWords + " statement.");
        }
        return new Reading(thing, statement).all();
    }

    /** Looks for names outside quotes and comments. */
    private static final class Reading {
        private final String thing;
        private final String text;
        private final StringBuilder sql = new StringBuilder();
        private final List<String> names = new ArrayList<>();
        private int at;

        Reading(String thing, String text) {
            this.thing = thing;
            this.text = text;
        }

        ShopStatement all() {
            while (at < text.length()) {
                char sign = text.charAt(at);
                if (sign == '\'' || sign == '"' || sign == '`') {
                    copyQuoted(sign);
                } else if (isComment()) {
                    throw Refusal.unusable(thing, "There is a comment in it.", "Write it without.");
                } else if (sign == ';') {
                    throw Refusal.unusable(thing, "There is a “;” in it.", "Write one statement only.");
                } else if (sign == '?') {
                    throw Refusal.unusable(thing, "There is a “?” in it.", "Ask for values by name, as :tracking.");
                } else if (sign == ':' && isNameAt(at + 1)) {
                    takeName();
                } else {
                    sql.append(sign);
                    at++;
                }
            }
            return new ShopStatement(sql.toString(), List.copyOf(names));
        }

        private boolean isComment() {
            return text.startsWith("--", at) || text.startsWith("/*", at) || text.charAt(at) == '#';
        }

        private boolean isNameAt(int index) {
            return index < text.length() && (Character.isLetter(text.charAt(index)) || text.charAt(index) == '_');
        }

        private void takeName() {
            int end = at + 1;
            while (end < text.length() && (Character.isLetterOrDigit(text.charAt(end)) || text.charAt(end) == '_')) {
                end++;
            }
            names.add(text.substring(at + 1, end));
            sql.append('?');
            at = end;
        }

        private void copyQuoted(char quote) {
            int end = at + 1;
            while (end < text.length() && text.charAt(end) != quote) {
                end += text.charAt(end) == '\\' && quote != '`' ? 2 : 1;
            }
            if (end >= text.length()) {
                throw Refusal.unusable(thing, "A quote in it is not closed.", "Close it.");
            }
            sql.append(text, at, end + 1);
            at = end + 1;
        }
    }
}
