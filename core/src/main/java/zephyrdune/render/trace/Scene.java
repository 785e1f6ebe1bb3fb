package zephyrdune.render.trace;

import java.util.List;
import zephyrdune.light.emitter.EmittingFace;
import zephyrdune.light.emitter.KeyColour;
import zephyrdune.light.emitter.Patch;
import zephyrdune.light.illuminance.Cutters;
import zephyrdune.light.illuminance.Illuminance;
import zephyrdune.render.body.Ball;
import zephyrdune.render.body.Bodies;
import zephyrdune.render.body.Body;
import zephyrdune.render.body.Hit;
import zephyrdune.render.body.PanelBody;
import zephyrdune.render.body.Ray;
import zephyrdune.render.body.Solid;
import zephyrdune.render.material.Material;
import zephyrdune.set.TableSet;
import zephyrdune.set.card.Card;
import zephyrdune.set.card.Panel;
import zephyrdune.set.dish.Prop;
import zephyrdune.set.light.BroadBase;
import zephyrdune.set.light.OffRoom;
import zephyrdune.set.room.Backdrop;
import zephyrdune.set.room.SideWindow;
import zephyrdune.set.room.TableTop;
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

    final EmittingFace key;

    /** Cards and doors as they cut its light. */
    final Cutters cutters;

    /** The base light's face, or null. */
    final EmittingFace base;

    /** Whether the key's face is a patch on a wall, which also sends on what comes to it. */
    final boolean keyOnWall;

    /** The other leaves of a corner, each with its red, green and blue luminance over those of the key. */
    final EmittingFace[] leaves;

    final double[][] leafLuminance;
    final FaceMap[] leafMaps;

    /** The window's face, or null; and its luminance where all of the room's own light together has 1 on a level surface over pi. */
    final EmittingFace window;

    final double windowLuminance;

    /** Luminance of the room's own light from all sides, likewise. */
    final double round;

    /** Where the faces are bright; null for an even one. */
    final FaceMap keyMap;

    final FaceMap baseMap;

    public final int cards;

    private final int firstCard;
    private final Solid[] opaque;
    private final int[] opaqueOwner;
    private final double[] opaqueBalls;
    private final double[] opaqueTops;

    /** The pieces of the opaque bodies: those of body i are from firstPiece[i] to before firstPiece[i + 1]. */
    private final Solid[] pieces;

    private final int[] firstPiece;
    private final double[] pieceBalls;
    private final double[] pieceTops;
    /** The first card with openings, or null; its piece, and that of the same card shut, which is in nobody's way. */
    final PanelBody holed;

    final int holedPiece;
    final int shutPiece;
    private final Solid[] clear;
    private final int[] clearOwner;
    private final double[] clearBalls;
    private final Material table;
    private final double tableLeft;
    private final double tableRight;
    private final double tableBefore;
    private final double tableBehind;
    private final Material backdrop;
    private final double backdropY;
    private final double backdropHalfWidth;
    private final double backdropHeight;
    private final Walls walls;

    /** Places and turns of the bodies, for their textures: x, y, lift, cosine, sine of each. */
    private final double[] poses;

    private Scene(TableSet set, boolean hero) {
        EmittingFace lit = EmittingFace.of(set);
        key = lit.withLuminance(1);
        cutters = Cutters.of(set);
        base = set.base() instanceof BroadBase broad
                ? EmittingFace.of(broad.as(set.light())).withLuminance(1)
                : null;
        keyOnWall = set.light().filling() instanceof OffRoom;
        List<Patch> patches = Patch.of(set.light(), set.room());
        leaves = patches.stream().map(leaf -> leaf.face().withLuminance(1)).toArray(EmittingFace[]::new);
        leafMaps = patches.stream().map(leaf -> FaceMap.of(leaf.face())).toArray(FaceMap[]::new);
        KeyColour colour = KeyColour.of(set);
        leafLuminance = patches.stream()
                .map(leaf -> relative(leaf, lit.luminance(), colour))
                .toArray(double[][]::new);
        window = set.ambient().window() instanceof SideWindow side ? EmittingFace.of(side) : null;
        windowLuminance = window == null ? 0 : windowLuminance(set, window);
        round = windowLuminance > 0 ? 1 - set.ambient().windowShare() : 1;
        keyMap = FaceMap.of(key);
        baseMap = base == null ? null : FaceMap.of(base);
        cards = set.cards().size();
        TableTop top = set.tableTop();
        table = Material.of(top.surface());
        tableLeft = -top.left();
        tableRight = top.right();
        tableBefore = -top.before();
        tableBehind = top.behind();
        Backdrop behind = set.backdrop();
        backdrop = Material.of(behind.surface());
        backdropY = behind.distance();
        backdropHalfWidth = behind.width() / 2;
        backdropHeight = behind.height();
        walls = set.room() instanceof WalledRoom walled ? new Walls(walled) : null;
        firstCard = HERO + 1 + set.props().size();
        poses = new double[5 * (firstCard + cards)];
        SolidList opaques = new SolidList();
        SolidList clears = new SolidList();
        if (!keyOnWall) {
            opaques.add(new FaceSolid(key), KEY_FACE);
        }
        if (window != null) {
            opaques.add(new FaceSolid(window), WINDOW);
        }
        if (base != null) {
            opaques.add(new FaceSolid(base), BASE_FACE);
        }
        if (hero) {
            add(Bodies.of(set.dish()), HERO, opaques, clears);
        }
        for (int i = 0; i < set.props().size(); i++) {
            Prop prop = set.props().get(i);
            int owner = HERO + 1 + i;
            poses[5 * owner] = prop.x();
            poses[5 * owner + 1] = prop.y();
            poses[5 * owner + 2] = prop.lift();
            poses[5 * owner + 3] = Math.cos(prop.turn());
            poses[5 * owner + 4] = Math.sin(prop.turn());
            Body body = Bodies.of(prop.body()).moved(prop.x(), prop.y(), prop.lift(), prop.turn());
            add(body, owner, opaques, clears);
        }
        for (int i = 0; i < poses.length; i += 5) {
            if (poses[i + 3] == 0 && poses[i + 4] == 0) {
                poses[i + 3] = 1;
            }
        }
        set.doors().forEach(door -> opaques.add(PanelBody.of(door, Surface.BLACK_PAPER), DOORS));
        Panel looked = null;
        int lookedAt = -1;
        for (int i = 0; i < cards; i++) {
            Card card = set.cards().get(i);
            for (Panel panel : card.panels()) {
                PanelBody body = PanelBody.of(panel, card.surface());
                if (looked == null && body.open()) {
                    looked = panel;
                    lookedAt = opaques.solids.size();
                }
                opaques.add(body, firstCard + i);
            }
        }
        opaque = opaques.solids.toArray(Solid[]::new);
        opaqueOwner = opaques.owners();
        opaqueBalls = opaques.balls();
        opaqueTops = opaques.solids.stream()
                .mapToDouble(solid -> solid.bounds().highZ())
                .toArray();
        SolidList split = new SolidList();
        firstPiece = new int[opaque.length + 1];
        for (int i = 0; i < opaque.length; i++) {
            firstPiece[i] = split.solids.size();
            opaque[i].pieces().forEach(piece -> split.add(piece, 0));
        }
        firstPiece[opaque.length] = split.solids.size();
        if (looked != null) {
            holed = (PanelBody) opaque[lookedAt];
            holedPiece = firstPiece[lookedAt];
            shutPiece = split.solids.size();
            split.add(PanelBody.of(looked.shut(), Surface.BLACK_PAPER), 0);
        } else {
            holed = null;
            holedPiece = -1;
            shutPiece = -1;
        }
        pieces = split.solids.toArray(Solid[]::new);
        pieceBalls = split.balls();
        pieceTops = split.solids.stream()
                .mapToDouble(solid -> solid.bounds().highZ())
                .toArray();
        clear = clears.solids.toArray(Solid[]::new);
        clearOwner = clears.owners();
        clearBalls = clears.balls();
    }

    public static Scene of(TableSet set) {
        return new Scene(set, true);
    }

    /** The same set with its hero taken away. */
    public static Scene withoutHero(TableSet set) {
        return new Scene(set, false);
    }

    private static void add(Body body, int owner, SolidList opaques, SolidList clears) {
        if (body.opaque() != null) {
            opaques.add(body.opaque(), owner);
        }
        if (body.clear() != null) {
            clears.add(body.clear(), owner);
        }
    }

    /** The number of the card an owner is, or -1. */
    public int card(int owner) {
        return owner >= firstCard ? owner - firstCard : -1;
    }

    /** A place in the frame of the body that owns it, into {@code place}. */
    void own(int owner, double x, double y, double z, double[] place) {
        double px = x - poses[5 * owner];
        double py = y - poses[5 * owner + 1];
        double cosine = poses[5 * owner + 3];
        double sine = poses[5 * owner + 4];
        place[0] = cosine * px + sine * py;
        place[1] = cosine * py - sine * px;
        place[2] = z - poses[5 * owner + 2];
    }

    /** Turns a direction into the frame of the body that owns it ({@code back} false) or out of it. */
    void turn(int owner, boolean back, double[] way) {
        double cosine = poses[5 * owner + 3];
        double sine = back ? -poses[5 * owner + 4] : poses[5 * owner + 4];
        double x = cosine * way[0] + sine * way[1];
        way[1] = cosine * way[1] - sine * way[0];
        way[0] = x;
    }

    /** A unit ray's nearest hit, into {@code hit}; returns its owner, or -1 when nothing was met. */
    public int meet(Ray ray, Hit hit) {
        hit.clear(FARTHEST);
        int owner = -1;
        double t = -ray.oz / ray.dz;
        if (t > SKIN && t < FARTHEST && onTable(ray.ox + t * ray.dx, ray.oy + t * ray.dy)) {
            hit.take(t, 0, 0, 1, table);
            owner = TABLE;
        }
        t = (backdropY - ray.oy) / ray.dy;
        if (t > SKIN && t < hit.distance && onBackdrop(ray.ox + t * ray.dx, ray.oz + t * ray.dz)) {
            hit.take(t, 0, -1, 0, backdrop);
            owner = BACKDROP;
        }
        if (walls != null && walls.meet(ray, hit)) {
            owner = WALL;
        }
        for (int i = 0; i < opaque.length; i++) {
            if (!misses(ray, opaqueBalls, i)) {
                double before = hit.distance;
                opaque[i].meet(ray, hit);
                if (hit.distance < before) {
                    owner = opaqueOwner[i];
                }
            }
        }
        for (int i = 0; i < clear.length; i++) {
            if (!misses(ray, clearBalls, i)) {
                double before = hit.distance;
                clear[i].meet(ray, hit);
                if (hit.distance < before) {
                    owner = clearOwner[i];
                }
            }
        }
        return owner;
    }

    private static boolean misses(Ray ray, double[] balls, int i) {
        double cx = balls[4 * i] - ray.ox;
        double cy = balls[4 * i + 1] - ray.oy;
        double cz = balls[4 * i + 2] - ray.oz;
        double squared = cx * cx + cy * cy + cz * cz - balls[4 * i + 3];
        if (squared <= 0) {
            return false;
        }
        double along = cx * ray.dx + cy * ray.dy + cz * ray.dz;
        return along <= 0 || squared > along * along;
    }

    private static double[] relative(Patch leaf, double keyLuminance, KeyColour colour) {
        double bright = leaf.face().luminance() / keyLuminance / leaf.surface().luminous();
        return new double[] {
            bright * leaf.surface().red() / colour.red(),
            bright * leaf.surface().green() / colour.green(),
            bright * leaf.surface().blue() / colour.blue()
        };
    }

    private boolean onTable(double x, double y) {
        return x >= tableLeft && x <= tableRight && y >= tableBefore && y <= tableBehind;
    }

    /** So bright that it gives the hero its share of the room's own light; 0 where it does not reach the hero. */
    private static double windowLuminance(TableSet set, EmittingFace window) {
        double given = Illuminance.uniform(window).level(0, 0, set.dish().top());
        return given == 0 ? 0 : Math.PI * set.ambient().windowShare() / given;
    }

    private boolean onBackdrop(double x, double z) {
        return Math.abs(x) <= backdropHalfWidth && z >= 0 && z <= backdropHeight;
    }

    /**
     * What can stand between a place and a light's face: those bodies whose ball overlaps the face's, seen from the place
     * (the shaft of E. A. Haines and J. R. Wallace, 1991, with balls for its ends).
     */
    void gather(double x, double y, double z, AreaLight light, OccluderList between) {
        Ball face = light.body.ball();
        between.clear();
        double fx = face.x() - x;
        double fy = face.y() - y;
        double fz = face.z() - z;
        double far = Math.sqrt(fx * fx + fy * fy + fz * fz);
        between.behindBackdrop = y > backdropY || light.farthestBack > backdropY;
        between.underTable = z < 0;
        // how steeply light comes down at least, from anywhere on the face
        double slope = Math.max(0, light.lowest - z) / (Math.sqrt(fx * fx + fy * fy) + face.radius());
        for (int i = 0; i < opaque.length; i++) {
            if (opaqueOwner[i] == light.owner
                    || underneath(opaqueBalls, opaqueTops, i, x, y, z, slope)
                    || !overlaps(opaqueBalls, i, x, y, z, fx, fy, fz, far, face.radius())) {
                continue;
            }
            for (int k = firstPiece[i]; k < firstPiece[i + 1]; k++) {
                if (firstPiece[i] + 1 == firstPiece[i + 1]
                        || !underneath(pieceBalls, pieceTops, k, x, y, z, slope)
                                && overlaps(pieceBalls, k, x, y, z, fx, fy, fz, far, face.radius())) {
                    between.opaque[between.opaques++] = k;
                }
            }
        }
        for (int i = 0; i < clear.length; i++) {
            if (overlaps(clearBalls, i, x, y, z, fx, fy, fz, far, face.radius())) {
                between.clear[between.clears++] = i;
            }
        }
    }

    /** Whether light that comes down so steeply passes over a body on its way to a place. */
    private static boolean underneath(
            double[] balls, double[] tops, int i, double x, double y, double z, double slope) {
        double bx = balls[4 * i] - x;
        double by = balls[4 * i + 1] - y;
        double over = tops[i] - z;
        double away = Math.sqrt(bx * bx + by * by);
        double nearest = away - Math.sqrt(balls[4 * i + 3]);
        return slope > 0 && nearest > 0 && nearest * slope > over;
    }

    private static boolean overlaps(
            double[] balls,
            int i,
            double x,
            double y,
            double z,
            double fx,
            double fy,
            double fz,
            double far,
            double faceRadius) {
        double bx = balls[4 * i] - x;
        double by = balls[4 * i + 1] - y;
        double bz = balls[4 * i + 2] - z;
        double squared = bx * bx + by * by + bz * bz;
        double radiusSquared = balls[4 * i + 3];
        if (squared <= radiusSquared || far <= faceRadius) {
            return true;
        }
        double along = bx * fx + by * fy + bz * fz;
        // cosine of the angle between the middles against that of the sum of the two balls' half angles
        double cosine = Math.sqrt((1 - radiusSquared / squared) * (1 - faceRadius * faceRadius / (far * far)))
                - Math.sqrt(radiusSquared / squared) * faceRadius / far;
        return along > cosine * far * Math.sqrt(squared);
    }

    /**
     * What of each of red, green and blue gets along a unit ray to a light {@code length} away, into {@code passed}. Clear
     * bodies dim it but do not bend it: the patterns of light that glass throws are left out.
     */
    void passed(Ray ray, double length, OccluderList between, double[] passed) {
        passed[0] = 1;
        passed[1] = 1;
        passed[2] = 1;
        if (between.behindBackdrop) {
            double t = (backdropY - ray.oy) / ray.dy;
            if (t > 0 && t < length && onBackdrop(ray.ox + t * ray.dx, ray.oz + t * ray.dz)) {
                passed[0] = 0;
                passed[1] = 0;
                passed[2] = 0;
                return;
            }
        }
        if (between.underTable) {
            double t = -ray.oz / ray.dz;
            if (t > 0 && t < length && onTable(ray.ox + t * ray.dx, ray.oy + t * ray.dy)) {
                passed[0] = 0;
                passed[1] = 0;
                passed[2] = 0;
                return;
            }
        }
        for (int k = 0; k < between.opaques; k++) {
            int i = between.opaque[k];
            if (!misses(ray, pieceBalls, i) && pieces[i].blocks(ray, length - SKIN)) {
                passed[0] = 0;
                passed[1] = 0;
                passed[2] = 0;
                return;
            }
        }
        for (int k = 0; k < between.clears; k++) {
            int i = between.clear[k];
            if (!misses(ray, clearBalls, i)) {
                Transmittance.through(clear[i], ray, length - SKIN, between.hit, passed);
            }
        }
    }

    /** Whether a piece is flat: a card or a flap, whose part in what is seen of the key can be worked out. */
    boolean flat(int piece) {
        return pieces[piece] instanceof PanelBody;
    }

    OccluderList between() {
        return new OccluderList(pieces.length, clear.length);
    }
}
