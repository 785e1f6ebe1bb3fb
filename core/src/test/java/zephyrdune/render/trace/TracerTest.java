package zephyrdune.render.trace;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static zephyrdune.set.Sets.box;

import java.util.List;
import java.util.Random;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import zephyrdune.light.emitter.EmittingFace;
import zephyrdune.light.illuminance.Illuminance;
import zephyrdune.render.body.Ray;
import zephyrdune.set.Sets;
import zephyrdune.set.TableSet;
import zephyrdune.set.card.Card;
import zephyrdune.set.card.Cut;
import zephyrdune.set.card.Piece;
import zephyrdune.set.card.RoundHoles;
import zephyrdune.set.dish.Block;
import zephyrdune.set.light.Disc;
import zephyrdune.set.room.Backdrop;
import zephyrdune.set.surface.Surface;

/** Light followed along rays, against what closed forms and geometry say of it. */
public class TracerTest {

    private static final SampleBudget WHOLE = new SampleBudget(4, 1, 46);

    private static TableSet bare(Surface table) {
        return Sets.chowder()
                .withDish(Sets.sliver())
                .withTableTop(Sets.endless(table))
                .withBackdrop(new Backdrop(9, 0.1, 0.1, Surface.BLACK_PAPER));
    }

    private static double[] mean(Tracer tracer, Vector3D point, Vector3D normal, int seed, int looks) {
        double[] mean = new double[tracer.out.length];
        for (int look = 0; look < looks; look++) {
            tracer.incident(
                    point.getX(), point.getY(), point.getZ(), normal.getX(), normal.getY(), normal.getZ(), seed, look);
            for (int i = 0; i < mean.length; i++) {
                mean[i] += tracer.out[i] / looks;
            }
        }
        return mean;
    }

    /** Turned away from the light all is reflected: six paths a sample have the mean of one, and less than a sixth of its variance: they are spread evenly. */
    @Test
    public void morePathsInShadeHaveTheSameMean() {
        Scene scene = Scene.of(bare(Surface.WHITE_PAPER).withLight(box(0.4, 0.4, 12, 60, 1)));
        Vector3D point = Vector3D.of(0.1, -0.1, 0.1);
        double[] one = momentsInShade(new Tracer(scene, WHOLE), point);
        double[] six = momentsInShade(new Tracer(scene, WHOLE.withIndirect(6)), point);
        assertThat(six[0]).isCloseTo(one[0], within(4 * Math.sqrt(one[1] / MANY)));
        assertThat(one[1] / six[1]).isGreaterThan(6);
        Vector3D up = Vector3D.Unit.PLUS_Z;
        assertThat(mean(new Tracer(scene, WHOLE.withIndirect(6)), point, up, 1, 50))
                .as("in the light nothing changes")
                .isEqualTo(mean(new Tracer(scene, WHOLE), point, up, 1, 50));
    }

    private static final int MANY = 4_000;

    /** Mean and variance of samples of light by way of the table. Each has a seed of its own: they have nothing to do with each other. */
    private static double[] momentsInShade(Tracer tracer, Vector3D point) {
        double sum = 0;
        double squares = 0;
        for (int i = 0; i < MANY; i++) {
            double light = mean(tracer, point, Vector3D.Unit.MINUS_Y, i, 1)[3 * Layers.TABLE + 1];
            sum += light;
            squares += light * light;
        }
        double mean = sum / MANY;
        return new double[] {mean, squares / MANY - mean * mean};
    }

