package zephyrdune.formats;

import java.util.LinkedHashMap;
import java.util.Map;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;
import zephyrdune.answers.photograph.PhotographMarks;
import zephyrdune.set.TableSet;
import zephyrdune.set.kit.Kit;
import zephyrdune.set.look.Lookbook;
import zephyrdune.shoot.brief.Shoot;
import zephyrdune.units.measure.Limit;

/** The JSON Schemas (2020-12) of set, kit, lookbook and shoot files and of marks, drawn from the core's own records and limits. */
public final class SetSchema {

    private static final JsonMapper JSON = JsonMapper.builder().build();

    private final String refPrefix;
    private final Map<String, ObjectNode> definitions = new LinkedHashMap<>();

    private SetSchema(String refPrefix) {
        this.refPrefix = refPrefix;
    }

    /** The schema of sets as a document of its own. */
    public static ObjectNode document() {
        return document(
                TableSet.class,
                "set",
                SetFormat.VERSION,
                "A set on the table. The origin is the hero point on the table top; +x is to the right of the picture, "
                        + "+y away from the camera, +z up.");
    }

    /** The schema of kits as a document of its own. */
    public static ObjectNode kitDocument() {
        return document(
                Kit.class, "kit", KitFormat.VERSION, "Sources, shapers, boards and places that somebody works with.");
    }

    /** The schema of lookbooks as a document of its own. */
    public static ObjectNode lookbookDocument() {
        return document(
                Lookbook.class,
                "lookbook",
                LookbookFormat.VERSION,
                "Looks: each a name, why, what for, and the bands that a set's readings are to lie in.");
    }

    /** The schema of shoots as a document of its own. */
    public static ObjectNode shootDocument() {
        return document(
                Shoot.class,
                "shoot",
                ShootFormat.VERSION,
                "A shoot: its dishes, how long they hold and take, the sets they are photographed on, and fixed times.");
    }

    /** The schema of a photograph's marks as a document of its own. */
    public static ObjectNode marksDocument() {
        return document(
                PhotographMarks.class,
                "marks",
                MarksFormat.VERSION,
                "What somebody marked on a photograph; places are shares of its width and height, from its upper left.");
    }

    private static ObjectNode document(Class<? extends Record> type, String word, int version, String about) {
        SetSchema schema = new SetSchema("#/$defs/");
        schema.root(type, "zephyrdune-" + word, version);
        ObjectNode root = JSON.createObjectNode();
        root.put("$schema", "https://json-schema.org/draft/2020-12/schema");
        root.put("$id", "urn:zephyrdune:" + word + ":" + version);
        root.put("title", "Zephyrdune " + word + ", version " + version);
        root.put("description", about);
        root.put("$ref", "#/$defs/" + type.getSimpleName());
        ObjectNode defs = root.putObject("$defs");
        schema.definitions.forEach(defs::set);
        return root;
    }

    /**
     * The schemas of sets, kits, lookbooks, shoots, marks and their parts by name, the set's own first.
     *
     * @param refPrefix what comes before a name in a reference
     */
    public static Map<String, ObjectNode> definitions(String refPrefix) {
        SetSchema schema = new SetSchema(refPrefix);
        schema.root(TableSet.class, SetFormat.FORMAT, SetFormat.VERSION);
        schema.root(Kit.class, KitFormat.FORMAT, KitFormat.VERSION);
        schema.root(Lookbook.class, LookbookFormat.FORMAT, LookbookFormat.VERSION);
        schema.root(Shoot.class, ShootFormat.FORMAT, ShootFormat.VERSION);
        schema.root(PhotographMarks.class, MarksFormat.FORMAT, MarksFormat.VERSION);
        return schema.definitions;
    }

    /** A whole document: its parts behind a header. */
    private void root(Class<? extends Record> type, String format, int version) {
        define(type, null);
        ObjectNode document = definitions.get(type.getSimpleName());
        ObjectNode properties = JSON.createObjectNode();
        properties.putObject(SetFormat.FORMAT_FIELD).put("type", "string").put("const", format);
        properties.putObject(SetFormat.VERSION_FIELD).put("type", "integer").put("const", version);
        properties.setAll((ObjectNode) document.get("properties"));
        document.set("properties", properties);
        ArrayNode required = (ArrayNode) document.get("required");
        required.insert(0, SetFormat.VERSION_FIELD);
        required.insert(0, SetFormat.FORMAT_FIELD);
    }

    private void define(Class<? extends Record> type, String kind) {
        ObjectNode schema = JSON.createObjectNode();
        definitions.put(type.getSimpleName(), schema);
        schema.put("type", "object");
        ObjectNode properties = schema.putObject("properties");
        ArrayNode required = schema.putArray("required");
        if (kind != null) {
            properties.putObject(SetFormat.KIND_FIELD).put("type", "string").put("const", kind);
            required.add(SetFormat.KIND_FIELD);
        }
        for (Field field : Field.of(type)) {
            properties.set(field.name(), property(field));
            required.add(field.name());
        }
        schema.put("additionalProperties", false);
    }

    private ObjectNode property(Field field) {
        Class<?> type = field.type();
        ObjectNode property = JSON.createObjectNode();
        if (field.partType().isPresent()) {
            Class<?> part = field.partType().get();
            property.put("type", "array");
            property.put("minItems", field.count().orElseThrow().min());
            property.put("maxItems", field.count().orElseThrow().max());
            property.putObject("items").put("$ref", refPrefix + part.getSimpleName());
            if (part.isSealed()) {
                defineKinds(part);
            } else {
                define(part.asSubclass(Record.class), Field.saysKind(part) ? Field.word(part) : null);
            }
        } else if (field.count().isPresent()) {
            property.put("type", "array");
            property.put("minItems", field.count().get().min());
            property.put("maxItems", field.count().get().max());
            property.set("items", number(field.limit().orElseThrow()));
        } else if (field.limit().isPresent()) {
            property = number(field.limit().get());
        } else if (type == String.class) {
            property.put("type", "string")
                    .put("minLength", 1)
                    .put("maxLength", field.line().orElseThrow().max());
        } else if (type.isEnum()) {
            property.put("$ref", refPrefix + type.getSimpleName());
            ObjectNode words = JSON.createObjectNode().put("type", "string");
            ArrayNode listed = words.putArray("enum");
            Field.words(type).forEach(listed::add);
            definitions.put(type.getSimpleName(), words);
        } else if (type.isSealed()) {
            property.put("$ref", refPrefix + type.getSimpleName());
            defineKinds(type);
        } else {
            property.put("$ref", refPrefix + type.getSimpleName());
            define(type.asSubclass(Record.class), null);
        }
        return property;
    }

    private static ObjectNode number(Limit limit) {
        FileUnit unit = FileUnit.of(limit.unit());
        return JSON.createObjectNode()
                .put("type", "number")
                .put("description", unit.sentence())
                .put("minimum", unit.bound(limit.min()))
                .put("maximum", unit.bound(limit.max()));
    }

    private void defineKinds(Class<?> sealed) {
        ObjectNode choice = JSON.createObjectNode();
        definitions.put(sealed.getSimpleName(), choice);
        ArrayNode oneOf = choice.putArray("oneOf");
        for (Class<? extends Record> kind : Field.kinds(sealed)) {
            oneOf.addObject().put("$ref", refPrefix + kind.getSimpleName());
            define(kind, Field.word(kind));
        }
    }
}
