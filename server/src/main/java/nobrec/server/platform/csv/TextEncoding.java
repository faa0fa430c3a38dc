package nobrec.server.platform.csv;

import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import nobrec.core.refusal.Refusal;

/**
 * The text in a file's bytes: UTF-8, or UTF-16 where a byte order mark or every other byte says so, else Windows-1252, as older
 * office programs write it.
 */
final class TextEncoding {

    private static final int ASKED = 64;

    private TextEncoding() {}

    /** @throws Refusal when it is no text */
    static String decode(String thing, byte[] content) {
        String text = withoutMark(text(content));
        if (text.isBlank()) {
            throw Refusal.unusable(thing, "It is empty.", "Export it again.");
        }
        if (text.indexOf('\0') >= 0) {
            throw Refusal.unusable(
                    thing, "It is no text: perhaps a workbook or a picture.", "Save it as CSV and drop that file.");
        }
        return text;
    }

    private static String text(byte[] content) {
        if (begins(content, 0xFF, 0xFE) || zerosAt(content, 1)) {
            return new String(content, StandardCharsets.UTF_16LE);
        }
        if (begins(content, 0xFE, 0xFF) || zerosAt(content, 0)) {
            return new String(content, StandardCharsets.UTF_16BE);
        }
        try {
            return StandardCharsets.UTF_8
                    .newDecoder()
                    .decode(ByteBuffer.wrap(content))
                    .toString();
        } catch (CharacterCodingException notUtf8) {
            return new String(content, Charset.forName("windows-1252"));
        }
    }

    private static boolean begins(byte[] content, int first, int second) {
        return content.length > 1 && (content[0] & 0xFF) == first && (content[1] & 0xFF) == second;
    }

    /** Whether, as in UTF-16 of plain letters, every other byte is zero and the ones between are not. */
    private static boolean zerosAt(byte[] content, int odd) {
        int asked = Math.min(ASKED, content.length - content.length % 2);
        for (int at = 0; at < asked; at++) {
            if ((content[at] == 0) != (at % 2 == odd)) {
                return false;
            }
        }
        return asked > 2;
    }

    private static String withoutMark(String text) {
        return text.startsWith("\uFEFF") ? text.substring(1) : text;
    }
}
