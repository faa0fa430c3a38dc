package nobrec.server.workorder.list;

import io.swagger.v3.oas.models.Operation;
import io.swagger.v3.oas.models.media.ArraySchema;
import io.swagger.v3.oas.models.media.Schema;
import io.swagger.v3.oas.models.media.StringSchema;
import io.swagger.v3.oas.models.parameters.QueryParameter;
import java.util.Arrays;
import java.util.stream.Collectors;
import nobrec.core.joblist.JobColumn;
import nobrec.core.joblist.JobFact;
import org.springdoc.core.customizers.OperationCustomizer;
import org.springframework.stereotype.Component;
import org.springframework.web.method.HandlerMethod;

/** The words of a job list in the API's description. */
@Component
class NarrowedDescription implements OperationCustomizer {

    @Override
    public Operation customize(Operation operation, HandlerMethod method) {
        if (method.hasMethodAnnotation(Narrowed.class)) {
            for (JobFact fact : JobFact.values()) {
                String name = fact == JobFact.FIELD ? "field.NAME" : fact.key();
                operation.addParametersItem(word(name, new ArraySchema().items(new StringSchema()), said(fact)));
            }
            operation.addParametersItem(word(
                    "sort",
                    new StringSchema(),
                    "One of "
                            + Arrays.stream(JobColumn.values())
                                    .map(JobColumn::key)
                                    .collect(Collectors.joining(", "))
                            + "; with - before it from its end."));
        }
        return operation;
    }

    private static QueryParameter word(String name, Schema<?> schema, String description) {
        QueryParameter parameter = new QueryParameter();
        parameter.name(name).required(false).schema(schema).description(description);
        return parameter;
    }

    private static String said(JobFact fact) {
        return fact.label() + ": "
                + switch (fact.form()) {
                    case WORDS -> "one or several words, each as it stands there.";
                    case NUMBER -> "its beginning, or first..last.";
                    case DAY -> "a day, or first..last, of which one may be left out; also today, yesterday, tomorrow.";
                    case MONEY -> "an amount, or least..most, of which one may be left out.";
                    case WEIGHT -> "a weight with its unit, or least..most, of which one may be left out.";
                    case YES -> "yes or no.";
                    case FIELD -> "one of the shop's own fields, by its name; one or several words.";
                };
    }
}
