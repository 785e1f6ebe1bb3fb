package zephyrdune.answers.plan;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import zephyrdune.answers.fill.SecondLight;
import zephyrdune.light.emitter.Patch;
import zephyrdune.light.illuminance.Illuminance;
import zephyrdune.light.illuminance.KeyLight;
import zephyrdune.light.pattern.CutLine;
import zephyrdune.light.pattern.LightStrip;
import zephyrdune.light.pattern.Patches;
import zephyrdune.light.softness.TableShadow;
import zephyrdune.render.lens.Perspective;
import zephyrdune.render.picture.LightInFrame;
import zephyrdune.set.TableSet;
import zephyrdune.set.card.Card;
import zephyrdune.set.card.Cut;
import zephyrdune.set.card.Panel;
import zephyrdune.set.dish.Prop;
import zephyrdune.set.dish.Rim;
import zephyrdune.set.light.BookLight;
import zephyrdune.set.light.BroadBase;
import zephyrdune.set.light.Light;
import zephyrdune.set.light.Pose;
import zephyrdune.set.room.OpenRoom;
import zephyrdune.set.room.SideWindow;

/**
 * The set in true scale, for drawing it from above and from the side. Metres throughout.
 *
 * @param source the bare source: behind a panel, or in the middle of the face
 * @param faceCentre centre of the light's face
 * @param faceCorners corners of the light's face
 * @param leaves corners of what the light lights beside its face: the other leaves of a corner
 * @param aim the point the light is aimed at
 * @param lens the camera's lens
 * @param frame where the corners of the frame meet the table or the backdrop, in order round the frame
 * @param lightInFrame how much of the frame the light itself takes up
 * @param rims the hero's outlines
 * @param props the outermost outline of every prop
 * @param cards the corners of the flat parts of every card
 * @param doors the corners of the flaps on the light
 * @param secondLights corners of what mirrors throw on the table
 * @param strip across the strip or patch of light on the hero: where half of it begins, full light begins and ends, half of it ends; none
 *     where nothing cuts the light on both sides
 * @param base corners of the base light's face, if there is one
 * @param window corners of the window, if there is one
 * @param board corners of the board that a book light bounces off, if there is one
 * @param shadow the rim's shadow on the table, if it has an end there
 * @param shadowPoints places on the table whose convex hull is the shadow's middle line
 * @param rings stop rings, the brightest first
 * @param map the light over the table top
 * @param coarse whether the map has fewer points than it is to have, as the set is being moved and more would take long
 */
