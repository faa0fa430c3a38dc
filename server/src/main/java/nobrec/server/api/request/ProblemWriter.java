package nobrec.server.api.request;

import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.LinkedHashMap;
import java.util.Map;
import nobrec.server.api.problem.Problems;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ProblemDetail;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/** Says a refusal in our form (RFC 9457) where no controller is reached yet. */
@Component
public class ProblemWriter {

    private final JsonMapper json;

    ProblemWriter(JsonMapper json) {
        this.json = json;
    }

    public void write(HttpServletResponse response, HttpStatus status, String thing, String reason, String remedy)
            throws IOException {
        write(response, Problems.of(status, thing, reason, remedy));
    }

    public void write(HttpServletResponse response, ProblemDetail problem) throws IOException {
        if (response.isCommitted()) {
            return;
        }
        Map<String, Object> said = new LinkedHashMap<>(problem.getProperties());
        said.put("type", problem.getType());
        said.put("title", problem.getTitle());
        said.put("status", problem.getStatus());
        said.put("detail", problem.getDetail());
        byte[] body = json.writeValueAsBytes(said);
        response.setStatus(problem.getStatus());
        response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
        response.setContentLength(body.length);
        response.getOutputStream().write(body);
    }
}
