package zephyrdune.answers.frame;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.IntPredicate;
import java.util.stream.IntStream;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import zephyrdune.answers.shadow.ShadowDepth;
import zephyrdune.light.illuminance.KeyLight;
import zephyrdune.light.softness.TableShadow;
import zephyrdune.render.lens.Perspective;
import zephyrdune.render.metering.SeenLight;
import zephyrdune.render.picture.BackdropTone;
import zephyrdune.render.picture.SeenHero;
import zephyrdune.render.trace.CameraHit;
import zephyrdune.render.trace.Scene;
import zephyrdune.set.TableSet;

/** Where the patches of a frame usually lie: on the hero's top and sides, on the table in the light and in the shadow, on the backdrop; those that the camera sees. */
public final class ProposedPatches {

    /** What is seen in a place of the frame may lie so far from where it is looked for, metres. */
    private static final double NEAR = 0.02;

    /** Beside the dish, metres. */
    private static final double BESIDE = 0.05;

    /** A patch keeps so far from the frame's edge, as a share of its width. */
    private static final double MARGIN = 0.03;

    private static final int DIRECTIONS = 24;

    /** Nearer than this to straight above, a light has no sides, as a share of its distance. */
    private static final double UPRIGHT = 0.02;

    /** Places of the hero that are looked at for its sides. */
    private static final int LOOKS = 400;

    /** A side's normal rises by no more than this, as its sine, and faces the light, or away from it, by at least so much. */
    private static final double SIDE = 0.75;

    private static final double FACING = 0.3;

    /** Places round a patch that are looked at. */
    private static final int ROUND = 8;

    private final TableSet set;
    private final Perspective view;
    private final Scene scene;
    private final KeyLight key;

    private ProposedPatches(TableSet set) {
        this.set = set;
        view = Perspective.of(set);
        scene = Scene.of(set);
        key = KeyLight.of(set);
    }

    public static List<FramePatch> of(TableSet set) {
        ProposedPatches patches = new ProposedPatches(set);
        List<FramePatch> all = new ArrayList<>();
        Optional.of(patches.key.brightest())
                .filter(patches::alone)
                .flatMap(place -> patches.at(FramePatch.Part.HERO_TOP, place, owner -> owner == Scene.HERO))
                .ifPresent(all::add);
        patches.sides(all);
        patches.table().ifPresent(all::add);
        ShadowDepth.place(set, TableShadow.of(set))
                .flatMap(place -> patches.at(FramePatch.Part.SHADOW, place, patches::lies))
                .ifPresent(all::add);
        patches.at(FramePatch.Part.BACKDROP, BackdropTone.place(set), owner -> owner == Scene.BACKDROP)
                .ifPresent(all::add);
        return all;
    }

    /** Where the hero's side faces the light most, and where it faces away most. */
    private void sides(List<FramePatch> all) {
        Vector3D light = set.pose().centre();
        Vector3D level = Vector3D.of(light.getX(), light.getY(), 0);
        if (level.norm() < UPRIGHT * light.norm()) {
            return;
        }
        Vector3D towards = level.normalize();
        List<CameraHit> sides = SeenHero.places(set, scene, LOOKS).stream()
                .filter(hit -> hit.normal().getZ() < SIDE && alone(hit.point()))
                .toList();
        facing(FramePatch.Part.LIT_SIDE, sides, towards).ifPresent(all::add);
        facing(FramePatch.Part.SHADOW_SIDE, sides, towards.negate()).ifPresent(all::add);
    }

    private Optional<FramePatch> facing(FramePatch.Part part, List<CameraHit> sides, Vector3D way) {
        return sides.stream()
                .max(Comparator.comparingDouble(hit -> hit.normal().dot(way)))
                .filter(hit -> hit.normal().dot(way) > FACING)
                .map(hit -> view.project(hit.point()))
                .map(seen -> new FramePatch(part, seen.getX(), seen.getY()));
    }

    /** Whether nothing but the hero is seen all round a place of it, as far as a patch reaches. */
    private boolean alone(Vector3D place) {
        Vector3D seen = view.project(place);
        double reach = SeenLight.reach(view, place);
        double aspect = view.upHalf().norm() / view.rightHalf().norm();
        return IntStream.range(0, ROUND).allMatch(i -> {
            double turn = 2 * Math.PI * i / ROUND;
            double across = seen.getX() + reach * Math.cos(turn);
            double down = seen.getY() + reach / aspect * Math.sin(turn);
            return CameraHit.of(view, scene, across, down)
                    .filter(beside -> beside.owner() == Scene.HERO)
                    .isPresent();
        });
    }

    /** On the table beside the dish, on the side that the light comes from or as near to that as is seen. */
    private Optional<FramePatch> table() {
        Vector3D light = set.pose().centre();
        return IntStream.range(0, DIRECTIONS)
                .mapToObj(i -> 2 * Math.PI * i / DIRECTIONS)
                .map(turn -> Vector3D.of(Math.sin(turn), Math.cos(turn), 0))
                .sorted(Comparator.comparingDouble(way -> -way.dot(light)))
                .map(way -> way.multiply(set.dish().out(way.getX(), way.getY()) + BESIDE))
                .filter(place -> key.at(place, Vector3D.Unit.PLUS_Z) > 0)
                .flatMap(place -> at(FramePatch.Part.TABLE, place, owner -> owner == Scene.TABLE).stream())
                .findFirst();
    }

    private Optional<FramePatch> at(FramePatch.Part part, Vector3D place, IntPredicate owner) {
        Vector3D seen = view.project(place);
        double aspect = view.upHalf().norm() / view.rightHalf().norm();
        boolean inside = seen.getX() > MARGIN
                && seen.getX() < 1 - MARGIN
                && seen.getY() > MARGIN / aspect
                && seen.getY() < 1 - MARGIN / aspect;
        return inside
                ? CameraHit.of(view, scene, seen.getX(), seen.getY())
                        .filter(hit -> owner.test(hit.owner()) && hit.point().distance(place) < NEAR)
                        .map(hit -> new FramePatch(part, seen.getX(), seen.getY()))
                : Optional.empty();
    }

    /** The table itself, or what lies on it. */
    private boolean lies(int owner) {
        return owner == Scene.TABLE || owner > Scene.HERO && scene.card(owner) < 0;
    }
}
