package nobrec.server.api;

import io.swagger.v3.core.converter.AnnotatedType;
import io.swagger.v3.core.converter.ModelConverter;
import io.swagger.v3.core.converter.ModelConverterContext;
import io.swagger.v3.core.jackson.ModelResolver;
import io.swagger.v3.core.util.Json;
import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.info.Info;
import io.swagger.v3.oas.models.media.Content;
import io.swagger.v3.oas.models.media.IntegerSchema;
import io.swagger.v3.oas.models.media.MediaType;
import io.swagger.v3.oas.models.media.ObjectSchema;
import io.swagger.v3.oas.models.media.Schema;
import io.swagger.v3.oas.models.media.StringSchema;
import io.swagger.v3.oas.models.responses.ApiResponse;
import io.swagger.v3.oas.models.servers.Server;
import java.lang.reflect.RecordComponent;
import java.util.Arrays;
import java.util.Iterator;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springdoc.core.customizers.OpenApiCustomizer;
import org.springdoc.core.providers.ObjectMapperProvider;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** The published description of the API (OpenAPI). */
@Configuration
class ApiDescription {

    private static final String PROBLEM = "api.Problem";

    @Bean
    OpenAPI openApi() {
        return new OpenAPI()
                .info(new Info()
                        .title("Nobrec")
                        .version("1")
                        .description(
                                "The shipping desk of a job shop. Figures are exact: amounts as decimal texts with their"
                                        + " currency, weights in grams, sides in millimeters; days and moments are ISO 8601."
                                        + " The texts beside them are for people and may change. Refusals are problems"
                                        + " (RFC 9457) whose types are listed at /api/v1/problems. Within version 1 fields"
                                        + " are added, not renamed."))
                .servers(List.of(new Server().url("/")));
    }

    /** The first of the converters, so that all names are made by it. */
    @Bean
    ModelResolver qualifiedNames(ObjectMapperProvider mappers) {
        return new ModelResolver(mappers.jsonMapper(), new RoomNames());
    }

    /** Every part of a record is always there, unless it is an Optional. */
    @Bean
    ModelConverter requiredRecordParts() {
        return new ModelConverter() {
            @Override
            public @Nullable Schema<?> resolve(
                    AnnotatedType type, ModelConverterContext context, Iterator<ModelConverter> chain) {
                Schema<?> schema = chain.hasNext() ? chain.next().resolve(type, context, chain) : null;
                Class<?> javaType = Json.mapper().constructType(type.getType()).getRawClass();
                if (javaType.isRecord()) {
                    Schema<?> model = context.getDefinedModels().get(RoomNames.of(javaType));
                    if (model != null) {
                        model.setRequired(requiredOf(javaType));
                    }
                }
                return schema;
            }
        };
    }

    /** What every refusal looks like. */
    @Bean
    OpenApiCustomizer refusals() {
        Schema<?> problem = new ObjectSchema()
                .addProperty("type", new StringSchema().description("Stable; see /api/v1/problems"))
                .addProperty("title", new StringSchema())
                .addProperty("status", new IntegerSchema())
                .addProperty("detail", new StringSchema().description("The reason"))
                .addProperty("thing", new StringSchema())
                .addProperty("remedy", new StringSchema())
                .required(List.of("type", "title", "status", "detail", "thing", "remedy"));
        Content refusal = new Content()
                .addMediaType(
                        "application/problem+json",
                        new MediaType().schema(new Schema<>().$ref("#/components/schemas/" + PROBLEM)));
        return api -> {
            api.getComponents().addSchemas(PROBLEM, problem);
            api.getPaths().values().stream()
                    .flatMap(path -> path.readOperations().stream())
                    .forEach(operation -> operation
                            .getResponses()
                            .addApiResponse(
                                    "default",
                                    new ApiResponse().description("A refusal").content(refusal)));
        };
    }

    private static List<String> requiredOf(Class<?> record) {
        return Arrays.stream(record.getRecordComponents())
                .filter(component -> component.getType() != Optional.class)
                .map(RecordComponent::getName)
                .toList();
    }
}
