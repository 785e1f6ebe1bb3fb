package zephyrdune.formats;

import java.util.List;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;
import zephyrdune.answers.readings.Plausibility;
import zephyrdune.answers.readings.Reading;
import zephyrdune.answers.readings.Readings;
import zephyrdune.set.TableSet;
import zephyrdune.units.measure.Lengths;

/**
 * Every reading of a set as one JSON object, each with its unit. Places are metres right, back and up from the hero
 * point.
 */
public final class ReadingsFile {

    /** What the "format" field says. */
    public static final String FORMAT = "zephyrdune-readings";

    private static final int VERSION = 1;

    private static final JsonMapper JSON =
            JsonMapper.builder().enable(SerializationFeature.INDENT_OUTPUT).build();

    private ReadingsFile() {}

    public static String write(TableSet set) {
        ObjectNode file = JSON.createObjectNode();
        file.put(SetFormat.FORMAT_FIELD, FORMAT);
        file.put(SetFormat.VERSION_FIELD, VERSION);
        file.put("title", set.title());
        ArrayNode readings = file.putArray("readings");
        for (Reading reading : Readings.of(set)) {
            put(readings.addObject(), reading);
        }
        ArrayNode doubts = file.putArray("doubts");
        for (Plausibility doubt : Plausibility.about(set)) {
            doubts.addObject().put("field", field(doubt.field())).put("words", Lengths.plain(doubt.words()));
        }
        return JSON.writeValueAsString(file) + "\n";
    }

    /** A field of a set by its name in a set file. */
    public static String field(String corePath) {
        return Field.pathInFile(TableSet.class, corePath);
    }

    private static void put(ObjectNode node, Reading reading) {
        FileUnit unit = FileUnit.of(reading.kind().unit());
        node.put("reading", Field.word(reading.kind()));
        node.put("title", reading.kind().title());
        if (reading.value().isPresent()) {
            node.put("value", unit.toFile(reading.value().getAsDouble()));
        } else {
            node.putNull("value");
        }
        if (reading.uncertainty().isPresent()) {
            node.put("uncertainty", unit.toFile(reading.uncertainty().getAsDouble()));
        }
        node.put("unit", unit.words().replaceFirst("^as an? (plain )?", ""));
        if (!reading.text().isEmpty()) {
            node.put("text", reading.text());
        }
        if (!reading.word().isEmpty()) {
            node.put("word", reading.word());
        }
        reading.rule()
                .ifPresent(rule -> node.putObject("ruleOfThumb")
                        .put("words", rule.words())
                        .put("value", unit.toFile(rule.value())));
        if (!reading.note().isEmpty()) {
            node.put("note", Lengths.plain(reading.note()));
        }
        put(node.putArray("placesMetres"), reading.places());
    }

    private static void put(ArrayNode node, List<Vector3D> places) {
        for (Vector3D place : places) {
            node.addArray().add(place.getX()).add(place.getY()).add(place.getZ());
        }
    }
}
