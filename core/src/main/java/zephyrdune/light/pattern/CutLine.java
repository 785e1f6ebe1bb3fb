package zephyrdune.light.pattern;

import java.util.Comparator;
import java.util.DoubleSummaryStatistics;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.stream.DoubleStream;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import zephyrdune.light.emitter.EmittingFace;
import zephyrdune.light.illuminance.Cutters;
import zephyrdune.light.illuminance.KeyLight;
import zephyrdune.set.TableSet;
import zephyrdune.set.card.Card;
import zephyrdune.set.card.Panel;

/**
 * A level line through the middle of the hero's top, or through its brightest patch, square to the edges that a card cuts into the light: along it strips and patches are
 * measured.
 *
 * @param card the number of the card that cuts; absent for barn doors
 * @param from the middle of the hero's top, or its brightest patch under a pattern, metres
 * @param along the line, a level unit vector
 * @param lightToCard along the ray from the middle of the face to the hero, metres; the {@code a} of similar triangles
 * @param cardToHero along the same ray, metres; the {@code b} of similar triangles
 * @param faceSize of the light across the pattern, metres
 */
public record CutLine(
        OptionalInt card, Vector3D from, Vector3D along, double lightToCard, double cardToHero, double faceSize) {

    private static final Vector3D UP = Vector3D.Unit.PLUS_Z;

    /** A step on the card by which the line is thrown on the table, metres. */
    private static final double STEP = 1e-3;

    /** How far to each side a flag's edge is looked for, metres, and at how many places. */
    static final double REACH = 0.8;

    private static final int SAMPLES = 20;

    /** Light that lacks less than this share is full. */
    static final double FULL = 0.99;

    /** The line of the first pattern or slit; otherwise of the first flag or door that cuts anything near the hero. */
    public static Optional<CutLine> of(TableSet set, KeyLight key) {
        return ofOpening(set, key).or(() -> ofFlag(set, key)).or(() -> ofDoor(set, key));
    }

    /** Of a slit, which may be open wider than is looked, and of a pattern that stands in the light's way. */
    private static Optional<CutLine> ofOpening(TableSet set, KeyLight key) {
        for (int i = 0; i < set.cards().size(); i++) {
            Card card = set.cards().get(i);
            if (card.cut().any()) {
                boolean patterned = card.cut().patterned();
                Panel panel = card.panels().get(0);
                Optional<CutLine> line = of(
                                key, OptionalInt.of(i), panel, card.cut().across(card))
                        .filter(found -> !patterned || found.cuts(past(set, panel)))
                        .map(found -> patterned ? found.through(key.brightest()) : found);
                if (line.isPresent()) {
                    return line;
                }
            }
        }
        return Optional.empty();
    }

    /** Along the flag's width or its height, whichever goes across its edge. */
    private static Optional<CutLine> ofFlag(TableSet set, KeyLight key) {
        for (int i = 0; i < set.cards().size(); i++) {
            Card card = set.cards().get(i);
            for (Panel panel : card.panels()) {
                if (card.black() && towards(key, panel)) {
                    OptionalInt number = OptionalInt.of(i);
                    KeyLight past = past(set, panel);
                    Optional<CutLine> line = Stream.of(panel.across(), panel.up())
                            .flatMap(axis -> of(key, number, panel, axis).stream())
                            .filter(found -> found.cuts(past))
                            .max(Comparator.comparingDouble(found -> found.change(past)));
                    if (line.isPresent()) {
                        return line;
                    }
                }
            }
        }
        return Optional.empty();
    }

    private static Optional<CutLine> ofDoor(TableSet set, KeyLight key) {
        return set.doors().stream()
                .flatMap(
                        door -> of(key, OptionalInt.empty(), door, door.normal())
                                .filter(found -> found.cuts(past(set, door)))
                                .stream())
                .findFirst();
    }

    /** The light with nothing but this in its way. */
    private static KeyLight past(TableSet set, Panel panel) {
        return KeyLight.past(set, Cutters.of(List.of(panel)));
    }

    /** Whether a panel stands on the light's side of the hero. */
    private static boolean towards(KeyLight key, Panel panel) {
        return panel.centre().subtract(key.hero()).dot(key.face().centre().subtract(key.hero())) > 0;
    }

    private static Optional<CutLine> of(KeyLight key, OptionalInt card, Panel panel, Vector3D axis) {
        EmittingFace face = key.face();
        Vector3D hero = key.hero();
        Vector3D light = face.centre();
        Vector3D way = light.subtract(hero);
        double slope = way.dot(panel.normal());
        double share = slope == 0 ? -1 : panel.centre().subtract(hero).dot(panel.normal()) / slope;
        boolean between = share > 0 && share < 1;
        Vector3D on = between ? hero.add(way.multiply(share)) : panel.centre();
        Vector3D one = thrown(light, on, hero.getZ());
        Vector3D other = thrown(light, on.add(axis.multiply(STEP)), hero.getZ());
        Vector3D level = one == null || other == null ? Vector3D.of(axis.getX(), axis.getY(), 0) : other.subtract(one);
        if (level.norm() == 0) {
            return Optional.empty();
        }
        double distance = way.norm();
        double toHero = between ? share * distance : on.distance(hero);
        double size = 2
                * (Math.abs(face.acrossHalf().dot(axis))
                        + Math.abs(face.upHalf().dot(axis)));
        return Optional.of(new CutLine(
                card, hero, level.normalize(), between ? distance - toHero : on.distance(light), toHero, size));
    }

    /** Where the ray from the light past a place meets the level of the hero's top; null where it does not. */
    private static Vector3D thrown(Vector3D light, Vector3D past, double level) {
        double drop = light.getZ() - past.getZ();
        if (drop <= 0) {
            return null;
        }
        double share = (light.getZ() - level) / drop;
        return light.add(past.subtract(light).multiply(share));
    }

    /** The same, through another place. */
    private CutLine through(Vector3D place) {
        return new CutLine(card, place, along, lightToCard, cardToHero, faceSize);
    }

    /** A place of the line, metres from the hero's middle. */
    public Vector3D at(double metres) {
        return from.add(along.multiply(metres));
    }

    /** Illuminance of a level surface there. */
    double light(KeyLight key, double metres) {
        return key.at(at(metres), UP);
    }

    /** Share of the open light there. */
    double share(KeyLight key, double metres) {
        return share(key, metres, light(key, metres));
    }

    /** The same by the light that is known there. */
    double share(KeyLight key, double metres, double light) {
        double open = key.openAt(at(metres), UP);
        return open == 0 ? 0 : light / open;
    }

    private boolean cuts(KeyLight key) {
        return shares(key).anyMatch(share -> share < FULL);
    }

    /** How much the share changes along it. */
    private double change(KeyLight key) {
        DoubleSummaryStatistics shares = shares(key).summaryStatistics();
        return shares.getMax() - shares.getMin();
    }

    /** At places to both sides of the hero. */
    private DoubleStream shares(KeyLight key) {
        return IntStream.rangeClosed(-SAMPLES, SAMPLES).mapToDouble(i -> share(key, i * REACH / SAMPLES));
    }
}