public record Plan(
        Vector3D source,
        Vector3D faceCentre,
        List<Vector3D> faceCorners,
        List<List<Vector3D>> leaves,
        Vector3D aim,
        Vector3D lens,
        List<Vector3D> frame,
        LightInFrame lightInFrame,
        List<Rim> rims,
        List<List<Vector3D>> props,
        List<List<List<Vector3D>>> cards,
        List<List<Vector3D>> doors,
        List<List<Vector3D>> secondLights,
        List<Vector3D> strip,
        List<Vector3D> base,
        List<Vector3D> window,
        List<Vector3D> board,
        Optional<TableShadow> shadow,
        List<Vector3D> shadowPoints,
        List<StopRing> rings,
        StopMap map,
        boolean coarse) {

    private static final int BRIGHTEST_RING = 2;
    private static final int DIMMEST_RING = -3;

    /**
     * @param reach half the side of the square of table top to map, metres
     * @param size points along the map's side
     */
    public static Plan of(TableSet set, double reach, int size) {
        return of(set, KeyLight.of(set, Illuminance.COARSE), reach, size, false);
    }

    /** The same soon, as the set is being moved: where every point takes long, with half as many to each side. */
    public static Plan whileMoving(TableSet set, double reach, int size) {
        KeyLight key = KeyLight.of(set, Illuminance.COARSE);
        return key.expensive() ? of(set, key, reach, (size + 1) / 2, true) : of(set, key, reach, size, false);
    }

    private static Plan of(TableSet set, KeyLight key, double reach, int size, boolean coarse) {
        Perspective view = Perspective.of(set);
        Pose pose = set.pose();
        return new Plan(
                pose.source(),
                pose.centre(),
                pose.outline(set.light()),
                Patch.of(set.light(), set.room()).stream()
                        .map(leaf -> leaf.face().corners(0))
                        .toList(),
                set.light().aim().point(),
                view.eye(),
                frame(view, set.backdrop().distance()),
                LightInFrame.of(set),
                set.dish().rims(),
                set.props().stream().map(Plan::outline).toList(),
                set.cards().stream().map(Card::outlines).toList(),
                set.doors().stream().map(Panel::corners).toList(),
                SecondLight.of(set).stream().map(SecondLight::patch).toList(),
                strip(set, key),
                set.base() instanceof BroadBase base ? outline(base.as(set.light())) : List.of(),
                set.ambient().window() instanceof SideWindow window ? corners(window) : List.of(),
                set.light().filling() instanceof BookLight book ? pose.board(book) : List.of(),
                TableShadow.of(set),
                TableShadow.middleOutline(set),
                IntStream.iterate(BRIGHTEST_RING, stops -> stops >= DIMMEST_RING, stops -> stops - 1)
                        .mapToObj(stops -> StopRing.of(set, stops))
                        .toList(),
                StopMap.of(key, reach, size),
                coarse);
    }

    private static List<Vector3D> strip(TableSet set, KeyLight key) {
        return CutLine.of(set, key)
                .map(line -> {
                    Optional<Cut> pattern = line.card().stream()
                            .mapToObj(card -> set.cards().get(card).cut())
                            .filter(Cut::patterned)
                            .findFirst();
                    if (pattern.isPresent()) {
                        Patches patches = Patches.of(
                                line, key, pattern.get().holes(), set.camera().framedWidth() / 2);
                        return patches.contrast() == 0
                                ? List.<Vector3D>of()
                                : Stream.of(patches.from(), patches.peak(), patches.peak(), patches.to())
                                        .map(line::at)
                                        .toList();
                    }
                    LightStrip strip = LightStrip.of(line, key);
                    LightStrip.Stretch half = strip.half();
                    double middle = (half.from() + half.to()) / 2;
                    LightStrip.Stretch full = strip.full().orElse(new LightStrip.Stretch(middle, middle));
                    return Double.isFinite(middle) && strip.most() > 0
                            ? Stream.of(half.from(), full.from(), full.to(), half.to())
                                    .map(line::at)
                                    .toList()
                            : List.<Vector3D>of();
                })
                .orElse(List.of());
    }

    private static List<Vector3D> corners(SideWindow window) {
        Vector3D across = window.across().multiply(window.width() / 2);
        Vector3D up = Vector3D.Unit.PLUS_Z.multiply(window.height() / 2);
        return List.of(
                window.centre().subtract(across).subtract(up),
                window.centre().add(across).subtract(up),
                window.centre().add(across).add(up),
                window.centre().subtract(across).add(up));
    }

    private static List<Vector3D> outline(Light light) {
        return Pose.of(light, new OpenRoom()).outline(light);
    }

    /** The outermost outline of a prop where it stands. */
    private static List<Vector3D> outline(Prop prop) {
        Rim widest = prop.body().rims().stream()
                .max(Comparator.comparingDouble(Rim::outermost))
                .orElseThrow();
        double cosine = Math.cos(prop.turn());
        double sine = Math.sin(prop.turn());
        return widest.outline().stream()
                .map(point -> Vector3D.of(
                        prop.x() + cosine * point.getX() - sine * point.getY(),
                        prop.y() + sine * point.getX() + cosine * point.getY(),
                        prop.lift() + prop.body().height()))
                .toList();
    }

    private static List<Vector3D> frame(Perspective view, double backdrop) {
        List<Vector3D> corners = new ArrayList<>();
        double[][] ends = {{0, 0}, {1, 0}, {1, 1}, {0, 1}};
        for (double[] end : ends) {
            Vector3D ray = view.ray(end[0], end[1]);
            double toTable = ray.getZ() < 0 ? -view.eye().getZ() / ray.getZ() : Double.POSITIVE_INFINITY;
            double toBackdrop = ray.getY() > 0 ? (backdrop - view.eye().getY()) / ray.getY() : Double.POSITIVE_INFINITY;
            double nearest = Math.min(toTable, toBackdrop);
            if (Double.isFinite(nearest)) {
                corners.add(view.eye().add(ray.multiply(nearest)));
            }
        }
        return corners;
    }
}
