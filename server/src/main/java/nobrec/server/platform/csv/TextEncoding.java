package nobrec.server.platform.csv;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.PushbackReader;
import java.io.Reader;
import java.io.UncheckedIOException;
import java.nio.ByteBuffer;
import java.nio.CharBuffer;
import java.nio.charset.Charset;
import java.nio.charset.CharsetDecoder;
import java.nio.charset.CoderResult;
import java.nio.charset.StandardCharsets;
import nobrec.core.refusal.Refusal;

/**
 * The letters in a file's bytes: UTF-8, or UTF-16 where a byte order mark or every other byte says so, else Windows-1252, as older
 * office programs write it.
 */
public enum TextEncoding {
    UTF_8("UTF-8", StandardCharsets.UTF_8),
    UTF_16_LITTLE("UTF-16", StandardCharsets.UTF_16LE),
    UTF_16_BIG("UTF-16", StandardCharsets.UTF_16BE),
    WINDOWS_1252("Windows-1252", Charset.forName("windows-1252"));

    private static final int LOOKED_AT = 64;
    private static final int BUFFER = 1 << 16;
    private static final int BYTE_ORDER_MARK = 0xFEFF;

    private final String label;
    private final Charset charset;

    TextEncoding(String label, Charset charset) {
        this.label = label;
        this.charset = charset;
    }

    /** As people call it. */
    public String label() {
        return label;
    }

    /**
     * Looks at all bytes.
     *
     * @throws Refusal when they are no text
     */
    public static TextEncoding of(String thing, ByteSource bytes) throws IOException {
        byte[] head;
        try (InputStream stream = bytes.open()) {
            head = stream.readNBytes(LOOKED_AT);
        }
        TextEncoding encoding = ofHead(head);
        if (encoding == UTF_8 && !isUtf8(bytes)) {
            encoding = WINDOWS_1252;
        }
        encoding.requireText(thing, bytes);
        return encoding;
    }

    /** Its letters, without a byte order mark. */
    public Reader read(ByteSource bytes) throws IOException {
        PushbackReader reader = new PushbackReader(new InputStreamReader(bytes.open(), charset), 1);
        int first = reader.read();
        if (first >= 0 && first != BYTE_ORDER_MARK) {
            reader.unread(first);
        }
        return reader;
    }

    private static TextEncoding ofHead(byte[] head) {
        if (begins(head, 0xFF, 0xFE) || zerosAt(head, 1)) {
            return UTF_16_LITTLE;
        }
        return begins(head, 0xFE, 0xFF) || zerosAt(head, 0) ? UTF_16_BIG : UTF_8;
    }

    private static boolean begins(byte[] head, int first, int second) {
        return head.length > 1 && (head[0] & 0xFF) == first && (head[1] & 0xFF) == second;
    }

    /** Whether, as in UTF-16 of plain letters, every other byte is zero and the ones between are not. */
    private static boolean zerosAt(byte[] head, int odd) {
        int asked = head.length - head.length % 2;
        for (int at = 0; at < asked; at++) {
            if ((head[at] == 0) != (at % 2 == odd)) {
                return false;
            }
        }
        return asked > 2;
    }

    private static boolean isUtf8(ByteSource bytes) throws IOException {
        CharsetDecoder decoder = StandardCharsets.UTF_8.newDecoder();
        CharBuffer letters = CharBuffer.allocate(BUFFER);
        ByteBuffer buffer = ByteBuffer.allocate(BUFFER);
        try (InputStream stream = bytes.open()) {
            boolean end = false;
            while (!end) {
                int read = stream.read(buffer.array(), buffer.position(), buffer.remaining());
                end = read < 0;
                buffer.limit(buffer.position() + Math.max(0, read)).position(0);
                letters.clear();
                CoderResult result = decoder.decode(buffer, letters, end);
                if (result.isError()) {
                    return false;
                }
                buffer.compact();
            }
        }
        return true;
    }

    private void requireText(String thing, ByteSource bytes) throws IOException {
        char[] buffer = new char[BUFFER];
        boolean blank = true;
        try (Reader reader = read(bytes)) {
            int read = reader.read(buffer);
            while (read >= 0) {
                for (int at = 0; at < read; at++) {
                    if (buffer[at] == '\0') {
                        throw Refusal.unusable(
                                thing,
                                "It is no text: perhaps a workbook or a picture.",
                                "Save it as CSV and drop that file.");
                    }
                    blank &= Character.isWhitespace(buffer[at]);
                }
                read = reader.read(buffer);
            }
        }
        if (blank) {
            throw Refusal.unusable(thing, "It is empty.", "Export it again.");
        }
    }

    /** All letters of a file that is small. */
    static String decode(String thing, byte[] content) {
        ByteSource bytes = () -> new ByteArrayInputStream(content);
        try (Reader reader = of(thing, bytes).read(bytes)) {
            StringBuilder text = new StringBuilder();
            char[] buffer = new char[BUFFER];
            int read = reader.read(buffer);
            while (read >= 0) {
                text.append(buffer, 0, read);
                read = reader.read(buffer);
            }
            return text.toString();
        } catch (IOException impossible) {
            throw new UncheckedIOException(impossible);
        }
    }
}
