package zephyrdune.set;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import zephyrdune.set.camera.Camera;
import zephyrdune.set.dish.Prop;
import zephyrdune.set.light.BookLight;
import zephyrdune.set.light.BroadBase;
import zephyrdune.set.light.Light;
import zephyrdune.set.light.OffBoard;
import zephyrdune.set.light.OffRoom;
import zephyrdune.set.light.Pose;
import zephyrdune.set.room.Backdrop;
import zephyrdune.set.room.OpenRoom;
import zephyrdune.set.room.WalledRoom;
import zephyrdune.units.measure.Lengths;
import zephyrdune.units.measure.Refused;

/**
 * What cannot be in the same place: every face of light and every card against table, dish, props, backdrop, walls and each other's faces;
 * the camera against what stands on the table. Two cards may go through each other: paper can be slotted.
 */
final class Clearance {

    /** What lies as flat as this on the table, a card may stand on. */
    private static final double FLAT_PROP = 0.04;

    private final TableSet.Parts set;
    private final Upright hero;

    /** Faces that stand by themselves; the key's is not among them when it is a patch on a wall. */
    private final List<Flat> faces = new ArrayList<>();

    /** Cards by their place in the set; none for those that let things through. */
    private final List<Flat> cards = new ArrayList<>();

    private Clearance(TableSet.Parts set) {
        this.set = set;
        hero = Upright.of(set.dish());
        if (!(set.light().filling() instanceof OffRoom)) {
            faces.add(Flat.of("light.distance", "The light", set.light()));
        }
        if (set.base() instanceof BroadBase base) {
            faces.add(Flat.of("base.distance", "The base light", base.as(set.light())));
        }
        for (int i = 0; i < set.cards().size(); i++) {
            cards.add(Flat.of(
                    "cards[%d].distance".formatted(i),
                    "Card %d".formatted(i + 1),
                    set.cards().get(i)));
        }
    }

    /** @throws Refused naming what to change, and to what, for the first clash found */
    static void require(TableSet.Parts set) {
        new Clearance(set).require();
    }

    private void require() {
        dishBeforeBackdrop();
        cameraOutsideDish();
        if (set.light().filling() instanceof OffRoom bounce) {
            bounced(bounce);
        } else {
            lightAboveTable();
        }
        if (set.base() instanceof BroadBase base
                && Outlines.lowest(faces.get(faces.size() - 1).corners()) < 0) {
            throw new Refused("base.heightAngle", "The lower edge of the base light is below the table top; raise it");
        }
        facesOutsideHero();
        facesBeforeBackdrop();
        props();
        cardsClear();
        if (faces.size() == 2 && faces.get(0).crosses(faces.get(1))) {
            throw new Refused("base.distance", "The base light goes through the light; move one of them");
        }
        if (set.room() instanceof WalledRoom walls) {
            RoomClearance.require(walls, set, faces, cards);
        }
    }

    private void dishBeforeBackdrop() {
        if (set.backdrop().distance() <= set.dish().radius()) {
            throw new Refused(
                            "backdrop.distance",
                            "The backdrop stands in the dish; put it at least %s behind the hero point"
                                    .formatted(Lengths.least(set.dish().radius())))
                    .mendedBy(Lengths.wholeUp(set.dish().radius()));
        }
    }

    private void cameraOutsideDish() {
        double clear = Math.hypot(set.dish().radius(), set.dish().height() / 2);
        Camera camera = set.camera();
        double away = camera.shift()
                .add(camera.towardsLens().multiply(camera.subjectDistance()))
                .norm();
        if (away <= clear) {
            throw new Refused(
                    "camera.focalLength",
                    "The lens would be inside the dish, %s from its middle; use a longer lens or frame wider"
                            .formatted(Lengths.most(away)));
        }
    }

    private void bounced(OffRoom bounce) {
        Light light = set.light();
        if (!(set.room() instanceof WalledRoom walled)) {
            throw new Refused(
                    "light.filling", "There are no walls to bounce off; give the set a room, or bounce off a board");
        }
        OffBoard.requireMatte("light.filling", walled.surface(bounce.side()));
        Vector3D source = light.centre();
        if (source.getZ() <= set.dish().height()
                && Math.hypot(source.getX(), source.getY()) <= set.dish().radius()) {
            throw new Refused("light.distance", "The source stands inside the dish; move it out");
        }
        Pose pose = Pose.of(light, walled);
        if (!pose.lit()) {
            throw new Refused(
                    "light.filling",
                    "Nothing of the beam meets the %s; turn the source to it"
                            .formatted(bounce.side().words()));
        }
        if (pose.centre().add(pose.upHalf()).getZ() <= 0) {
            throw new Refused(
                    "light.heightAngle", "The patch of light lies below the table top; raise the source or turn it up");
        }
    }

    private void lightAboveTable() {
        Light light = set.light();
        double source = Pose.of(light, new OpenRoom()).source().getZ();
        if (source < 0) {
            throw new Refused(
                    "light.filling",
                    "The source stands %s below the table top; bring it nearer to the panel or board, or turn it up"
                            .formatted(Lengths.least(-source)));
        }
        double lowest = Outlines.lowest(faces.get(0).corners());
        if (lowest < 0) {
            // aim z + D sin a - (h/2) cos a = aim z + hypot(D, h/2) sin(a - lean)
            double lean = Math.atan2(light.face().along() / 2, light.distance());
            double span = Math.hypot(light.distance(), light.face().along() / 2);
            double least = lean - Math.asin(Math.min(1, light.aim().z() / span));
            throw new Refused(
                            "light.heightAngle",
                            "The lower edge of the light is %s below the table top; raise it to at least %.0f°"
                                    .formatted(Lengths.least(-lowest), Math.ceil(Math.toDegrees(least))))
                    .mendedBy(Math.toRadians(Math.ceil(Math.toDegrees(least))));
        }
    }

