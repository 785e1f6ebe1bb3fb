package zephyrdune.formats;

import java.lang.reflect.InvocationTargetException;
import java.lang.reflect.ParameterizedType;
import java.lang.reflect.RecordComponent;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import zephyrdune.units.measure.CountLimit;
import zephyrdune.units.measure.Limit;
import zephyrdune.units.measure.Limits;
import zephyrdune.units.measure.LineLimit;

/**
 * One component of a core record as a field of a file: its name, with the unit spelled out, and its limit if it is a
 * number, or of each of its numbers if it is a list of them, how many numbers or parts a list holds, and how long a text is.
 */
record Field(
        String name,
        RecordComponent component,
        Optional<Limit> limit,
        Optional<CountLimit> count,
        Optional<LineLimit> line) {

    private static final Map<Class<?>, List<Field>> OF_RECORDS = new ConcurrentHashMap<>();
    private static final Map<Class<?>, Map<String, Class<? extends Record>>> KINDS = new ConcurrentHashMap<>();
    private static final Map<Class<?>, Map<String, Enum<?>>> CONSTANTS = new ConcurrentHashMap<>();

    static List<Field> of(Class<? extends Record> type) {
        return OF_RECORDS.computeIfAbsent(type, record -> List.copyOf(read(type)));
    }

    private static List<Field> read(Class<? extends Record> type) {
        List<Field> fields = new ArrayList<>();
        for (RecordComponent component : type.getRecordComponents()) {
            Optional<Limit> limit = Limits.isListOfNumbers(component) || component.getType() == double.class
                    ? Optional.of(Limits.of(type, component))
                    : Optional.empty();
            Optional<CountLimit> count =
                    component.getType() == List.class ? Optional.of(Limits.count(type, component)) : Optional.empty();
            Optional<LineLimit> line =
                    component.getType() == String.class ? Optional.of(Limits.line(type, component)) : Optional.empty();
            String name = component.getName()
                    + limit.map(found -> FileUnit.of(found.unit()).ending()).orElse("");
            fields.add(new Field(name, component, limit, count, line));
        }
        return fields;
    }

    Class<?> type() {
        return component.getType();
    }

    /** Of a list of parts, the type of each; otherwise nothing. */
    Optional<Class<?>> partType() {
        if (limit.isPresent() || count.isEmpty()) {
            return Optional.empty();
        }
        ParameterizedType listed = (ParameterizedType) component.getGenericType();
        return Optional.of((Class<?>) listed.getActualTypeArguments()[0]);
    }

    Object valueIn(Record owner) {
        try {
            return component.getAccessor().invoke(owner);
        } catch (IllegalAccessException | InvocationTargetException e) {
            throw new IllegalStateException(e);
        }
    }

    /** The records that a sealed type permits, by the words that a file has for them. */
    static Map<String, Class<? extends Record>> kindsByWord(Class<?> sealed) {
        return KINDS.computeIfAbsent(sealed, type -> {
            Map<String, Class<? extends Record>> kinds = new LinkedHashMap<>();
            kinds(type).forEach(kind -> kinds.put(word(kind), kind));
            return kinds;
        });
    }

    /** Whether parts of a type say which kind they are: one of several, or of a family that has several. */
    static boolean saysKind(Class<?> type) {
        return type.isSealed() || Arrays.stream(type.getInterfaces()).anyMatch(Class::isSealed);
    }

    /** The constants of an enum by their words. */
    static Map<String, Enum<?>> constantsByWord(Class<?> enumType) {
        return CONSTANTS.computeIfAbsent(enumType, type -> {
            Map<String, Enum<?>> constants = new LinkedHashMap<>();
            for (Object constant : type.getEnumConstants()) {
                constants.put(word((Enum<?>) constant), (Enum<?>) constant);
            }
            return constants;
        });
    }

    /** The records that a sealed type permits, straight or by way of other sealed types; of a record, that alone. */
    static List<Class<? extends Record>> kinds(Class<?> sealed) {
        List<Class<? extends Record>> kinds = new ArrayList<>();
        if (!sealed.isSealed()) {
            kinds.add(sealed.asSubclass(Record.class));
            return kinds;
        }
        for (Class<?> permitted : sealed.getPermittedSubclasses()) {
            if (permitted.isSealed()) {
                kinds.addAll(kinds(permitted));
            } else {
                kinds.add(permitted.asSubclass(Record.class));
            }
        }
        return kinds;
    }

    /** How an enum constant or a kind is written: lower case with hyphens. */
    static String word(Enum<?> constant) {
        return constant.name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    static String word(Class<?> kind) {
        return kind.getSimpleName().replaceAll("(?<=[a-z])(?=[A-Z])", "-").toLowerCase(Locale.ROOT);
    }

    static List<String> words(Class<?> enumType) {
        return List.copyOf(constantsByWord(enumType).keySet());
    }

    /**
     * The name in a file of a component named by its path in the core, from a record on; parts that cannot be followed
     * stay as they are.
     */
    static String pathInFile(Class<?> type, String corePath) {
        int dot = corePath.indexOf('.');
        String head = dot < 0 ? corePath : corePath.substring(0, dot);
        String index = head.contains("[") ? head.substring(head.indexOf('[')) : "";
        String name = head.substring(0, head.length() - index.length());
        if (type.isRecord()) {
            for (Field field : of(type.asSubclass(Record.class))) {
                if (field.component.getName().equals(name)) {
                    Class<?> inside = field.partType().orElse(field.type());
                    return dot < 0
                            ? field.name + index
                            : field.name + index + "." + pathInFile(inside, corePath.substring(dot + 1));
                }
            }
        }
        return corePath;
    }
}