    /**
     * White furnace: in a closed room of one reflectance everything that the light sends out is swallowed in the end, and the
     * indirect light is, by the cavity formula of integrating spheres, rho E / (1 - rho) on average (Sumpner, 1892).
     */
    @Test
    public void closedRoomKeepsTheBooks() {
        double rho = Surface.WHITE_PAPER.colour().red();
        TableSet open = bare(Surface.WHITE_PAPER)
                .withLight(box(0.4, 0.4, 12, 60, 1))
                .withBackdrop(new Backdrop(1.4, 0.1, 0.1, Surface.WHITE_PAPER))
                .withCamera(Sets.chowder().camera());
        TableSet set = Sets.inRoom(open, 1.5, 2, Surface.WHITE_PAPER);
        Tracer tracer = new Tracer(Scene.of(set), WHOLE);
        EmittingFace face = EmittingFace.of(set.light()).withLuminance(1);
        double flux = face.flux();
        Random random = new Random(1);
        double swallowed = 0;
        double direct = 0;
        double all = 0;
        double area = 9 + 9 + 4 * 6;
        int points = 60_000;
        for (int i = 0; i < points; i++) {
            double pick = random.nextDouble() * area;
            double u = 3 * random.nextDouble() - 1.5;
            double v = 3 * random.nextDouble() - 1.5;
            double h = 2 * random.nextDouble();
            Vector3D[] at;
            if (pick < 9) {
                at = new Vector3D[] {Vector3D.of(u, v, 0), Vector3D.of(0, 0, 1)};
            } else if (pick < 18) {
                at = new Vector3D[] {Vector3D.of(u, v, 2), Vector3D.of(0, 0, -1)};
            } else if (pick < 30) {
                double side = pick < 24 ? 1 : -1;
                at = new Vector3D[] {Vector3D.of(1.5 * side, u, h), Vector3D.of(-side, 0, 0)};
            } else {
                double side = pick < 36 ? 1 : -1;
                at = new Vector3D[] {Vector3D.of(u, 1.5 * side, h), Vector3D.of(0, -side, 0)};
            }
            double[] light = mean(tracer, at[0], at[1], i, 1);
            double straight = light[3 * Layers.KEY];
            double total = straight + light[3 * Layers.TABLE] + light[3 * Layers.ROOM];
            direct += straight / points * area;
            all += total / points * area;
        }
        swallowed = (1 - rho) * all;
        // both sides of the face swallow all that falls on them
        for (int i = 0; i < 4000; i++) {
            Vector3D on = face.at(2 * random.nextDouble() - 1, 2 * random.nextDouble() - 1);
            for (double side : new double[] {1, -1}) {
                Vector3D normal = face.front().multiply(side);
                double[] light = mean(tracer, on.add(normal.multiply(1e-4)), normal, i, 1);
                swallowed += (light[3 * Layers.TABLE] + light[3 * Layers.ROOM]) * face.area() / 4000;
            }
        }
        assertThat(direct).isCloseTo(flux, within(0.01 * flux));
        assertThat(swallowed).isCloseTo(flux, within(0.02 * flux));
        // the face takes the place of some of the walls: a mean reflectance over walls and face
        double meanRho = rho * area / (area + 2 * face.area());
        double cavity = flux * rho / (1 - meanRho) / (area + 2 * face.area());
        assertThat((all - direct) / area).isCloseTo(cavity, within(0.06 * cavity));
    }

    @DataProvider
    Object[][] faces() {
        return new Object[][] {
            {box(0.5, 0.3, 10, 45, 0.9)}, {box(0.3, 0.3, 12, 40, 0.8).withFace(new Disc(0.4))}
        };
    }

    /** Past a straight edge: E times the share of the face that is seen over it, integrated over the face point by point. */
    @Test(dataProvider = "faces")
    public void penumbraOfAStraightEdge(zephyrdune.set.light.Light light) {
        double high = 0.1;
        double edge = 0.01;
        TableSet set = bare(Surface.GREY_PAPER)
                .withDish(new Block(0.6, 2 * edge, high, Surface.GREY_PAPER))
                .withLight(light);
        EmittingFace face = EmittingFace.of(light).withLuminance(1);
        Tracer tracer = new Tracer(Scene.of(set), SampleBudget.direct(64));
        Vector3D up = Vector3D.Unit.PLUS_Z;
        double worst = 0;
        int within = 0;
        for (double y = -0.35; y < -0.02; y += 0.01) {
            Vector3D point = Vector3D.of(0, y, 0);
            double passed = 0;
            double open = 0;
            int side = 400;
            double[] place = new double[2];
            for (int i = 0; i < side * side; i++) {
                face.outline().place((i % side + 0.5) / side, (i / side + 0.5) / side, place);
                Vector3D from = face.at(place[0], place[1]);
                Vector3D way = from.subtract(point);
                double share = way.getZ() * -way.dot(face.front()) / Math.pow(way.normSq(), 2);
                double overFront = way.getZ() / way.getY() * (-edge - y);
                double overBack = way.getZ() / way.getY() * (edge - y);
                open += share;
                passed += way.getY() <= 0 || Math.min(overFront, overBack) > high ? share : 0;
            }
            double expected = Illuminance.of(face, Illuminance.FINE).at(point, up) * passed / open;
            double found = mean(tracer, point, up, (int) Math.round(1000 * (y + 1)), 16)[3 * Layers.KEY];
            double full = Illuminance.of(face, Illuminance.FINE).at(point, up);
            worst = Math.max(worst, Math.abs(found - expected) / full);
            within += expected > 0.05 * full && expected < 0.95 * full ? 1 : 0;
        }
        assertThat(within).isGreaterThan(5);
        assertThat(worst).isLessThan(0.005);
    }

