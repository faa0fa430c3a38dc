package nobrec.server.platform.request;

import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.LinkedHashMap;
import java.util.Map;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/** Says a refusal in our form (RFC 9457) where no controller is reached yet. */
@Component
public class ProblemWriter {

    private final JsonMapper json;

    ProblemWriter(JsonMapper json) {
        this.json = json;
    }

    public void write(HttpServletResponse response, HttpStatus status, String thing, String reason, String cure)
            throws IOException {
        if (response.isCommitted()) {
            return;
        }
        Map<String, Object> problem = new LinkedHashMap<>();
        problem.put("title", thing);
        problem.put("status", status.value());
        problem.put("detail", reason);
        problem.put("thing", thing);
        problem.put("cure", cure);
        byte[] body = json.writeValueAsBytes(problem);
        response.setStatus(status.value());
        response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
        response.setContentLength(body.length);
        response.getOutputStream().write(body);
    }
}
