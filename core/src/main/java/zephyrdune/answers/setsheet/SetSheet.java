package zephyrdune.answers.setsheet;

import java.util.ArrayList;
import java.util.List;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import zephyrdune.answers.setsheet.SheetPart.Kind;
import zephyrdune.answers.setsheet.SheetPart.SheetLine;
import zephyrdune.light.illuminance.KeyLight;
import zephyrdune.render.lens.Perspective;
import zephyrdune.render.metering.MeteredExposure;
import zephyrdune.set.TableSet;
import zephyrdune.set.card.Card;
import zephyrdune.set.light.BroadBase;
import zephyrdune.set.light.Light;
import zephyrdune.set.light.OffRoom;
import zephyrdune.set.light.Pose;
import zephyrdune.set.room.OpenRoom;
import zephyrdune.set.room.TableTop;

/**
 * How to build a set up with a tape, part by part.
 *
 * @param mark that the light's power stands at, as its control says it
 */
public record SetSheet(List<SheetPart> parts, String mark) {

    /** A table that reaches farther has no edge that anybody measures from, metres. */
    private static final double NO_EDGE = 3;

    /** Nearer to straight over the dish nobody tells a clock, metres. */
    private static final double OVER_THE_DISH = 0.003;

    public SetSheet {
        parts = List.copyOf(parts);
    }

    public static SetSheet of(TableSet set) {
        double below = MeteredExposure.below(set, KeyLight.of(set));
        List<SheetPart> parts = new ArrayList<>();
        parts.add(camera(set));
        parts.add(new SheetPart(Kind.LIGHT, 1, light(set, below)));
        if (set.base() instanceof BroadBase base) {
            parts.add(new SheetPart(Kind.BASE, 1, face(base.as(set.light()), set.tableTop())));
        }
        for (int i = 0; i < set.cards().size(); i++) {
            parts.add(new SheetPart(Kind.CARD, i + 1, card(set.cards().get(i), set.tableTop())));
        }
        parts.add(new SheetPart(
                Kind.BACKGROUND,
                1,
                List.of(new SheetLine(Measure.ALONG, set.backdrop().distance()))));
        return new SetSheet(parts, set.light().source().dial().nearest(below).text());
    }

    /** What is put up: the face, or the lamp that lights a wall. */
    private static List<SheetLine> light(TableSet set, double below) {
        List<SheetLine> lines = set.light().filling() instanceof OffRoom
                ? lamp(set.pose(), set.tableTop())
                : face(set.light(), set.tableTop());
        lines.add(new SheetLine(Measure.POWER, below));
        return lines;
    }

    private static List<SheetLine> lamp(Pose pose, TableTop table) {
        List<SheetLine> lines = middle(pose.source(), table);
        lines.add(new SheetLine(Measure.FACING, clock(pose.axis())));
        lines.add(new SheetLine(Measure.TILT, Math.asin(-pose.axis().getZ())));
        return lines;
    }

    private static List<SheetLine> face(Light light, TableTop table) {
        Pose pose = Pose.of(light, new OpenRoom());
        List<SheetLine> lines = middle(pose.centre(), table);
        double lowest =
                pose.outline(light).stream().mapToDouble(Vector3D::getZ).min().orElseThrow();
        lines.add(new SheetLine(Measure.LOWER_EDGE_UP, lowest));
        // straight down it looks nowhere on the clock, but its sides still lie some way
        lines.add(new SheetLine(Measure.FACING, clock(facing(light.widthAxis()))));
        lines.add(new SheetLine(Measure.TILT, Math.asin(-pose.front().getZ())));
        lines.add(new SheetLine(Measure.WIDTH, light.face().across()));
        lines.add(new SheetLine(Measure.HEIGHT, light.face().along()));
        return lines;
    }

    /** The level way that something faces whose width lies so. */
    private static Vector3D facing(Vector3D width) {
        return Vector3D.of(-width.getY(), width.getX(), 0);
    }

    private static List<SheetLine> middle(Vector3D middle, TableTop table) {
        List<SheetLine> lines = place(middle, table);
        lines.add(new SheetLine(Measure.MIDDLE_UP, middle.getZ()));
        lines.add(new SheetLine(Measure.STRAIGHT, middle.norm()));
        return lines;
    }

    private static List<SheetLine> place(Vector3D at, TableTop table) {
        List<SheetLine> lines = new ArrayList<>();
        double along = Math.hypot(at.getX(), at.getY());
        if (along > OVER_THE_DISH) {
            lines.add(new SheetLine(Measure.CLOCK, clock(at)));
        }
        lines.add(new SheetLine(Measure.ALONG, along));
        if (table.left() < NO_EDGE) {
            lines.add(fromEdge(table.left() + at.getX(), Measure.FROM_LEFT, Measure.OUT_LEFT));
        }
        if (table.before() < NO_EDGE) {
            lines.add(fromEdge(table.before() + at.getY(), Measure.FROM_FRONT, Measure.OUT_FRONT));
        }
        return lines;
    }

    private static SheetLine fromEdge(double inwards, Measure in, Measure out) {
        return inwards < 0 ? new SheetLine(out, -inwards) : new SheetLine(in, inwards);
    }

    /** Clockwise from twelve, behind the dish. */
    private static double clock(Vector3D way) {
        double turn = Math.atan2(way.getX(), way.getY());
        return turn < 0 ? turn + 2 * Math.PI : turn;
    }

    private static List<SheetLine> card(Card card, TableTop table) {
        List<SheetLine> lines = place(card.centre(), table);
        lines.add(new SheetLine(Measure.LOWER_EDGE_UP, card.lift()));
        lines.add(new SheetLine(Measure.FACING, clock(facing(card.widthAxis()))));
        lines.add(new SheetLine(Measure.LEAN, card.lean()));
        if (card.bend() > 0) {
            lines.add(new SheetLine(Measure.FOLD, card.bend()));
        }
        lines.add(new SheetLine(Measure.WIDTH, card.width()));
        lines.add(new SheetLine(Measure.HEIGHT, card.height()));
        return lines;
    }

    private static SheetPart camera(TableSet set) {
        Perspective view = Perspective.of(set);
        List<SheetLine> lines = place(view.eye(), set.tableTop());
        lines.add(new SheetLine(Measure.MIDDLE_UP, view.eye().getZ()));
        lines.add(new SheetLine(Measure.TILT, Math.asin(-view.forward().getZ())));
        lines.add(new SheetLine(Measure.FOCAL_LENGTH, set.camera().focalLength()));
        lines.add(new SheetLine(Measure.APERTURE, set.exposure().aperture()));
        lines.add(new SheetLine(Measure.SHUTTER, set.exposure().shutter()));
        lines.add(new SheetLine(Measure.SPEED, set.exposure().speed()));
        lines.add(new SheetLine(Measure.WHITE_BALANCE, set.exposure().whiteBalance()));
        return new SheetPart(Kind.CAMERA, 1, lines);
    }
}
