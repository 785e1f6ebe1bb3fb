package zephyrdune.pattern;

import java.util.List;
import java.util.Optional;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import zephyrdune.emitter.EmittingFace;
import zephyrdune.illuminance.KeyLight;
import zephyrdune.table.BarnDoors;
import zephyrdune.table.Card;
import zephyrdune.table.Panel;
import zephyrdune.table.TableSet;

/**
 * A level line through the middle of the hero's top, or through its brightest patch, square to the edges that a card cuts into the light: along it strips and patches are
 * measured.
 *
 * @param card the number of the card that cuts, or -1 for barn doors
 * @param from the middle of the hero's top, or its brightest patch under a pattern, metres
 * @param along the line, a level unit vector
 * @param lightToCard along the ray from the middle of the face to the hero, metres; the {@code a} of similar triangles
 * @param cardToHero along the same ray, metres; the {@code b} of similar triangles
 * @param faceSize of the light across the pattern, metres
 */
public record CutLine(int card, Vector3D from, Vector3D along, double lightToCard, double cardToHero, double faceSize) {

    private static final Vector3D UP = Vector3D.Unit.PLUS_Z;

    /** A step on the card by which the line is thrown on the table, metres. */
    private static final double STEP = 1e-3;

    /** How far to each side a flag's edge is looked for, metres, and how closely. */
    static final double REACH = 0.8;

    private static final double LOOK = 0.04;

    /** Light that lacks less than this share is full. */
    static final double FULL = 0.99;

    /** The line of the first pattern or slit; otherwise of the first flag or door that cuts anything near the hero. */
    public static Optional<CutLine> of(TableSet set, KeyLight key) {
        List<Card> cards = set.cards();
        for (int i = 0; i < cards.size(); i++) {
            Card card = cards.get(i);
            if (card.cut().any()) {
                boolean patterned = card.cut().patterned();
                // a slit may be open wider than is looked; a pattern that cuts nothing stands in no light's way
                Optional<CutLine> line = of(
                                key, i, card.panels().get(0), card.cut().across(card))
                        .filter(found -> !patterned || found.cuts(key))
                        .map(found -> patterned ? found.through(key.brightest()) : found);
                if (line.isPresent()) {
                    return line;
                }
            }
        }
        for (int i = 0; i < cards.size(); i++) {
            Card card = cards.get(i);
            for (Panel panel : card.panels()) {
                if (!card.black() || !towards(key, panel)) {
                    continue;
                }
                for (Vector3D axis : List.of(panel.across(), panel.up())) {
                    Optional<CutLine> line = of(key, i, panel, axis).filter(found -> found.cuts(key));
                    if (line.isPresent()) {
                        return line;
                    }
                }
            }
        }
        if (set.light().doors() instanceof BarnDoors) {
            for (Panel door : set.doors()) {
                Optional<CutLine> line = of(key, -1, door, door.normal()).filter(found -> found.cuts(key));
                if (line.isPresent()) {
                    return line;
                }
            }
        }
        return Optional.empty();
    }

    /** Whether a panel stands on the light's side of the hero. */
    private static boolean towards(KeyLight key, Panel panel) {
        return panel.centre().subtract(key.hero()).dot(key.face().centre().subtract(key.hero())) > 0;
    }

    private static Optional<CutLine> of(KeyLight key, int card, Panel panel, Vector3D axis) {
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
        double open = key.openAt(at(metres), UP);
        return open == 0 ? 0 : light(key, metres) / open;
    }

    private boolean cuts(KeyLight key) {
        for (double out = -REACH; out <= REACH; out += LOOK) {
            if (share(key, out) < FULL) {
                return true;
            }
        }
        return false;
    }
}
