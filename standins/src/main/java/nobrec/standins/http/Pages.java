package nobrec.standins.http;

import com.samskivert.mustache.Mustache;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import nobrec.standins.StandIn;

/** The plain pages on which the other side of the job can be seen. Everything shown is escaped. */
public final class Pages {

    private Pages() {}

    public static String index(List<StandIn> services) {
        List<Map<String, String>> rows = services.stream()
                .map(service -> Map.of(
                        "name", service.name(),
                        "path", service.path(),
                        "behavior", service.conduct().get().words()))
                .toList();
        return render("index", "Stand-ins", Map.of("services", rows));
    }

    /** A page of one stand-in: its template, and the form to tell it how to behave. */
    public static String of(StandIn service, String template, Map<String, Object> content) {
        List<Map<String, Object>> choices = Arrays.stream(Behavior.values())
                .map(each -> Map.<String, Object>of(
                        "value",
                        each.name(),
                        "words",
                        each.words(),
                        "chosen",
                        each == service.conduct().get()))
                .toList();
        String form = fill("behavior", Map.of("path", service.path(), "choices", choices));
        return page(service.name(), fill(template, content) + form);
    }

    static String render(String template, String title, Map<String, Object> content) {
        return page(title, fill(template, content));
    }

    public static String page(String title, String body) {
        return fill("frame", Map.of("title", title, "body", body));
    }

    public static String fill(String template, Map<String, ?> content) {
        return Mustache.compiler().defaultValue("").compile(text(template)).execute(content);
    }

    private static String text(String template) {
        try (InputStream stream = Pages.class.getResourceAsStream("/pages/" + template + ".mustache")) {
            if (stream == null) {
                throw new IllegalStateException("There is no page " + template);
            }
            return new String(stream.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        }
    }
}
