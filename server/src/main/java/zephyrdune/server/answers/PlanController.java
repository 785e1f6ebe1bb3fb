package zephyrdune.server.answers;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.tags.Tag;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import zephyrdune.answers.plan.Plan;
import zephyrdune.answers.plan.StopMap;
import zephyrdune.light.softness.TableShadow;
import zephyrdune.render.picture.LightInFrame;
import zephyrdune.server.work.ComputeLimiter;
import zephyrdune.set.TableSet;
import zephyrdune.set.dish.Rim;

@RestController
@Tag(name = "answers")
class PlanController {

    private final ComputeLimiter computing;

    PlanController(ComputeLimiter computing) {
        this.computing = computing;
    }

    private static final int MAP_POINTS = 81;

    /** Stands for "no light at all" in a map, in stops. */
    private static final float DARK = -99;

    /** Bounds on the mapped reach, metres: beyond them a map says nothing. */
    private static final double LEAST_REACH = 0.1;

    private static final double MOST_REACH = 25;

    record RingAnswer(double stops, List<Point> places) {}

    /** Light over the table top: stops from the hero in hundredths, row by row from y = -reach. */
    record MapAnswer(double reach, int size, int[] stopHundredths) {

        static MapAnswer of(StopMap map) {
            int[] hundredths = new int[map.stops().length];
            for (int i = 0; i < hundredths.length; i++) {
                hundredths[i] = Math.round(100 * Math.max(DARK, map.stops()[i]));
            }
            return new MapAnswer(map.reach(), map.size(), hundredths);
        }
    }

    record ShadowAnswer(Point tipEdge, Point tip, Point sideEdge, Point side) {

        static ShadowAnswer of(TableShadow shadow) {
            return new ShadowAnswer(
                    Point.of(shadow.tipEdge()),
                    Point.of(shadow.tip()),
                    Point.of(shadow.sideEdge()),
                    Point.of(shadow.side()));
        }
    }

    /**
     * The set in true scale, metres. The shadow is left out where it has no end on the table.
     *
     * @param coarse whether the map is told in more points once the set is not moving any more
     */
    record PlanAnswer(
            Point source,
            Point faceCentre,
            List<Point> faceCorners,
            List<List<Point>> leaves,
            Point aim,
            Point lens,
            List<Point> frame,
            LightInFrame lightInFrame,
            List<Rim> rims,
            List<List<Point>> props,
            List<List<List<Point>>> cards,
            List<List<Point>> doors,
            List<List<Point>> secondLights,
            List<Point> strip,
            List<Point> base,
            List<Point> window,
            List<Point> board,
            Optional<ShadowAnswer> shadow,
            List<Point> shadowPoints,
            List<RingAnswer> rings,
            MapAnswer map,
            boolean coarse) {

        static PlanAnswer of(Plan plan) {
            return new PlanAnswer(
                    Point.of(plan.source()),
                    Point.of(plan.faceCentre()),
                    plan.faceCorners().stream().map(Point::of).toList(),
                    plan.leaves().stream().map(PlanAnswer::points).toList(),
                    Point.of(plan.aim()),
                    Point.of(plan.lens()),
                    plan.frame().stream().map(Point::of).toList(),
                    plan.lightInFrame(),
                    plan.rims(),
                    plan.props().stream().map(PlanAnswer::points).toList(),
                    plan.cards().stream()
                            .map(card -> card.stream().map(PlanAnswer::points).toList())
                            .toList(),
                    plan.doors().stream().map(PlanAnswer::points).toList(),
                    plan.secondLights().stream().map(PlanAnswer::points).toList(),
                    points(plan.strip()),
                    points(plan.base()),
                    points(plan.window()),
                    points(plan.board()),
                    plan.shadow().map(ShadowAnswer::of),
                    plan.shadowPoints().stream().map(Point::of).toList(),
                    plan.rings().stream()
                            .map(ring -> new RingAnswer(
                                    ring.stops(),
                                    ring.places().stream().map(Point::of).toList()))
                            .toList(),
                    MapAnswer.of(plan.map()),
                    plan.coarse());
        }

        private static List<Point> points(List<Vector3D> places) {
            return places.stream().map(Point::of).toList();
        }
    }

    @PostMapping("/api/plan")
    @Operation(operationId = "plan", summary = "Places, stop rings and light over the table, for drawing a set")
    CompletableFuture<PlanAnswer> plan(
            @RequestParam double reachMetres,
            @RequestParam(defaultValue = "false") boolean moving,
            @RequestBody TableSet set) {
        double reach = reachMetres >= LEAST_REACH ? Math.min(reachMetres, MOST_REACH) : LEAST_REACH;
        return computing.quickly(
                set,
                () -> PlanAnswer.of(
                        moving ? Plan.whileMoving(set, reach, MAP_POINTS) : Plan.of(set, reach, MAP_POINTS)));
    }
}
