package nobrec.server.api.problem;

import io.swagger.v3.oas.annotations.tags.Tag;
import java.util.Arrays;
import java.util.List;
import nobrec.core.refusal.Refusal;
import nobrec.server.api.security.ForEveryone;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;

/** What the {@code type} of a problem leads to. */
@RestController
@Tag(name = "problems")
class ProblemTypeController {

    record ProblemTypeList(List<ProblemTypeView> rows) {}

    record ProblemTypeView(String code, int status, String meaning) {}

    @GetMapping(ProblemType.ADDRESS)
    @ForEveryone
    ProblemTypeList types() {
        return new ProblemTypeList(Arrays.stream(ProblemType.values())
                .map(ProblemTypeController::view)
                .toList());
    }

    @GetMapping(ProblemType.ADDRESS + "/{code}")
    @ForEveryone
    ProblemTypeView type(@PathVariable String code) {
        return Arrays.stream(ProblemType.values())
                .filter(type -> type.code().equals(code))
                .findFirst()
                .map(ProblemTypeController::view)
                .orElseThrow(() -> Refusal.notFound("Problem type " + code, "Look at the list of all."));
    }

    private static ProblemTypeView view(ProblemType type) {
        return new ProblemTypeView(type.code(), type.status().value(), type.meaning());
    }
}
