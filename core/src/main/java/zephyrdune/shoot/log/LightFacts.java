package zephyrdune.shoot.log;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import zephyrdune.answers.readings.Reading;
import zephyrdune.answers.readings.Readings;
import zephyrdune.answers.readings.Wording;
import zephyrdune.set.TableSet;
import zephyrdune.set.light.BroadBase;
import zephyrdune.set.look.NamedLook;
import zephyrdune.units.sampling.Sureness;

/**
 * What a set's light is remembered by.
 *
 * @param clock from where the light comes, from twelve behind the dish, radians
 * @param height above the table plane, radians
 * @param elevation of the camera, radians
 * @param readings that tell how it looks; one that there is not is left out
 * @param words that it is found by
 */
public record LightFacts(
        double clock, double height, double elevation, Map<LightFact, Double> readings, List<String> words) {

    /** Light from so far aside looks otherwise, and so does a camera, radians. */
    private static final double ASIDE = Math.toRadians(20);

    public LightFacts {
        readings = Map.copyOf(readings);
        words = List.copyOf(words);
    }

    /** What edges are called, the hardest first. */
    public static List<String> softness() {
        return Wording.EDGE.bands().stream()
                .map(band -> LightFact.SHADOW_EDGE.words(band.word()))
                .toList();
    }

    public static LightFacts of(TableSet set) {
        Map<LightFact, Double> values = new EnumMap<>(LightFact.class);
        List<String> words = new ArrayList<>();
        words.add(LightSide.of(set.light().clock(), set.light().heightAngle()).word());
        List<Reading> readings = Readings.of(set, Sureness.AT_ONCE, LightFact.kinds());
        for (LightFact fact : LightFact.values()) {
            Reading reading = readings.get(fact.ordinal());
            reading.value().ifPresent(value -> values.put(fact, value));
            if (!reading.word().isEmpty()) {
                words.add(fact.words(reading.word()));
            }
        }
        words.addAll(things(set));
        return new LightFacts(
                set.light().clock(), set.light().heightAngle(), set.camera().elevation(), values, words);
    }

    /** What it is made with: surfaces, cards, a base light, the look. */
    private static List<String> things(TableSet set) {
        List<String> things = new ArrayList<>();
        things.add(
                set.camera().overhead()
                        ? "overhead"
                        : set.camera().elevation() < ASIDE ? "straight on" : "at an angle");
        things.add(set.tableTop().surface().words());
        things.add(set.backdrop().surface().words());
        set.cards().forEach(card -> things.add(card.surface().words()));
        if (set.patterned()) {
            things.add("pattern");
        }
        if (set.base() instanceof BroadBase) {
            things.add("base light");
        }
        if (set.look() instanceof NamedLook look) {
            things.add(look.title());
        }
        return things;
    }

    public LightSide side() {
        return LightSide.of(clock, height);
    }

    private Vector3D direction() {
        double level = Math.cos(height);
        return Vector3D.of(Math.sin(clock) * level, Math.cos(clock) * level, Math.sin(height));
    }

    /** How unlike another it looks: the root of the squares of all differences, each over what is seen at once. */
    public double unlike(LightFacts other) {
        double sum =
                square(direction().angle(other.direction()) / ASIDE) + square((elevation - other.elevation) / ASIDE);
        for (LightFact fact : LightFact.values()) {
            OptionalDouble here = value(fact);
            OptionalDouble there = other.value(fact);
            if (here.isPresent() && there.isPresent()) {
                sum += square(fact.apart(here.getAsDouble(), there.getAsDouble()));
            } else if (here.isPresent() != there.isPresent()) {
                sum += 1;
            }
        }
        return Math.sqrt(sum);
    }

    public OptionalDouble value(LightFact fact) {
        Double value = readings.get(fact);
        return value == null ? OptionalDouble.empty() : OptionalDouble.of(value);
    }

    private static double square(double value) {
        return value * value;
    }
}