    /** A looking glass shows the light where the law of reflection says, as bright as it mirrors. */
    @Test
    public void mirrorShowsTheFace() {
        Card mirror = new Card(Surface.MIRROR, 0.4, 0.4, Math.PI, 0.5, 0, 0, 0);
        TableSet set = bare(Surface.BLACK_PAPER).withCards(List.of(mirror)).withLight(box(0.3, 0.3, 12, 35, 1));
        Tracer tracer = new Tracer(Scene.of(set), SampleBudget.USUAL);
        EmittingFace face = EmittingFace.of(set.light());
        // from the image of the face behind the mirror (its plane is y = -0.5) towards a point between
        Vector3D image = Vector3D.of(
                face.centre().getX(), -1 - face.centre().getY(), face.centre().getZ());
        Vector3D eye = Vector3D.of(0.02, 0.4, 0.1);
        Vector3D way = image.subtract(eye).normalize();
        Ray ray = new Ray();
        ray.set(eye.getX(), eye.getY(), eye.getZ(), way.getX(), way.getY(), way.getZ());
        tracer.trace(ray, 1, 0, 0.001);
        assertThat(tracer.out[3 * Layers.FIRST_CARD])
                .isCloseTo(Surface.MIRROR.colour().red(), within(0.01));
        Vector3D beside = image.add(Vector3D.of(0.16, 0, 0)).subtract(eye).normalize();
        ray.set(eye.getX(), eye.getY(), eye.getZ(), beside.getX(), beside.getY(), beside.getZ());
        tracer.trace(ray, 1, 0, 0.001);
        assertThat(tracer.out[3 * Layers.FIRST_CARD]).isLessThan(0.2);
    }

    /** Similar triangles: the spot that a hole throws under a small far light is as much wider as the table is farther off. */
    @Test
    public void holesThrowSpotsBySimilarTriangles() {
        double from = 4;
        double middle = 1;
        Card card = new Card(Surface.BLACK_PAPER, 0.3, 0.3, 0, 0.02, middle - 0.0, 0, Math.PI / 2)
                .withCut(Cut.of(new RoundHoles(0.03, 0.29)));
        TableSet set = bare(Surface.GREY_PAPER)
                .withBackdrop(new Backdrop(9, 0.1, 0.1, Surface.BLACK_PAPER))
                .withCards(List.of(card))
                .withLight(box(0.005, 0.005, 12, 90, from));
        Tracer tracer = new Tracer(Scene.of(set), SampleBudget.direct(16));
        double height = card.centre().getZ();
        Piece hole = card.panels().get(0).pieces().get(0);
        assertThat(card.panels().get(0).pieces().size()).isEqualTo(1);
        Vector3D centre = card.centre()
                .add(card.heightAxis().multiply(hole.up()))
                .add(card.widthAxis().multiply(hole.across()));
        double grown = from / (from - height);
        double expected = 0.03 * grown;
        double lit = 0;
        double step = 0.0005;
        double spotY = centre.getY() * grown;
        double spotX = centre.getX() * grown;
        for (double x = -0.04; x <= 0.04; x += step) {
            double[] light =
                    mean(tracer, Vector3D.of(spotX + x, spotY, 0), Vector3D.Unit.PLUS_Z, (int) (x / step) + 500, 4);
            double full = Illuminance.of(EmittingFace.of(set.light()).withLuminance(1), Illuminance.FINE)
                    .at(Vector3D.of(spotX + x, spotY, 0), Vector3D.Unit.PLUS_Z);
            lit += Math.max(0, light[3 * Layers.KEY]) / full * step;
        }
        assertThat(lit).isCloseTo(expected, within(0.02 * expected));
    }

    /** Under light of 1 from everywhere a surface can show no more than 1, and a white one shows its reflectance. */
    @Test
    public void noSurfaceSendsBackMoreThanItGets() {
        for (Surface surface : Surface.values()) {
            TableSet set = bare(surface).withBackdrop(new Backdrop(10, 0.1, 0.1, Surface.BLACK_PAPER));
            Tracer tracer = new Tracer(Scene.of(set), new SampleBudget(1, 1, 8));
            Ray ray = new Ray();
            for (double degrees : new double[] {8, 30, 80}) {
                double down = Math.toRadians(degrees);
                double sum = 0;
                int looks = 4096;
                for (int look = 0; look < looks; look++) {
                    ray.set(1 - 0.5 / Math.tan(down), 1, 0.5, Math.cos(down), 0, -Math.sin(down));
                    tracer.trace(ray, look, look, 0.2);
                    sum += tracer.out[3 * Layers.AMBIENT] / looks;
                }
                assertThat(sum).as(surface + " at " + degrees).isLessThan(1.01);
                assertThat(sum)
                        .as(surface + " at " + degrees)
                        .isGreaterThan(0.7 * surface.colour().red());
            }
        }
        assertThat(Surface.WHITE_PAPER.colour().red()).isLessThan(0.9);
    }
}
