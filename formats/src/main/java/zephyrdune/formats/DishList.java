package zephyrdune.formats;

import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;
import zephyrdune.shoot.brief.Afterwards;
import zephyrdune.shoot.brief.AnyTurn;
import zephyrdune.shoot.brief.KeptSet;
import zephyrdune.shoot.brief.NoSetYet;
import zephyrdune.shoot.brief.Plates;
import zephyrdune.shoot.brief.Shoot;
import zephyrdune.shoot.brief.ShootDish;
import zephyrdune.shoot.brief.Shot;
import zephyrdune.shoot.brief.ShotSet;
import zephyrdune.shoot.brief.Spoiling;
import zephyrdune.units.measure.LineLimit;
import zephyrdune.units.measure.Refused;

/**
 * Dishes from a list that somebody pastes: a line a dish, or comma- or tab-separated values with its name first. A number with "min" is how long
 * it holds, a word such as "melts" what spoils it; a dish whose name says that of a kept set is photographed on that. What is not understood stays
 * in the name, so that nothing is lost.
 */
public final class DishList {

    private static final double USUAL_HOLD = 20;
    private static final double USUAL_PREPARE = 10;
    private static final double USUAL_SHOT = 6;
    private static final int LONGEST_KEY = 40;
    private static final int LONGEST_NAME = 80;
    private static final Pattern MINUTES =
            Pattern.compile("^(?:holds? )?(\\d{1,4}) ?(?:min|minutes)\\.?$", Pattern.CASE_INSENSITIVE);
    private static final Pattern BULLET = Pattern.compile("^\\s*(?:[-*•]|\\d{1,3}[.)])\\s+");

    private DishList() {}

    /**
     * @param taken keys that dishes of the shoot have already
     * @param sets titles of kept sets, by what they are kept under
     * @throws Refused for more dishes than a shoot may have, or none
     */
    public static List<ShootDish> read(String text, List<String> taken, Map<String, String> sets) {
        List<ShootDish> dishes = new ArrayList<>();
        List<String> keys = new ArrayList<>(taken);
        for (List<String> cells : rows(text)) {
            if (dishes.size() + taken.size() >= Shoot.MOST_DISHES) {
                throw new Refused(
                        "text", "A shoot has at most %d dishes; shorten the list".formatted(Shoot.MOST_DISHES));
            }
            ShootDish dish = dish(cells, keys, sets);
            keys.add(dish.key());
            dishes.add(dish);
        }
        if (dishes.isEmpty()) {
            throw new Refused("text", "There is no dish in this list; write one a line");
        }
        return dishes;
    }

    private static List<List<String>> rows(String text) {
        char separator = text.contains("\t") ? '\t' : ',';
        CSVFormat format = CSVFormat.RFC4180
                .builder()
                .setDelimiter(separator)
                .setIgnoreSurroundingSpaces(true)
                .setIgnoreEmptyLines(true)
                .setLenientEof(true)
                .setTrailingData(true)
                .get();
        List<List<String>> rows = new ArrayList<>();
        try (CSVParser parser = CSVParser.parse(new StringReader(text), format)) {
            for (CSVRecord record : parser) {
                List<String> cells = record.stream()
                        .map(cell -> cell.replaceAll("\\s+", " ").strip())
                        .filter(cell -> !cell.isEmpty())
                        .toList();
                if (!cells.isEmpty() && !header(cells)) {
                    rows.add(cells);
                }
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return rows;
    }

    private static boolean header(List<String> cells) {
        return cells.size() > 1 && cells.get(0).equalsIgnoreCase("dish");
    }

    private static ShootDish dish(List<String> cells, List<String> taken, Map<String, String> sets) {
        StringBuilder name = new StringBuilder(BULLET.matcher(cells.get(0)).replaceFirst(""));
        double holds = USUAL_HOLD;
        Spoiling spoils = Spoiling.KEEPS;
        for (String cell : cells.subList(1, cells.size())) {
            Matcher minutes = MINUTES.matcher(cell);
            Optional<Spoiling> spoiling = spoiling(cell);
            if (minutes.matches()) {
                holds = Math.max(1, Math.min(1440, Double.parseDouble(minutes.group(1))));
            } else if (spoiling.isPresent()) {
                spoils = spoiling.get();
            } else {
                name.append(", ").append(cell);
            }
        }
        String called = LineLimit.cut(name.toString(), LONGEST_NAME);
        return new ShootDish(
                key(called, taken),
                called,
                spoils,
                holds,
                USUAL_PREPARE,
                Plates.ONE,
                Afterwards.THROWN_AWAY,
                0,
                Shoot.LATEST,
                new AnyTurn(),
                List.of(new Shot("Picture", USUAL_SHOT, set(called, sets))));
    }

    private static Optional<Spoiling> spoiling(String cell) {
        for (Spoiling one : Spoiling.values()) {
            if (one.name().equalsIgnoreCase(cell) || one.title().equalsIgnoreCase(cell)) {
                return Optional.of(one);
            }
        }
        return Optional.empty();
    }

    /** The kept set of that title, or the only one whose title begins with the name. */
    private static ShotSet set(String name, Map<String, String> sets) {
        String wanted = name.toLowerCase(Locale.ROOT);
        List<String> same = ids(sets, wanted, true);
        List<String> found = same.isEmpty() ? ids(sets, wanted, false) : same;
        return found.size() == 1 ? new KeptSet(found.get(0)) : new NoSetYet();
    }

    private static List<String> ids(Map<String, String> sets, String wanted, boolean whole) {
        return sets.entrySet().stream()
                .filter(entry -> {
                    String title = entry.getValue().toLowerCase(Locale.ROOT);
                    return whole ? title.equals(wanted) : title.startsWith(wanted);
                })
                .map(Map.Entry::getKey)
                .sorted()
                .toList();
    }

    /** The name in letters that stand in addresses, and a number where there is such a one. */
    private static String key(String name, List<String> taken) {
        String plain = name.toLowerCase(Locale.ROOT)
                .replaceAll("[^\\p{L}\\p{N}]+", "-")
                .replaceAll("^-|-$", "");
        String base = LineLimit.cut(plain.isEmpty() ? "dish" : plain, LONGEST_KEY - 4);
        String key = base;
        for (int i = 2; taken.contains(key); i++) {
            key = base + "-" + i;
        }
        return key;
    }
}
