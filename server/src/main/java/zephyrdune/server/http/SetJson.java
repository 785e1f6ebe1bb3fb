package zephyrdune.server.http;

import java.util.function.Function;
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
import tools.jackson.databind.node.ObjectNode;
import zephyrdune.answers.photograph.PhotographMarks;
import zephyrdune.formats.BadFile;
import zephyrdune.formats.KitFormat;
import zephyrdune.formats.LookbookFormat;
import zephyrdune.formats.MarksFormat;
import zephyrdune.formats.SetFormat;
import zephyrdune.formats.ShootFormat;
import zephyrdune.set.TableSet;
import zephyrdune.set.kit.Kit;
import zephyrdune.set.look.Lookbook;
import zephyrdune.shoot.brief.Shoot;

/** A set, kit, lookbook, shoot or set of marks in a request or an answer has the very shape of its file. */
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
                .addModule(module())
                .build();
    }

    private static SimpleModule module() {
        return new SimpleModule("documents")
                .addSerializer(TableSet.class, new Writer<>(SetFormat::tree))
                .addDeserializer(TableSet.class, new Reader<>(SetFormat::read))
                .addSerializer(Kit.class, new Writer<>(KitFormat::tree))
                .addDeserializer(Kit.class, new Reader<>(KitFormat::read))
                .addSerializer(Lookbook.class, new Writer<>(LookbookFormat::tree))
                .addDeserializer(Lookbook.class, new Reader<>(LookbookFormat::read))
                .addSerializer(Shoot.class, new Writer<>(ShootFormat::tree))
                .addDeserializer(Shoot.class, new Reader<>(ShootFormat::read))
                .addSerializer(PhotographMarks.class, new Writer<>(MarksFormat::tree))
                .addDeserializer(PhotographMarks.class, new Reader<>(MarksFormat::read));
    }

    private static final class Writer<T> extends ValueSerializer<T> {

        private final Function<T, ObjectNode> tree;

        Writer(Function<T, ObjectNode> tree) {
            this.tree = tree;
        }

        @Override
        public void serialize(T document, JsonGenerator generator, SerializationContext context) {
            generator.writeTree(tree.apply(document));
        }
    }

    /** How a document is read from a tree. */
    private interface Parser<T> {
        T read(JsonNode tree) throws BadFile;
    }

    private static final class Reader<T> extends ValueDeserializer<T> {

        private final Parser<T> parsing;

        Reader(Parser<T> parsing) {
            this.parsing = parsing;
        }

        @Override
        public T deserialize(JsonParser parser, DeserializationContext context) {
            JsonNode tree = context.readTree(parser);
            try {
                return parsing.read(tree);
            } catch (BadFile e) {
                throw DatabindException.from(parser, e.getMessage(), e);
            }
        }
    }
}
