package zephyrdune.server.http;

import org.springframework.boot.jackson.autoconfigure.JsonMapperBuilderCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.context.annotation.Primary;
import tools.jackson.core.JsonGenerator;
import tools.jackson.core.JsonParser;
import tools.jackson.core.StreamReadFeature;
import tools.jackson.core.json.JsonFactory;
import tools.jackson.core.json.JsonReadFeature;
import tools.jackson.databind.DatabindException;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.SerializationContext;
import tools.jackson.databind.ValueDeserializer;
import tools.jackson.databind.ValueSerializer;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.module.SimpleModule;
import zephyrdune.formats.BadFile;
import zephyrdune.formats.SetFormat;
import zephyrdune.table.TableSet;

/** A set in a request or an answer has the very shape of the set file. */
@Configuration
class SetJson {

    @Bean
    @Primary
    JsonMapper jsonMapper(JsonMapperBuilderCustomizer[] customizers) {
        JsonMapper.Builder builder = JsonMapper.builder(JsonFactory.builder()
                .streamReadConstraints(SetFormat.constraints())
                // read, so that they can be refused by the name of their field
                .enable(JsonReadFeature.ALLOW_NON_NUMERIC_NUMBERS)
                .build());
        for (JsonMapperBuilderCustomizer customizer : customizers) {
            customizer.customize(builder);
        }
        return builder.enable(DeserializationFeature.FAIL_ON_TRAILING_TOKENS)
                .enable(DeserializationFeature.FAIL_ON_NULL_CREATOR_PROPERTIES)
                .enable(DeserializationFeature.FAIL_ON_MISSING_CREATOR_PROPERTIES)
                .enable(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES)
                .enable(StreamReadFeature.STRICT_DUPLICATE_DETECTION)
                .addModule(new SimpleModule("set")
                        .addSerializer(TableSet.class, new Writer())
                        .addDeserializer(TableSet.class, new Reader()))
                .build();
    }

    private static final class Writer extends ValueSerializer<TableSet> {
        @Override
        public void serialize(TableSet set, JsonGenerator generator, SerializationContext context) {
            generator.writeTree(SetFormat.tree(set));
        }
    }

    private static final class Reader extends ValueDeserializer<TableSet> {
        @Override
        public TableSet deserialize(JsonParser parser, DeserializationContext context) {
            JsonNode tree = context.readTree(parser);
            try {
                return SetFormat.read(tree);
            } catch (BadFile e) {
                throw DatabindException.from(parser, e.getMessage(), e);
            }
        }
    }
}
