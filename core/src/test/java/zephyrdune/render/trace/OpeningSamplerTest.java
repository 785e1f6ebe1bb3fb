package zephyrdune.render.trace;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static zephyrdune.set.Sets.box;

import java.util.List;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import zephyrdune.light.emitter.EmittingFace;
import zephyrdune.render.material.Fresnel;
import zephyrdune.render.material.Material;
import zephyrdune.set.Sets;
import zephyrdune.set.TableSet;
import zephyrdune.set.card.Card;
import zephyrdune.set.card.Cut;
import zephyrdune.set.card.Piece;
import zephyrdune.set.card.RoundHoles;
import zephyrdune.set.room.Backdrop;
import zephyrdune.set.surface.Surface;

/** Light through the holes of a card, against closed forms and integrals made point by point. */
public class OpeningSamplerTest {

    private static final int SAMPLES = 64;

    private static TableSet under(Card card, Surface table) {
        return Sets.chowder()
                .withDish(Sets.sliver())
                .withTableTop(Sets.endless(table))
                .withBackdrop(new Backdrop(9, 0.1, 0.1, Surface.BLACK_PAPER))
                .withCards(List.of(card));
    }

    private static Card level(double size, double height, RoundHoles holes) {
        return new Card(Surface.BLACK_PAPER, size, size, 0, 0.02, height, 0, Math.PI / 2).withCut(Cut.of(holes));
    }

    private static double key(TableSet set, double x, double y) {
        Tracer tracer = new Tracer(Scene.of(set), SampleBudget.direct(32));
        double sum = 0;
        for (int look = 0; look < SAMPLES; look++) {
            tracer.incident(x, y, 0, 0, 0, 1, (int) (1000 * x + 7000 * y), look);
            sum += tracer.out[3 * Layers.KEY] / SAMPLES;
        }
        return sum;
    }

    /**
     * A hole that the face fills is a disc of the face's luminance: pi L / 2 (1 - (h2 + a2 - r2) / sqrt((h2 + a2 + r2)^2 - 4 a2
     * r2)) at the distance a from below its middle (P. D. Foote, 1915).
     */
    @Test
    public void holeThatTheFaceFillsIsADisc() {
        Card card = level(0.9, 0.4, new RoundHoles(0.05, 0.5));
        TableSet set = under(card, Surface.GREY_PAPER).withLight(box(1.2, 1.2, 12, 90, 0.7));
        double h = card.centre().getZ();
        double r = 0.025;
        for (double a : new double[] {0.03, 0.1, 0.2}) {
            double sum = h * h + a * a + r * r;
            double expected = Math.PI / 2 * (1 - (h * h + a * a - r * r) / Math.sqrt(sum * sum - 4 * a * a * r * r));
            assertThat(key(set, card.centre().getX() + a, card.centre().getY()))
                    .isCloseTo(expected, within(0.003 * expected));
        }
    }

    @DataProvider
    Object[][] heights() {
        return new Object[][] {{0.06}, {0.35}, {0.62}};
    }

    /** Near the table, midway and near the light: the face summed up point by point through some thirty holes. */
    @Test(dataProvider = "heights")
    public void manyHolesAsTheFaceIsSeenThroughThem(double height) {
        Card card = level(0.4, height, new RoundHoles(0.03, 0.06));
        assertThat(card.panels().get(0).pieces().size()).isGreaterThan(30);
        TableSet set = under(card, Surface.GREY_PAPER).withLight(box(0.5, 0.4, 11, 70, 0.9));
        EmittingFace face = EmittingFace.of(set.light()).withLuminance(1);
        for (double x : new double[] {0.02, 0.06, 0.31}) {
            double expected = summed(face, card, Vector3D.of(x, 0.03, 0));
            double found = key(set, x, 0.03);
            assertThat(found).as("at " + x).isCloseTo(expected, within(0.01 * Math.max(0.05, expected)));
        }
    }

    private static double summed(EmittingFace face, Card card, Vector3D point) {
        int side = 1200;
        double sum = 0;
        double[] place = new double[2];
        List<Piece> holes = card.panels().get(0).pieces();
        for (int i = 0; i < side * side; i++) {
            face.outline().place((i % side + 0.5) / side, (i / side + 0.5) / side, place);
            Vector3D way = face.at(place[0], place[1]).subtract(point);
            double share = card.centre().getZ() / way.getZ();
            Vector3D on = point.add(way.multiply(share)).subtract(card.centre());
            double across = on.dot(card.widthAxis());
            double up = on.dot(card.heightAxis());
            boolean passes = Math.abs(across) > card.width() / 2 || Math.abs(up) > card.height() / 2;
            for (Piece hole : holes) {
                passes |= Math.hypot(across - hole.across(), up - hole.up()) < hole.radius();
            }
            sum += passes ? way.getZ() * -way.dot(face.front()) / Math.pow(way.normSq(), 2) : 0;
        }
        return sum * face.area() / side / side;
    }

    /** Rough metal under holes mirrors what lies behind each of them: its reflection summed up over the holes. */
    @Test
    public void roughMetalMirrorsTheHoles() {
        Card card = level(0.9, 0.4, new RoundHoles(0.05, 0.3));
        TableSet set = under(card, Surface.STEEL).withLight(box(1.5, 1.5, 12, 90, 0.7));
        Material steel = Material.of(Surface.STEEL);
        Vector3D point = Vector3D.of(0.01, 0.04, 0);
        Vector3D eye = Vector3D.of(0, -0.26, 0.4).normalize();
        double expected = 0;
        int side = 200;
        for (Piece hole : card.panels().get(0).pieces()) {
            for (int i = 0; i < side * side; i++) {
                double radius = hole.radius() * Math.sqrt((i % side + 0.5) / side);
                double turn = 2 * Math.PI * (i / side + 0.5) / side;
                Vector3D on = card.centre()
                        .add(card.widthAxis().multiply(hole.across() + radius * Math.cos(turn)))
                        .add(card.heightAxis().multiply(hole.up() + radius * Math.sin(turn)));
                Vector3D way = on.subtract(point).normalize();
                Vector3D half = way.add(eye).normalize();
                double solidAngle = Math.PI
                        * hole.radius()
                        * hole.radius()
                        / side
                        / side
                        * way.getZ()
                        / on.subtract(point).normSq();
                expected += solidAngle
                        * steel.mirror(way.getZ(), eye.getZ(), half.getZ())
                        * Fresnel.metal(steel.green(), half.dot(eye));
            }
        }
        Tracer tracer = new Tracer(Scene.of(set), new SampleBudget(8, 0, 1));
        double found = Glances.key(tracer, point, eye, 1 << 16);
        assertThat(found).isCloseTo(expected, within(0.02 * expected));
    }
}
