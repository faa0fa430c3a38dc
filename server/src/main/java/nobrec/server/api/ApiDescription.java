package nobrec.server.api;

import io.swagger.v3.core.converter.AnnotatedType;
import io.swagger.v3.core.converter.ModelConverter;
import io.swagger.v3.core.converter.ModelConverterContext;
import io.swagger.v3.core.util.Json;
import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.info.Info;
import io.swagger.v3.oas.models.media.Schema;
import io.swagger.v3.oas.models.servers.Server;
import java.lang.reflect.RecordComponent;
import java.util.Arrays;
import java.util.Iterator;
import java.util.List;
import java.util.Optional;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** The published description of the API (OpenAPI). */
@Configuration
class ApiDescription {

    @Bean
    OpenAPI openApi() {
        return new OpenAPI()
                .info(new Info()
                        .title("Nobrec")
                        .version("1")
                        .description(
                                "The shipping desk of a job shop. Amounts are decimal texts in the shop's currency;"
                                        + " moments are ISO 8601."))
                .servers(List.of(new Server().url("/")));
    }

    /** Every part of a record is always there, unless it is an Optional. */
    @Bean
    ModelConverter requiredRecordParts() {
        return new ModelConverter() {
            @Override
            public Schema<?> resolve(
                    AnnotatedType type, ModelConverterContext context, Iterator<ModelConverter> chain) {
                Schema<?> schema = chain.hasNext() ? chain.next().resolve(type, context, chain) : null;
                Class<?> javaType = Json.mapper().constructType(type.getType()).getRawClass();
                if (javaType.isRecord()) {
                    Schema<?> model = context.getDefinedModels().get(javaType.getSimpleName());
                    if (model != null) {
                        model.setRequired(requiredOf(javaType));
                    }
                }
                return schema;
            }
        };
    }

    private static List<String> requiredOf(Class<?> record) {
        return Arrays.stream(record.getRecordComponents())
                .filter(component -> component.getType() != Optional.class)
                .map(RecordComponent::getName)
                .toList();
    }
}
