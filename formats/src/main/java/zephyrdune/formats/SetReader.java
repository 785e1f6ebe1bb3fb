package zephyrdune.formats;

import java.lang.reflect.Constructor;
import java.lang.reflect.InvocationTargetException;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;
import zephyrdune.formats.BadFile.Problem;
import zephyrdune.set.TableSet;
import zephyrdune.units.measure.CountLimit;
import zephyrdune.units.measure.Limit;
import zephyrdune.units.measure.Refused;

/** Builds a set, or another document, from a JSON tree and finds everything that is wrong with the tree. */
final class SetReader {

    private static final int LONGEST_VALUE = 60;
    private static final int MOST_PROBLEMS = 20;

    private final List<Problem> problems = new ArrayList<>();

    private final int version;

    private SetReader(int version) {
        this.version = version;
    }

    static TableSet read(JsonNode tree) throws BadFile {
        int version = requireVersion(tree, SetFormat.FORMAT, SetFormat.VERSION, "a set");
        return read(SetUpgrade.toNewest((ObjectNode) tree, version), TableSet.class, SetFormat.VERSION);
    }

    /** Reads the newest version of a document, past its header. */
    static <T extends Record> T read(JsonNode newest, Class<T> type, int version) throws BadFile {
        SetReader reader = new SetReader(version);
        Object document = reader.record(newest, type, "", SetFormat.HEADER);
        if (!reader.problems.isEmpty()) {
            throw new BadFile(reader.problems.subList(0, Math.min(MOST_PROBLEMS, reader.problems.size())));
        }
        return type.cast(document);
    }

    /**
     * The version that a document says it is of.
     *
     * @param what it is to be
     * @throws BadFile for what is no document of that format, or of a version that is not known
     */
    static int requireVersion(JsonNode tree, String format, int newest, String what) throws BadFile {
        if (!tree.isObject()) {
            throw new BadFile("", shorten(tree), "%s file is a JSON object; this is not one".formatted(capital(what)));
        }
        JsonNode stated = tree.path(SetFormat.FORMAT_FIELD);
        if (!format.equals(stated.asString(""))) {
            throw new BadFile(
                    SetFormat.FORMAT_FIELD,
                    shorten(stated),
                    "This is not %s file: its \"format\" must be \"%s\"".formatted(what, format));
        }
        JsonNode version = tree.path(SetFormat.VERSION_FIELD);
        if (!version.isIntegralNumber() || version.asDouble() < 1 || version.asDouble() > newest) {
            String known = newest == 1 ? "version 1 is" : "versions 1 to " + newest + " are";
            throw new BadFile(
                    SetFormat.VERSION_FIELD,
                    shorten(version),
                    "This file is of a version that is not known here; " + known);
        }
        return version.asInt();
    }

    private static String capital(String words) {
        return Character.toUpperCase(words.charAt(0)) + words.substring(1);
    }

    /** The value, or null after noting what is wrong. */
    private Object value(JsonNode node, Field field, String path) {
        Class<?> type = field.type();
        if (node == null || node.isNull()) {
            note(path, "", path + " is missing");
            return null;
        }
        if (field.partType().isPresent()) {
            return parts(node, field.partType().get(), field.count().orElseThrow(), path);
        } else if (field.count().isPresent()) {
            return numbers(node, field.limit().orElseThrow(), field.count().get(), path);
        } else if (type == double.class) {
            return number(node, field.limit().orElseThrow(), path);
        } else if (type == String.class) {
            return text(node, path);
        } else if (type.isEnum()) {
            return constant(node, type, path);
        } else if (!node.isObject()) {
            note(path, shorten(node), path + " must be an object");
            return null;
        } else if (type.isSealed()) {
            return kind(node, type, path);
        }
        return record(node, type.asSubclass(Record.class), path, Set.of());
    }

    private Object parts(JsonNode node, Class<?> type, CountLimit count, String path) {
        if (!node.isArray() || !count.allows(node.size())) {
            String size = node.isArray() ? "a list of " + node.size() : shorten(node);
            note(path, size, path + " must be a list of " + count.min() + " to " + count.max() + " parts");
            return null;
        }
        List<Object> parts = new ArrayList<>();
        for (int i = 0; i < node.size(); i++) {
            String at = path + "[" + i + "]";
            if (!node.get(i).isObject()) {
                note(at, shorten(node.get(i)), at + " must be an object");
                return null;
            }
            Object part = Field.saysKind(type)
                    ? kind(node.get(i), type, at)
                    : record(node.get(i), type.asSubclass(Record.class), at, Set.of());
            if (part == null) {
                return null;
            }
            parts.add(part);
        }
        return parts;
    }

