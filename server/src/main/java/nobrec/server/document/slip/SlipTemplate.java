package nobrec.server.document.slip;

import com.samskivert.mustache.BasicCollector;
import com.samskivert.mustache.Mustache;
import com.samskivert.mustache.MustacheException;
import com.samskivert.mustache.Template;
import java.io.StringWriter;
import java.util.ArrayList;
import java.util.Iterator;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import nobrec.server.document.page.PaperLetters;

/**
 * A slip's template, as a shop may write it. It sees maps, lists and texts and nothing else of the server; what it makes and how
 * often it goes round are limited; and each line of what it makes knows which line of the template it came from.
 */
final class SlipTemplate {

    /** Markup that came out, and for each of its lines the line of the template. */
    record Expanded(String markup, List<Integer> lines) {

        /** @param line of the markup, from 1 */
        int templateLine(int line) {
            return line >= 1 && line <= lines.size() ? lines.get(line - 1) : 0;
        }

        /** Of the first line with a text; 0 where none has it. */
        int templateLineOf(String text) {
            int at = markup.indexOf(text);
            return at < 0 ? 0 : templateLine(SlipFault.lineAt(markup, at));
        }
    }

    private static final char MARK = '\uE000';
    private static final char MARK_END = '\uE001';
    private static final Pattern TAG = Pattern.compile("\\{\\{\\{?.*?}?}}", Pattern.DOTALL);
    private static final Pattern UNESCAPED = Pattern.compile("\\{\\{(?:\\{\\s*([^}]*?)\\s*}|&\\s*([^}]*?)\\s*)}}");
    private static final Pattern FORBIDDEN = Pattern.compile("\\{\\{\\s*[>=<$]|<!(?!--)[A-Za-z]*");
    private static final Pattern LINE_OF_MESSAGE = Pattern.compile("(?:line |@)(\\d+)");

    private final String text;
    private final SlipBounds bounds;

    SlipTemplate(String text, SlipBounds bounds) {
        this.text = text;
        this.bounds = bounds;
    }

    Expanded expand(Map<String, Object> content) throws SlipFault {
        refuseWhatReachesFurther();
        StringWriter out = new StringWriter();
        try {
            compiled().execute(content, new Limited(out, bounds.letters()));
        } catch (MustacheException.Context fault) {
            throw fault(fault.lineNo, fault);
        } catch (MustacheException fault) {
            throw fault(lineIn(String.valueOf(fault.getMessage())), fault);
        } catch (TooMuch tooMuch) {
            throw new SlipFault(SlipFault.Part.TEMPLATE, 0, String.valueOf(tooMuch.getMessage()));
        }
        return unmarked(out.toString());
    }

    private Template compiled() {
        return Mustache.compiler()
                .emptyStringIsFalse(true)
                .strictSections(true)
                .withCollector(new Rounds(bounds.rounds()))
                .withFormatter(value -> PaperLetters.printed(String.valueOf(value))
                        .replace(MARK, ' ')
                        .replace(MARK_END, ' '))
                .compile(marked());
    }

    /** Another template, other braces, and texts as they are: none of it is needed, and all of it can do harm. */
    private void refuseWhatReachesFurther() throws SlipFault {
        Matcher forbidden = FORBIDDEN.matcher(text);
        if (forbidden.find()) {
            throw new SlipFault(
                    SlipFault.Part.TEMPLATE,
                    SlipFault.lineAt(text, forbidden.start()),
                    "“" + forbidden.group() + "” is not to be used: a template stands for itself.");
        }
        Matcher unescaped = UNESCAPED.matcher(text);
        while (unescaped.find()) {
            String name = unescaped.group(1) == null ? unescaped.group(2) : unescaped.group(1);
            if (!SlipFields.MARKUP.contains(name)) {
                throw new SlipFault(
                        SlipFault.Part.TEMPLATE,
                        SlipFault.lineAt(text, unescaped.start()),
                        "“" + name + "” is a text and stands in two braces; in three stand only "
                                + String.join(", ", SlipFields.MARKUP) + ".");
            }
        }
    }

