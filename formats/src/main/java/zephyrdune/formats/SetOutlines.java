package zephyrdune.formats;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.function.ToDoubleFunction;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import zephyrdune.answers.plan.Plan;
import zephyrdune.set.TableSet;
import zephyrdune.set.dish.Rim;
import zephyrdune.set.room.TableTop;

/** A set as lines on paper, metres from the hero point: from above, and from the right-hand side with the camera on the left. */
record SetOutlines(View above, View side) {

    private static final double THICK = 0.45;
    private static final double THIN = 0.2;

    /** No more of a table is drawn, metres from the hero point. */
    private static final double SHOWN = 0.6;

    /** Left free all round, metres. */
    private static final double AROUND = 0.05;

    static SetOutlines of(TableSet set, Plan plan) {
        View side = view(set, plan, Vector3D::getY, Vector3D::getZ);
        List<double[]> cut = upright(plan.rims()).stream()
                .map(point -> new double[] {point.getY(), point.getZ()})
                .toList();
        side.outlines().add(new Outline(cut, false, THICK, false));
        return new SetOutlines(view(set, plan, Vector3D::getX, Vector3D::getY), side);
    }

    private static View view(
            TableSet set, Plan plan, ToDoubleFunction<Vector3D> across, ToDoubleFunction<Vector3D> up) {
        Drawing drawing = new Drawing(across, up);
        drawing.table(set.tableTop());
        plan.rims().forEach(rim -> drawing.add(rim.outline(), true, THICK, false));
        plan.props().forEach(prop -> drawing.add(prop, true, THIN, false));
        drawing.add(plan.faceCorners(), true, THICK, false);
        plan.leaves().forEach(leaf -> drawing.add(leaf, true, THIN, false));
        plan.doors().forEach(door -> drawing.add(door, true, THIN, false));
        drawing.add(plan.board(), true, THICK, false);
        drawing.add(List.of(plan.source(), plan.faceCentre(), plan.aim()), false, THIN, true);
        drawing.label(plan.faceCentre(), "Light");
        drawing.add(plan.base(), true, THICK, false);
        plan.base().stream().findFirst().ifPresent(corner -> drawing.label(corner, "Base"));
        drawing.add(plan.window(), true, THIN, false);
        plan.window().stream().findFirst().ifPresent(corner -> drawing.label(corner, "Window"));
        for (int i = 0; i < plan.cards().size(); i++) {
            plan.cards().get(i).forEach(part -> drawing.add(part, true, THICK, false));
            drawing.label(set.cards().get(i).centre(), "Card " + (i + 1));
        }
        plan.frame().forEach(corner -> drawing.add(List.of(plan.lens(), corner), false, THIN, true));
        drawing.label(plan.lens(), "Camera");
        return new View(drawing.outlines, drawing.labels);
    }

    /** The hero cut through its middle from before to behind, from rim to rim and back down. */
    private static List<Vector3D> upright(List<Rim> rims) {
        List<Vector3D> outline = new ArrayList<>();
        List<Rim> upwards =
                rims.stream().sorted(Comparator.comparingDouble(Rim::height)).toList();
        outline.add(Vector3D.of(0, -upwards.get(0).halfDepth(), 0));
        upwards.forEach(rim -> outline.add(0, Vector3D.of(0, -rim.halfDepth(), rim.height())));
        outline.add(Vector3D.of(0, upwards.get(0).halfDepth(), 0));
        upwards.forEach(rim -> outline.add(Vector3D.of(0, rim.halfDepth(), rim.height())));
        return outline;
    }

    /** Lines of one way of looking at a set. */
    private static final class Drawing {

        private final ToDoubleFunction<Vector3D> across;
        private final ToDoubleFunction<Vector3D> up;
        private final List<Outline> outlines = new ArrayList<>();
        private final List<Label> labels = new ArrayList<>();

        private Drawing(ToDoubleFunction<Vector3D> across, ToDoubleFunction<Vector3D> up) {
            this.across = across;
            this.up = up;
        }

        private void add(List<Vector3D> points, boolean closed, double weight, boolean dashed) {
            if (!points.isEmpty()) {
                outlines.add(new Outline(
                        points.stream()
                                .map(point -> new double[] {across.applyAsDouble(point), up.applyAsDouble(point)})
                                .toList(),
                        closed,
                        weight,
                        dashed));
            }
        }

        private void table(TableTop table) {
            double left = -Math.min(table.left(), SHOWN);
            double right = Math.min(table.right(), SHOWN);
            double before = -Math.min(table.before(), SHOWN);
            double behind = Math.min(table.behind(), SHOWN);
            add(
                    List.of(
                            Vector3D.of(left, before, 0),
                            Vector3D.of(right, before, 0),
                            Vector3D.of(right, behind, 0),
                            Vector3D.of(left, behind, 0)),
                    true,
                    THIN,
                    false);
        }

        private void label(Vector3D at, String words) {
            labels.add(new Label(across.applyAsDouble(at), up.applyAsDouble(at), words));
        }
    }

    /** @param weight of the line, millimetres */
    record Outline(List<double[]> points, boolean closed, double weight, boolean dashed) {}

    record Label(double across, double up, String words) {}

    /** One way of looking at it. */
    record View(List<Outline> outlines, List<Label> labels) {

        private double bound(int axis, boolean most) {
            Comparator<Double> order = most ? Comparator.reverseOrder() : Comparator.naturalOrder();
            return outlines.stream()
                    .flatMap(outline -> outline.points().stream())
                    .map(point -> point[axis])
                    .min(order)
                    .orElse(0.0);
        }

        private double size(int axis) {
            return bound(axis, true) - bound(axis, false) + 2 * AROUND;
        }

        double middleAcross() {
            return (bound(0, true) + bound(0, false)) / 2;
        }

        double middleUp() {
            return (bound(1, true) + bound(1, false)) / 2;
        }
    }

    /** Whether both fit into so many millimetres at one to so many. */
    boolean fits(int scale, double width, double height) {
        double perMetre = 1000.0 / scale;
        return List.of(above, side).stream()
                .allMatch(view -> perMetre * view.size(0) <= width && perMetre * view.size(1) <= height);
    }
}
