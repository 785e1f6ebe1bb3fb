package zephyrdune.answers.photograph;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.stream.DoubleStream;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import org.hipparchus.util.FastMath;
import zephyrdune.answers.photograph.PhotographReading.Trouble;
import zephyrdune.render.picture.Picture;
import zephyrdune.units.measure.Refused;

/** What the shadows on the table tell, by single-view geometry (A. Criminisi, I. Reid and A. Zisserman, Single view metrology, IJCV 40, 2000). */
final class TableGeometry {

    /** How surely a focal length is known, of its own; common practice, no published source. */
    private static final double LENS = 0.02;

    /** How surely somebody knows the camera's angle, radians. */
    private static final double TILT = Math.toRadians(2);

    /** Edges drawn on photographs tell a size to so much: measured on sixty rendered ones whose source nobody said the shape of. */
    private static final double SHAPE = 0.17;

    /** Edges that run across the shadow at least so much, as a cosine, end it. */
    private static final double END = 0.5;

    private final Picture picture;
    private final PhotographMarks marks;
    private final List<HighlightOutline> highlights;
    private final double height;
    private final TableView view;
    private final Optional<LightPlace> light;

    /** The things whose shadows tell where it stands. */
    private final List<StandingThing> telling = new ArrayList<>();

    private final List<LightPlace> nearly;
    private final List<Edge> edges = new ArrayList<>();
    private final List<Trouble> troubles = new ArrayList<>();

    /**
     * @param size of the light, to its distance from the middle of the table
     * @param toHeight the edge's width over the height that throws it
     * @param depth of the shadow, stops
     */
    private record Edge(double size, double toHeight, double depth, boolean hard) {}

    /** @throws Refused where the table's marks cannot be */
    TableGeometry(Picture picture, PhotographMarks marks, List<HighlightOutline> highlights) {
        this.picture = picture;
        this.marks = marks;
        this.highlights = highlights;
        height = picture.height() / (double) picture.width();
        view = TableView.of(marks, height);
        List<ShadowRay> rays = new ArrayList<>();
        for (int i = 0; i < marks.things().size(); i++) {
            StandingThing thing = marks.things().get(i);
            String field = field(i);
            PhotographReading.tried(troubles, () -> ShadowRay.of(view, height, thing, field))
                    .ifPresent(ray -> {
                        rays.add(ray);
                        telling.add(thing);
                    });
        }
        light = rays.isEmpty() ? Optional.empty() : PhotographReading.tried(troubles, () -> LightPlace.of(rays));
        nearly = light.isPresent() ? nearlyThere() : List.of();
        light.ifPresent(this::readEdges);
    }

    private static String field(int thing) {
        return "things[%d]".formatted(thing);
    }

    List<Trouble> troubles() {
        return troubles;
    }

    /** Of the shadow across whose edges lines were drawn, the mean, stops. */
    OptionalDouble depth() {
        return edges.stream().mapToDouble(Edge::depth).average();
    }

    private void readEdges(LightPlace place) {
        for (int i = 0; i < marks.things().size(); i++) {
            StandingThing thing = marks.things().get(i);
            for (int j = 0; j < thing.edges().size(); j++) {
                ShadowLine line = thing.edges().get(j);
                String field = field(i) + ".edges[%d]".formatted(j);
                PhotographReading.tried(troubles, () -> edge(place, thing, line, field))
                        .ifPresent(edges::add);
            }
        }
    }

    private Edge edge(LightPlace place, StandingThing thing, ShadowLine line, String field) {
        SoftEdge found = SoftEdge.of(picture, view, line, field);
        Vector3D foot = view.ground(thing.foot(), field);
        Vector3D shadow = view.ground(thing.tip(), field).subtract(foot);
        double high = view.height(foot, thing.top());
        double share = found.middle().subtract(foot).dot(shadow) / shadow.normSq();
        boolean end = Math.abs(found.out().dot(shadow)) > END * shadow.norm();
        if (!(end || share > 0)) {
            throw new Refused(
                    field, "This edge does not lie in the shadow of its thing; draw the line across one that does");
        }
        Vector3D way = place.centre().subtract(found.middle());
        double size = end
                ? LightSize.of(
                        place.centre(),
                        found,
                        found.middle().add(way.multiply(high / way.getZ())),
                        Vector3D.Unit.PLUS_Z.cross(found.out()))
                : LightSize.of(place.centre(), found, foot, Vector3D.Unit.PLUS_Z);
        return new Edge(
                size / place.centre().norm(),
                found.width() / (end ? high : high * Math.min(1, share)),
                PhotographReading.stops(found.depth()),
                found.hard());
    }

    List<PhotographLine> lines() {
        return List.of(
                angle(PhotographLine.Kind.CLOCK, LightPlace::clock),
                angle(PhotographLine.Kind.HEIGHT, LightPlace::height),
                distance(),
                edgeLine(PhotographLine.Kind.SIZE, edges.stream().mapToDouble(Edge::size)),
                edgeLine(PhotographLine.Kind.EDGE, edges.stream().mapToDouble(Edge::toHeight)),
                highlight());
    }

    private String noLight() {
        return marks.things().isEmpty()
                ? "Mark foot, top and shadow tip of something upright"
                : "The marks of what stands upright do not tell it";
    }

