package nobrec.server.api.request;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.Collections;
import java.util.Enumeration;
import java.util.Map;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.util.MultiValueMap;
import org.springframework.web.util.UriComponentsBuilder;
import org.springframework.web.util.UriUtils;

/** A small form, read whole within its time and size before anything looks at it. */
final class FormRequest extends HttpServletRequestWrapper {

    private final Map<String, String[]> fields;

    FormRequest(HttpServletRequest request, int limit, Duration time) throws IOException {
        super(request);
        TimedBody body = new TimedBody(request.getInputStream(), limit, time);
        String text = new String(body.readAllBytes(), StandardCharsets.UTF_8);
        MultiValueMap<String, String> read =
                UriComponentsBuilder.newInstance().query(text).build().getQueryParams();
        fields = read.entrySet().stream()
                .collect(Collectors.toMap(
                        field -> decoded(field.getKey()),
                        field -> field.getValue().stream()
                                .map(FormRequest::decoded)
                                .toArray(String[]::new),
                        (one, other) -> one));
    }

    private static String decoded(String text) {
        return text == null ? "" : UriUtils.decode(text.replace('+', ' '), StandardCharsets.UTF_8);
    }

    @Override
    public @Nullable String getParameter(String name) {
        String[] values = fields.get(name);
        return values == null ? null : values[0];
    }

    @Override
    public String @Nullable [] getParameterValues(String name) {
        return fields.get(name);
    }

    @Override
    public Map<String, String[]> getParameterMap() {
        return Collections.unmodifiableMap(fields);
    }

    @Override
    public Enumeration<String> getParameterNames() {
        return Collections.enumeration(fields.keySet());
    }
}