    private Object numbers(JsonNode node, Limit limit, CountLimit count, String path) {
        if (!node.isArray() || !count.allows(node.size())) {
            note(path, shorten(node), path + " must be a list of " + count.min() + " to " + count.max() + " numbers");
            return null;
        }
        List<Double> numbers = new ArrayList<>();
        for (int i = 0; i < node.size(); i++) {
            if (!(number(node.get(i), limit, path + "[" + i + "]") instanceof Double number)) {
                return null;
            }
            numbers.add(number);
        }
        return numbers;
    }

    private Object number(JsonNode node, Limit limit, String path) {
        if (!node.isNumber()) {
            note(path, shorten(node), path + " must be a number");
            return null;
        }
        FileUnit unit = FileUnit.of(limit.unit());
        double written = node.asDouble();
        double least = unit.bound(limit.min());
        double most = unit.bound(limit.max());
        if (!(written >= least && written <= most)) {
            note(
                    path,
                    shorten(node),
                    "%s is %s; it must lie between %s and %s %s"
                            .formatted(path, shorten(node), plain(least), plain(most), unit.words()));
            return null;
        }
        // the bounds are short decimals: what passes them may miss the exact ones by the last digit
        return Math.max(limit.min(), Math.min(limit.max(), unit.toCore(written)));
    }

    private Object text(JsonNode node, String path) {
        if (!node.isString()) {
            note(path, shorten(node), path + " must be text");
            return null;
        }
        return node.asString();
    }

    private Object constant(JsonNode node, Class<?> type, String path) {
        Enum<?> constant = node.isString() ? Field.constantsByWord(type).get(node.asString()) : null;
        if (constant != null) {
            return constant;
        }
        note(path, shorten(node), path + " must be one of " + String.join(", ", Field.words(type)));
        return null;
    }

    private Object kind(JsonNode node, Class<?> sealed, String path) {
        JsonNode kind = node.path(SetFormat.KIND_FIELD);
        Map<String, Class<? extends Record>> kinds = Field.kindsByWord(sealed);
        Class<? extends Record> type = kind.isString() ? kinds.get(kind.asString()) : null;
        if (type != null) {
            return record(node, type, path, Set.of(SetFormat.KIND_FIELD));
        }
        String at = inside(path, SetFormat.KIND_FIELD);
        note(at, shorten(kind), at + " must be one of " + String.join(", ", kinds.keySet()));
        return null;
    }

    private Record record(JsonNode node, Class<? extends Record> type, String path, Set<String> alsoKnown) {
        int before = problems.size();
        List<Field> fields = Field.of(type);
        Set<String> known = new HashSet<>(alsoKnown);
        Object[] values = new Object[fields.size()];
        Class<?>[] types = new Class<?>[fields.size()];
        for (int i = 0; i < values.length; i++) {
            Field field = fields.get(i);
            known.add(field.name());
            types[i] = field.type();
            values[i] = value(node.get(field.name()), field, inside(path, field.name()));
        }
        for (String name : node.propertyNames()) {
            if (!known.contains(name)) {
                String at = inside(path, shorten(name));
                note(at, shorten(node.get(name)), at + " is not a field of version " + version);
            }
        }
        return problems.size() > before ? null : build(type, types, values, path);
    }

    private Record build(Class<? extends Record> type, Class<?>[] types, Object[] values, String path) {
        try {
            Constructor<? extends Record> constructor = type.getDeclaredConstructor(types);
            return constructor.newInstance(values);
        } catch (InvocationTargetException e) {
            if (e.getCause() instanceof Refused refused) {
                String at = inside(path, Field.pathInFile(type, refused.field()));
                problems.add(new Problem(at, "", refused.getMessage(), remedy(at, refused)));
                return null;
            }
            throw new IllegalStateException(e);
        } catch (ReflectiveOperationException e) {
            throw new IllegalStateException(e);
        }
    }

    /** In the unit of the field as the file has it: remedies are lengths and angles. */
    private static Optional<Double> remedy(String field, Refused refused) {
        boolean angle = field.endsWith(FileUnit.DEGREES.ending());
        return refused.remedy().stream()
                .mapToObj(value -> angle ? FileUnit.DEGREES.toFile(value) : FileUnit.METRES.toFile(value))
                .findFirst();
    }

    private void note(String field, String value, String detail) {
        problems.add(new Problem(field, value, detail, Optional.empty()));
    }

    private static String inside(String path, String name) {
        return path.isEmpty() ? name : path + "." + name;
    }

    static String shorten(JsonNode node) {
        return Optional.of(node)
                .filter(found -> !found.isMissingNode())
                .map(JsonNode::toString)
                .map(SetReader::shorten)
                .orElse("");
    }

    static String shorten(String text) {
        return text.length() <= LONGEST_VALUE ? text : text.substring(0, LONGEST_VALUE) + "…";
    }

    private static String plain(double value) {
        return value == Math.rint(value) ? Long.toString((long) value) : Double.toString(value);
    }
}
