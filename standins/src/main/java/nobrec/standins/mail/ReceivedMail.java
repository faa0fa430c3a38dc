package nobrec.standins.mail;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.Reader;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.apache.james.mime4j.dom.Entity;
import org.apache.james.mime4j.dom.Message;
import org.apache.james.mime4j.dom.Multipart;
import org.apache.james.mime4j.dom.TextBody;
import org.apache.james.mime4j.message.DefaultMessageBuilder;

/**
 * A mail that came, taken apart.
 *
 * @param from of the envelope
 * @param to of the envelope
 * @param headers by name, the last of each
 * @param attached names of the files with it
 */
public record ReceivedMail(
        String from,
        String to,
        String subject,
        Map<String, String> headers,
        String text,
        String html,
        List<String> attached,
        int size) {

    static ReceivedMail read(String from, String to, byte[] bytes) throws IOException {
        Message message = new DefaultMessageBuilder().parseMessage(new ByteArrayInputStream(bytes));
        Map<String, String> headers = new LinkedHashMap<>();
        message.getHeader().getFields().forEach(field -> headers.put(field.getName(), field.getBody()));
        StringBuilder text = new StringBuilder();
        StringBuilder html = new StringBuilder();
        List<String> attached = new ArrayList<>();
        collect(message, text, html, attached);
        String subject = message.getSubject() == null ? "" : message.getSubject();
        return new ReceivedMail(
                from, to, subject, headers, text.toString(), html.toString(), List.copyOf(attached), bytes.length);
    }

    private static void collect(Entity entity, StringBuilder text, StringBuilder html, List<String> attached)
            throws IOException {
        if (entity.getBody() instanceof Multipart parts) {
            for (Entity each : parts.getBodyParts()) {
                collect(each, text, html, attached);
            }
        } else if (entity.getFilename() != null) {
            attached.add(entity.getFilename());
        } else if (entity.getBody() instanceof TextBody body) {
            ("text/html".equals(entity.getMimeType()) ? html : text).append(read(body));
        }
    }

    private static String read(TextBody body) throws IOException {
        StringBuilder text = new StringBuilder();
        try (Reader reader = body.getReader()) {
            char[] part = new char[4_096];
            for (int count = reader.read(part); count >= 0; count = reader.read(part)) {
                text.append(part, 0, count);
            }
        }
        return text.toString();
    }
}
