package zephyrdune.server.http;

import io.swagger.v3.core.converter.ModelConverters;
import io.swagger.v3.core.util.Json31;
import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.info.Info;
import io.swagger.v3.oas.models.media.Content;
import io.swagger.v3.oas.models.media.JsonSchema;
import io.swagger.v3.oas.models.media.MediaType;
import io.swagger.v3.oas.models.media.Schema;
import io.swagger.v3.oas.models.responses.ApiResponse;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.springdoc.core.customizers.OpenApiCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;
import zephyrdune.formats.SetSchema;

/** The OpenAPI description. A set's part of it is the schema of the set file. */
@Configuration
class PublishedApi {

    private static final Set<String> MAY_BE_LEFT_OUT = Set.of(
            "PlanAnswer.shadow",
            "ProfileAnswer.width",
            "ReadingAnswer.ruleOfThumb",
            "MoveAnswer.set",
            "FindingAnswer.set",
            "SlitAnswer.set",
            "CardFillAnswer.secondLight");

    @Bean
    OpenApiCustomizer setShape() {
        return api -> {
            api.setInfo(
                    new Info()
                            .title("Zephyrdune")
                            .version("1")
                            .description(
                                    "The light on a table, as an API. Lengths in sentences stand in braces and metres, as {0.125 m}, "
                                            + "{0.125 m least} (round up) or {0.125 m most} (round down), to be shown in the reader's own unit."));
            api.setServers(List.of());
            addProblems(api);
            SetSchema.definitions("#/components/schemas/")
                    .forEach((name, schema) -> api.getComponents().addSchemas(name, schema(schema)));
            // documents that are passed on as they are have the schema of their files
            api.getComponents().getSchemas().remove(JsonNode.class.getSimpleName());
            requireAllProperties(api);
        };
    }

    private static Schema<?> schema(ObjectNode node) {
        try {
            return Json31.mapper().readValue(node.toString(), JsonSchema.class);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** Every component of an answer is always there, except those that may be left out. */
    @SuppressWarnings("rawtypes") // as the library declares its map
    private static void requireAllProperties(OpenAPI api) {
        for (Map.Entry<String, Schema> entry : api.getComponents().getSchemas().entrySet()) {
            Schema<?> schema = entry.getValue();
            if (schema.getRequired() == null && schema.getProperties() != null) {
                schema.setRequired(schema.getProperties().keySet().stream()
                        .filter(name -> !MAY_BE_LEFT_OUT.contains(entry.getKey() + "." + name))
                        .toList());
            }
        }
    }

    /** Every request can be answered with problem details instead (RFC 9457). */
    private static void addProblems(OpenAPI api) {
        ModelConverters.getInstance(true)
                .readAll(ProblemShape.class)
                .forEach((name, schema) -> api.getComponents().addSchemas(name, schema));
        ApiResponse problem = new ApiResponse()
                .description("Problem details, RFC 9457")
                .content(new Content()
                        .addMediaType(
                                "application/problem+json",
                                new MediaType()
                                        .schema(new JsonSchema()
                                                .$ref("#/components/schemas/" + ProblemShape.class.getSimpleName()))));
        api.getPaths().values().stream()
                .flatMap(path -> path.readOperations().stream())
                .forEach(operation -> operation.getResponses().addApiResponse("default", problem));
    }
}