    private SlipFault fault(int line, MustacheException fault) {
        String reason = String.valueOf(fault.getMessage());
        if (fault instanceof MustacheException.Context unknown) {
            reason = "There is no “" + unknown.key + "” here.";
        }
        return new SlipFault(SlipFault.Part.TEMPLATE, line, reason);
    }

    private static int lineIn(String message) {
        Matcher line = LINE_OF_MESSAGE.matcher(message);
        return line.find() ? Integer.parseInt(line.group(1)) : 0;
    }

    /** With the number of each line at its beginning, unless that is inside of braces. */
    private String marked() {
        List<int[]> tags = new ArrayList<>();
        Matcher tag = TAG.matcher(text);
        while (tag.find()) {
            tags.add(new int[] {tag.start(), tag.end()});
        }
        StringBuilder marked = new StringBuilder(MARK + "1" + MARK_END);
        int line = 1;
        int next = 0;
        for (int index = 0; index < text.length(); index++) {
            char letter = text.charAt(index);
            marked.append(letter);
            while (next < tags.size() && tags.get(next)[1] <= index) {
                next++;
            }
            if (letter == '\n') {
                line++;
                boolean inside = next < tags.size() && tags.get(next)[0] < index;
                if (!inside) {
                    marked.append(MARK).append(line).append(MARK_END);
                }
            }
        }
        return marked.toString();
    }

    private static Expanded unmarked(String marked) {
        StringBuilder markup = new StringBuilder(marked.length());
        List<Integer> lines = new ArrayList<>();
        int line = 1;
        for (int index = 0; index < marked.length(); index++) {
            char letter = marked.charAt(index);
            if (letter == MARK) {
                int end = marked.indexOf(MARK_END, index);
                line = Integer.parseInt(marked.substring(index + 1, end));
                index = end;
            } else {
                markup.append(letter);
                if (letter == '\n') {
                    lines.add(line);
                }
            }
        }
        lines.add(line);
        return new Expanded(markup.toString(), lines);
    }

    /** It makes too much of what there is. */
    private static final class TooMuch extends RuntimeException {

        private static final long serialVersionUID = 1;

        TooMuch(String reason) {
            super(reason);
        }
    }

    /** Counts how often it goes round; knows maps and lists only. */
    private static final class Rounds extends BasicCollector {

        private final int most;
        private int rounds;

        Rounds(int most) {
            this.most = most;
        }

        @Override
        public Iterator<?> toIterator(Object value) {
            return value instanceof List<?> list ? counted(list.iterator()) : super.toIterator(value);
        }

        private Iterator<?> counted(Iterator<?> all) {
            return new Iterator<>() {
                @Override
                public boolean hasNext() {
                    return all.hasNext();
                }

                @Override
                public Object next() {
                    if (++rounds > most) {
                        throw new TooMuch("It goes round and round: sections stand in each other without end.");
                    }
                    return all.next();
                }
            };
        }

        @Override
        public <K, V> Map<K, V> createFetcherCache() {
            return new ConcurrentHashMap<>();
        }
    }

    private static final class Limited extends java.io.FilterWriter {

        private final int most;
        private int letters;

        Limited(StringWriter out, int most) {
            super(out);
            this.most = most;
        }

        @Override
        public void write(String text) throws java.io.IOException {
            count(text.length());
            out.write(text);
        }

        @Override
        public void write(String text, int from, int length) throws java.io.IOException {
            count(length);
            out.write(text, from, length);
        }

        @Override
        public void write(char[] text, int from, int length) throws java.io.IOException {
            count(length);
            out.write(text, from, length);
        }

        private void count(int more) {
            letters += more;
            if (letters > most) {
                throw new TooMuch("It makes more than " + most + " letters.");
            }
        }
    }
}