    /** Clock or height. */
    private PhotographLine angle(PhotographLine.Kind kind, Function<LightPlace, Estimate> asked) {
        return new PhotographLine(
                kind, light.map(found -> unsure(found, asked)), light.isPresent() ? byShadows() : noLight());
    }

    private String byShadows() {
        int shadows = telling.size();
        return shadows == 1 ? "by one shadow" : "by %d shadows".formatted(shadows);
    }

    private PhotographLine distance() {
        return new PhotographLine(
                PhotographLine.Kind.DISTANCE,
                light.flatMap(LightPlace::distance),
                light.isEmpty()
                        ? noLight()
                        : light.get().distance().isPresent()
                                ? byShadows()
                                : "Shadows of two things or more, far apart, would tell it");
    }

    private PhotographLine edgeLine(PhotographLine.Kind kind, DoubleStream values) {
        double[] found = values.sorted().toArray();
        if (found.length == 0) {
            return new PhotographLine(kind, Optional.empty(), "Draw a line across the edge of a marked thing's shadow");
        }
        boolean hard = edges.stream().anyMatch(Edge::hard);
        double logs = Arrays.stream(found).map(Math::log).average().orElseThrow();
        double value = Math.exp(logs);
        double apart = Math.sqrt(Arrays.stream(found)
                        .map(Math::log)
                        .map(log -> (log - logs) * (log - logs))
                        .sum()
                / found.length);
        double spread = value * Math.hypot(SHAPE, apart);
        return hard
                ? new PhotographLine(
                        kind,
                        Optional.of(new Estimate(value / 2, value / 2)),
                        "The edge is as narrow as the picture can show")
                : new PhotographLine(
                        kind,
                        Optional.of(new Estimate(value, spread)),
                        found.length == 1 ? "by one edge" : "by %d edges".formatted(found.length));
    }

    private PhotographLine highlight() {
        if (highlights.isEmpty()) {
            return new PhotographLine(PhotographLine.Kind.HIGHLIGHT, Optional.empty(), "Mark a highlight");
        }
        HighlightOutline first = highlights.get(0);
        Vector3D place = view.ground(first.middle(), "highlights[0]");
        double clock = Math.atan2(place.getX(), place.getY());
        return new PhotographLine(
                PhotographLine.Kind.HIGHLIGHT,
                Optional.of(new Estimate(clock, Math.toRadians(10))),
                first.shape().words());
    }

    /** With what the table's own marks leave open: they are the same for all shadows. */
    private Estimate unsure(LightPlace found, Function<LightPlace, Estimate> asked) {
        Estimate estimate = asked.apply(found);
        double square = estimate.spread() * estimate.spread();
        for (LightPlace nearly : nearly) {
            double off = FastMath.IEEEremainder(asked.apply(nearly).value() - estimate.value(), 2 * Math.PI);
            square += off * off;
        }
        return new Estimate(estimate.value(), Math.sqrt(square));
    }

    /** Where the light would stand if one mark of the table lay a little beside. */
    private List<LightPlace> nearlyThere() {
        List<LightPlace> places = new ArrayList<>();
        for (PhotographMarks other : otherPlanes()) {
            try {
                TableView moved = TableView.of(other, height);
                places.add(LightPlace.of(telling.stream()
                        .map(thing -> ShadowRay.of(moved, height, thing, "things"))
                        .toList()));
            } catch (Refused none) {
                // a mark that is nearly wrong tells nothing of how sure the others are
                continue;
            }
        }
        return places;
    }

    /** The table as it would be marked with one mark a little beside. */
    private List<PhotographMarks> otherPlanes() {
        List<PhotographMarks> others = new ArrayList<>();
        TablePlane plane = marks.plane();
        if (plane instanceof RoundRim rim) {
            nudged(rim.rim(), moved -> others.add(with(new RoundRim(moved, rim.diameter(), rim.height()))));
        } else if (plane instanceof FlatRectangle rectangle) {
            nudged(
                    rectangle.corners(),
                    moved -> others.add(with(new FlatRectangle(moved, rectangle.first(), rectangle.second()))));
        } else if (plane instanceof KnownTilt tilt) {
            double elevation = tilt.elevation() + (tilt.elevation() > 1 ? -TILT : TILT);
            others.add(with(new KnownTilt(elevation, tilt.framedWidth())));
        }
        if (marks.lens() instanceof KnownLens lens) {
            double longer = Math.min(0.8, lens.equivalentFocalLength() * (1 + LENS));
            others.add(new PhotographMarks(
                    plane,
                    new KnownLens(longer, lens.focalLength()),
                    marks.things(),
                    marks.spots(),
                    marks.highlights()));
        }
        return others;
    }

    private void nudged(List<Mark> all, Consumer<List<Mark>> each) {
        for (int i = 0; i < 2 * all.size(); i++) {
            List<Mark> moved = new ArrayList<>(all);
            moved.set(i / 2, ShadowRay.nudged(all.get(i / 2), i % 2 == 0, height));
            each.accept(moved);
        }
    }

    private PhotographMarks with(TablePlane plane) {
        return new PhotographMarks(plane, marks.lens(), marks.things(), marks.spots(), marks.highlights());
    }
}