    private void facesOutsideHero() {
        for (Flat face : faces) {
            if (face.in(hero)) {
                throw new Refused(
                                face.field(),
                                "%s is inside the dish; move it out to at least %s"
                                        .formatted(face.words(), Lengths.least(face.clear(hero))))
                        .mendedBy(Lengths.wholeUp(face.clear(hero)));
            }
        }
    }

    private void facesBeforeBackdrop() {
        double backdrop = set.backdrop().distance();
        for (Flat face : faces) {
            double farthest = Outlines.farthest(face.corners());
            if (farthest > backdrop) {
                throw new Refused(
                                "backdrop.distance",
                                "%s reaches behind the backdrop; put the backdrop at least %s behind the hero point, or bring the light nearer"
                                        .formatted(face.words(), Lengths.least(farthest)))
                        .mendedBy(Lengths.wholeUp(farthest));
            }
        }
        if (set.light().filling() instanceof OffRoom) {
            return;
        }
        Pose pose = Pose.of(set.light(), new OpenRoom());
        double source = pose.source().getY();
        if (source > backdrop) {
            throw new Refused(
                            "backdrop.distance",
                            "The source behind the panel stands behind the backdrop; put the backdrop at least %s behind the hero point, or move the source nearer to the panel"
                                    .formatted(Lengths.least(source)))
                    .mendedBy(Lengths.wholeUp(source));
        }
        if (set.light().filling() instanceof BookLight book) {
            boardClear(pose.board(book));
        }
    }

    private void boardClear(List<Vector3D> board) {
        if (Outlines.lowest(board) < 0) {
            throw new Refused(
                    "light.filling.boardHeight",
                    "The board behind the cloth reaches %s below the table top; make it smaller, or raise the light"
                            .formatted(Lengths.least(-Outlines.lowest(board))));
        }
        if (Outlines.farthest(board) > set.backdrop().distance()) {
            throw new Refused(
                            "backdrop.distance",
                            "The board behind the cloth reaches behind the backdrop; put the backdrop at least %s behind the hero point, or the board nearer"
                                    .formatted(Lengths.least(Outlines.farthest(board))))
                    .mendedBy(Lengths.wholeUp(Outlines.farthest(board)));
        }
    }

    private void props() {
        Vector3D lens = set.camera().lens(set.dish().height() / 2);
        for (int i = 0; i < set.props().size(); i++) {
            String path = "props[" + i + "]";
            Prop prop = set.props().get(i);
            double radius = prop.body().radius();
            Upright body = Upright.of(prop);
            if (prop.y() + radius >= set.backdrop().distance()) {
                throw new Refused(
                                path + ".y",
                                "It reaches through the backdrop; bring it at least %s nearer to the camera"
                                        .formatted(Lengths.least(prop.y()
                                                + radius
                                                - set.backdrop().distance())))
                        .mendedBy(-Lengths.wholeUp(radius - set.backdrop().distance()));
            }
            if (lens.getZ() <= body.top() && Math.hypot(lens.getX() - prop.x(), lens.getY() - prop.y()) <= radius) {
                throw new Refused(path + ".x", "The lens would be inside it; move it out of the camera's way");
            }
            for (Flat face : faces) {
                if (face.in(body)) {
                    throw new Refused(
                            path + ".x",
                            "It stands in the face of %s; move it, or raise the light"
                                    .formatted(decapitalised(face.words())));
                }
            }
            for (int card = 0; card < cards.size(); card++) {
                if (blocks(card) && body.top() > FLAT_PROP && cards.get(card).in(body)) {
                    throw new Refused(
                            cards.get(card).field(),
                            "%s goes through prop %d; move one of them, or lift the card"
                                    .formatted(cards.get(card).words(), i + 1));
                }
            }
        }
    }

    /** Whether a card is a board; what stands by itself, such as a branch, may hang into things. */
    private boolean blocks(int card) {
        return !set.cards().get(card).cut().holes().standing();
    }

    private void cardsClear() {
        Backdrop backdrop = set.backdrop();
        double side = backdrop.width() / 2;
        List<Vector3D> cloth = List.of(
                Vector3D.of(-side, backdrop.distance(), 0),
                Vector3D.of(side, backdrop.distance(), 0),
                Vector3D.of(side, backdrop.distance(), backdrop.height()),
                Vector3D.of(-side, backdrop.distance(), backdrop.height()));
        for (int i = 0; i < cards.size(); i++) {
            Flat card = cards.get(i);
            if (blocks(i) && card.in(hero)) {
                throw new Refused(
                                card.field(),
                                "%s cuts through the dish; move it out to at least %s, or lift it"
                                        .formatted(card.words(), Lengths.least(card.clear(hero))))
                        .mendedBy(Lengths.wholeUp(card.clear(hero)));
            }
            if (card.crosses(cloth)) {
                throw new Refused(
                        card.field(), "%s goes through the backdrop; bring it nearer".formatted(card.words()));
            }
            for (Flat face : faces) {
                if (card.crosses(face)) {
                    throw new Refused(
                            card.field(),
                            "%s goes through the face of %s; move one of them"
                                    .formatted(card.words(), decapitalised(face.words())));
                }
            }
        }
    }

    private static String decapitalised(String words) {
        return words.substring(0, 1).toLowerCase(Locale.ROOT) + words.substring(1);
    }
}
