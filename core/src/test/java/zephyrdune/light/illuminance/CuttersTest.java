package zephyrdune.light.illuminance;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static zephyrdune.set.Sets.box;

import java.util.List;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import zephyrdune.light.emitter.EmittingFace;
import zephyrdune.render.body.PanelBody;
import zephyrdune.render.body.Ray;
import zephyrdune.set.Sets;
import zephyrdune.set.TableSet;
import zephyrdune.set.card.Branch;
import zephyrdune.set.card.Card;
import zephyrdune.set.card.Cut;
import zephyrdune.set.card.Holes;
import zephyrdune.set.card.LeafHoles;
import zephyrdune.set.card.OwnHoles;
import zephyrdune.set.card.OwnOutline;
import zephyrdune.set.card.RoundHoles;
import zephyrdune.set.card.Slats;
import zephyrdune.set.card.Slit;
import zephyrdune.set.card.WindowBars;
import zephyrdune.set.light.BarnDoors;
import zephyrdune.set.light.Disc;
import zephyrdune.set.light.FromBehind;
import zephyrdune.set.light.Gel;
import zephyrdune.set.light.HotSpot;
import zephyrdune.set.light.Light;
import zephyrdune.set.surface.Surface;

/** What cards and doors leave of a face, against closed forms and against the face summed up point by point. */
public class CuttersTest {

    private static final Vector3D UP = Vector3D.Unit.PLUS_Z;
    private static final double DEGREE = Math.PI / 180;

    private static TableSet set(Light light, Card... cards) {
        return Sets.lit(light).withDish(Sets.sliver()).withCards(List.of(cards));
    }

    /** A level card straight over the hero. */
    private static Card level(double size, double height, Holes holes) {
        return new Card(Surface.BLACK_PAPER, size, size, 0, 0.02, height, 0, Math.PI / 2)
                .withCut(new Cut(holes, 0, 0, -0.02));
    }

    /** A card leaning in the way of a light from the left. */
    private static Card between(double size, Holes holes) {
        return new Card(Surface.BLACK_PAPER, size, size, 9 * Math.PI / 6, 0.3, 0.05, 0.15, 0.5)
                .withCut(new Cut(holes, 0.2, 0.03, -0.02));
    }

    /** Another way to the same: places all over the face, and a ray to each. */
    private static double summed(TableSet set, Vector3D point) {
        EmittingFace face = EmittingFace.of(set);
        List<PanelBody> bodies = java.util.stream.Stream.concat(
                        set.doors().stream(), set.cards().stream().flatMap(card -> card.panels().stream()))
                .map(panel -> PanelBody.of(panel, Surface.BLACK_PAPER))
                .toList();
        int side = 700;
        double sum = 0;
        double all = 0;
        Ray ray = new Ray();
        for (int i = 0; i < side; i++) {
            for (int j = 0; j < side; j++) {
                double u = (2 * i + 1.0) / side - 1;
                double v = (2 * j + 1.0) / side - 1;
                if (!face.outline().holds(u, v)) {
                    continue;
                }
                Vector3D way = face.at(u, v).subtract(point);
                double length = way.norm();
                Vector3D unit = way.multiply(1 / length);
                double given = face.luminance(u, v, unit.negate())
                        * Math.max(0, unit.dot(UP))
                        * Math.max(0, -unit.dot(face.front()))
                        / (length * length);
                all += given;
                ray.set(point.getX(), point.getY(), point.getZ(), unit.getX(), unit.getY(), unit.getZ());
                if (bodies.stream().noneMatch(body -> body.blocks(ray, length))) {
                    sum += given;
                }
            }
        }
        return sum / all;
    }

    private static final OwnHoles STAR = new OwnHoles(
            "star in a ring",
            0.2,
            List.of(
                    new OwnOutline(List.of(-0.5, -0.5, 0.5, -0.5, 0.5, 0.5, -0.5, 0.5)),
                    new OwnOutline(List.of(0.0, 0.4, 0.1, 0.0, 0.4, -0.2, 0.0, -0.15, -0.4, -0.3, -0.15, 0.05))));

