package nobrec.server.api.request;

import io.swagger.v3.oas.annotations.Hidden;
import jakarta.servlet.RequestDispatcher;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.boot.webmvc.error.ErrorController;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.RequestMapping;

/** What no controller answered, in our form: nobody sees the container's own page. */
@Controller
@Hidden
class ErrorAnswers implements ErrorController {

    private final ProblemWriter problems;

    ErrorAnswers(ProblemWriter problems) {
        this.problems = problems;
    }

    @RequestMapping("/error")
    void answer(HttpServletRequest request, HttpServletResponse response) throws IOException {
        Object code = request.getAttribute(RequestDispatcher.ERROR_STATUS_CODE);
        HttpStatus said = code instanceof Integer number ? HttpStatus.resolve(number) : null;
        HttpStatus status = said == null ? HttpStatus.INTERNAL_SERVER_ERROR : said;
        problems.write(
                response,
                status,
                "This request",
                status.is5xxServerError() ? "Something went wrong here." : "It was not understood.",
                "Reload the page and try again.");
    }
}
