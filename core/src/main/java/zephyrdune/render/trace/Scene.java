package zephyrdune.render.trace;

import java.util.List;
import java.util.stream.Stream;
import zephyrdune.render.body.Bodies;
import zephyrdune.render.body.Body;
import zephyrdune.render.body.Hit;
import zephyrdune.render.body.PanelBody;
import zephyrdune.render.body.Ray;
import zephyrdune.set.TableSet;
import zephyrdune.set.card.Card;
import zephyrdune.set.card.Panel;
import zephyrdune.set.dish.Prop;
import zephyrdune.set.room.WalledRoom;
import zephyrdune.set.surface.Surface;

/**
 * The set as rays meet it: table top, backdrop, walls, dishes, cards, and the lights' own faces, which are black behind. It
 * never changes; any number of threads may look at it.
 */
public final class Scene {

    public static final double FARTHEST = 1e6;

    /** Rays start this far off the surface they leave, metres. */
    static final double SKIN = 1e-6;

    // owners of what is met, beside the bodies
    public static final int TABLE = 0;
    public static final int BACKDROP = 1;
    public static final int WALL = 2;
    public static final int KEY_FACE = 3;
    public static final int BASE_FACE = 4;
    public static final int WINDOW = 5;

    /** Flaps on the light. */
    public static final int DOORS = 6;

    /** The hero; the props follow, then the cards. */
    public static final int HERO = 7;

    public final int cards;

    final SceneLights lights;
    final Occluders occluders;
    final BodyPoses poses;

    private final int firstCard;
    private final Planes planes;
    private final Walls walls;
    private final SolidArray opaque;
    final SolidArray clear;

    private Scene(TableSet set, boolean hero) {
        cards = set.cards().size();
        firstCard = HERO + 1 + set.props().size();
        lights = SceneLights.of(set);
        planes = new Planes(set);
        walls = set.room() instanceof WalledRoom walled ? new Walls(walled) : null;
        poses = new BodyPoses(set, firstCard + cards);
        SolidList opaques = new SolidList();
        SolidList clears = new SolidList();
        lights.addTo(opaques);
        addDishes(set, hero, opaques, clears);
        set.doors().forEach(door -> opaques.add(PanelBody.of(door, Surface.BLACK_PAPER), DOORS));
        int beforeCards = opaques.size();
        List<Panel> panels =
                set.cards().stream().flatMap(card -> card.panels().stream()).toList();
        addCards(set.cards(), opaques);
        int holed = -1;
        for (int i = panels.size() - 1; i >= 0; i--) {
            holed = ((PanelBody) opaques.solids.get(beforeCards + i)).open() ? i : holed;
        }
        opaque = new SolidArray(opaques);
        clear = new SolidArray(clears);
        occluders = new Occluders(
                planes,
                opaque,
                clear,
                holed < 0 ? -1 : beforeCards + holed,
                holed < 0 ? null : panels.get(holed).shut());
    }

    public static Scene of(TableSet set) {
        return new Scene(set, true);
    }

    /** The same set with its hero taken away. */
    public static Scene withoutHero(TableSet set) {
        return new Scene(set, false);
    }

    private static void addDishes(TableSet set, boolean hero, SolidList opaques, SolidList clears) {
        if (hero) {
            add(Bodies.of(set.dish()), HERO, opaques, clears);
        }
        for (int i = 0; i < set.props().size(); i++) {
            add(Bodies.of(set.props().get(i)), HERO + 1 + i, opaques, clears);
        }
    }

    private static void add(Body body, int owner, SolidList opaques, SolidList clears) {
        if (body.opaque() != null) {
            opaques.add(body.opaque(), owner);
        }
        if (body.clear() != null) {
            clears.add(body.clear(), owner);
        }
    }

    private void addCards(List<Card> all, SolidList opaques) {
        for (int i = 0; i < all.size(); i++) {
            Card card = all.get(i);
            int owner = firstCard + i;
            card.panels().forEach(panel -> opaques.add(PanelBody.of(panel, card.surface()), owner));
        }
    }

    /** Whether anything in a set is of glass. */
    public static boolean hasGlass(TableSet set) {
        return Stream.concat(Stream.of(set.dish()), set.props().stream().map(Prop::body))
                .anyMatch(dish -> Bodies.of(dish).clear() != null);
    }

    /** Whether an owner is a face that gives light, and shows nothing else. */
    static boolean shines(int owner) {
        return owner == KEY_FACE || owner == BASE_FACE || owner == WINDOW;
    }

    /** The number of the card an owner is, or -1. */
    public int card(int owner) {
        return owner >= firstCard ? owner - firstCard : -1;
    }

    /** A unit ray's nearest hit, into {@code hit}; returns its owner, or -1 when nothing was met. */
    public int meet(Ray ray, Hit hit) {
        hit.clear(FARTHEST);
        int owner = planes.meet(ray, hit);
        if (walls != null && walls.meet(ray, hit)) {
            owner = WALL;
        }
        owner = meet(opaque, ray, hit, owner);
        return meet(clear, ray, hit, owner);
    }

    /** A unit ray's nearest hit of the opaque bodies of one owner, into {@code hit}. */
    void meet(int owner, Ray ray, Hit hit) {
        for (int i = 0; i < opaque.solids.length; i++) {
            if (opaque.owner(i) == owner && !opaque.misses(ray, i)) {
                opaque.solids[i].meet(ray, hit);
            }
        }
    }

    private static int meet(SolidArray solids, Ray ray, Hit hit, int before) {
        int owner = before;
        for (int i = 0; i < solids.solids.length; i++) {
            if (!solids.misses(ray, i)) {
                double distance = hit.distance;
                solids.solids[i].meet(ray, hit);
                if (hit.distance < distance) {
                    owner = solids.owner(i);
                }
            }
        }
        return owner;
    }
}