    @DataProvider
    Object[][] cut() {
        Light soft = box(0.6, 0.4, 9, 40, 0.9);
        Light round = new Light(
                soft.source(),
                Gel.NONE,
                soft.losses(),
                new Disc(0.5),
                new HotSpot(1.5),
                soft.spread(),
                soft.powerChoice(),
                0,
                soft.clock(),
                soft.heightAngle(),
                0.8,
                soft.aim(),
                new BarnDoors(0.2, 60 * DEGREE, 100 * DEGREE, 80 * DEGREE, 120 * DEGREE));
        Light hot = soft.withFilling(new HotSpot(2));
        // the zoomed beam's edge lies on the panel, and in some of the openings
        Light panel = box(1, 1, 9, 40, 1.1).withFilling(new FromBehind(0.5));
        Card bent = new Card(Surface.BLACK_PAPER, 0.5, 0.5, 8.5 * Math.PI / 6, 0.2, 0, 0.3, 0.1, 1.2, Cut.NONE);
        return new Object[][] {
            {set(soft, between(0.3, new Slit(0.04)))},
            {set(soft, between(0.4, new RoundHoles(0.04, 0.02, 0.07, 0.8)))},
            {set(soft, between(0.4, new Slats(0.03, 0.02)))},
            {set(soft, between(0.4, new WindowBars(0.08, 0.1, 0.02)))},
            {set(soft, between(0.4, new LeafHoles(0.07, 0.03, 0.08, 0.5)))},
            {set(soft, between(0.4, new Branch(0.05, 0.02, 0.03)))},
            {set(soft, between(0.4, STAR))},
            {set(soft, bent)},
            {set(soft, between(0.4, new Slats(0.06, 0.02)), bent, between(0.6, new Slit(0.2)))},
            {set(round)},
            {set(round, between(0.4, new RoundHoles(0.05, 0.07)))},
            {set(hot, between(0.4, new RoundHoles(0.012, 0.03)))},
            {set(hot, between(0.4, new Branch(0.05, 0.02, 0.03)))},
            {set(panel, between(0.5, new RoundHoles(0.05, 0.07)))},
            {set(panel, between(0.5, new Slats(0.06, 0.02)))},
            {set(soft, between(0.4, new Branch(0.06, 0.025, 0.04)), between(0.6, new RoundHoles(0.03, 0.06)))},
        };
    }

    @Test(dataProvider = "cut")
    public void whatIsSeenOfTheFace(TableSet set) {
        KeyLight key = KeyLight.of(set);
        KeyLight open = KeyLight.of(
                set.withCards(List.of()).withLight(set.light().withDoors(new zephyrdune.set.light.NoDoors())));
        for (double[] place : new double[][] {{0, 0}, {0.11, 0.03}, {-0.05, -0.12}, {0.3, 0.2}, {-0.6, 0}}) {
            Vector3D point = Vector3D.of(place[0], place[1], 0);
            double share = key.at(point, UP) / open.at(point, UP);
            assertThat(share).isCloseTo(summed(set, point), within(0.004));
        }
    }

    /** A hole before a face that fills it is a disc of the face's luminance: Howell B-12, element on the axis (number from memory). */
    @Test
    public void aSmallHoleIsADisc() {
        for (double radius : new double[] {0.004, 0.012, 0.03, 0.06}) {
            Card card = level(1, 0.2, new RoundHoles(2 * radius, 0.4));
            TableSet set = set(box(1.5, 1.5, 0, 90, 1.2), card);
            KeyLight key = KeyLight.of(set);
            double under = card.panels().get(0).centre().getZ();
            double factor = radius * radius / (radius * radius + under * under);
            double seen = key.at(Vector3D.ZERO, UP) / (Math.PI * key.face().luminance());
            assertThat(seen).isCloseTo(factor, within(2e-3 * factor));
            if (radius / under < 0.1) {
                assertThat(seen).isCloseTo(factor, within(2e-4 * factor));
            }
        }
    }
}
